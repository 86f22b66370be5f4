import { finding, type NextBest } from '@proper-swing/core/doors';
import { onlineManager } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { outbox } from '../offline/outbox';
import { exampleAdjustment, examplePanel, exampleRecord } from '../record/exampleRecord';
import { observedAt } from '../record/observed';
import { nextBestOf } from '../engine/askEngine.fixture';
import { NextBestCard } from './NextBestCard';

const record = exampleRecord({
  found: { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.bottom': 1.8, 'head.latch': 5, 'head.hinge': 3 },
});

// What is answered stays in the outbox: nothing is sent from a unit test.
beforeAll(() => onlineManager.setOnline(false));
afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

describe('what to read next', () => {
  it('asks the check that tells most, with the reason, and writes its answer', () => {
    const next = nextBestOf(observedAt(record, 'found'));
    const check = next.choices.find(({ kind }) => kind === 'finding');
    if (check === undefined) throw new Error('no check');
    render(<NextBestCard record={record} next={{ ...next, choices: [check] }} />);
    expect(screen.getByText(check.title)).toBeTruthy();
    expect(screen.getByText(check.howTo)).toBeTruthy();
    expect(screen.getByTestId('next-why')).toHaveTextContent(new RegExp(check.why.slice(1)));
    const [first] = screen.getAllByRole('radio');
    if (first === undefined) throw new Error('no answer');
    fireEvent.press(first);
    expect(outbox.waiting().map(({ kind, body }) => [kind, 'finding' in body && body.finding])).toEqual([['findings', check.id]]);
  });

  it('offers to read a station, and names the others with their reasons', () => {
    const next: NextBest = {
      enough: false,
      checks: [],
      choices: [
        {
          kind: 'station',
          id: 'plumb.hinge',
          title: 'Hinge leg, plumb',
          howTo: 'Level on the leg.',
          minutes: 0.5,
          bits: 0.4,
          why: 'tells a racked frame from loose top screws',
        },
        {
          kind: 'finding',
          id: 'liftPlay',
          title: 'Lift the latch edge: play?',
          howTo: '',
          minutes: 0.3,
          bits: 0.3,
          why: 'tells loose top screws from worn pins',
        },
      ],
    };
    render(<NextBestCard record={record} next={next} />);
    expect(screen.getByTestId('read-next')).toBeTruthy();
    expect(screen.getByText('Tells a racked frame from loose top screws. About 30 seconds.')).toBeTruthy();
    expect(screen.getByText('Or lift the latch edge: tells loose top screws from worn pins.')).toBeTruthy();
  });

  it('after work an answer about the door as it is now goes with the work; what lies behind it, and what cannot be had, does not', () => {
    // What was told in words alone the engine makes nothing of: an answer would be lost with it.
    const inWords = exampleAdjustment('z2', { action: 'workOnPanel', hinge: null });
    const worked = { ...examplePanel(), adjustments: [exampleAdjustment('z1', { action: 'cleanTrack', hinge: null }), inWords] };
    const asked = (id: 'wheels' | 'began', answer: string) => {
      const { title, howTo, minutes } = { ...finding(id), title: finding(id).question };
      const choice = { kind: 'finding' as const, id, title, howTo, minutes, bits: 0.4, why: 'tells' };
      render(<NextBestCard record={worked} next={{ enough: false, checks: [], choices: [choice] }} />);
      fireEvent.press(screen.getByTestId(answer));
      const body = outbox.waiting().at(-1)?.body;
      screen.unmount();
      return body && 'adjustmentId' in body ? body.adjustmentId : undefined;
    };
    expect(asked('wheels', 'check-wheels-stiff')).toBe('z1');
    expect([asked('wheels', 'cannot-wheels'), asked('began', 'check-began-slowly')]).toEqual([undefined, undefined]);
  });

  it('says when it is enough', () => {
    render(<NextBestCard record={record} next={{ enough: true, choices: [], checks: [] }} />);
    expect(screen.getByText('More readings would not change the plan.')).toBeTruthy();
  });
});
