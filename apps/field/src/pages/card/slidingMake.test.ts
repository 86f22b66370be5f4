import { lengthWords } from '../../design/lengthWords';
import { examplePanel } from '../../record/exampleRecord';
import { cardDraftOf, cardsFrom, type CardDraft } from './cardDraft';
import { faultsOfCards } from './checkCards';

const { bare } = lengthWords({ system: 'mm' });
const ID = '01932b7e-7d1c-7000-8000-000000000001';
const example = examplePanel();
const record = { ...example, door: { ...example.door, id: ID, siteId: ID } };
const changed = (change: Partial<CardDraft>) => cardsFrom({ ...cardDraftOf(record, bare), ...change }, record, { units: 'mm', bare });

describe('the card of a sliding door put right', () => {
  it('is written only where something was changed, and keeps what nobody knows unknown', () => {
    expect(changed({})).toEqual({ errors: {}, changed: {} });
    const { changed: cards } = changed({ glassMm: '8', liftsBy: 'clockwise', panels: '3', slides: '2', mmPerTurn: '1.6' });
    expect(cards.door).toMatchObject({
      revision: 2,
      kind: 'sliding',
      make: { panelKind: 'glass', glassMm: 8, liftsBy: 'clockwise', panels: 3, slides: 2, mmPerTurn: 1.6, panelWidthMm: 900 },
    });
    expect(cards.door?.make).not.toHaveProperty('channelMm');
    expect(faultsOfCards(cards, [])).toEqual({});
  });

  it('says at the field what cannot be read, and what makes no sense', () => {
    expect(changed({ panels: 'two' }).errors).toEqual({ panels: 'Type a whole number.' });
    expect(changed({ panelWidthMm: 'wide' }).errors.panelWidthMm).toBeTruthy();
    expect(faultsOfCards(changed({ panels: '2', slides: '4' }).changed, [])).toEqual({ slides: 'There are not so many panels' });
  });

  it('what is emptied is not known any more', () => {
    const known = { ...record, door: { ...record.door, make: { ...record.door.make, glassMm: 8, screwsAt: 'plugs' as const } } };
    const draft = { ...cardDraftOf(known, bare), glassMm: '', screwsAt: '' };
    expect(cardsFrom(draft, known, { units: 'mm', bare }).changed.door?.make).toMatchObject({ glassMm: null, screwsAt: null });
  });
});
