import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { useEffect, type PropsWithChildren } from 'react';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { onKept, persistOptions, queryClient } from './offline/queryClient';
import { watchNetwork } from './offline/reachability';
import { outbox } from './offline/outbox';
import { letGo } from './offline/letGo';
import { confirm, startSending, takeIn } from './offline/sending';
import { inOneTab } from './offline/oneSender';
import { watchRestarts } from './offline/afterRestart';
import { registerServiceWorker } from './offline/serviceWorker';
import { askToPersist } from './offline/storage';
import { ThemeProvider } from './design/theme';
import { shipFonts } from './design/fonts';
import { warmEngine } from './engine/engine';

/** What was kept may be older than what was written just before the page closed. */
const askAgain = () => {
  for (const outgoing of outbox.confirmed()) confirm(outbox, queryClient, outgoing);
  return queryClient.invalidateQueries();
};

shipFonts();

/** What every page stands on: fonts, theme, kept answers, unsent writes and the engine. */
export function Providers({ children }: PropsWithChildren) {
  useEffect(() => {
    const stopWatching = watchNetwork();
    const stopSending = inOneTab('swing.sending', () => startSending(outbox, queryClient));
    const stopTakingIn = outbox.onConfirmedElsewhere((outgoing) => takeIn(outbox, queryClient, outgoing));
    const stopLettingGo = onKept((kept) => void letGo(outbox, kept));
    const stopWatchingRestarts = watchRestarts();
    askToPersist();
    registerServiceWorker();
    warmEngine();
    return () => {
      stopSending();
      stopTakingIn();
      stopLettingGo();
      stopWatchingRestarts();
      stopWatching();
    };
  }, []);
  return (
    <SafeAreaProvider>
      <PersistQueryClientProvider client={queryClient} persistOptions={persistOptions} onSuccess={askAgain}>
        <ThemeProvider>{children}</ThemeProvider>
      </PersistQueryClientProvider>
    </SafeAreaProvider>
  );
}
