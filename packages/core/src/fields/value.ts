/** The type of what a field holds. */
export type ValueOf<F> = PlainOf<F> | (F extends { nullable: true } | { optional: true } ? null : never);

type PlainOf<F> = F extends { is: 'text' }
  ? string
  : F extends { is: 'number' }
    ? number
    : F extends { is: 'choice'; of: readonly (infer C)[] }
      ? C
      : F extends { is: 'flag' }
        ? boolean
        : F extends { is: 'list'; of: infer E }
          ? ValueOf<E>[]
          : F extends { is: 'group'; fields: infer G }
            ? ValuesOf<G>
            : F extends { is: 'variant'; of: infer V }
              ? { [K in keyof V]: V[K] extends { fields: infer G } ? ValuesOf<G> : never }[keyof V]
              : never;

type OptionalKeys<G> = { [K in keyof G]: G[K] extends { optional: true } ? K : never }[keyof G];

type OmittableKeys<G> = { [K in keyof G]: G[K] extends { omittable: true } ? K : never }[keyof G];

/** The type of what a set of fields holds. */
export type ValuesOf<G> = Flat<
  { -readonly [K in Exclude<keyof G, OptionalKeys<G> | OmittableKeys<G>>]: ValueOf<G[K]> } & {
    -readonly [K in OptionalKeys<G>]?: ValueOf<G[K]> | undefined;
  } & { -readonly [K in OmittableKeys<G>]?: ValueOf<G[K]> }
>;

/** One object type in place of several laid over each other. */
export type Flat<T> = { [K in keyof T]: T[K] };
