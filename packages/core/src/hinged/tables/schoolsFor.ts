import type { HingedDoor } from '../card/door';
import { school, SCHOOL_IDS, type SchoolId } from '../card/schools';
import { action, isForbiddenOn } from './actions';

/** The points on which there is a choice on this door: some action that a way leaves out may be done there. */
export function schoolsFor(door: HingedDoor): SchoolId[] {
  return SCHOOL_IDS.filter((id) =>
    Object.values(school(id).ways).some(({ leavesOut }) => leavesOut.some((a) => !isForbiddenOn(action(a), door))),
  );
}
