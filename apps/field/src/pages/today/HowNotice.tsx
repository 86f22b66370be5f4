import { router } from 'expo-router';
import { Notice } from '../../design/Notice';
import { setPreferences, usePreferences } from '../../offline/preferences';

/** Once, on a device that has never shown it: how a call goes. */
export function HowNotice() {
  const { knowsHow } = usePreferences();
  if (knowsHow) return null;
  const dismiss = () => setPreferences({ knowsHow: true });
  return (
    <Notice
      tone="ink"
      action={{ label: 'Three pictures', onPress: () => router.navigate('/how'), testID: 'show-how' }}
      dismiss={{ label: 'No', onPress: dismiss, testID: 'dismiss-how' }}
      testID="how-notice"
    >
      New here?
    </Notice>
  );
}
