import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Dimension } from '../../design/drawing/Dimension';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf, wasteOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 170;
const TOP = 34;
const TALL = 96;

/** The stock cut across: what the two passes take out, the tongue that stays, of which the slot is a part. */
export function RebateDrawing({ patch, foot, width, words }: { patch: FootPatch; foot: FootToPatch; width: number; words: LengthWords }) {
  const palette = usePalette();
  const { rebate } = patch;
  const scale = TALL / foot.stockThicknessMm;
  const left = 92;
  const wide = width - left - 96;
  const deep = Math.min(wide * 0.5, foot.rebateMm * scale);
  const tongue = Math.min(TALL, rebate.tongueCutMm * scale);
  const right = left + wide;
  const { bare, withUnit } = words;
  return (
    <View
      role="img"
      aria-label={`Rebate across the stock: tongue cut ${withUnit(rebate.tongueCutMm)} thick, ${withUnit(foot.rebateMm)} deep`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="rebate" />
        <Box left={left} top={TOP} width={wide} height={TALL} fill={timberOf('rebate')} stroke={palette.ink} strokeWidth={LINE.rule} />
        <Box
          left={right - deep}
          top={TOP}
          width={deep}
          height={TALL - tongue}
          fill={wasteOf('rebate')}
          stroke={palette.ink}
          strokeWidth={LINE.bold}
        />
        <Path
          d={`M${right - deep} ${TOP + TALL - tongue + foot.slotMm * scale} h${deep}`}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
          strokeDasharray="4 3"
        />
        <Dimension
          from={{ x: left - 10, y: TOP }}
          to={{ x: left - 10, y: TOP + TALL }}
          says={withUnit(foot.stockThicknessMm)}
          side="left"
        />
        <Dimension
          from={{ x: right + 10, y: TOP + TALL - tongue }}
          to={{ x: right + 10, y: TOP + TALL }}
          says={`${bare(rebate.tongueCutMm)} cut`}
          side="right"
        />
        <Dimension from={{ x: right - deep, y: TOP - 10 }} to={{ x: right, y: TOP - 10 }} says={withUnit(foot.rebateMm)} side="above" />
        <DrawnWords x={left} y={HEIGHT - 12} tone="pencil">
          {`of it ${bare(foot.slotMm)} slot, ${withUnit(foot.tongueMm)} tongue wanted`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
