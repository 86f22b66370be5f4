/**
 * What stands where in the state of a door, and in a posterior over it.
 *
 * A state is the parameters and, behind them, how far edge and lining are uneven at each gap of the walk: unevenness belongs to
 * the door and not to the gauge, and is there again at the next reading. The posterior of one hypothesis has behind the state
 * the magnitudes of its faults, in the order of its directions, and behind those the error of each piece of work done since.
 */
export interface StateLayout {
  parameterCount: number;
  /** Length of a state. */
  size: number;
  /** @throws RangeError when there is no such parameter */
  parameterAt: (id: string) => number;
  /** Where the unevenness of a gap of the walk stands; `undefined` for any other station. */
  unevennessAt: (station: string) => number | undefined;
  /** Where the k-th magnitude of a hypothesis stands in its posterior. */
  magnitudeAt: (k: number) => number;
}

export function stateLayout(parameters: readonly string[], walk: readonly string[]): StateLayout {
  const parameterPlaces = new Map(parameters.map((id, i) => [id, i]));
  const unevennessPlaces = new Map(walk.map((id, i) => [id, parameters.length + i]));
  const size = parameters.length + walk.length;
  return {
    parameterCount: parameters.length,
    size,
    parameterAt: (id) => {
      const place = parameterPlaces.get(id);
      if (place === undefined) throw new RangeError(`There is no parameter "${id}".`);
      return place;
    },
    unevennessAt: (station) => unevennessPlaces.get(station),
    magnitudeAt: (k) => size + k,
  };
}
