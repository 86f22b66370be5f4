import { announcer } from './announcer';

const changes = announcer();
let waiting: ServiceWorker | undefined;

/** Lets the built app open with the server gone. Not in development, where files change under it. */
export function registerServiceWorker(): void {
  if (__DEV__ || typeof navigator === 'undefined' || !('serviceWorker' in navigator)) return;
  // Without it the app still works, only not before the server answers.
  navigator.serviceWorker
    .register('/sw.js')
    .then(watchForNewer)
    .catch(() => undefined);
}

/** A page keeps the program it was opened with: one half of it and one half of the next would be neither. */
export function watchForNewer(registration: Pick<ServiceWorkerRegistration, 'waiting' | 'installing' | 'addEventListener'>): void {
  const arrived = (worker: ServiceWorker) => {
    waiting = worker;
    changes.tell();
  };
  // The first one ever is no newer one.
  const isNewer = () => navigator.serviceWorker.controller !== null;
  if (registration.waiting !== null && isNewer()) arrived(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker?.addEventListener('statechange', () => {
      if (worker.state === 'installed' && isNewer()) arrived(worker);
    });
  });
}

/** Whether a newer program waits. */
export function hasNewer(): boolean {
  return waiting !== undefined;
}

/** Tells when a newer program has been fetched and waits for the pages of this one to go. */
export const onNewer = changes.listen;

/** A browser that says nothing of a change of program: the page is opened again after this long, ms. */
const LONGEST_CHANGE_MS = 5_000;

/** Lets the newer program take over, and opens this page with it: a tap on it is never without an answer. */
export function takeNewer(reload: () => void = () => window.location.reload()): void {
  const newer = waiting;
  if (newer === undefined) {
    reload();
    return;
  }
  let isOpened = false;
  const open = () => {
    if (isOpened) return;
    isOpened = true;
    clearTimeout(late);
    reload();
  };
  const late = setTimeout(open, LONGEST_CHANGE_MS);
  navigator.serviceWorker.addEventListener('controllerchange', open);
  newer.addEventListener('statechange', () => {
    if (newer.state === 'activated') open();
  });
  newer.postMessage({ type: 'SKIP_WAITING' });
}
