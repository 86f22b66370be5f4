import type { HingeName } from '../card/doorKinds';
import type { ActionId } from '../names/actionIds';
import { action } from './actions';

/** Work at one hinge that the tables know by another name at another. */
const KNOWN_AS: Readonly<Partial<Record<ActionId, Readonly<Partial<Record<HingeName, ActionId>>>>>> = {
  tighten: { bottom: 'tightenBottom' },
  tightenBottom: { top: 'tighten' },
  longScrew: { bottom: 'longScrewBottom' },
  longScrewBottom: { top: 'longScrew' },
  // A plugged hole and a longer screw hold the bottom leaf alike.
  fillHoles: { bottom: 'longScrewBottom' },
  fillSlabHoles: { bottom: 'longScrewBottom' },
  bendPin: { bottom: 'bendNextPin' },
};

/**
 * The name of work by the tables, at the hinge it was done at. A cure at another hinge than its own has cured nothing that is known of: it may
 * have moved the slab there, as other work may.
 */
export function knownAs(id: ActionId, hinge: HingeName | undefined): ActionId {
  if (hinge === undefined) return id;
  const known = KNOWN_AS[id]?.[hinge] ?? id;
  const { at, effect } = action(known);
  return effect.kind === 'cure' && at !== undefined && at !== hinge ? 'otherWork' : known;
}
