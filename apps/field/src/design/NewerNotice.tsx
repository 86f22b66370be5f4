import { useSyncExternalStore } from 'react';
import { hasNewer, onNewer, takeNewer } from '../offline/serviceWorker';
import { Notice } from './Notice';

/** Says that a newer program is here, and lets the person choose when to open it. */
export function NewerNotice() {
  const isHere = useSyncExternalStore(onNewer, hasNewer, () => false);
  if (!isHere) return null;
  return (
    <Notice tone="ink" action={{ label: 'Open it', onPress: () => takeNewer(), testID: 'take-newer' }}>
      A newer version is here.
    </Notice>
  );
}
