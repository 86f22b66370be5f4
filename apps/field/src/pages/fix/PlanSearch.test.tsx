import { fireEvent, render, screen } from '@testing-library/react-native';
import { PlanSearch } from './PlanSearch';

const searching = {
  correction: undefined,
  isFirst: false,
  progress: 0.4,
  isStopped: false,
  fault: undefined,
  stop: jest.fn(),
  again: jest.fn(),
};

describe('the search for a plan', () => {
  it('tells how far it is, and is stopped by a tap', () => {
    render(<PlanSearch {...searching} />);
    expect(screen.getByText('Trying plans on doors like this one: 40 %')).toBeTruthy();
    fireEvent.press(screen.getByTestId('plan-stop'));
    expect(searching.stop).toHaveBeenCalledTimes(1);
  });

  it('says that a first plan may still change', () => {
    render(<PlanSearch {...searching} isFirst />);
    expect(screen.getByText('A first plan, which may still change: other ways are being tried, 40 %')).toBeTruthy();
  });

  it('says what stays when it was stopped, and begins again by a tap', () => {
    render(<PlanSearch {...searching} progress={undefined} isStopped />);
    expect(screen.getByText('The search was stopped.')).toBeTruthy();
    fireEvent.press(screen.getByTestId('plan-again'));
    expect(searching.again).toHaveBeenCalledTimes(1);
  });

  it('says what went wrong where it ended without a plan, and can be begun again', () => {
    render(<PlanSearch {...searching} progress={undefined} fault="A door needs two to four hinge heights." />);
    expect(screen.getByText('No plan could be worked out (A door needs two to four hinge heights.).')).toBeTruthy();
    expect(screen.getByTestId('plan-again')).toBeTruthy();
  });

  it('says nothing once the plan is there', () => {
    const { toJSON } = render(<PlanSearch {...searching} progress={undefined} />);
    expect(toJSON()).toBeNull();
  });
});
