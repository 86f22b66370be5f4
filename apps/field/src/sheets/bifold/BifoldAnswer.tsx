import type { BifoldOpening, BifoldSheet } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import { Slip } from '../../design/Section';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { isWorth } from '../benchSheet';
import { bifoldSays } from './says';

/** Leaves, pivot, guide, and what the corners need. */
export function BifoldAnswer({ result, request, words, width }: AnswerProps<BifoldSheet, BifoldOpening>) {
  const { cutWidthMm, railLeftMm, blockMm, pivotHeightMm, topPivotMm, warnings } = result;
  return (
    <>
      <Headline>{bifoldSays(result, words)}</Headline>
      <BifoldDrawing sheet={result} leaves={request.leaves} words={words} width={width} />
      {warnings.map((each) => (
        <Words key={each} tone="tight" testID="bifold-warning">
          {each}
        </Words>
      ))}
      <AnswerLine label="Foot pivot over the floor" figure={words.withUnit(pivotHeightMm)} testID="pivot-height" />
      {cutWidthMm !== undefined && isWorth(cutWidthMm) && (
        <AnswerLine
          label={cutWidthMm > 0 ? 'Off the width of each leaf' : 'Each leaf is too narrow by'}
          figure={words.withUnit(Math.abs(cutWidthMm))}
        />
      )}
      {topPivotMm !== undefined && (
        <AnswerLine
          label={topPivotMm === 0 ? 'Gap at the pivot jamb even' : `Top pivot ${topPivotMm < 0 ? 'toward' : 'away from'} its jamb`}
          figure={topPivotMm === 0 ? 'leave' : words.withUnit(Math.abs(topPivotMm))}
          testID="top-pivot"
        />
      )}
      {railLeftMm !== undefined && <AnswerLine label="Solid wood left at the foot" figure={words.withUnit(Math.max(0, railLeftMm))} />}
      {blockMm !== undefined && (
        <AnswerLine label="Block glued in behind it, at least" figure={words.withUnit(blockMm)} testID="bifold-block" />
      )}
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>Fingers out of the fold while it is tried.</Words>
        {(result.cutHeightMm ?? 0) > 0 && <Words>{CAUTIONS.eyes}</Words>}
      </Slip>
    </>
  );
}

const HEIGHT = 210;
const FLOOR = 176;

function BifoldDrawing({ sheet, leaves, words, width }: { sheet: BifoldSheet; leaves: 2 | 4; words: LengthWords; width: number }) {
  const palette = usePalette();
  const [left, right] = [34, width - 34];
  const leaf = (right - left) / leaves;
  return (
    <View
      role="img"
      aria-label={`Bifold door of ${leaves} leaves, each ${words.withUnit(sheet.leafWidthMm)} wide and ${words.withUnit(sheet.leafHeightMm)} high`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="bifold" />
        <Box
          left={left - 26}
          top={20}
          width={20}
          height={FLOOR - 20}
          fill={timberOf('bifold')}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Box
          left={right + 6}
          top={20}
          width={20}
          height={FLOOR - 20}
          fill={timberOf('bifold')}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Path d={`M${left - 26} 24 H${right + 26} M${left - 26} ${FLOOR} H${right + 26}`} stroke={palette.ink} strokeWidth={LINE.bold} />
        {Array.from({ length: leaves }, (_, i) => (
          <Box
            key={i}
            left={left + i * leaf + 2}
            top={34}
            width={leaf - 4}
            height={FLOOR - 50}
            fill={palette.slab}
            stroke={palette.ink}
            strokeWidth={2}
          />
        ))}
        {(leaves === 2 ? [left + 12] : [left + 12, right - 12]).map((x) => (
          <G key={x}>
            <Path d={`M${x} 34 v-10 M${x} ${FLOOR - 16} V${FLOOR}`} stroke={palette.ink} strokeWidth={4} />
            <Circle cx={x} cy={FLOOR} r={5} fill={palette.accent} />
          </G>
        ))}
        <DrawnWords x={left + leaf / 2} y={100} anchor="middle" isBold>
          {words.bare(sheet.leafWidthMm)}
        </DrawnWords>
        <DrawnWords x={left + 24} y={FLOOR + 24} tone="pencil">
          {`pivot ${words.withUnit(sheet.pivotHeightMm)} over the floor`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
