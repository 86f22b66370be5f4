import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import type { Cause } from '../model/cause';
import { dot } from '../numbers/gaussian';
import type { Trial } from './candidate';
import { isHeldInside, sidesBehind } from './outcome';
import { sideOffBy } from './sideOffBy';
import { worksOnSide } from './sidesTold';

/** A side that was read and is outside its limits with this chance is seen to, whatever has brought it there. */
const OUT_FROM = 0.6;

/** Of what a side is off by, so much comes of what is worked on there. */
const OWN_SHARE = 0.5;

/** For each side that is likely out, the likeliest cause that work on this side cures; its parts that are treated anyway are left out. */
export function causesOfSidesOut(
  belief: Belief,
  { drawn, board, beside: { sides, judged, inOrder, work } }: Trial,
  treat: readonly Cause[],
): Cause[] {
  const { action, cause } = belief.model;
  const parts = new Set(treat.map(({ part }) => part));
  const out = sides.filter(({ id, min, max }, k) => {
    const outside = drawn.filter(({ gaps }) => !isHeldInside({ min, max }, sidesBehind(board, gaps)[k] ?? 0, work[id])).length;
    return (
      judged.has(id) &&
      inOrder?.has(id) !== true &&
      outside >= OUT_FROM * drawn.length &&
      (isOutByItself(belief, id) || !treat.some((each) => moves(belief, each, id)))
    );
  });
  const found = out.flatMap(({ id: side }) => {
    const [likeliest] = causeChances(belief)
      .map(({ id }) => cause(id))
      .filter(({ cures }) => cures.some((id) => worksOnSide(action(id), side)));
    return likeliest === undefined || parts.has(likeliest.part) ? [] : [likeliest];
  });
  return found.filter(({ part }, i) => found.findIndex((each) => each.part === part) === i);
}

/** Whether a cause brings a side out: then it is seen to once that has been treated. */
function moves({ model }: Belief, { forms }: Cause, side: string): boolean {
  const { coefficients } = model.sideRow(side);
  return forms.some(({ axes }) => axes.some((axis) => dot(coefficients, model.direction(axis.moves)) !== 0));
}

/**
 * Whether what is worked on makes a side what it is, and not how the slab hangs: a door that swings because it sags is not thrown across
 * its wall.
 */
function isOutByItself(belief: Belief, id: string): boolean {
  const { model, held } = belief;
  const at = model.layout.parameterAt(model.side(id).worked);
  const own = model.sideRow(id).coefficients[at] ?? 0;
  const off = sideOffBy(belief, id).mean;
  const worked = held.reduce((sum, { posterior, probability }) => sum + probability * (posterior.mean[at] ?? 0), 0);
  const byItself = own * (worked - (model.sound.mean[at] ?? 0));
  return byItself * Math.sign(off) >= OWN_SHARE * Math.abs(off);
}
