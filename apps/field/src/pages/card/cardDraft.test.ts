import { lengthWords } from '../../design/lengthWords';
import { exampleRecord } from '../../record/exampleRecord';
import { cardDraftOf, cardsFrom, hingesByLayout, type CardDraft } from './cardDraft';
import { faultsOfCards } from './checkCards';

const example = exampleRecord({ found: {} });
const [siteId, id] = ['01926b5e-7c00-7000-8000-000000000001', '01926b5e-7c00-7000-8000-000000000002'];
const record = { ...example, site: { ...example.site, id: siteId }, door: { ...example.door, id, siteId } };
const { bare } = lengthWords({ system: 'mm' });
const draft = cardDraftOf(record, bare);
const changed = (change: Partial<CardDraft>) => cardsFrom({ ...draft, ...change }, record, { units: 'mm', bare });

describe('cards put right', () => {
  it('are written only where something was changed, each as its next revision', () => {
    expect(changed({})).toEqual({ errors: {}, changed: {} });
    const { changed: cards } = changed({ address: ' 4 Mill Lane ', hingeKind: 'faceFixed', thicknessMm: '44' });
    expect(cards.call).toBeUndefined();
    expect(cards.site).toMatchObject({ id: record.site.id, revision: 2, address: '4 Mill Lane', name: record.site.name });
    expect(cards.door).toMatchObject({
      revision: 2,
      make: { hingeKind: 'faceFixed', thicknessMm: 44, hingeHeightsMm: record.door.make.hingeHeightsMm },
    });
    expect(faultsOfCards(cards, [])).toEqual({});
  });

  it('keep what was measured where its text was not touched, whatever it is written in', () => {
    const inches = lengthWords({ system: 'in' });
    const measured = { ...record, door: { ...record.door, make: { ...record.door.make, slabWidthMm: 761.4 } } };
    const typed = { ...cardDraftOf(measured, inches.bare), slabHeightMm: '80' };
    const { door } = cardsFrom(typed, measured, { units: 'in', bare: inches.bare }).changed;
    expect(door?.make).toMatchObject({ slabWidthMm: 761.4, slabHeightMm: 2032 });
  });

  it('say at the field what cannot be read, and what is no door', () => {
    expect(changed({ slabWidthMm: 'wide' }).errors.slabWidthMm).toBeTruthy();
    expect(changed({ scheduledFor: 'soon' }).errors.scheduledFor).toMatch(/^Type it as/);
    const faults = (change: Partial<CardDraft>) => Object.keys(faultsOfCards(changed(change).changed, ['middle']));
    expect(faultsOfCards(changed({ slabWidthMm: '40', hingeHeightsMm: '1750, 165' }).changed, [])).toEqual({
      slabWidthMm: 'Must be greater than or equal to 200 mm',
      hingeHeightsMm: 'Must run from the top down',
    });
    expect(faults({ slabWidthMm: '40' })).toEqual(['slabWidthMm']);
    expect(faults({ title: '  ' })).toEqual(['title']);
    expect(faults({ name: '' })).toEqual(['name']);
    expect(faults({ hingeHeightsMm: '165, 2500' })).toEqual(['hingeHeightsMm']);
    expect(faults({ hingeHeightsMm: '1750, 165' })).toEqual(['hingeHeightsMm']);
    // Work stands at the middle hinge: it cannot vanish from under it.
    expect(faults({ hingeHeightsMm: '165, 1750' })).toEqual(['hingeHeightsMm']);
    expect(faults({ hingeHeightsMm: '165, 900, 1750' })).toEqual([]);
  });

  it('move the call to another day', () => {
    const { call } = changed({ scheduledFor: '3 Dec 2026 08:30' }).changed;
    expect(call?.scheduledFor).toBe(new Date(2026, 11, 3, 8, 30).toISOString());
  });

  it('have hinges filled in by a layout of the trade, and none while the height cannot be read', () => {
    const by = (height: string) => hingesByLayout('sevenAndEleven', 3, { ...draft, slabHeightMm: height }, 'mm', bare);
    expect([by('1981'), by('tall')]).toEqual(['178, 940, 1702', undefined]);
  });
});
