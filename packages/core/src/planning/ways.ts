import type { Belief } from '../inference/belief';
import { setsSlab, type Action } from '../model/action';
import type { Cause } from '../model/cause';
import type { RequiredSetting } from './searchSpace';
import { sideOffBy } from './sideOffBy';
import type { SideStep } from './steps';

/** Work on the frame takes at least this long; the quickest plan may hide what only such work cures, minutes. */
const FRAME_WORK_FROM = 45;

/** Work beside the places is told in half millimetres. */
const LEAST_WORKED_MM = 0.25;

export interface Way {
  cures: readonly Action[];
  /** Of these one must be among the settings. */
  mustUse: readonly RequiredSetting[];
  sides: readonly SideStep[];
  hidesCause: boolean;
}

/** Every way to treat what is likely, each cause by each of its cures, and what may be hidden for the quickest plan. */
export function waysToTreat(belief: Belief, allowed: readonly Action[], treat: readonly Cause[]): Way[] {
  return treat.reduce<Way[]>(
    (ways, each) => {
      const steps = treatmentsOf(belief, allowed, each);
      return ways.flatMap((way) => steps.map((take) => take(way)));
    },
    [{ cures: [], mustUse: [], sides: [], hidesCause: false }],
  );
}

type Treatment = (way: Way) => Way;

/** The treatments of one cause of which a way takes one. */
function treatmentsOf(belief: Belief, allowed: readonly Action[], { cures, at, harmsUnseen }: Cause): Treatment[] {
  const place = at === undefined ? -1 : belief.model.places.indexOf(at);
  const actions = cures.flatMap((id) => allowed.find((a) => a.id === id) ?? []);
  const treatments = [...allAtOnce(actions.filter(setsSlab)), ...actions.filter((each) => !setsSlab(each)).flatMap(byItself)];
  const isFrameWork = actions.length > 0 && actions.every(({ minutes }) => minutes.first >= FRAME_WORK_FROM);
  const hide: Treatment = (way) => ({ ...way, hidesCause: way.hidesCause || isFrameWork });
  // What does harm unseen is no less harmful when it is hidden.
  return (isFrameWork && harmsUnseen !== true) || treatments.length === 0 ? [...treatments, hide] : treatments;

  function byItself(action: Action): Treatment[] {
    return treatmentBy(belief, action, place);
  }
  /** Cures that set the slab go together: any one of them treats the cause. */
  function allAtOnce(settings: readonly Action[]): Treatment[] {
    const takes = settings.flatMap(byItself);
    return takes.length === 0 ? [] : [(way) => takes.reduce((sum, take) => take(sum), way)];
  }
}

function treatmentBy(belief: Belief, action: Action, place: number): Treatment[] {
  const { effect } = action;
  const beside = (mm: number): Treatment[] => [(way) => ({ ...way, sides: [...way.sides, { action, mm }] })];
  switch (effect.kind) {
    case 'cure':
      return [(way) => (way.cures.includes(action) ? way : { ...way, cures: [...way.cures, action] })];
    case 'shift':
    case 'lower':
      return [(way) => ({ ...way, mustUse: [...way.mustUse, { action: action.id, ...(place >= 0 && { place }) }] })];
    case 'set': {
      const { mean, variance } = sideOffBy(belief, effect.side);
      // Work of nought, or against a sign that is still open, is none.
      return Math.abs(mean) < LEAST_WORKED_MM || mean * mean < variance ? [] : beside(mean);
    }
    case 'hold':
    case 'wait':
      return beside(1);
    case 'plane':
    case 'strike':
    case 'unknown':
      return [];
  }
}
