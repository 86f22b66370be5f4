/**
 * Takes the caret to the first field with a fault, once the page shows it: what is wrong is read out, and in view. Where there is none, or no
 * page to look at, nothing happens.
 */
export function goToFault(): void {
  if (typeof document === 'undefined' || typeof requestAnimationFrame === 'undefined') return;
  // The faults are drawn at the next turn.
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      const faulty = document.querySelector<HTMLElement>('[aria-invalid=true]');
      const field = faulty?.matches('input, textarea') ? faulty : faulty?.querySelector<HTMLElement>('[tabindex="0"]');
      field?.focus();
      faulty?.scrollIntoView({ block: 'center' });
    }),
  );
}
