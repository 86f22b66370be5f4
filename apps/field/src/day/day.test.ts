import { CALL_STATES, type CallState, type CallSummary } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import { CALL_MOVES, isOpen, movesFrom, stateWords } from './callMoves';
import { dialLink, mapLink } from './contactLinks';
import { dayBook, visitsOf } from './dayBook';
import { dayKey, dayWords, momentOf, timeOf } from './days';

const NOW = new Date(2026, 10, 30, 10, 15);

function at(id: string, day: number, time: string, state: CallState = 'open', siteId = `site of ${id}`): CallSummary {
  const { call, door, site } = exampleRecord({});
  const moment = momentOf(dayKey(new Date(2026, 10, 30 + day)), time);
  if (moment === undefined) throw new RangeError(time);
  return {
    ...{ door, site: { ...site, id: siteId }, readingCount: 0, adjustmentCount: 0 },
    call: { ...call, id, state, scheduledFor: moment.toISOString() },
  };
}

const ids = (list: readonly CallSummary[] | undefined) => (list ?? []).map(({ call }) => call.id);

describe('the book of the day', () => {
  it('holds every open call somewhere, whatever its date and state', () => {
    const states = CALL_STATES.flatMap((state) => [-400, -1, 0, 1, 6, 7, 90].map((day) => at(`${state} ${day}`, day, '09:00', state)));
    const { openOn, unsettled } = dayBook(states, NOW);
    const shown = [...[...openOn.values()].flat(), ...unsettled];
    expect(ids(shown).sort()).toEqual(ids(states.filter(({ call }) => isOpen(call))).sort());
  });

  it('keeps today by time, what wants a day apart, and what is closed apart from what is open', () => {
    const book = dayBook(
      [
        at('late', 0, '15:00'),
        at('early', 0, '08:00'),
        at('tried', 0, '07:30', 'noAccess'),
        at('old', -3, '12:00'),
        at('done', 0, '07:00', 'done'),
        at('before', -2, '07:00', 'done'),
        at('earlier', -9, '07:00', 'done'),
        at('off', 0, '06:00', 'cancelled'),
        at('tomorrow', 1, '09:00'),
        at('far', 40, '09:00'),
      ],
      NOW,
    );
    expect(ids(book.openOn.get(dayKey(NOW)))).toEqual(['early', 'late']);
    expect(ids(book.openOn.get('2026-12-01'))).toEqual(['tomorrow']);
    expect(book.later).toEqual(['2027-01-09']);
    expect(ids(book.unsettled)).toEqual(['old', 'tried']);
    expect(ids(book.closedToday)).toEqual(['off', 'done']);
    expect(ids(book.doneBefore)).toEqual(['before', 'earlier']);
  });

  it('what is under way is next, also when it began the day before; else the first that is due', () => {
    expect(dayBook([at('early', 0, '08:00'), at('here', 0, '09:00', 'onSite')], NOW).next?.call.id).toBe('here');
    const overNight = dayBook([at('early', 0, '08:00'), at('night', -1, '22:00', 'onSite')], NOW);
    expect([overNight.next?.call.id, ids(overNight.openOn.get(dayKey(NOW)))]).toEqual(['night', ['night', 'early']]);
    expect(dayBook([at('late', 0, '15:00'), at('early', 0, '08:00')], NOW).next?.call.id).toBe('early');
    expect(dayBook([at('tomorrow', 1, '08:00'), at('old', -1, '08:00')], NOW).next?.call.id).toBe('tomorrow');
    expect(dayBook([at('done', 0, '08:00', 'done')], NOW).next).toBeUndefined();
  });

  it('doors of one site at one time are one visit', () => {
    const calls = [
      at('kitchen', 0, '08:00', 'open', 'mill'),
      at('loft', 0, '08:00', 'open', 'mill'),
      at('later', 0, '09:00', 'open', 'mill'),
    ];
    expect(visitsOf(calls).map((visit) => ids(visit.calls))).toEqual([['kitchen', 'loft'], ['later']]);
  });
});

describe('where a call stands', () => {
  it('every state has its words and a way on, and a closed one can be opened again', () => {
    for (const state of CALL_STATES) {
      expect(stateWords(state)).not.toBe('');
      expect(movesFrom(state)).not.toEqual([]);
      expect(movesFrom(state).map(({ to }) => to)).not.toContain(state);
    }
    expect(movesFrom('done').map(({ to }) => to)).toEqual(['open']);
    expect(movesFrom('cancelled').map(({ to }) => to)).toEqual(['open']);
    expect(movesFrom('onSite').map(({ to }) => to)).toEqual(['noAccess', 'comeBack', 'cancelled']);
  });

  it('what leaves a call undone asks why', () => {
    const asking = CALL_MOVES.filter(({ reasons }) => reasons !== undefined).map(({ to }) => to);
    expect(asking).toEqual(['noAccess', 'comeBack', 'cancelled']);
  });
});

describe('days and times', () => {
  it('a day is told by what it is to the person, with the year where it is another', () => {
    const words = (day: number) => dayWords(new Date(2026, 10, 30 + day, 23, 59), NOW);
    expect([words(0), words(1), words(-1), words(2), words(45)]).toEqual([
      'Today',
      'Tomorrow',
      'Yesterday',
      'Wed 2 December',
      'Thu 14 January 2027',
    ]);
  });

  it('what stands in a form is a moment of this device, or none', () => {
    const moment = momentOf('2026-12-01', '07:45');
    expect(moment && [dayKey(moment), timeOf(moment)]).toEqual(['2026-12-01', '07:45']);
    expect([momentOf('2026-02-30', '07:45'), momentOf('', '07:45'), momentOf('2026-12-01', '25:00'), momentOf('2026-12-01', '')]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe('links of a site', () => {
  it('a number among what is written of whom to ask can be dialled', () => {
    expect(dialLink('Mrs Vale, (01632) 960 141 after six')).toEqual({ number: '(01632) 960 141', href: 'tel:01632960141' });
    expect(dialLink('+44 1632 960141')?.href).toBe('tel:+441632960141');
    expect([dialLink('Flat 7, ring twice'), dialLink('')]).toEqual([undefined, undefined]);
  });

  it('an address can be looked for on the device’s maps', () => {
    const links = ['Linux; Android 15', 'iPhone; CPU', 'X11; Linux'].map((device) => mapLink('4 Weir Lane & Mill', device));
    expect(links).toEqual([
      'geo:0,0?q=4%20Weir%20Lane%20%26%20Mill',
      'maps:?q=4%20Weir%20Lane%20%26%20Mill',
      'https://www.openstreetmap.org/search?query=4%20Weir%20Lane%20%26%20Mill',
    ]);
    expect(mapLink('  ', 'X11; Linux')).toBeUndefined();
  });
});
