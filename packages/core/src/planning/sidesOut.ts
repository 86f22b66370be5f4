import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import type { Cause } from '../model/cause';
import type { Trial } from './candidate';

/** A side that was read and is outside its limits with this chance is seen to, whatever has brought it there. */
const OUT_FROM = 0.6;

/** Of what a side is off by, so much comes of what is worked on there. */
const OWN_SHARE = 0.5;

/** For each side that is likely out, the likeliest cause that work on this side cures; its parts that are treated anyway are left out. */
export function causesOfSidesOut(
  belief: Belief,
  { drawn, board, beside: { sides, judged, work } }: Trial,
  treat: readonly Cause[],
): Cause[] {
  const { action, cause } = belief.model;
  const worksOn = (id: string, side: string) => {
    const { effect } = action(id);
    return (effect.kind === 'set' || effect.kind === 'hold') && effect.side === side;
  };
  const parts = new Set(treat.map(({ part }) => part));
  const out = sides.filter(({ id, min, max }, k) => {
    const held = work[id];
    const more = held !== undefined && 'againstMm' in held ? held.againstMm : 0;
    const figures = drawn.map(({ gaps }) => gaps[board.stations.length + k] ?? 0);
    const outside = figures.filter((mm) => mm < min - more || mm > max + more).length;
    return judged.has(id) && outside >= OUT_FROM * drawn.length && isOutByItself(belief, id);
  });
  const found = out.flatMap(({ id: side }) => {
    const [likeliest] = causeChances(belief)
      .map(({ id }) => cause(id))
      .filter(({ cures }) => cures.some((id) => worksOn(id, side)));
    return likeliest === undefined || parts.has(likeliest.part) ? [] : [likeliest];
  });
  return found.filter(({ part }, i) => found.findIndex((each) => each.part === part) === i);
}

/**
 * Whether what is worked on makes a side what it is, and not how the slab hangs: a door that swings because it sags is not thrown across
 * its wall.
 */
function isOutByItself({ model, held }: Belief, id: string): boolean {
  const { worked, target } = model.side(id);
  const at = model.layout.parameterAt(worked);
  const own = model.sideRow(id).coefficients[at] ?? 0;
  const sum = (of: (state: Float64Array) => number) =>
    held.reduce((all, { posterior, probability }) => all + probability * of(posterior.mean), 0);
  const off = sum((state) => model.sideRow(id).coefficients.reduce((all, each, i) => all + each * (state[i] ?? 0), 0)) - target;
  const byItself = sum((state) => own * ((state[at] ?? 0) - (model.sound.mean[at] ?? 0)));
  return byItself * Math.sign(off) >= OWN_SHARE * Math.abs(off);
}
