import { G, Path } from 'react-native-svg';
import { usePalette } from '../theme';
import { LINE } from '../tokens';
import { DrawnWords } from './DrawnWords';

export interface DimensionProps {
  from: { x: number; y: number };
  to: { x: number; y: number };
  says: string;
  /** On which side of the line its figure stands. */
  side: 'left' | 'right' | 'above' | 'below';
  isBold?: boolean;
}

const TICK = 6;

/** A length on a drawing: a line between two ticks, its figure beside it. */
export function Dimension({ from, to, says, side, isBold = true }: DimensionProps) {
  const palette = usePalette();
  const isUpright = side === 'left' || side === 'right';
  const tick = isUpright ? `m${-TICK} 0 h${2 * TICK}` : `m0 ${-TICK} v${2 * TICK}`;
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const words = {
    left: { x: middle.x - 8, y: middle.y + 5, anchor: 'end' as const },
    right: { x: middle.x + 8, y: middle.y + 5, anchor: 'start' as const },
    above: { x: middle.x, y: middle.y - 7, anchor: 'middle' as const },
    below: { x: middle.x, y: middle.y + 20, anchor: 'middle' as const },
  }[side];
  return (
    <G>
      <Path
        d={`M${from.x} ${from.y} L${to.x} ${to.y} M${from.x} ${from.y} ${tick} M${to.x} ${to.y} ${tick}`}
        stroke={palette.ink}
        strokeWidth={LINE.hair}
        fill="none"
      />
      <DrawnWords {...words} isBold={isBold}>
        {says}
      </DrawnWords>
    </G>
  );
}
