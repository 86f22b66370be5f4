// What takes long enough for a worker or the server; kept apart so that a page that only names and shows does not load it.
export { diagnose, estimate, planCorrections, planningOf, whatNext } from './hinged/hingedAnswers';
export { toEnd } from './stepwise';
