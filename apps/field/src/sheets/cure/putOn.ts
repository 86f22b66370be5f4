import { readDone } from '../ticks';

/** How the lines of coats are called, before their number. */
const COAT = 'coat-';

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
  const numbersOf = (ticked: string) => readDone(ticked).flatMap(({ id }) => (id.startsWith(COAT) ? [Number(id.slice(COAT.length))] : []));
  const before = numbersOf(doneBefore);
  const kept = readPutOn(text);
  return numbersOf(done)
    .flatMap((number) => {
      const at = kept.get(number) ?? (before.includes(number) ? undefined : now);
      return at === undefined ? [] : [`${number}@${at.toISOString()}`];
    })
    .join(' ');
}

/** What was ticked, and when, once a coat is taken out of the order: those after it are one number lower. */
export function withoutCoat(typed: Readonly<Record<string, string>>, gone: number): { done: string; putOn: string } {
  const moved = (number: number) => (number === gone ? [] : [number > gone ? number - 1 : number]);
  const done = readDone(typed['done'] ?? '').flatMap(({ id }) =>
    id.startsWith(COAT) ? moved(Number(id.slice(COAT.length))).map((number) => `${COAT}${number}`) : [id],
  );
  const putOn = [...readPutOn(typed['putOn'] ?? '')].flatMap(([number, at]) => moved(number).map((n) => `${n}@${at.toISOString()}`));
  return { done: done.join(' '), putOn: putOn.join(' ') };
}
