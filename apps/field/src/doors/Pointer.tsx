import { Circle, Path } from 'react-native-svg';
import { usePalette } from '../design/theme';
import type { StationPlace } from './outline';

export interface PointerProps {
  place: StationPlace | undefined;
  /** Where the label stands that it points from. */
  from: 'left' | 'right' | 'above' | 'below';
  /** How far it reaches back into the frame, px. */
  reach: number;
}

/** A short arrow from the label to the gap that is being read. */
export function Pointer({ place, from, reach }: PointerProps) {
  const palette = usePalette();
  if (place === undefined) return null;
  const { onOpening: o } = place;
  const shapes = {
    left: `M${o.x - reach} ${o.y} H${o.x - 3} M${o.x - 9} ${o.y - 6} L${o.x - 2} ${o.y} L${o.x - 9} ${o.y + 6}`,
    right: `M${o.x + reach} ${o.y} H${o.x + 3} M${o.x + 9} ${o.y - 6} L${o.x + 2} ${o.y} L${o.x + 9} ${o.y + 6}`,
    above: `M${o.x} ${o.y - reach} V${o.y - 3} M${o.x - 6} ${o.y - 9} L${o.x} ${o.y - 2} L${o.x + 6} ${o.y - 9}`,
    below: `M${o.x} ${o.y + 13} V${o.y + 3} M${o.x - 6} ${o.y + 9} L${o.x} ${o.y + 2} L${o.x + 6} ${o.y + 9}`,
  };
  return (
    <>
      <Circle cx={o.x} cy={o.y} r={9} fill={palette.accent} fillOpacity={0.25} />
      <Path d={shapes[from]} stroke={palette.accent} strokeWidth={3} fill="none" strokeLinecap="round" />
    </>
  );
}
