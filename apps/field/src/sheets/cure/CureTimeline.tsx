import { coat, type CuredCoat } from '@proper-swing/core/sheets';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { hoursOn } from './cureTimes';

const ROW = 46;
const TOP = 28;
/** No more than so many days are drawn: what takes longer runs out of the sheet. */
const MOST_DAYS = 4;

/** A bar for each coat: black until the next may go on, hatched until it is through; days ruled off. */
export function CureTimeline({ coats, start, width }: { coats: readonly CuredCoat[]; start: Date; width: number }) {
  const palette = usePalette();
  const last = Math.max(...coats.map(({ readyHours }) => readyHours));
  const shown = Math.max(6, Math.min(MOST_DAYS * 24, last * 1.5));
  const x = (hours: number) => Math.min(width, (hours / shown) * width);
  const height = TOP + coats.length * ROW + 4;
  const sinceMidnight = start.getHours() + start.getMinutes() / 60;
  const midnights = Array.from({ length: Math.ceil(shown / 24) + 1 }, (_, i) => 24 * (i + 1) - sinceMidnight).filter((at) => at < shown);
  return (
    <View
      role="img"
      aria-label={`Timeline: ${coats.map(({ id, onHours, readyHours }) => `${coat(id).title} from hour ${Math.round(onHours)} to ${Math.round(readyHours)}`).join('; ')}`}
    >
      <Svg width={width} height={height} aria-hidden>
        <Hatches id="cure" />
        <DrawnWords x={0} y={16} isBold>
          {format(start, 'EEE HH:mm')}
        </DrawnWords>
        {midnights.map((at) => (
          <G key={at}>
            <Path d={`M${x(at)} 4 V${height}`} stroke={palette.pencil} strokeWidth={LINE.hair} strokeDasharray="3 3" />
            {x(at) > 84 && x(at) < width - 36 && (
              <DrawnWords x={x(at) + 4} y={16} tone="pencil">
                {format(hoursOn(start, at + 1), 'EEE')}
              </DrawnWords>
            )}
          </G>
        ))}
        {coats.map(({ id, onHours, readyHours, fullHours }, i) => {
          const top = TOP + i * ROW;
          return (
            <G key={`${i}-${id}`}>
              <Box
                left={x(onHours)}
                top={top + 22}
                width={Math.max(3, x(fullHours) - x(onHours))}
                height={16}
                fill={timberOf('cure')}
                stroke={palette.ink}
                strokeWidth={LINE.hair}
              />
              <Box left={x(onHours)} top={top + 22} width={Math.max(3, x(readyHours) - x(onHours))} height={16} fill={palette.ink} />
              <DrawnWords x={Math.min(x(onHours), width - 170)} y={top + 16} isBold>
                {coat(id).title}
              </DrawnWords>
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
