import type { Belief } from '../inference/belief';
import { setsSlab } from '../model/action';
import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import { DOES_WITHIN_MM, setsOnly, share, type Candidate } from './candidate';
import type { Correction } from './correction';

/** Setting alone will do when it makes the door true with this chance. */
const SETTING_DOES_FROM = 0.3;
/** Before every gap has been gauged again it is given up only below this chance. */
const SETTING_FAILS_BELOW = 0.12;

type SettingAlone = Correction['settingAlone'];

/** Whether the door comes inside its limits by setting its places and no timber off, and how likely it is then what it should be. */
export function settingAloneOf(model: DoorModel, candidates: readonly Candidate[], leftAlone: Candidate): SettingAlone {
  const setting = candidates.filter((each) => setsOnly(model, each));
  const asFound = share(leftAlone.isTrue);
  return {
    can: setting.some(({ found }) => found.outside <= DOES_WITHIN_MM) || leftAlone.chances.book >= SETTING_DOES_FROM,
    chanceTrue: Math.max(asFound, ...setting.map(({ isTrue }) => share(isTrue))),
  };
}

/** Whether timber may come off: where setting cannot do, where it was tried and did not, or where that is what cures the cause. */
export function mayPlane(
  { model, done }: Belief,
  treat: readonly Cause[],
  { can, chanceTrue }: SettingAlone,
  isHalfChecked: boolean,
): boolean {
  const isCuredByPlaning = treat.some(({ cures }) => cures.some((id) => model.action(id).effect.kind === 'plane'));
  // Once the places have been set and every gap gauged, a chance that small is no longer for want of readings.
  const settingFailed =
    done.some(({ action }) => setsSlab(model.action(action))) && chanceTrue < (isHalfChecked ? SETTING_FAILS_BELOW : SETTING_DOES_FROM);
  return !can || settingFailed || isCuredByPlaning;
}
