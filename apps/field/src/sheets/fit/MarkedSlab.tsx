import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, wasteOf } from '../../design/drawing/Timber';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 270;
const TOP = 26;
const BOTTOM = HEIGHT - 26;
/** A cut is drawn at least so deep, and at most. */
const WASTE_PX = { least: 6, most: 40 };

export interface MarkedSlabProps {
  spoken: string;
  width: number;
  /** Marks by share of the height from the top. */
  marks?: readonly { share: number; says: string }[];
  /** What comes off the head at the hinge side and at the other, and off the foot, as shares of the most. */
  offHead?: readonly [number, number];
  offFoot?: number;
  atHead?: string;
  atFoot?: string;
}

/** A slab upright, hinge side on the left: where marks go, and what is waste. */
export function MarkedSlab({ spoken, width, marks = [], offHead = [0, 0], offFoot = 0, atHead, atFoot }: MarkedSlabProps) {
  const palette = usePalette();
  const [left, right] = [width * 0.3, width * 0.7];
  const deep = (share: number) => (share <= 0 ? 0 : Math.max(WASTE_PX.least, share * WASTE_PX.most));
  const [near, far] = offHead.map(deep);
  const foot = deep(offFoot);
  return (
    <View role="img" aria-label={spoken}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="marked" />
        <Box left={left} top={TOP} width={right - left} height={BOTTOM - TOP} fill={palette.slab} stroke={palette.ink} strokeWidth={2} />
        {(near ?? 0) + (far ?? 0) > 0 && (
          <Path
            d={`M${left} ${TOP} H${right} V${TOP + (far ?? 0)} L${left} ${TOP + (near ?? 0)} Z`}
            fill={wasteOf('marked')}
            stroke={palette.ink}
            strokeWidth={LINE.bold}
          />
        )}
        {foot > 0 && (
          <Path
            d={`M${left} ${BOTTOM - foot} H${right} V${BOTTOM} H${left} Z`}
            fill={wasteOf('marked')}
            stroke={palette.ink}
            strokeWidth={LINE.bold}
          />
        )}
        {marks.map(({ share, says }) => {
          const y = TOP + share * (BOTTOM - TOP);
          return (
            <G key={`${share}-${says}`}>
              <Path d={`M${left - 14} ${y} H${left + 14}`} stroke={palette.ink} strokeWidth={LINE.bold} />
              <DrawnWords x={left - 20} y={y + 5} anchor="end" isBold>
                {says}
              </DrawnWords>
            </G>
          );
        })}
        {atHead !== undefined && (
          <DrawnWords x={(left + right) / 2} y={TOP - 8} anchor="middle" isBold>
            {atHead}
          </DrawnWords>
        )}
        {atFoot !== undefined && (
          <DrawnWords x={(left + right) / 2} y={HEIGHT - 8} anchor="middle" isBold>
            {atFoot}
          </DrawnWords>
        )}
        <DrawnWords x={right + 8} y={TOP + 14} tone="pencil">
          TOP
        </DrawnWords>
        <DrawnWords x={right + 8} y={BOTTOM - 4} tone="pencil">
          FOOT
        </DrawnWords>
      </Svg>
    </View>
  );
}
