import { readDone } from '../ticks';

/** When coats were really put on, by their number, as it stands in its field: `1@2026-12-01T09:48:00.000Z 3@…`. */
export function readPutOn(text: string): ReadonlyMap<number, Date> {
  return new Map(
    text
      .split(' ')
      .filter(Boolean)
      .map((part) => {
        const [number, at] = part.split('@');
        return [Number(number), new Date(at ?? '')] as const;
      }),
  );
}

/** The same after ticks have changed: what was ticked just now goes on now, what was taken back has no time. */
export function putOnNow(text: string, doneBefore: string, done: string, now: Date): string {
  const numbersOf = (ticked: string) =>
    readDone(ticked).flatMap(({ id }) => (id.startsWith('coat-') ? [Number(id.slice('coat-'.length))] : []));
  const before = numbersOf(doneBefore);
  const kept = readPutOn(text);
  return numbersOf(done)
    .flatMap((number) => {
      const at = kept.get(number) ?? (before.includes(number) ? undefined : now);
      return at === undefined ? [] : [`${number}@${at.toISOString()}`];
    })
    .join(' ');
}
