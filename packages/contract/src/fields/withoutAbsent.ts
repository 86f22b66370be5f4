/** A value without the keys that hold nothing, however deep: what may be left out may as well be sent as null, and is told alike. */
export function withoutAbsent(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutAbsent);
  if (value === null || typeof value !== 'object') return value;
  const present = Object.entries(value).filter(([, each]) => each !== undefined && each !== null);
  return Object.fromEntries(present.map(([name, each]) => [name, withoutAbsent(each)]));
}
