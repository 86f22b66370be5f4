import { Text } from 'react-native-svg';
import { usePalette } from '../theme';
import { FONT, SIZE, type Palette } from '../tokens';

export interface DrawnWordsProps {
  x: number;
  y: number;
  tone?: keyof Palette;
  anchor?: 'start' | 'middle' | 'end';
  isBold?: boolean;
  children: string;
}

/** Words on a drawing, as large as those beside it. */
export function DrawnWords({ x, y, tone = 'ink', anchor = 'start', isBold = false, children }: DrawnWordsProps) {
  const palette = usePalette();
  return (
    <Text
      transform={`translate(${x} ${y})`}
      fill={palette[tone]}
      textAnchor={anchor}
      fontFamily={isBold ? FONT.labelBold : FONT.label}
      fontSize={SIZE.small}
      // A halo of paper, so that a line behind does not cross the words.
      stroke={palette.paper}
      strokeWidth={4}
      strokeLinejoin="round"
      {...{ paintOrder: 'stroke' }}
    >
      {children}
    </Text>
  );
}
