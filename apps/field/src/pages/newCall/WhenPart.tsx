import { WhenFields } from '../../day/WhenFields';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import type { PartProps } from './parts';

/** Begun here and now, or booked for a day and a time. */
export function WhenPart({ form, set, error }: PartProps) {
  return (
    <Section title="When?">
      <Choice
        label="When"
        options={[
          { id: 'now', label: 'Now, I am here' },
          { id: 'booked', label: 'Book it' },
        ]}
        chosen={form.when}
        onChoose={set('when')}
        testID="when"
      />
      {form.when === 'booked' && (
        <WhenFields day={form.day} time={form.time} onDay={set('day')} onTime={set('time')} error={error('day')} />
      )}
    </Section>
  );
}
