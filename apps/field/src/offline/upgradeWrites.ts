import type { RecordKind } from '@proper-swing/contract';

/** The form of the writes that this program keeps. Raised with an upgrade below when the form of a record changes. */
export const WRITE_VERSION = 2;

type Body = Readonly<Record<string, unknown>>;

/** What brings a write of a version to the next; kinds that are not named stay as they are. */
const UPGRADES: Readonly<Record<number, Partial<Record<RecordKind, (body: Body) => Body>>>> = {
  // A door has a kind, and how it is made stands by itself.
  1: {
    // The first of all did not yet tell how much a plane took off.
    adjustments: (body) => ({ fromMm: null, toMm: null, ...body }),
    doors: ({ id, revision, writtenAt, siteId, title, ...make }) => ({ id, revision, writtenAt, siteId, title, kind: 'hinged', make }),
  },
};

/** The body of a write that was kept by an earlier program, in the form of today. */
export function upgradedBody(kind: RecordKind, body: Body, version: number): Body {
  let now = body;
  for (let from = version; from < WRITE_VERSION; from += 1) now = UPGRADES[from]?.[kind]?.(now) ?? now;
  return now;
}
