import { planCorrections } from '@proper-swing/core/engine';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { exampleRecord } from '../../record/exampleRecord';
import { observedAt } from '../../record/observed';
import { outcomeWords } from '../../record/planWords';
import { PlanTabs } from './PlanTabs';

const record = exampleRecord({
  found: {
    ...{ 'latch.top': 'rubs', 'latch.mid': 2.6, 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.mid': 3, 'hinge.bottom': 1.8 },
    ...{ 'head.latch': 5, 'head.mid': 4, 'head.hinge': 3 },
  },
});
const correction = planCorrections({ ...observedAt(record, 'found'), findings: [{ finding: 'topScrews', answer: 'loose' }] });

describe('the plans side by side', () => {
  it('shows what each is for, its minutes and its chance, and can be chosen', () => {
    const chosen: string[] = [];
    render(<PlanTabs plans={correction.plans} chosen="quickest" onChoose={(aim) => chosen.push(aim)} />);
    expect(screen.getAllByRole('radio')).toHaveLength(correction.plans.length);
    const [quickest] = correction.plans;
    expect(screen.getByText(`${Math.round(quickest?.minutes ?? 0)} min`)).toBeTruthy();
    fireEvent.press(screen.getByTestId('plan-lasting'));
    expect(chosen).toEqual(['lasting']);
  });

  it('is left out where there is only one', () => {
    render(<PlanTabs plans={correction.plans.slice(0, 1)} chosen="quickest" onChoose={() => undefined} />);
    expect(screen.queryByRole('radiogroup')).toBeNull();
  });
});

describe('the outcome in one line', () => {
  const [plan] = correction.plans;
  if (plan === undefined) throw new Error('no plan');
  const told = (change: Partial<typeof correction>) => outcomeWords({ ...correction, ...change });

  it('says that a second go is to be expected when the chance is low, and not otherwise', () => {
    expect(told({ outcome: 'cures', plans: [{ ...plan, chanceTrue: 0.3 }] })).toContain('Expect a second go');
    expect(told({ outcome: 'cures', plans: [{ ...plan, chanceTrue: 0.9 }] })).not.toContain('second go');
  });

  it('says when the hinges alone cannot do it, and when nothing is to be done', () => {
    expect(told({ outcome: 'cures', hingesAlone: { can: false, chanceTrue: 0 } })).toContain('The hinges alone cannot do it');
    expect(told({ outcome: 'wait' })).toContain('has to dry');
    expect(told({ outcome: 'true' })).toContain('Leave it alone');
    expect(told({ outcome: 'falls short', plans: [{ ...plan, steps: [] }] })).toContain('cannot make this door true');
  });
});
