/** A unit that a person typed beside a length. */
const HAS_UNIT = /[a-z"'′″]/i;

/** What a length without a unit is meant in: a fraction is of an inch, whatever the device is set to. */
const meantIn = (text: string, unit: string) => (text.includes('/') ? 'in' : unit);

/** A length exactly as typed, with the unit it was meant in, so that it means the same to whoever opens it. */
export function withUnit(text: string, unit: string): string {
  const typed = text.trim();
  return typed === '' || HAS_UNIT.test(typed) ? typed : `${typed} ${meantIn(typed, unit)}`;
}

/** The same for several lengths with a comma or semicolon between. */
export function listWithUnits(text: string, unit: string): string {
  return text
    .split(/[,;]/)
    .map((part) => withUnit(part, unit))
    .join(', ');
}

/** The same for places with what was read there: `1500: 768; 400: 770`. */
export function placesWithUnits(text: string, unit: string): string {
  return text
    .split(/([:;])/)
    .map((part, i) => (i % 2 === 1 ? `${part} ` : withUnit(part, unit)))
    .join('');
}

/** The lengths for a person who types in that unit anyway: it goes without saying. */
export function withoutUnit(text: string, unit: string): string {
  return text
    .split(/(, |: |; )/)
    .map((part) => {
      const bare = part.endsWith(` ${unit}`) ? part.slice(0, -unit.length - 1) : part;
      return meantIn(bare, unit) === unit ? bare : part;
    })
    .join('');
}
