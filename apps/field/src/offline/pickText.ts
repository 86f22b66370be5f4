/** Lets a person pick a text file; nothing when they pick none. */
export function pickText(accepts: string): Promise<string | undefined> {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accepts;
  return new Promise((resolve) => {
    input.addEventListener('cancel', () => resolve(undefined));
    input.addEventListener('change', () => resolve(input.files?.[0]?.text()));
    input.click();
  });
}
