import { Path, type PathProps } from 'react-native-svg';

export interface BoxProps extends Omit<PathProps, 'd' | 'x' | 'y'> {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** An upright rectangle on a drawing. */
export function Box({ left, top, width, height, ...look }: BoxProps) {
  return <Path d={`M${left} ${top} h${width} v${height} h${-width} Z`} {...look} />;
}
