import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { isDeviceFull, onDeviceFull } from '../offline/storage';
import { usePalette } from './theme';
import { LINE, SPACE } from './tokens';
import { Words } from './Words';

/** Says, whatever was tapped, that the device has no room to keep it. */
export function FullNotice() {
  const palette = usePalette();
  const isFull = useSyncExternalStore(onDeviceFull, isDeviceFull, () => false);
  if (!isFull) return null;
  return (
    <View style={[styles.notice, { borderColor: palette.tight, backgroundColor: palette.sunk }]} role="alert" testID="device-full">
      <Words kind="strong" tone="tight">
        This device is full: what you did last is not kept. Make room, then do it again. What was kept before is safe.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ notice: { borderBottomWidth: LINE.rule, padding: SPACE.s, paddingHorizontal: SPACE.m } });
