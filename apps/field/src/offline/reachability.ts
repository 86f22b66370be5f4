import { PATHS, type Health } from '@proper-swing/contract';
import { onlineManager } from '@tanstack/react-query';

/** How often a lost server is asked for, ms. */
const ASK_EVERY_MS = 2_000;

let asking: ReturnType<typeof setTimeout> | undefined;

/** The other tabs of this device: only one of them sends, and would know. */
let otherTabs: BroadcastChannel | undefined;

/**
 * Says that the server did not answer. TanStack Query then pauses queries and writes as it does without a network, until
 * the server answers again: a dead server and no signal are one and the same to the person.
 */
export function serverLost(): void {
  if (onlineManager.isOnline()) otherTabs?.postMessage('lost');
  onlineManager.setOnline(false);
  asking ??= setTimeout(() => void askAgain(), ASK_EVERY_MS);
}

/** No longer asks for a lost server. */
export function forgetServer(): void {
  clearTimeout(asking);
  asking = undefined;
}

/** Watches the device's own network events; returns what stops watching. */
export function watchNetwork(): () => void {
  if (typeof window === 'undefined' || typeof window.addEventListener !== 'function') return () => undefined;
  const lost = () => serverLost();
  const back = () => {
    forgetServer();
    void askAgain();
  };
  onlineManager.setEventListener(() => {
    window.addEventListener('offline', lost);
    window.addEventListener('online', back);
    return () => {
      window.removeEventListener('offline', lost);
      window.removeEventListener('online', back);
    };
  });
  if (typeof document !== 'undefined' && typeof BroadcastChannel !== 'undefined') {
    otherTabs = new BroadcastChannel('swing.server');
    otherTabs.onmessage = lost;
  }
  if (!navigator.onLine) serverLost();
  return () => {
    otherTabs?.close();
    otherTabs = undefined;
    forgetServer();
  };
}

async function askAgain(): Promise<void> {
  asking = undefined;
  try {
    const response = await fetch(PATHS.health, { cache: 'no-store', signal: AbortSignal.timeout(ASK_EVERY_MS * 2) });
    // A page that a network puts in the server's place is no server.
    const { status } = (await response.json()) as Partial<Health>;
    if (response.ok && status === 'ok') {
      onlineManager.setOnline(true);
      return;
    }
  } catch {
    // Still gone: asked again below.
  }
  serverLost();
}
