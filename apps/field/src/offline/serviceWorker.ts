/** Lets the built app open with the server gone. Not in development, where files change under it. */
export function registerServiceWorker(): void {
  if (__DEV__ || typeof navigator === 'undefined' || !('serviceWorker' in navigator)) return;
  // Without it the app still works, only not before the server answers.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
