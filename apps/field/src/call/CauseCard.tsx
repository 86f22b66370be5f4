import type { Evidence } from '@proper-swing/core';
import { cause as causeOf, type Diagnosis } from '@proper-swing/core/doors';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { LINE, SPACE } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import type { LengthWords } from '../design/lengthWords';
import { likelihood } from '../record/likelihood';
import { percent } from '../record/percent';
import { capital } from '../design/capital';
import { Said } from '../words/Said';

export interface CauseCardProps {
  cause: Diagnosis['causes'][number];
  rank: number;
  words: LengthWords;
}

/** Evidence shown before "all" is asked for. */
const FIRST_SHOWN = 3;

/** One cause with how likely it is and what speaks for and against it, in words; the figures on asking. */
export function CauseCard({ cause, rank, words }: CauseCardProps) {
  const palette = usePalette();
  const [isOpen, setIsOpen] = useState(rank === 1);
  const [showsAll, setShowsAll] = useState(false);
  const [isExplained, setIsExplained] = useState(false);
  const figures = isExplained ? words : undefined;
  const { called } = causeOf(cause.id);
  const total = cause.for.length + cause.against.length;
  const cut = showsAll ? Infinity : FIRST_SHOWN;
  return (
    <View style={[styles.card, { borderColor: palette.rule }]} testID={`cause-${cause.id}`}>
      <Press
        kind="quiet"
        onPress={() => setIsOpen(!isOpen)}
        label={`${cause.title}, ${likelihood(cause.probability)}; evidence ${isOpen ? 'shown' : 'hidden'}`}
        style={styles.head}
      >
        <Words kind="title" style={styles.title}>
          {cause.title}
        </Words>
        <Words kind="strong" testID={`likelihood-${cause.id}`}>
          {likelihood(cause.probability)}
        </Words>
      </Press>
      <View style={[styles.scale, { backgroundColor: palette.sunk }]} aria-hidden>
        <View style={{ width: `${Math.max(1, cause.probability * 100)}%`, height: 8, backgroundColor: palette.ink }} />
      </View>
      {isOpen && (
        <View style={styles.body}>
          <Said>{cause.says}</Said>
          <EvidenceList title={`Fits ${called}`} evidence={cause.for.slice(0, cut)} words={figures} />
          <EvidenceList title={`Does not fit ${called}`} evidence={cause.against.slice(0, cut)} words={figures} />
          {total === 0 && <Words tone="pencil">Nothing read yet speaks for or against it.</Words>}
          {isExplained && (
            <Words kind="small" tone="pencil" testID={`chance-${cause.id}`}>
              {`Chance: ${percent(cause.probability)}.`}
            </Words>
          )}
          {total > 0 && !isExplained && (
            <Press kind="quiet" onPress={() => setIsExplained(true)} style={styles.more} testID={`why-${cause.id}`}>
              Why? The figures
            </Press>
          )}
          {!showsAll && (cause.for.length > FIRST_SHOWN || cause.against.length > FIRST_SHOWN) && (
            <Press kind="quiet" onPress={() => setShowsAll(true)} style={styles.more}>
              {`All ${total} pieces of evidence`}
            </Press>
          )}
        </View>
      )}
    </View>
  );
}

function EvidenceList({ title, evidence, words }: { title: string; evidence: readonly Evidence[]; words: LengthWords | undefined }) {
  if (evidence.length === 0) return null;
  return (
    <View>
      <Words kind="label" tone="pencil">
        {title}
      </Words>
      {evidence.map((each) => (
        <View key={each.says} style={styles.evidence}>
          <Words kind="label" style={styles.strength}>
            {each.strength}
          </Words>
          <View style={styles.words}>
            <Said>{capital(each.says)}</Said>
            {words !== undefined && each.readMm !== undefined && each.expectedMm !== undefined && each.othersMm !== undefined && (
              <Words kind="small" tone="pencil">
                {`read ${words.bare(each.readMm)}; this gives about ${words.bare(each.expectedMm)}, the others ${words.withUnit(each.othersMm)}`}
              </Words>
            )}
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderBottomWidth: LINE.rule, paddingBottom: SPACE.m },
  head: { paddingHorizontal: 0 },
  title: { flex: 1 },
  scale: { height: 8 },
  body: { gap: SPACE.s, paddingTop: SPACE.s },
  evidence: { flexDirection: 'row', gap: SPACE.s, paddingVertical: 3 },
  strength: { width: 52 },
  words: { flex: 1 },
  more: { alignSelf: 'flex-start', paddingHorizontal: 0 },
});
