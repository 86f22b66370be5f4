import { router } from 'expo-router';
import { useDeferredValue } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { useLostCount } from '../offline/afterRestart';
import { useOutbox, useReachable } from '../offline/useOutbox';
import { useReadsFailing } from '../offline/useReadsFailing';
import { Press } from './Press';
import { SPACE } from './tokens';
import { usePalette } from './theme';
import { Words } from './Words';

/** Says calmly what is not yet with the server: nothing, so many, or kept here because it cannot be reached. */
export function SaveSign() {
  // What was just read comes first; the sign may follow it.
  const waiting = useDeferredValue(useOutbox());
  const isReachable = useReachable();
  const refused = waiting.filter((each) => each.refused !== undefined).length;
  const count = waiting.length - refused;
  const lost = useLostCount();
  const isFailing = useReadsFailing();
  const { short, spoken } = saying(count, refused, lost, isReachable, isFailing);
  const needsAPerson = refused > 0 || lost > 0;
  const sign = (
    <Sign
      short={short}
      spoken={spoken}
      isSaved={waiting.length === 0 && isReachable && !isFailing && lost === 0}
      isRefused={needsAPerson}
    />
  );
  return needsAPerson ? (
    <Press kind="quiet" label={spoken} onPress={() => router.navigate('/unsaved')} testID="to-unsaved">
      {sign}
    </Press>
  ) : (
    sign
  );
}

interface SignProps {
  short: string;
  spoken: string;
  isSaved: boolean;
  isRefused: boolean;
}

function Sign({ short, spoken, isSaved, isRefused }: SignProps) {
  const palette = usePalette();
  return (
    <View style={styles.sign} role="status" aria-label={spoken} testID="save-sign">
      <Svg width={16} height={16} viewBox="0 0 16 16" aria-hidden>
        <Circle cx={8} cy={8} r={6.5} fill="none" stroke={palette.pencil} strokeWidth={1.6} strokeDasharray={isSaved ? undefined : '3 3'} />
        {isSaved && <Path d="M5 8.3 L7.3 10.5 L11 5.8" stroke={palette.pencil} strokeWidth={1.6} fill="none" />}
      </Svg>
      <Words kind="label" tone={isRefused ? 'tight' : 'pencil'}>
        {short}
      </Words>
    </View>
  );
}

function saying(count: number, refused: number, lost: number, isReachable: boolean, isFailing: boolean): { short: string; spoken: string } {
  if (lost > 0) return { short: `${lost} lost ›`, spoken: `The server has lost ${lost} entries; they can be sent again` };
  if (refused > 0) return { short: `${refused} refused ›`, spoken: `${refused} entries were refused by the server; look at them` };
  if (!isReachable)
    return {
      short: count > 0 ? `${count} kept here` : 'Offline',
      spoken: `No connection. ${count} entries are kept on this device and will be sent.`,
    };
  if (isFailing && count === 0)
    return { short: 'Server fails', spoken: 'The server answers with errors; what is shown may not be all there is' };
  return count > 0
    ? { short: `${count} to save`, spoken: `${count} entries are on their way to the server` }
    : { short: 'Saved', spoken: 'Everything is saved' };
}

const styles = StyleSheet.create({ sign: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs } });
