import { withFewestEdges } from './fewestEdges';
import { fitOnce, type Fit } from './fitOnce';
import type { Fitting } from './fitting';
import { withTapers } from './tapers';

/**
 * Fits one or two leaves into an opening: where they stand and what comes off, so that every gap is at least what is wanted and least
 * timber goes, and of all such the one with the most even gaps. A linear program, made exact by making it again about its answer.
 */
export function fitLeaves(fitting: Fitting): Fit {
  if (fitting.aim === 'depth') return fitOnce(fitting);
  const chosen = fitting.aim === 'edges' ? withFewestEdges(fitting) : fitting;
  return withTapers(chosen, fitOnce(chosen));
}
