import { fireEvent, render, screen } from '@testing-library/react-native';
import { outbox } from '../offline/outbox';
import { setPreferences } from '../offline/preferences';
import { Choice } from './Choice';
import { Failure } from './Failure';
import { Field } from './Field';
import { Form, FormCell, FormFault, FormKeys } from './Form';
import { lengthWords } from './lengthWords';
import { pluralOf } from './plural';
import { Press } from './Press';
import { SaveSign } from './SaveSign';
import { Section, Slip } from './Section';
import { Stepper } from './Stepper';
import { Table } from './Table';
import { LIGHT, TARGET } from './tokens';
import { Words } from './Words';

describe('parts every page is made of', () => {
  it('a press is a full target, says what it does, and tells whether it is chosen', () => {
    const onPress = jest.fn();
    render(
      <Press onPress={onPress} chosen label="Packing">
        Packing
      </Press>,
    );
    const button = screen.getByRole('button', { name: 'Packing' });
    fireEvent.press(button);
    expect(onPress).toHaveBeenCalledTimes(1);
    expect(button).toHaveStyle({ minHeight: TARGET, minWidth: TARGET });
    expect(button).toHaveStyle({ backgroundColor: LIGHT.ink });
  });

  it('one that is disabled does nothing and says so', () => {
    const onPress = jest.fn();
    render(
      <Press onPress={onPress} disabled>
        Log
      </Press>,
    );
    fireEvent.press(screen.getByText('Log'));
    expect(onPress).not.toHaveBeenCalled();
    expect(screen.getByRole('button')).toBeDisabled();
  });

  it('a choice is a group of which one holds', () => {
    const onChoose = jest.fn();
    const options = [
      { id: 'left', label: 'Left' },
      { id: 'right', label: 'Right' },
    ] as const;
    render(<Choice label="Hinges on" options={options} chosen="left" onChoose={onChoose} testID="hinges" />);
    expect(screen.getByTestId('hinges-left')).toBeChecked();
    expect(screen.getByTestId('hinges-right')).not.toBeChecked();
    fireEvent.press(screen.getByTestId('hinges-right'));
    expect(onChoose).toHaveBeenCalledWith('right');
  });

  it('a choice tells what is wrong with it, bound to it for a screen reader, and nothing when all is well', () => {
    const choice = (error?: string) => (
      <Choice label="Door" options={[{ id: 'a', label: 'Kitchen' }]} chosen={undefined} onChoose={jest.fn()} error={error} testID="door" />
    );
    const { rerender } = render(choice('Which door is it?'));
    const group = screen.getByTestId('door');
    expect(group.props['aria-invalid']).toBe(true);
    expect(screen.getByText('Which door is it?').props.nativeID).toBe(group.props['aria-describedby']);
    rerender(choice());
    expect(screen.queryByTestId('door-fault')).toBeNull();
    expect(screen.getByTestId('door').props['aria-describedby']).toBeUndefined();
  });

  it('a field shows its fault beside it and tells a screen reader', () => {
    const onChange = jest.fn();
    render(
      <Field
        label="Width"
        spoken="Width of the slab"
        value="x"
        onChange={onChange}
        error="Cannot read x."
        hint="As it is"
        placeholder="762"
        testID="width"
      />,
    );
    const input = screen.getByLabelText('Width of the slab');
    expect([input.props['aria-invalid'], input.props.placeholder]).toEqual([true, '762']);
    // The hint stays while one types, and is told before the fault.
    const told = ['As it is', 'Cannot read x.'].map((text) => screen.getByText(text).props.nativeID as string);
    expect(input.props['aria-describedby']).toBe(told.join(' '));
    fireEvent.changeText(input, '762');
    expect(onChange).toHaveBeenCalledWith('762');
  });

  it.each([
    ['words', 'mm', 'text', false],
    ['figure', 'in', 'decimal', true],
    ['length', 'mm', 'decimal', true],
    // A telephone's figure keys have no stroke of a fraction, and some no minus and no comma.
    ['length', 'in', 'text', true],
    ['figures', 'mm', 'text', true],
  ] as const)('a field for %s in %s brings up %s keys', (takes, units, keys, selects) => {
    setPreferences({ units });
    render(<Field label="Gap" value="3" onChange={jest.fn()} takes={takes} />);
    const { inputMode, selectTextOnFocus } = screen.getByLabelText('Gap').props;
    expect([inputMode, selectTextOnFocus]).toEqual([keys, selects]);
    setPreferences({ units: 'mm' });
  });

  it('a section has a heading, a slip its label', () => {
    render(
      <Section title="The door">
        <Slip label="Take care">{null}</Slip>
      </Section>,
    );
    expect(screen.getByRole('heading', { name: 'The door' })).toBeTruthy();
    expect(screen.getByText('Take care')).toBeTruthy();
  });

  it('a stepper goes a step less and a step more, and its keys say of what', () => {
    const onStep = jest.fn();
    render(
      <Stepper label="bottom hinge" value="+1 mm" onStep={onStep} testID="hinge">
        <Words>Bottom hinge</Words>
      </Stepper>,
    );
    expect(screen.getByTestId('hinge-value')).toHaveTextContent('+1 mm');
    fireEvent.press(screen.getByLabelText('Less: bottom hinge'));
    fireEvent.press(screen.getByTestId('hinge-more'));
    expect(onStep.mock.calls).toEqual([[-1], [1]]);
    expect(screen.getByText('Bottom hinge')).toBeTruthy();
    screen.unmount();
    render(<Stepper label="cam" less="Less of the cam" more="More of the cam" onStep={onStep} testID="cam" />);
    expect([screen.getByLabelText('Less of the cam'), screen.getByLabelText('More of the cam')]).toHaveLength(2);
    expect(screen.queryByTestId('cam-value')).toBeNull();
  });

  it('a table has a head, a row for each thing and a cell for each column', () => {
    const columns = [
      { title: 'Where', kind: 'label' as const, cell: ({ id }: { id: string }) => id },
      { id: 'a', title: 'Mar 26', under: 'left', width: 54, isRight: true, cell: () => '3 mm' },
      { id: 'b', title: 'Mar 26', cell: () => <Words testID="own">own</Words> },
    ];
    const rows = [{ id: 'top' }, { id: 'foot' }];
    const table = (isHeadless: boolean) => (
      <Table
        label="Gaps"
        columns={columns}
        rows={rows}
        keyOf={({ id }) => id}
        rowTestID={({ id }) => `row-${id}`}
        isHeadless={isHeadless}
      />
    );
    render(table(false));
    expect(screen.getAllByText('Mar 26')).toHaveLength(2);
    expect(screen.getByTestId('row-foot')).toHaveTextContent('foot3 mmown');
    expect(screen.getAllByTestId('own')).toHaveLength(2);
    expect(screen.getByText('left')).toBeTruthy();
    screen.unmount();
    render(table(true));
    expect(screen.queryAllByText('Mar 26')).toHaveLength(0);
  });

  it('a form holds its fields, says what is wrong with the whole, and is kept or left', () => {
    const [onKeep, onLeave] = [jest.fn(), jest.fn()];
    render(
      <>
        <Form>
          <FormCell takes="third">
            <Words>least</Words>
          </FormCell>
        </Form>
        <FormFault says="The device is full." testID="fault" />
        <FormFault says={undefined} testID="none" />
        <FormKeys onKeep={onKeep} onLeave={onLeave} testID="keep" />
      </>,
    );
    expect(screen.getByText('least')).toBeTruthy();
    expect(screen.getByTestId('fault')).toHaveTextContent('The device is full.');
    expect(screen.queryByTestId('none')).toBeNull();
    fireEvent.press(screen.getByTestId('keep'));
    fireEvent.press(screen.getByText('Leave as it was'));
    expect([onKeep.mock.calls.length, onLeave.mock.calls.length]).toEqual([1, 1]);
  });

  it('a failure says what it is and gives a way on', () => {
    const onOnward = jest.fn();
    render(<Failure title="This page broke" says="Nothing is lost." onward="Try again" onOnward={onOnward} />);
    expect(screen.getByText('Nothing is lost.')).toBeTruthy();
    fireEvent.press(screen.getByTestId('onward'));
    expect(onOnward).toHaveBeenCalledTimes(1);
  });
});

describe('the sign of what is not yet saved', () => {
  afterEach(() => {
    screen.unmount();
    outbox.waiting().forEach((each) => outbox.remove(each));
  });
  const note = (id: string) => ({ id, writtenAt: '', callId: 'c', text: 'x' });

  it('says nothing waits, how many do, and that some were refused', () => {
    render(<SaveSign />);
    expect(screen.getByLabelText('Everything is saved')).toBeTruthy();
    screen.unmount();
    const first = outbox.add('notes', note('a'));
    outbox.add('notes', note('b'));
    render(<SaveSign />);
    expect(screen.getByText('2 to save')).toBeTruthy();
    screen.unmount();
    outbox.refuse(first, 'no');
    render(<SaveSign />);
    expect(screen.getByText('1 refused ›')).toBeTruthy();
  });
});

describe('words for amounts', () => {
  it('one, or any other number, whatever its sign', () => {
    const step = { one: 'step', other: 'steps' };
    expect([0, 1, -1, 2, 1.5].map((n) => pluralOf(n, step))).toEqual(['steps', 'step', 'step', 'steps', 'steps']);
  });

  it('lengths are written as the person wants them', () => {
    expect([lengthWords({ system: 'mm' }).withUnit(3.2), lengthWords({ system: 'mm' }).bare(3.2)]).toEqual(['3.2 mm', '3.2']);
    expect([lengthWords({ system: 'in', finest: 16 }).withUnit(3.175), lengthWords({ system: 'in', finest: 16 }).unit]).toEqual([
      '1/8 in',
      'in',
    ]);
  });
});
