import type { Note, Site } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import type { Outgoing } from './outbox';
import { readyToGo } from './readyToGo';
import { revised } from './write';

let sequence = 0;
function waits(kind: 'notes' | 'sites', body: Note | Site, more: Partial<Outgoing> = {}): Outgoing {
  sequence += 1;
  return { mark: `m${sequence}`, sequence, kind, body, ...more };
}
const note = (id: string, text = id): Note => ({ id, writtenAt: '2026-03-02T08:00:00Z', callId: 'call', text });
const { site } = exampleRecord();
const idsOf = (list: readonly Outgoing[]) => list.map(({ body }) => body.id);
const none = new Set<string>();

describe('what can go now', () => {
  it('is all that waits, in its order, so many at most and no more than the server takes as one', () => {
    const many = Array.from({ length: 5 }, (_, n) => waits('notes', note(`n${n}`)));
    expect(idsOf(readyToGo(many, none).batch)).toEqual(['n0', 'n1', 'n2', 'n3', 'n4']);
    expect(idsOf(readyToGo(many, none, 1).batch)).toEqual(['n0']);
    const long = Array.from({ length: 3 }, (_, n) => waits('notes', note(`l${n}`, 'x'.repeat(100_000))));
    expect(idsOf(readyToGo(long, none).batch)).toEqual(['l0']);
    expect(
      readyToGo(
        Array.from({ length: 300 }, () => waits('notes', note('n'))),
        none,
      ).batch,
    ).toHaveLength(200);
  });

  it('is nothing that was refused, that is set aside, or that names what is', () => {
    const aside = waits('notes', note('parent'));
    const before = waits('notes', note('before'), { sequence: 0 });
    const list = [
      { ...before, body: note('before', 'about parent') },
      aside,
      waits('notes', note('child', 'about parent')),
      waits('notes', note('grandchild', 'of child')),
    ];
    const refused = waits('notes', note('no'), { refused: 'no' });
    expect(idsOf(readyToGo([...list, refused, waits('notes', note('free'))], new Set([aside.mark])).batch)).toEqual(['before', 'free']);
  });

  it('a change made from a refused one follows it; one made from what the server has does not', () => {
    const ours = { ...revised(site, { remarks: 'Side gate' }), writtenAt: '2026-03-02T09:00:00Z' };
    const refused = waits('sites', ours, { refused: 'no', status: 409 });
    const follows = waits('sites', revised(ours, { contact: 'Porter' }));
    const theirs = { ...site, revision: 2, writtenAt: '2026-03-02T09:30:00Z' };
    const fromTheirs = waits('sites', revised(theirs, { contact: 'Caretaker' }));
    const ready = readyToGo([refused, follows, fromTheirs], none);
    expect([ready.followsRefused, ready.batch]).toEqual([[follows], [fromTheirs]]);
    const { madeFrom: _, ...unnamed } = revised(ours, { contact: 'Porter' });
    expect(readyToGo([refused, waits('sites', unnamed)], none).followsRefused).toHaveLength(1);
  });
});
