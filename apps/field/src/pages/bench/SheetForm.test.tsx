import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { lengthWords } from '../../design/lengthWords';
import { SheetForm } from './SheetForm';
import { sheetNamed } from '../../sheets/register';
import { figure, length } from '../../sheets/fieldKinds';
import { usualTyped, type Typed } from '../../sheets/typedSheet';

const drift = sheetNamed('swing.drift');
if (drift === undefined) throw new Error('no drift');
const usual = usualTyped(drift, lengthWords({ system: 'mm' }).bare);

function show(typed: Typed = {}, errors: Readonly<Record<string, string>> = {}, isOpen = false) {
  const said: [string, string][] = [];
  render(
    <SheetForm
      groups={drift?.groups ?? []}
      isOpen={isOpen}
      typed={{ ...usual, ...typed }}
      errors={errors}
      unit="mm"
      origin={{ acrossMm: 'as read' }}
      onType={(path, text) => said.push([path, text])}
    />,
  );
  return said;
}

describe('the figures of a sheet', () => {
  it('what is usual is folded, and opens by a tap', () => {
    show();
    expect(screen.queryByTestId('field-massKg')).toBeNull();
    fireEvent.press(screen.getByText('▸ The door'));
    expect(screen.getByTestId('field-massKg')).toBeTruthy();
  });

  it('a fault opens its group and stands at its field', () => {
    show({ massKg: 'x' }, { massKg: 'Cannot read “x” as a number.' });
    expect(screen.getByText('Cannot read “x” as a number.')).toBeTruthy();
  });

  it('a figure that hangs on another is asked for once that one is there', () => {
    show({}, {}, true);
    expect(screen.queryByTestId('field-test.fromDeg')).toBeNull();
    screen.unmount();
    show({ 'test.did': 'opens' }, {}, true);
    expect(screen.getByTestId('field-test.fromDeg')).toBeTruthy();
  });

  it('says where a figure comes from, and in which unit', () => {
    show({ acrossMm: '8' }, {}, true);
    expect(screen.getByText('Leg across wall, mm · as read')).toBeTruthy();
    expect(screen.getByText('Weight of slab, kg')).toBeTruthy();
  });

  it('tells what is typed and chosen; a choice tapped again is taken back', () => {
    const said = show({ 'test.did': 'opens' }, {}, true);
    fireEvent.changeText(screen.getByTestId('field-acrossMm'), '6');
    fireEvent.press(screen.getByTestId('field-test.did-closes'));
    fireEvent.press(screen.getByTestId('field-test.did-opens'));
    expect(said).toEqual([
      ['acrossMm', '6'],
      ['test.did', 'closes'],
      ['test.did', ''],
    ]);
  });
});

const ownGroups = [{ title: 'The door', fields: [length('widthMm', 'Width', { usual: 762 }), figure('screws', 'Screws', 'in all')] }];

function Sheet() {
  const given = { widthMm: '762' };
  const [typed, setTyped] = useState<Typed>(given);
  const type = (path: string, text: string) => setTyped({ ...typed, [path]: text });
  return <SheetForm groups={ownGroups} isOpen typed={typed} given={given} errors={{}} unit="mm" onType={type} />;
}

it('a figure filled in beforehand says so until it is touched, and a field is taken with all its contents', () => {
  render(<Sheet />);
  expect(screen.getByLabelText('Width, mm, filled in beforehand').props.selectTextOnFocus).toBe(true);
  expect(screen.getByLabelText('Screws, in all')).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('field-widthMm'), '726');
  expect(screen.getByLabelText('Width, mm')).toBeTruthy();
});
