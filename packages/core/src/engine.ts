// What takes long enough for a worker or the server; kept apart so that a page that only names and shows does not load it.
export { diagnose, estimate } from './hinged/diagnose';
export { whatNext } from './hinged/nextBest';
export { planCorrections, planningOf } from './hinged/planCorrections';
export { toEnd } from './stepwise';
