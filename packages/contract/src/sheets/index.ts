import { SHEET_NAMES, type SheetName } from '@proper-swing/core/sheets/names';
import { SHEETS as CALCULATIONS } from '@proper-swing/core/sheets/register';
import type { EngineFunction } from '../engine/engineFunction';
import { schemaOf } from '../fields/schema';
import { withoutAbsent } from '../fields/withoutAbsent';

/** A calculation of the bench with the checks made from its description. */
export interface Sheet extends EngineFunction {
  name: SheetName;
}

const CHECKED = new Map<SheetName, Sheet>(
  SHEET_NAMES.map((name) => {
    const { request, faults, result, run, ...own } = CALCULATIONS[name];
    const checked = { request: schemaOf(request, faults), result: schemaOf(result) };
    return [name, { ...own, ...checked, run: (given: object) => run(withoutAbsent(given) as never) }];
  }),
);

/** In the order the bench shows them. */
export const SHEETS: readonly Sheet[] = [...CHECKED.values()];

/** @throws RangeError when there is no such calculation */
export function sheet(name: SheetName): Sheet {
  const found = CHECKED.get(name);
  if (found === undefined) throw new RangeError(`There is no calculation "${name}".`);
  return found;
}

export { SHEET_NAMES, type SheetName } from '@proper-swing/core/sheets/names';
