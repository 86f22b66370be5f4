import { lengthWords } from '../../design/lengthWords';
import { exampleAdjustment, exampleRecord } from '../../record/exampleRecord';
import { observedAt } from '../../record/observed';
import type { Adjustment } from '@proper-swing/contract';
import { station, type ActionId, type Observed } from '@proper-swing/core/doors';
import { onlineManager } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { outbox } from '../../offline/outbox';
import { deviceStorage } from '../../offline/storage';
import { correctionOf } from '../../engine/askEngine.fixture';
import { StepCard } from './StepCard';

const words = lengthWords({ system: 'mm' });
const record = exampleRecord({
  found: {
    ...{ 'latch.top': 'rubs', 'latch.mid': 2.6, 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.mid': 3, 'hinge.bottom': 1.8 },
    ...{ 'head.latch': 5, 'head.mid': 4, 'head.hinge': 3 },
  },
});
const observed = { ...observedAt(record, 'found'), findings: [{ finding: 'topScrews', answer: 'loose' } as const] };
const stepsOf = (of: Observed, without: ActionId[] = []) => correctionOf(of, without).plans.flatMap(({ steps }) => steps);
const byAction = (action: ActionId) => stepsOf(observed).find((step) => step.action === action);
const [longScrew, tighten] = [byAction('longScrew'), byAction('tighten')];
const bound = exampleRecord({
  found: {
    ...{ 'latch.top': 4.8, 'latch.mid': 4.7, 'latch.bottom': 4.8, 'hinge.top': 0.2, 'hinge.mid': 0.3, 'hinge.bottom': 0.2 },
    ...{ 'head.latch': 3, 'head.mid': 3, 'head.hinge': 3 },
  },
});
const shim = stepsOf(observedAt(bound, 'found'), ['shimStrip']).find((step) => step.action === 'shim');
if (longScrew === undefined || tighten === undefined || shim === undefined) throw new Error('the plan has fewer than two steps');

const logged = () => outbox.waiting().flatMap(({ kind, body }) => (kind === 'adjustments' ? [body as Adjustment] : []));

// What is logged stays in the outbox: nothing is sent from a unit test.
beforeAll(() => onlineManager.setOnline(false));

/** The remark, opened where it is folded. */
function remarkField() {
  if (screen.queryByTestId('say-more') !== null) fireEvent.press(screen.getByTestId('say-more'));
  return screen.getByTestId('step-remark');
}

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

describe('a step of the plan', () => {
  it('shows its caution before it is done, how to do it, and when to stop', () => {
    render(<StepCard record={record} step={tighten} number={1} done={undefined} isNext words={words} />);
    expect(screen.getByText('Tighten the hinge screws')).toBeTruthy();
    expect(screen.getByText('Take care')).toBeTruthy();
    expect(screen.getByText(/Keep fingers out of the hinge side/)).toBeTruthy();
    expect(screen.getByText(/Stop if: A screw keeps turning/)).toBeTruthy();
    expect(screen.getByText(/Then read again: hinge gap, top/)).toBeTruthy();
  });

  it('says at which gap to stop a screw that is driven by watching it', () => {
    render(<StepCard record={record} step={longScrew} number={1} done={undefined} isNext words={words} />);
    const { until } = longScrew;
    if (until === undefined) throw new Error('the screw is not watched');
    const where = station(until.station).title.toLowerCase();
    expect(screen.getByText(`Stop when the ${where} reads ${words.withUnit(until.mm)}.`)).toBeTruthy();
  });

  it('asks again, once it is logged, for what shows whether the cause is gone; the answer goes with that step', () => {
    const done = exampleAdjustment('0197a3c2-0000-7000-8000-000000000001', { callId: record.call.id });
    render(<StepCard record={record} step={tighten} number={1} done={undefined} isNext words={words} />);
    expect(screen.queryByText('Look again. May stay empty.')).toBeNull();
    render(<StepCard record={record} step={tighten} number={1} done={done} isNext={false} words={words} />);
    fireEvent.press(screen.getByTestId('check-topScrews-spinning'));
    expect(outbox.waiting().map(({ body }) => body)).toMatchObject([{ finding: 'topScrews', answer: 'spinning', adjustmentId: done.id }]);
  });

  it('stays folded while another step is next, and opens at a tap', () => {
    render(<StepCard record={record} step={shim} number={2} done={undefined} isNext={false} words={words} />);
    expect(screen.queryByText('Take care')).toBeNull();
    fireEvent.press(screen.getByText(shim.title));
    expect(screen.getByText('Take care')).toBeTruthy();
  });

  it('logs what was really done beside what was planned', () => {
    render(<StepCard record={record} step={shim} number={2} done={undefined} isNext words={words} />);
    fireEvent.press(screen.getByLabelText('More: Really done'));
    fireEvent.changeText(remarkField(), 'Second layer to seat it.');
    fireEvent.press(screen.getByTestId('log-step'));
    expect(logged()).toMatchObject([
      {
        callId: 'call',
        action: shim.action,
        hinge: shim.place,
        planned: shim.amount,
        amount: shim.amount + 1,
        fromMm: null,
        remark: 'Second layer to seat it.',
      },
    ]);
  });

  it('what was typed is there after a reload, but not for a step that is planned otherwise, which keeps its own', () => {
    const card = (amount: number) => (
      <StepCard record={record} step={{ ...shim, amount }} number={2} done={undefined} isNext words={words} />
    );
    const remark = () => remarkField().props.value as string;
    render(card(2));
    fireEvent.changeText(remarkField(), 'Leg is soft');
    screen.unmount();
    render(card(2));
    expect(remark()).toBe('Leg is soft');
    screen.unmount();
    const kept = deviceStorage.keys().filter((key) => key.startsWith('swing.draft.log'));
    render(card(3));
    expect(remark()).toBe('');
    fireEvent.changeText(remarkField(), 'Leg is firm');
    expect(deviceStorage.keys().filter((key) => key.startsWith('swing.draft.log'))).toEqual(kept);
    // A new plan while the step is on the page begins its log again.
    screen.rerender(card(4));
    expect([remark(), screen.getByTestId('log-amount-value').props.children]).toEqual(['', 'Really done: 4 layers of 0.5 mm card']);
    fireEvent.press(screen.getByTestId('log-step'));
    expect(deviceStorage.keys().filter((key) => key.startsWith('swing.draft.log'))).toEqual([]);
  });

  it('a logged step is taken back by a superseding entry, and both stay in the record', () => {
    render(<StepCard record={record} step={tighten} number={1} done={undefined} isNext words={words} />);
    fireEvent.press(screen.getByTestId('log-step'));
    const [first] = logged();
    screen.rerender(<StepCard record={record} step={tighten} number={1} done={first} isNext={false} words={words} />);
    expect(screen.getByText('Logged: done')).toBeTruthy();
    fireEvent.press(screen.getByText('Take back'));
    expect(logged()).toHaveLength(2);
    expect(logged()[1]).toMatchObject({ supersedes: first?.id, withdrawn: true });
  });
});
