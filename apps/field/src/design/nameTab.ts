const APP = 'Proper Swing';

/** What the browser's tab and its history call the page that is open; the app's own name for the first page. */
export function nameTab(title = ''): void {
  if (typeof document !== 'undefined') document.title = title === '' ? APP : `${title} – ${APP}`;
}
