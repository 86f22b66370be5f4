import { fireEvent, render, screen } from '@testing-library/react-native';
import { exampleRecord } from '../../record/exampleRecord';
import { observedAt } from '../../record/observed';
import { outcomeWords, promiseWords } from '../../record/planWords';
import { correctionOf } from '../../engine/askEngine.fixture';
import { PlanTabs } from './PlanTabs';

const record = exampleRecord({
  found: {
    ...{ 'latch.top': 'rubs', 'latch.mid': 2.6, 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.mid': 3, 'hinge.bottom': 1.8 },
    ...{ 'head.latch': 5, 'head.mid': 4, 'head.hinge': 3 },
  },
});
const correction = correctionOf({ ...observedAt(record, 'found'), findings: [{ finding: 'topScrews', answer: 'loose' }] });

describe('the plans side by side', () => {
  it('shows what each is for, its minutes and its chance, and can be chosen', () => {
    const chosen: string[] = [];
    render(<PlanTabs plans={correction.plans} binds="even" chosen="quickest" onChoose={(aim) => chosen.push(aim)} />);
    expect(screen.getAllByRole('radio')).toHaveLength(correction.plans.length);
    const [quickest] = correction.plans;
    expect(screen.getByText(`${Math.round(quickest?.minutes ?? 0)} min`)).toBeTruthy();
    fireEvent.press(screen.getByTestId('plan-lasting'));
    expect(chosen).toEqual(['lasting']);
  });

  it('is left out where there is only one', () => {
    render(<PlanTabs plans={correction.plans.slice(0, 1)} binds="even" chosen="quickest" onChoose={() => undefined} />);
    expect(screen.queryByRole('radiogroup')).toBeNull();
  });
});

describe('the outcome in one line', () => {
  const [plan] = correction.plans;
  if (plan === undefined) throw new Error('no plan');
  const told = (change: Partial<typeof correction>) => outcomeWords({ ...correction, ...change }, 'hinged');

  it('says that a second go is to be expected when the chance is low, and not otherwise', () => {
    const even = (chance: number) => [{ ...plan, chances: { free: 0.9, even: chance, book: 0.1 } }];
    expect(told({ outcome: 'cures', binds: 'even', plans: even(0.3) })).toContain('Expect a second go');
    expect(told({ outcome: 'cures', binds: 'even', plans: even(0.9) })).not.toContain('second go');
    // Where it goes by the book, the chance of that counts.
    expect(told({ outcome: 'cures', binds: 'book', plans: even(0.9) })).toContain('Expect a second go');
  });

  it('says when the hinges alone cannot do it, and when nothing is to be done', () => {
    const [step] = plan.steps;
    if (step === undefined) throw new Error('no step');
    const alone = (action: typeof step.action) =>
      told({ outcome: 'cures', settingAlone: { can: false, chanceTrue: 0 }, plans: [{ ...plan, steps: [{ ...step, action }] }] });
    expect(alone('planeLatch')).toContain('The hinges alone cannot do it');
    // A plan that only sets them does what it says.
    expect(alone('shim')).not.toContain('alone');
    expect(told({ outcome: 'wait' })).toContain('has to dry');
    expect(told({ outcome: 'true' })).toContain('Leave it alone');
    expect(told({ outcome: 'falls short', plans: [{ ...plan, steps: [] }] })).toContain('cannot make this door true');
  });

  it('speaks of gaps only where the work moves one', () => {
    const [step] = plan.steps;
    if (step === undefined) throw new Error('no step');
    const cleaned = {
      ...plan,
      minutes: 8,
      chances: { free: 0.97, even: 0.9, book: 0.8 },
      steps: [{ ...step, action: 'cleanTrack' as const }],
    };
    expect(told({ outcome: 'cures', binds: 'even', plans: [cleaned] })).toBe(
      'Should put it right, in about 8 minutes. No gap is moved by it.',
    );
    const renewed = { ...cleaned, steps: [{ ...step, action: 'replaceRollers' as const }] };
    expect(told({ outcome: 'cures', binds: 'even', plans: [renewed] })).toContain('It stands anew after that: gauge it again');
    const set = { ...cleaned, steps: plan.steps };
    expect([promiseWords(cleaned, [cleaned], 'even'), promiseWords(cleaned, [cleaned, set], 'even')]).toEqual(['free 97 %', 'even 90 %']);
  });

  it('promises no more than is likely', () => {
    const whole = (book: number, even: number) => [{ ...plan, outside: [], uneven: [], chances: { free: 0.9, even, book } }];
    expect(told({ outcome: 'cures', binds: 'even', plans: whole(0.5, 0.8) })).toContain('Brings every gap inside its limits');
    expect(told({ outcome: 'cures', binds: 'even', plans: whole(0.4, 0.8) })).toContain('Leaves the door free and even');
    expect(told({ outcome: 'cures', binds: 'even', plans: whole(0.2, 0.4) })).toContain('Leaves the door free, in about');
    const beyond = [{ ...plan, outside: [{ station: 'head.mid' as const, mm: 0.6 }] }];
    expect(told({ outcome: 'cures', binds: 'even', plans: beyond })).toContain('some gaps may stay a little beyond the book');
    expect(told({ outcome: 'cures', binds: 'book', plans: beyond })).toContain('within a few tenths');
    expect(told({ outcome: 'helps' })).toContain('no more is promised');
    expect(told({ outcome: 'find out first' })).toContain('before a hinge is touched');
    expect(told({ outcome: 'at once' })).toContain('Make what is loose hold first');
    expect([told({ outcome: 'done' }), told({ outcome: 'check all round' })]).toEqual([
      expect.stringContaining('prove it') as string,
      expect.stringContaining('Gauge it all round') as string,
    ]);
  });
});
