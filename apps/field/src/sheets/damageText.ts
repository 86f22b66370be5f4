import { DomainError } from '@proper-swing/core';
import { DAMAGE_KINDS, JAMB_PARTS, type Damage } from '@proper-swing/core/sheets';

/** Damages as they stand in the field of the survey, mm: `soft outer 0-240 20; kicked inner 820-1260`. */
export const writeDamages = (damages: readonly Damage[]): string =>
  damages
    .map(({ kind, part, fromMm, toMm, depthMm }) => `${kind} ${part} ${fromMm}-${toMm}${depthMm === undefined ? '' : ` ${depthMm}`}`)
    .join('; ');

const ONE = /^(\w+) (\w+) ([\d.]+)-([\d.]+)(?: ([\d.]+))?$/;

/**
 * Reads them again.
 *
 * @throws DomainError `damage.text` for what is none
 */
export function readDamages(text: string): Damage[] {
  return text
    .split(';')
    .map((each) => each.trim())
    .filter(Boolean)
    .map((each) => {
      const [, kind, part, from, to, depth] = ONE.exec(each) ?? [];
      const known = DAMAGE_KINDS.find((id) => id === kind);
      const of = JAMB_PARTS.find((id) => id === part);
      if (known === undefined || of === undefined) throw new DomainError('damage.text', 'damages', `Cannot read “${each}” as damage.`);
      return { kind: known, part: of, fromMm: Number(from), toMm: Number(to), ...(depth !== undefined && { depthMm: Number(depth) }) };
    });
}
