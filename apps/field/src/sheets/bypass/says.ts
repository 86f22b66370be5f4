import type { BypassSheet } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

type Align = NonNullable<BypassSheet['align']>;

const PANELS: Readonly<Record<Align['panel'], string>> = { front: 'front panel', back: 'panel behind' };

/** Which panel goes which way, and by how much at both of its hangers. */
export function alignSays({ panel, way, quarters }: Align): string {
  if (quarters === 0) return 'Feet level: leave them';
  const turns = quarters === 1 ? 'a quarter turn' : `${quarters / 4} ${quarters === 4 ? 'turn' : 'turns'}`;
  return `${way === 'raise' ? 'Raise' : 'Lower'} the ${PANELS[panel]} ${turns} at both hangers`;
}

export function bypassSays({ overlapMm, guidesMm, cutHeightMm }: BypassSheet, { withUnit, bare }: LengthWords): string {
  const guides = guidesMm.map((each) => bare(each)).join(' and ');
  const cut = cutHeightMm !== undefined && cutHeightMm > 0 ? `, ${withUnit(cutHeightMm)} off the foot` : '';
  return overlapMm < 0
    ? `They do not meet: ${withUnit(-overlapMm)} are missing at each joint.`
    : `Overlap ${withUnit(overlapMm)}, guide at ${guides}${cut}.`;
}
