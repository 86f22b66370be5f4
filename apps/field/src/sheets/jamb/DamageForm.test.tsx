import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { lengthWords } from '../../design/lengthWords';
import { DamageForm } from './DamageForm';

const words = lengthWords({ system: 'mm' });

function Probed({ begins }: { begins: string }) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({ damages: begins, legMm: '2000' });
  return (
    <DamageForm
      typed={typed}
      onType={(path, text) => setTyped((was) => ({ ...was, [path]: text }))}
      words={words}
      errors={{}}
      width={350}
    />
  );
}

const figureOf = (id: string) => (screen.getByTestId(id).props as { value: string }).value;

describe('the leg as a form', () => {
  it('a tap on a part marks it as it is chosen, and a line for its figures appears', () => {
    render(<Probed begins="" />);
    fireEvent.press(screen.getByTestId('damage-kind-kicked'));
    fireEvent.press(screen.getByTestId('leg-inner-lock'));
    expect(screen.getByText('Kicked in: inner part')).toBeTruthy();
    expect([figureOf('damage-1-from'), figureOf('damage-1-to')]).toEqual(['900', '1100']);
    fireEvent.press(screen.getByTestId('leg-outer-foot'));
    expect(figureOf('damage-2-from')).toBe('0');
  });

  it('what cannot be read stays in its field with a fault, and changes nothing', () => {
    render(<Probed begins="soft outer 0-240 20" />);
    fireEvent.changeText(screen.getByTestId('damage-1-to'), '24x');
    expect(screen.getByText('Not a length.')).toBeTruthy();
    expect(screen.getByLabelText(/^Leg 2000 mm high\. soft Outer part 0 to 240 mm/)).toBeTruthy();
  });

  it('with one of two alike taken away, the other keeps its figures', () => {
    render(<Probed begins="soft outer 0-240 20; soft outer 600-700 5" />);
    fireEvent.press(screen.getByTestId('damage-1-drop'));
    expect([figureOf('damage-1-from'), figureOf('damage-1-to'), figureOf('damage-1-deep')]).toEqual(['600', '700', '5']);
  });
});
