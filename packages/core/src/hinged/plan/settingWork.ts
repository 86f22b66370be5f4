import type { PlaningLine } from '../../model/planingLine';
import type { HingedDoor } from '../card/door';
import type { HingeName } from '../card/doorKinds';
import type { EdgeId } from '../card/profiles';
import type { ActionId } from '../names/actionIds';
import { action, isForbiddenOn } from '../tables/actions';
import type { Setting } from './whatIf';

/** A piece of work that a setting is made by. */
export interface SettingWork {
  action: ActionId;
  hinge?: HingeName;
  /** In units of the action; for planing, mm at the deepest. */
  amount: number;
  planed?: PlaningLine<EdgeId>;
}

/** By what a hinge is moved, and the slab lowered or planed: the first that this door allows. */
const BY: Readonly<Record<'out' | 'in' | 'lower' | 'plane', readonly ActionId[]>> = {
  out: ['turnSideways', 'shim'],
  in: ['turnSideways', 'deepen'],
  lower: ['turnHeight'],
  plane: ['planeLatch'],
};

/** The work that a setting is made by on this door, and whether some of it is no work that is allowed here. */
export function workOfSetting(door: HingedDoor, { hinges, lowerMm, planed }: Setting): { works: SettingWork[]; isWhole: boolean } {
  const allowed = (ids: readonly ActionId[]) => ids.find((id) => !isForbiddenOn(action(id), door));
  const wanted = [
    ...hinges.filter(({ mm }) => mm !== 0).map(({ hinge, mm }) => moved(allowed(mm > 0 ? BY.out : BY.in), mm, hinge)),
    ...(lowerMm === 0 ? [] : [moved(allowed(BY.lower), lowerMm)]),
    ...planed.map((line): SettingWork | undefined => {
      const id = allowed(BY.plane);
      return id && { action: id, amount: Math.max(line.fromMm, line.toMm), planed: line };
    }),
  ];
  return {
    works: wanted.filter((work): work is SettingWork => work !== undefined && work.amount !== 0),
    isWhole: wanted.every((work) => work !== undefined),
  };
}

/** Work that moves something by so many mm; none where nothing is allowed. */
function moved(id: ActionId | undefined, mm: number, hinge?: HingeName): SettingWork | undefined {
  if (id === undefined) return undefined;
  const { effect } = action(id);
  const mmPerUnit = effect.kind === 'shift' || effect.kind === 'lower' ? effect.mmPerUnit : 1;
  return { action: id, amount: Math.round(mm / mmPerUnit), ...(hinge && { hinge }) };
}
