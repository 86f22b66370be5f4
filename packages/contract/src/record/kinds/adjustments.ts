import { HINGE_LEAVES, HINGE_NAMES, KEEP_IDS, SEAL_FEELS } from '@proper-swing/core';
import { ACTION_IDS } from '@proper-swing/core/doors';
import { PANEL_PLACES } from '@proper-swing/core/sliding/geometry/tableNames';
import { choice, flag, group, id, list, named, nullable, number, optional, text } from '@proper-swing/core/fields/field';
import { entry } from '../kind';

/** A piece of work as it was really done. */
export const adjustments = entry({
  kind: 'adjustments',
  title: 'Adjustment',
  table: 'adjustment',
  inCall: 'adjustments',
  parent: { field: 'callId', kind: 'calls' },
  fields: {
    callId: id('Call it was done on'),
    action: choice('What was done', ACTION_IDS),
    hinge: nullable(choice('At which hinge', HINGE_NAMES)),
    end: optional(
      choice('Where on a sliding panel: at the end that closes, the other, its top wheels, or a pivot of a bifold', PANEL_PLACES),
    ),
    leaf: optional(choice('At which leaf of the hinge', HINGE_LEAVES)),
    screws: optional(
      list('Which screws of the leaf, or cams of the keep, 1 at the top', number('One screw', { from: 1, to: 8, whole: true }), {
        most: 8,
      }),
    ),
    planned: nullable(number('Amount the plan asked for, in the unit given', {})),
    amount: number('Amount really done, in the unit given', { from: -500, to: 500 }),
    unit: named('Unit of the amount', 60),
    fromMm: nullable(number('For planing: timber off at the head or hinge end, mm; else null', { from: 0, to: 500 })),
    toMm: nullable(number('For planing: timber off at the other end, mm; else null', { from: 0, to: 500 })),
    keep: optional(choice('For a keep: which of the lock’s', KEEP_IDS)),
    felt: optional(
      group(
        'How it worked after this turn',
        {
          effort: optional(choice('Handle, door shut: 1 one finger, 2 one hand easily, 3 hard, 4 will not throw', [1, 2, 3, 4])),
          bounces: optional(flag('The shut door moves when pulled')),
          seal: optional(choice('Hinge side on its seal', SEAL_FEELS)),
        },
        {},
      ),
    ),
    part: optional(text('What was put in, such as a screw by its length', { longest: 120 })),
    minutes: optional(number('How long it took', { from: 0, to: 600 })),
    remark: text('What was seen while doing it', { longest: 500 }),
  },
});
