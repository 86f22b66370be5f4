import { Defs, Line, Pattern, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

/** Hatching for timber and for what has to go, under names that the shapes of one drawing fill with. */
export function Hatches({ id }: { id: string }) {
  const palette = usePalette();
  return (
    <Defs>
      <Pattern id={`${id}-timber`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(55)">
        <Rect width="7" height="7" fill={palette.timber} />
        <Line x1="0" y1="0" x2="0" y2="7" stroke={palette.hatch} strokeWidth="1.6" />
      </Pattern>
      <Pattern id={`${id}-waste`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <Rect width="6" height="6" fill={palette.paper} />
        <Line x1="0" y1="0" x2="0" y2="6" stroke={palette.tight} strokeWidth="3" />
      </Pattern>
    </Defs>
  );
}

export const timberOf = (id: string) => `url(#${id}-timber)`;
export const wasteOf = (id: string) => `url(#${id}-waste)`;
