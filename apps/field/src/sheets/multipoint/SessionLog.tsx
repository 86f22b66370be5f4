import { CAM_WORDS, HINGE_SCREWS, KEEPS, type HingeScrewId } from '@proper-swing/core';
import type { MultipointSession, SessionGaps } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { camWords, feelWords, GAP_WORDS, turnedWords } from './gapWords';
import { GAP_KEYS } from './sessionOf';

/** The panel of turns: every go as it was done, with what was read or felt after it. */
export function SessionLog({ session: { goes, keepGoes }, words }: { session: MultipointSession; words: LengthWords }) {
  return (
    <Section title="Turns done">
      {goes.length + keepGoes.length === 0 && (
        <Words tone="pencil">Nothing turned yet. Each go you log stands here with what it did.</Words>
      )}
      {goes.map(({ turns, after, seal }, i) => (
        <View key={`hinge-${i}`} testID={`go-${i + 1}`}>
          <Words kind="strong">{`${i + 1}. ${goWords(turns)}`}</Words>
          <Words tone="pencil">{[after ? gapsWords(after, words) : 'not read yet', ...(seal ? [`seal ${seal}`] : [])].join('; ')}</Words>
        </View>
      ))}
      {keepGoes.map(({ keep, cam, quarters, handle }, i) => (
        <View key={`keep-${i}`} testID={`keep-go-${i + 1}`}>
          <Words kind="strong">{`${goes.length + i + 1}. ${KEEPS[keep].title}${cam === undefined ? '' : `, ${CAM_WORDS[cam]}`}: ${camWords(quarters)} ${quarters > 0 ? 'tighter' : 'easier'}`}</Words>
          {handle && <Words tone="pencil">{`handle: ${feelWords(handle)}`}</Words>}
        </View>
      ))}
    </Section>
  );
}

function goWords(turns: Partial<Record<HingeScrewId, number>>): string {
  const each = (Object.entries(turns) as [HingeScrewId, number][]).filter(([, n]) => n !== 0);
  if (each.length === 0) return 'Read only';
  return each
    .map(([screw, n]) => {
      const { kind, hinge } = HINGE_SCREWS[screw];
      const place = kind === 'side' ? `${hinge} hinge` : kind;
      return `${place} ${turnedWords(screw, n)}`;
    })
    .join('; ');
}

function gapsWords(gaps: SessionGaps, { withUnit }: LengthWords): string {
  return GAP_KEYS.flatMap((key) => (gaps[key] === undefined ? [] : [`${GAP_WORDS[key].toLowerCase()} ${withUnit(gaps[key])}`])).join('; ');
}
