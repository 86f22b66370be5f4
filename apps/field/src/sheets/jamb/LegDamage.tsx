import { JAMB_PARTS, type Damage, type JambPart } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf, wasteOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { PART_WORDS } from './jambWords';

/** Parts that stand upright, from the room outward, as one sees them in the opening; the others lie under or behind. */
export const UPRIGHT: readonly JambPart[] = ['casing', 'inner', 'stop', 'outer', 'outerTrim'];
export const HIDDEN: readonly JambPart[] = JAMB_PARTS.filter((part) => !UPRIGHT.includes(part));

const HEIGHT = 300;
const TOP = 22;
const BOTTOM = HEIGHT - 40;
const LEFT = 46;
/** Heights are written so far apart, by the unit of the person. */
const RULED_MM: Readonly<Partial<Record<string, number>>> = { mm: 500, in: 508 };
/** How wide the parts are drawn, one to the other. */
const WIDE: Readonly<Partial<Record<JambPart, number>>> = { casing: 1, inner: 1.2, stop: 1, outer: 1.2, outerTrim: 1 };

export interface LegDamageProps {
  legMm: number;
  damages: readonly Damage[];
  width: number;
  words: LengthWords;
  /** Adds damage of a part at a height. */
  onAdd?: (part: JambPart, atMm: number) => void;
}

/** The leg as one sees it in the opening, room on the left: what is damaged is hatched where it is, with how deep. */
export function LegDamage({ legMm, damages, width, words, onAdd }: LegDamageProps) {
  const palette = usePalette();
  const share = (width - LEFT - 2) / UPRIGHT.reduce((sum, part) => sum + (WIDE[part] ?? 1), 0);
  const columns = UPRIGHT.map((part, i) => ({
    part,
    left: LEFT + share * UPRIGHT.slice(0, i).reduce((sum, each) => sum + (WIDE[each] ?? 1), 0),
    wide: share * (WIDE[part] ?? 1),
  }));
  const ruled = RULED_MM[words.unit] ?? 500;
  const y = (mm: number) => BOTTOM - (Math.min(mm, legMm) / legMm) * (BOTTOM - TOP);
  const says = damages.map(
    ({ kind, part, fromMm, toMm }) => `${kind} ${PART_WORDS[part]} ${words.bare(fromMm)} to ${words.withUnit(toMm)}`,
  );
  return (
    <View style={{ width, height: HEIGHT }}>
      <View role="img" aria-label={`Leg ${words.withUnit(legMm)} high. ${says.join('; ') || 'No damage marked'}`}>
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Hatches id="leg" />
          {columns.map(({ part, left, wide }) => (
            <Box
              key={part}
              left={left}
              top={TOP}
              width={wide}
              height={BOTTOM - TOP}
              fill={timberOf('leg')}
              stroke={palette.ink}
              strokeWidth={LINE.rule}
            />
          ))}
          <Path
            d={`M${LEFT} ${BOTTOM} H${width - 2} V${BOTTOM + 12} H${LEFT} Z`}
            fill={palette.sunk}
            stroke={palette.ink}
            strokeWidth={LINE.rule}
          />
          {Array.from({ length: Math.ceil(legMm / ruled) }, (_, i) => i * ruled).map((mm) => (
            <G key={mm}>
              <Path d={`M${LEFT - 8} ${y(mm)} h8`} stroke={palette.ink} strokeWidth={LINE.hair} />
              <DrawnWords x={LEFT - 10} y={y(mm) + 5} anchor="end" tone="pencil">
                {words.bare(mm)}
              </DrawnWords>
            </G>
          ))}
          {damages.map(({ kind, part, fromMm, toMm, depthMm }, i) => {
            const column = columns.find((each) => each.part === part);
            if (column === undefined) return null;
            const [high, low] = [y(toMm), Math.max(y(fromMm), y(toMm) + 8)];
            return (
              <G key={`${kind}-${part}-${i}`}>
                <Box
                  left={column.left + 2}
                  top={high}
                  width={column.wide - 4}
                  height={low - high}
                  fill={wasteOf('leg')}
                  stroke={palette.tight}
                  strokeWidth={LINE.bold}
                />
                {depthMm !== undefined && low - high > 20 && (
                  <DrawnWords x={column.left + column.wide / 2} y={(high + low) / 2 + 5} anchor="middle" isBold>
                    {words.bare(depthMm)}
                  </DrawnWords>
                )}
              </G>
            );
          })}
          <DrawnWords x={LEFT} y={16} tone="pencil">
            room
          </DrawnWords>
          <DrawnWords x={width - 2} y={16} anchor="end" tone="pencil">
            outside
          </DrawnWords>
          {columns.map(({ part, left, wide }) => (
            <DrawnWords key={part} x={left + wide / 2} y={HEIGHT - 10} anchor="middle" tone="pencil">
              {SHORT[part] ?? ''}
            </DrawnWords>
          ))}
        </Svg>
      </View>
      {onAdd &&
        columns.map(({ part, left, wide }) => (
          <View key={part} style={[styles.column, { left, width: wide, top: TOP, height: BOTTOM - TOP }]}>
            {BANDS.map((band) => (
              <Press
                key={band.at}
                kind="quiet"
                style={styles.band}
                label={`${PART_WORDS[part]}, ${band.says}`}
                onPress={() => onAdd(part, band.at * legMm)}
                testID={`leg-${part}-${band.id}`}
              >
                {''}
              </Press>
            ))}
          </View>
        ))}
    </View>
  );
}

/** Where a tap falls, from the head down. */
const BANDS = [
  { id: 'head', at: 0.9, says: 'at the head' },
  { id: 'high', at: 0.7, says: 'high' },
  { id: 'lock', at: 0.5, says: 'at the lock' },
  { id: 'low', at: 0.3, says: 'low' },
  { id: 'foot', at: 0.06, says: 'at the foot' },
] as const;

const SHORT: Readonly<Partial<Record<JambPart, string>>> = {
  casing: 'casing',
  inner: 'inner',
  stop: 'stop',
  outer: 'outer',
  outerTrim: 'trim',
};

const styles = StyleSheet.create({
  column: { position: 'absolute' },
  band: { flex: 1, minHeight: 0, borderWidth: 0, borderRadius: 0, backgroundColor: 'transparent' },
});
