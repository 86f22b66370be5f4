import { CAUTIONS } from '@proper-swing/core';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { exampleRecord } from '../../record/exampleRecord';
import { Cautions } from './Cautions';

const record = exampleRecord();
const other = { ...record, call: { ...record.call, id: 'another call' } };

describe('what to make safe', () => {
  it('stands in full the first time on a call, after that a line each that opens at a tap', () => {
    const { unmount } = render(<Cautions record={record} />);
    expect(screen.getByText(CAUTIONS.support)).toBeTruthy();
    expect(screen.queryByTestId('caution-support')).toBeNull();
    unmount();
    render(<Cautions record={record} />);
    expect(screen.getByText(CAUTIONS.support).props.numberOfLines).toBe(1);
    fireEvent.press(screen.getByTestId('caution-support'));
    expect(screen.getByText(CAUTIONS.support).props.numberOfLines).toBeUndefined();
    expect(screen.getByText(CAUTIONS.structure).props.numberOfLines).toBe(1);
  });

  it('stands in full again on another call', () => {
    render(<Cautions record={other} />);
    expect(screen.getByText(CAUTIONS.structure).props.numberOfLines).toBeUndefined();
  });

  it('tells of certificates on a fire door, and of the pane on a glazed one', () => {
    const make = { ...record.door.make, fireRated: true, slabKind: 'glazed' as const };
    render(<Cautions record={{ ...other, door: { ...record.door, make } }} />);
    expect(screen.getByText(CAUTIONS.fireDoor)).toBeTruthy();
    expect(screen.getByText(CAUTIONS.glass)).toBeTruthy();
  });
});
