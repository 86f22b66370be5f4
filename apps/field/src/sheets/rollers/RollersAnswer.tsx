import type { MeasuredRoller, RankedRoller, RollerMatch } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { StyleSheet, View } from 'react-native';
import { Slip } from '../../design/Section';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { Headline, type AnswerProps } from '../AnswerLine';
import { RollerDrawing } from './RollerDrawing';
import { FIT_WORDS, MEASURE_WORDS, rollersSay } from './says';

/** The likeliest first, each with what differs; what to measure when two are alike. */
export function RollersAnswer({ result, words }: AnswerProps<RollerMatch, { measured: MeasuredRoller }>) {
  const { ranked, ask } = result;
  return (
    <>
      <Headline tone={ranked[0]?.fit === 'fits' ? 'ink' : 'tight'}>{rollersSay(result)}</Headline>
      <RollerDrawing asked={ask?.measure} />
      {ask && <Words testID="ask-measure">{ask.between.map(({ id, mm }) => `${id}: ${words.withUnit(mm)}`).join(' · ')}</Words>}
      {ranked.map((each) => (
        <Ranked key={each.id} roller={each} words={words} />
      ))}
      <Slip label="Both ends">
        <Words>Both rollers are replaced together: a new one beside a worn one stands high. Keep the old ones until the door runs.</Words>
        <Words>{CAUTIONS.openWall}</Words>
      </Slip>
    </>
  );
}

function Ranked({ roller: { id, title, fit, differs, otherGroove, price }, words }: { roller: RankedRoller; words: LengthWords }) {
  const palette = usePalette();
  const faults = [
    ...(otherGroove ? ['another rim'] : []),
    ...differs.map(({ measure, byMm }) => `${MEASURE_WORDS[measure]} ${words.withUnit(Math.abs(byMm))} ${byMm > 0 ? 'more' : 'less'}`),
  ];
  return (
    <View style={[styles.roller, { borderColor: palette.rule }]} testID={`roller-${id}`}>
      <Words kind="strong">{`${id} · ${title}`}</Words>
      <Words tone={fit === 'fits' ? 'right' : fit === 'near' ? 'ink' : 'tight'}>
        {`${FIT_WORDS[fit]}${faults.length > 0 ? `: ${faults.join(', ')}` : ''}${price === undefined ? '' : ` · ${price} each`}`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ roller: { borderBottomWidth: LINE.hair, paddingVertical: SPACE.xs } });
