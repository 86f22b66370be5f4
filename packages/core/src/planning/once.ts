/** Worked out when it is first asked for. */
export function once<T>(of: () => T): () => T {
  let known: { is: T } | undefined;
  return () => (known ??= { is: of() }).is;
}
