import type { Names } from './names';
import type { Sign } from './tables';

type Of<S extends string> = Sign<Names & { station: S }>;

/** Two gaps of one edge, the first less the other. */
export const taperSign = <S extends string>(
  id: string,
  part: string,
  [from, to]: readonly [S, S],
  above: string,
  below: string,
): Of<S> => ({
  id,
  part,
  combination: { [from]: 1, [to]: -1 } as Of<S>['combination'],
  above: `${part} wider ${above}`,
  below: `${part} wider ${below}`,
  even: `${part} even from end to end`,
  compare: 'taper',
});

/** One gap against its limits, in the words for too much of it and too little. */
export const sizeSign = <S extends string>(part: string, id: S, [above, below]: readonly [string, string]): Of<S> => ({
  id,
  part,
  combination: { [id]: 1 } as Of<S>['combination'],
  above: `${part} ${above}`,
  below: `${part} ${below}`,
  even: `${part} as it should be`,
  compare: 'gap',
});

/** A level, line or offset that is nought when in order. */
export const lineSign = <S extends string>(id: string, part: string, at: S, above: string, below: string, even: string): Of<S> => ({
  id,
  part,
  combination: { [at]: 1 } as Of<S>['combination'],
  above: `${part} ${above}`,
  below: `${part} ${below}`,
  even: `${part} ${even}`,
  compare: 'taper',
});
