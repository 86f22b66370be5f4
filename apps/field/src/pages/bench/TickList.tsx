import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Several } from '../../design/Several';
import type { ListedStep } from '../../sheets/benchSheet';
import { TickAmount } from '../../sheets/TickAmount';
import { readDone, writeDone, type Ticked } from '../../sheets/ticks';

export interface TickListProps {
  steps: readonly ListedStep[];
  done: string;
  onDone: (done: string) => void;
  words: LengthWords;
}

/** What is ticked off besides cuts; a line with an amount is ticked with what was really done. */
export function TickList({ steps, done, onDone, words }: TickListProps) {
  if (steps.length === 0) return null;
  const ticked = readDone(done);
  const isTicked = (id: string) => ticked.some((each) => each.id === id);
  const without = (ids: readonly string[]) => ticked.filter(({ id }) => !ids.includes(id));
  const write = (lines: readonly Ticked[]) => onDone(writeDone(lines));
  const saidIn = (says: ListedStep['says']) => (typeof says === 'string' ? says : says(words));
  const plain = steps.filter(({ mm }) => mm === undefined);
  return (
    <Section title="Tick off">
      {steps.map(({ id, says: told, mm: plannedMm }) => {
        if (plannedMm === undefined) return null;
        const says = saidIn(told);
        const really = ticked.find((each) => each.id === id)?.mm;
        return really === undefined ? (
          <TickAmount
            key={`${id}-${plannedMm}`}
            label={says}
            says={says}
            plannedMm={plannedMm}
            words={words}
            onTick={(mm) => write([...without([id]), { id, mm: Math.round(mm * 10) / 10 }])}
            amountID={`really-${id}`}
            tickID={`tick-${id}`}
          />
        ) : (
          <Press key={id} chosen onPress={() => write(without([id]))} label={says} testID={`tick-${id}`}>
            {`✓ ${says}: ${words.withUnit(really)}`}
          </Press>
        );
      })}
      <Several
        label="Done"
        options={plain.map(({ id, says }) => ({ id, label: isTicked(id) ? `✓ ${saidIn(says)}` : saidIn(says) }))}
        chosen={plain.map(({ id }) => id).filter(isTicked)}
        onChange={(chosen) => write([...without(plain.map(({ id }) => id)), ...chosen.map((id) => ({ id }))])}
        testID="tick"
      />
    </Section>
  );
}
