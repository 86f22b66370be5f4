import type { Effort, EffortRange } from '@proper-swing/core/sheets';
import { EFFORT_ENDS } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { usePalette } from '../../design/theme';
import { LINE, type Palette } from '../../design/tokens';

const HEIGHT = { before: 78, both: 118 } as const;
const LEFT = 6;
const BAR = { top: 44, height: 26 };
/** Each range is drawn as wide as the next, so that the small ones can be read. */
const RANGES: readonly { id: EffortRange; says: string; tone: keyof Palette }[] = [
  { id: 'free', says: 'free', tone: 'right' },
  { id: 'dirty', says: 'rough', tone: 'timber' },
  { id: 'stiff', says: 'stiff', tone: 'hatch' },
  { id: 'stuck', says: 'stuck', tone: 'tight' },
];

/** Pull over weight on a scale of four parts, before and after. */
export function EffortScale({ effort: { coefficient, after }, width }: { effort: Effort; width: number }) {
  const palette = usePalette();
  const part = (width - 2 * LEFT) / RANGES.length;
  const borders = [0, EFFORT_ENDS.free, EFFORT_ENDS.dirty, EFFORT_ENDS.stiff, 2 * EFFORT_ENDS.stiff];
  const x = (share: number) => {
    const i = Math.min(
      RANGES.length - 1,
      borders.findLastIndex((border) => share >= border),
    );
    const [from = 0, to = 1] = [borders[i], borders[i + 1]];
    return LEFT + part * (i + Math.min(1, (share - from) / (to - from)));
  };
  const percent = (share: number) => `${Math.round(100 * share)} %`;
  const clear = (at: number) => Math.min(Math.max(at, 70), width - 70);
  const mark = (share: number, says: string, isAbove: boolean) => (
    <G>
      <Path
        d={isAbove ? `M${x(share)} ${BAR.top - 2} l-7 -11 h14 Z` : `M${x(share)} ${BAR.top + BAR.height + 2} l-7 11 h14 Z`}
        fill={palette.ink}
      />
      <DrawnWords x={clear(x(share))} y={isAbove ? BAR.top - 20 : BAR.top + BAR.height + 34} anchor="middle" isBold>
        {`${says} ${percent(share)}`}
      </DrawnWords>
    </G>
  );
  return (
    <View
      role="img"
      aria-label={`Pull over weight ${percent(coefficient)}${after ? `, after the work ${percent(after.coefficient)}` : ''}`}
    >
      <Svg width={width} height={after ? HEIGHT.both : HEIGHT.before} aria-hidden>
        {RANGES.map(({ id, says, tone }, i) => (
          <G key={id}>
            <Box
              left={LEFT + i * part}
              top={BAR.top}
              width={part}
              height={BAR.height}
              fill={palette[tone]}
              fillOpacity={0.35}
              stroke={palette.ink}
              strokeWidth={LINE.rule}
            />
            <DrawnWords x={LEFT + (i + 0.5) * part} y={BAR.top + 19} anchor="middle">
              {says}
            </DrawnWords>
          </G>
        ))}
        {mark(coefficient, after ? 'before' : 'pull over weight', true)}
        {after && mark(after.coefficient, 'after', false)}
      </Svg>
    </View>
  );
}
