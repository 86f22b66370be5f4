import type { Site } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import { memoryStorage } from './memoryStorage.fixture';
import { withValue, type Card } from './mergeCards';
import { openOutbox } from './outbox';
import { settle, settleWhatCanBe, versionsOf } from './settleCards';
import { revised } from './write';

const site: Site = { ...exampleRecord().site, writtenAt: '2026-03-02T08:00:00.000Z' };
const at = (second: number) => `2026-03-02T09:00:${String(second).padStart(2, '0')}.000Z`;
const theirs: Site = { ...site, revision: 2, writtenAt: at(20), madeFrom: site.writtenAt, contact: 'Porter' };
const read = (revisions: readonly Card[]) => () => Promise.resolve([...revisions]);

/** A device that made changes, each from the one before, which the server refused. */
function refusedHere(...changes: Partial<Site>[]) {
  const outbox = openOutbox(memoryStorage());
  let card: Site = site;
  changes.forEach((change, n) => {
    card = { ...revised(card, change), writtenAt: at(n) };
    outbox.add('sites', card);
  });
  outbox.waiting().forEach((each) => outbox.refuse(each, 'Another revision is there.', 409));
  return outbox;
}

const waitingCards = (outbox: ReturnType<typeof openOutbox>) => outbox.waiting().map(({ body }) => body as Site);

describe('a card that two devices changed', () => {
  it('is brought together without asking where each changed something else: one revision, made from theirs', async () => {
    const outbox = refusedHere({ remarks: 'Side gate' }, { address: '5 Mill Row' });
    await settleWhatCanBe(outbox, read([site, theirs]));
    expect(waitingCards(outbox)).toMatchObject([
      { revision: 3, madeFrom: theirs.writtenAt, contact: 'Porter', remarks: 'Side gate', address: '5 Mill Row' },
    ]);
    expect(outbox.waiting()[0]?.refused).toBeUndefined();
  });

  it('leaves nothing to send where theirs holds it all', async () => {
    const outbox = refusedHere({ contact: 'Porter' });
    await settleWhatCanBe(outbox, read([site, theirs]));
    expect(outbox.waiting()).toEqual([]);
  });

  it('waits for a person where both changed one thing, and shows both', async () => {
    const outbox = refusedHere({ contact: 'Caretaker', remarks: 'Side gate' });
    await settleWhatCanBe(outbox, read([site, theirs]));
    const [refused] = outbox.waiting();
    expect(refused).toMatchObject({ refused: 'Another revision is there.' });
    const versions = await versionsOf(outbox, refused as never, read([site, theirs]));
    expect(versions?.conflicts).toMatchObject([{ path: ['contact'], ours: 'Caretaker', theirs: 'Porter' }]);
  });

  it('ours chosen is one revision; theirs chosen leaves ours in the history, and then stands', async () => {
    const settled = async (choice: 'ours' | 'theirs') => {
      const outbox = refusedHere({ contact: 'Caretaker', remarks: 'Side gate' });
      const versions = await versionsOf(outbox, outbox.waiting()[0] as never, read([site, theirs]));
      if (versions === undefined) throw new Error('no versions');
      settle(outbox, versions, choice === 'ours' ? versions.card : withValue(versions.card, ['contact'], 'Porter'));
      return waitingCards(outbox).map(({ revision, contact, remarks }) => [revision, contact, remarks]);
    };
    expect(await settled('ours')).toEqual([[3, 'Caretaker', 'Side gate']]);
    expect(await settled('theirs')).toEqual([
      [3, 'Caretaker', 'Side gate'],
      [4, 'Porter', 'Side gate'],
    ]);
  });

  it('what was changed from is found by its moment, or by its number where an earlier program named none', async () => {
    const outbox = openOutbox(memoryStorage());
    const { madeFrom: _, ...unnamed } = { ...revised(site, { remarks: 'Side gate' }) };
    outbox.refuse(outbox.add('sites', unnamed), 'no', 409);
    await settleWhatCanBe(outbox, read([site, theirs, { ...theirs, revision: 3, writtenAt: at(40), name: 'Annexe' }]));
    expect(waitingCards(outbox)).toMatchObject([
      { revision: 4, madeFrom: at(40), name: 'Annexe', contact: 'Porter', remarks: 'Side gate' },
    ]);
  });

  it('where nobody knows what it was made from, every difference is asked about: theirs is not wiped out', async () => {
    const outbox = refusedHere({ remarks: 'Side gate' });
    const other = { ...theirs, writtenAt: at(40), remarks: 'Ring twice' };
    const revisions = read([{ ...site, writtenAt: at(50) }, other]);
    await settleWhatCanBe(outbox, revisions);
    const versions = await versionsOf(outbox, outbox.waiting()[0] as never, revisions);
    expect(versions?.conflicts.map(({ path }) => path[0])).toEqual(['contact', 'remarks']);
  });

  it('an entry, another refusal, and a card the server does not have are no such thing', async () => {
    const outbox = openOutbox(memoryStorage());
    const note = outbox.add('notes', { id: 'n', writtenAt: at(1), callId: 'c', text: 'x' });
    outbox.refuse(note, 'Another one is there.', 409);
    outbox.refuse(outbox.add('sites', theirs), 'A field is wrong.', 422);
    const asked = jest.fn(read([]));
    await settleWhatCanBe(outbox, asked);
    expect(asked).not.toHaveBeenCalled();
    const [, card] = outbox.waiting();
    expect(await versionsOf(outbox, { ...(card as NonNullable<typeof card>), status: 409 }, asked)).toBeUndefined();
  });
});
