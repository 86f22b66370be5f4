import type { ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { G, Line } from 'react-native-svg';
import { usePalette } from '../theme';
import { LINE } from '../tokens';
import { DrawnWords } from './DrawnWords';

/** Figures into places on the sheet. */
export interface PlotScale {
  x: (value: number) => number;
  y: (value: number) => number;
}

export interface PlotAxis {
  from: number;
  to: number;
  ticks: readonly number[];
  /** How a tick is written. */
  write: (value: number) => string;
}

export interface PlotProps {
  width: number;
  height: number;
  x: PlotAxis;
  y: PlotAxis;
  /** What the heights are, with their unit. */
  yTitle: string;
  /** What it shows, for a screen reader. */
  spoken: string;
  children: (scale: PlotScale) => ReactNode;
}

const MARGIN = { left: 48, right: 14, top: 30, bottom: 30 };

/** A ruled sheet with figures on both sides; what is drawn on it is handed its scale. */
export function Plot({ width, height, x, y, yTitle, spoken, children }: PlotProps) {
  const palette = usePalette();
  const right = width - MARGIN.right;
  const bottom = height - MARGIN.bottom;
  const scale: PlotScale = {
    x: (value) => MARGIN.left + ((value - x.from) / (x.to - x.from)) * (right - MARGIN.left),
    y: (value) => bottom - ((value - y.from) / (y.to - y.from)) * (bottom - MARGIN.top),
  };
  return (
    <View role="img" aria-label={spoken}>
      <Svg width={width} height={height} aria-hidden>
        {y.ticks.map((tick) => (
          <G key={tick}>
            <Line x1={MARGIN.left} x2={right} y1={scale.y(tick)} y2={scale.y(tick)} stroke={palette.rule} strokeWidth={LINE.hair} />
            <DrawnWords x={MARGIN.left - 6} y={scale.y(tick) + 5} anchor="end" tone="pencil">
              {y.write(tick)}
            </DrawnWords>
          </G>
        ))}
        {children(scale)}
        <Line x1={MARGIN.left} x2={right} y1={bottom} y2={bottom} stroke={palette.ink} strokeWidth={LINE.rule} />
        <Line x1={MARGIN.left} x2={MARGIN.left} y1={MARGIN.top} y2={bottom} stroke={palette.ink} strokeWidth={LINE.rule} />
        {x.ticks.map((tick) => (
          <G key={tick}>
            <Line x1={scale.x(tick)} x2={scale.x(tick)} y1={bottom} y2={bottom + 5} stroke={palette.ink} strokeWidth={LINE.rule} />
            <DrawnWords x={scale.x(tick)} y={bottom + 22} anchor="middle" tone="pencil">
              {x.write(tick)}
            </DrawnWords>
          </G>
        ))}
        <DrawnWords x={4} y={18} tone="pencil">
          {yTitle}
        </DrawnWords>
      </Svg>
    </View>
  );
}

/** Round figures that rule a range into about so many parts. */
export function ticksBetween(from: number, to: number, about = 4): number[] {
  const rough = (to - from) / about;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough;
  const first = Math.ceil(from / step - 1e-9);
  const count = Math.floor(to / step + 1e-9) - first + 1;
  return Array.from({ length: Math.max(0, count) }, (_, i) => Number(((first + i) * step).toPrecision(12)));
}

/** A line through places, as a path. */
export function lineThrough(points: readonly { x: number; y: number }[]): string {
  return points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`).join(' ');
}
