import type { ActionEntry } from './actionEntry';
import { NOT_ADJUSTABLE } from './rulings';

/** A file takes this much off a strike, then the strike is moved, mm (common practice, no source). */
export const FILE_UP_TO_MM = 2;
/** A bolt this far off its strike still goes in, mm (common practice, no source). */
export const BOLT_ROOM_MM = 1.8;
/** Room that filing leaves beyond the bolt, mm (common practice, no source). */
export const FILED_ROOM_MM = 0.5;
/** A strike's tab bends about so far, mm (common practice, no source). */
export const TAB_UP_TO_MM = 2;

/** Work at the strike, the keeps and the stop. Times and chances are common practice, no source. */
export const STRIKE_ACTIONS = {
  turnKeeps: {
    order: 4,
    title: 'Set the keeps, centre first',
    unit: 'lock',
    effect: { kind: 'wait', cures: ['keepsOut'] },
    amounts: [1],
    minutes: { first: 15, each: 0 },
    irreversibility: 0,
    holds: 0.9,
    forbidden: NOT_ADJUSTABLE,
    // Stiff with the door open too it is the lock itself, and no keep helps.
    whenFound: { finding: 'handle', answers: ['stiffShut'] },
    steps: [
      'The centre keep first, to take out the bounce.',
      'Then the hook keeps; an eccentric cam at most a quarter turn before trying again.',
      'Try the handle after each.',
    ],
    cautions: ['security'],
    stopIf: 'A cam has come to its end: never turn it right round.',
  },
  fileStrike: {
    order: 12,
    title: 'File the strike',
    unit: 'mm',
    // How far off the bolt may be, of which it clears its usual room without the file.
    effect: { kind: 'strike', upToMm: BOLT_ROOM_MM + FILE_UP_TO_MM - FILED_ROOM_MM, leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 12, each: 0 },
    irreversibility: 2,
    holds: 0.95,
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: ['Colour the bolt, close the door, read the mark.', 'File the side of the hole that the mark shows, a little at a time.'],
    cautions: ['eyes'],
    stopIf: `More than about ${FILE_UP_TO_MM} mm has to go: move the strike instead.`,
  },
  moveStrike: {
    order: 12,
    title: 'Move the strike',
    unit: 'mm',
    effect: { kind: 'strike', upToMm: 15, leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 20, each: 0 },
    irreversibility: 3,
    holds: 0.95,
    parts: 'hardwood plugs, filler',
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: [
      'Colour the bolt, close the door, read the mark.',
      'Mark the new outline, pare the recess, plug the old holes.',
      'One screw, try the latch, then the rest.',
    ],
    cautions: ['security'],
    stopIf: 'The new screw holes break into the old: plug and let the glue cure.',
  },
  bendTab: {
    order: 5,
    title: 'Bend the strike’s tab',
    unit: 'mm',
    effect: { kind: 'set', side: 'offStop', cures: ['strikeDepth'], leftSdMm: 0.35 },
    amounts: [],
    minutes: { first: 5, each: 0 },
    irreversibility: 0,
    holds: 0.85,
    forbidden: { why: '' },
    steps: [
      'Bend the tab in the strike toward the stop for a rattle, away for a push, a little at a time.',
      'Close it with one finger and try to rattle it.',
    ],
    cautions: ['pinch'],
    stopIf: 'The tab has no more to give: move the strike.',
  },
  moveStrikeDepth: {
    order: 6,
    title: 'Move the strike in or out',
    unit: 'mm',
    effect: { kind: 'set', side: 'offStop', cures: ['strikeDepth'], leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 20, each: 0 },
    irreversibility: 3,
    holds: 0.96,
    parts: 'hardwood plugs, filler',
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: ['Mark where the flat of the bolt lies with the slab on its stop.', 'Move the strike to it, plug the old holes.'],
    cautions: ['security'],
    stopIf: 'The lining splits: glue it before going on.',
  },
  moveStop: {
    order: 5,
    title: 'Move the stop to the slab',
    unit: 'mm',
    effect: { kind: 'set', side: 'inPlane', cures: ['twistedOpening', 'warpedSlab'], leftSdMm: 0.6 },
    amounts: [],
    minutes: { first: 25, each: 0 },
    irreversibility: 2,
    holds: 0.9,
    parts: 'brads, filler, paint',
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      why: 'The stop of a fire door carries its seal; the rebate of a composite frame cannot be moved.',
    },
    steps: ['Close the door to its latch; scribe the stop’s new line off the slab.', 'Ease the stop off, refix it to the line.'],
    cautions: ['oldPaint'],
    stopIf: 'The stop is part of the leg: plane its face instead, or refer on.',
  },
} as const satisfies Record<string, ActionEntry>;
