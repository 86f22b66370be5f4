/** A value without the keys that hold nothing, however deep: what may be left out may as well be sent as null, and is told alike. */
export function withoutAbsent<T>(value: T): T {
  return present(value) as T;
}

function present(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(present);
  if (value === null || typeof value !== 'object') return value;
  const held = Object.entries(value).filter(([, each]) => each !== undefined && each !== null);
  return Object.fromEntries(held.map(([name, each]) => [name, present(each)]));
}
