import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';

export interface DrawingLegendProps {
  factor: number;
  unit: string;
  dashed: string | undefined;
  isLow: boolean;
  /** How far up the drawing it stands, where not at its usual place. */
  up?: `${number}%`;
}

/** How many times too large the gaps are drawn, in which unit, and what the dashes are. */
export const DrawingLegend = memo(function DrawingLegend({ factor, unit, dashed, isLow, up }: DrawingLegendProps) {
  return (
    <View style={[styles.legend, isLow && styles.low, up !== undefined && { bottom: up }]} pointerEvents="none">
      <Words kind="small" tone="pencil">{`gaps ×${factor}`}</Words>
      <Words kind="small" tone="pencil">
        {unit}
      </Words>
      {dashed !== undefined && dashed !== '' && (
        <Words kind="small" tone="pencil">
          {`dashed: ${dashed}`}
        </Words>
      )}
    </View>
  );
});

const styles = StyleSheet.create({
  legend: { position: 'absolute', left: 0, right: 0, bottom: '18%', alignItems: 'center', paddingHorizontal: SPACE.xs },
  // Clear of the handle, which a low drawing brings down to it.
  low: { bottom: '12%' },
});
