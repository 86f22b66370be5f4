import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Hatches, timberOf } from '../design/drawing/Timber';
import { usePalette } from '../design/theme';
import { LINE } from '../design/tokens';
import { SHEET_SIZE, TERM_SHEETS, type ShapeOf, type SheetId, type TermSheet } from './drawings';
import { MEANINGS } from './meanings';
import type { TermId } from './terms';

export interface SheetDrawingProps {
  sheet: SheetId;
  /** The shapes that are inked in. */
  part: string;
  width: number;
  spoken: string;
  testID?: string;
}

/** Where a word is on a door: the sheet it is on, with what is meant inked in. */
export function TermDrawing({ id, width }: { id: TermId; width: number }) {
  const { sheet, part, title } = MEANINGS[id];
  const spoken = `${title}, inked in on a drawing: ${TERM_SHEETS[sheet].title}`;
  return <SheetDrawing sheet={sheet} part={part} width={width} spoken={spoken} testID={`drawn-${id}`} />;
}

/** A sheet with some of its shapes inked in. */
export function SheetDrawing({ sheet, part, width, spoken, testID }: SheetDrawingProps) {
  const palette = usePalette();
  const { shapes }: TermSheet = TERM_SHEETS[sheet];
  const meant = shapes.filter((shape) => shape.part === part);
  const hatch = `sheet-${sheet}`;
  const fills: Readonly<Record<ShapeOf, string>> = {
    timber: timberOf(hatch),
    slab: palette.slab,
    air: 'none',
    line: 'none',
    found: 'none',
  };
  const isDrawnLine = (d: string) => !d.includes('Z');
  return (
    <View role="img" aria-label={spoken} testID={testID}>
      <Svg
        width={width}
        height={(width / SHEET_SIZE.width) * SHEET_SIZE.height}
        viewBox={`0 0 ${SHEET_SIZE.width} ${SHEET_SIZE.height}`}
        aria-hidden
      >
        <Hatches id={hatch} />
        {shapes.map(({ d, of }) => (
          <Path
            key={d}
            d={d}
            fill={fills[of]}
            stroke={of === 'air' ? 'none' : palette.pencil}
            strokeWidth={LINE.hair}
            {...(of === 'found' && { strokeDasharray: '5 4' })}
          />
        ))}
        {meant.map(({ d }) => (
          <Path
            key={d}
            d={d}
            fill={isDrawnLine(d) ? 'none' : palette.ink}
            fillOpacity={0.85}
            stroke={palette.ink}
            strokeWidth={isDrawnLine(d) ? LINE.bold * 1.6 : LINE.bold}
            strokeLinejoin="round"
          />
        ))}
      </Svg>
    </View>
  );
}
