import { dot } from '../numbers/gaussian';
import type { Action } from './actions';
import type { ActionId } from './actionIds';
import type { Belief } from './belief';
import type { Cause } from './causes';
import { placeHinges } from './door';
import type { SideStep } from './planSteps';
import { side, sideRow } from './sides';

/** Work on the frame takes at least this long; the quickest plan may hide what only such work cures, minutes. */
const FRAME_WORK_FROM = 45;

export interface Way {
  cures: readonly Action[];
  /** Of these one must be among the hinge settings; at that hinge, if one is named. */
  mustUse: readonly { action: ActionId; hinge?: number }[];
  sides: readonly SideStep[];
  hidesCause: boolean;
}

/** Every way to treat what is likely, each cause by each of its cures, and what may be hidden for the quickest plan. */
export function waysToTreat(belief: Belief, allowed: readonly Action[], treat: readonly Cause[]): Way[] {
  const hinges = placeHinges(belief.door);
  const may = (id: ActionId) => allowed.find((a) => a.id === id);
  return treat.reduce<Way[]>(
    (ways, each) => {
      const hinge = hinges.findIndex(({ name }) => name === each.at);
      const treatments = each.cures.flatMap((id) => may(id) ?? []);
      const further = treatments.flatMap((a): ((way: Way) => Way)[] => {
        const { effect } = a;
        if (effect.kind === 'cure') return [(way) => (way.cures.includes(a) ? way : { ...way, cures: [...way.cures, a] })];
        if (effect.kind === 'shift' || effect.kind === 'lower')
          return [(way) => ({ ...way, mustUse: [...way.mustUse, { action: a.id, ...(hinge >= 0 && { hinge }) }] })];
        if (effect.kind === 'hold') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: 1 }] })];
        if (effect.kind === 'set') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: offBy(belief, a) }] })];
        if (effect.kind === 'wait') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: 1 }] })];
        return [];
      });
      const isFrameWork = treatments.length > 0 && treatments.every(({ minutes }) => minutes.first >= FRAME_WORK_FROM);
      const hidden =
        isFrameWork || further.length === 0 ? [(way: Way): Way => ({ ...way, hidesCause: way.hidesCause || isFrameWork })] : [];
      // Cures that set hinges go together: any one of them treats the cause.
      const setting = further.length > 0 && treatments.every(({ effect }) => effect.kind === 'shift' || effect.kind === 'lower');
      const steps = setting ? [(way: Way): Way => further.reduce((sum, take) => take(sum), way)] : [...further, ...hidden];
      return ways.flatMap((way) => steps.map((take) => take(way)));
    },
    [{ cures: [], mustUse: [], sides: [], hidesCause: false }],
  );
}

/** How far a side is from its target, mm. */
function offBy(belief: Belief, { effect }: Action): number {
  if (effect.kind !== 'set') return 0;
  const { target } = side(effect.side);
  return belief.held.reduce(
    (sum, { posterior, probability }) =>
      sum + probability * (dot(sideRow(effect.side, posterior.mean.length).coefficients, posterior.mean) - target),
    0,
  );
}
