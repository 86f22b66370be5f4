/** A value without the keys that hold nothing, however deep: what may be left out may as well be sent as null, and is told alike. */
export function withoutAbsent(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutAbsent);
  if (value === null || typeof value !== 'object') return value;
  const told = Object.entries(value).filter(([, each]) => each !== undefined && each !== null);
  return Object.fromEntries(told.map(([name, each]) => [name, withoutAbsent(each)]));
}
