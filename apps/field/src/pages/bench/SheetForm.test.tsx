import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { figure, length } from '../../sheets/fieldKinds';
import type { Typed } from '../../sheets/typedSheet';
import { SheetForm } from './SheetForm';

const groups = [{ title: 'The door', fields: [length('widthMm', 'Width', { usual: 762 }), figure('screws', 'Screws', 'in all')] }];

function Sheet() {
  const given = { widthMm: '762' };
  const [typed, setTyped] = useState<Typed>(given);
  const type = (path: string, text: string) => setTyped({ ...typed, [path]: text });
  return <SheetForm groups={groups} isOpen typed={typed} given={given} errors={{}} unit="mm" onType={type} />;
}

it('a figure filled in beforehand says so until it is touched, and a field is taken with all its contents', () => {
  render(<Sheet />);
  expect(screen.getByLabelText('Width, mm, filled in beforehand').props.selectTextOnFocus).toBe(true);
  expect(screen.getByLabelText('Screws, in all')).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('field-widthMm'), '726');
  expect(screen.getByLabelText('Width, mm')).toBeTruthy();
});
