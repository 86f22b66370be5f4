import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { HINGE_COUNTS, HINGE_SIDES, LAYOUTS } from '../../doors/hinged/doorChoices';
import { CLOSES_TO } from '../../doors/sliding/panelPresets';
import type { Door } from '@proper-swing/contract';
import type { Preferences } from '../../offline/preferences';
import type { PartProps } from './parts';
import { MAKES, makeOf } from './makes';
import { presetSizes } from './presetSizes';

/** Which door it is: one that is known at the site, or a new one with its make. */
export function DoorPart({ form, set, error, preferences, doors }: PartProps & { preferences: Preferences; doors: readonly Door[] }) {
  const choosePreset = (id: string) => {
    const make = makeOf(id);
    if (make === undefined) return;
    const { width, height } = presetSizes(make, preferences);
    set('preset')(id);
    if (make.kind === 'hinged') set('hinges')(String(make.preset.hingeCount));
    set('width')(width);
    set('height')(height);
  };
  const isSliding = makeOf(form.preset)?.kind === 'sliding';
  return (
    <Section title="Which door?">
      <Choice
        label="Door"
        // First, so that it does not move under the finger when the doors arrive.
        options={[{ id: 'new', label: 'New door' }, ...doors.map(({ id, title }) => ({ id, label: title }))]}
        chosen={form.doorId}
        onChoose={set('doorId')}
        error={error('doorId')}
        testID="door"
      />
      {form.doorId === 'new' && (
        <View style={styles.fields}>
          <Field
            label="Which door, as they call it"
            value={form.doorTitle ?? ''}
            onChange={set('doorTitle')}
            error={error('doorTitle')}
            testID="door-title"
          />
          <Words kind="label">Make</Words>
          <Choice label="Make" options={MAKES.map(({ preset }) => preset)} chosen={form.preset} onChoose={choosePreset} testID="preset" />
          {isSliding ? (
            <>
              <Words kind="label">Closes, seen from inside</Words>
              <Choice label="Closes to" options={CLOSES_TO} chosen={form.closesTo} onChoose={set('closesTo')} testID="closes-to" />
            </>
          ) : (
            <>
              <Words kind="label">Hinges, from where the barrels show</Words>
              <Choice label="Hinges on" options={HINGE_SIDES} chosen={form.hingesOn} onChoose={set('hingesOn')} testID="hinges" />
              <Words kind="label">How many hinges</Words>
              <Choice label="Number of hinges" options={HINGE_COUNTS} chosen={form.hinges} onChoose={set('hinges')} testID="hinge-count" />
              <Words kind="label">Top hinge down from the head, bottom hinge up from the foot, about</Words>
              <Choice label="Hinges set at" options={LAYOUTS} chosen={form.layout} onChoose={set('layout')} testID="layout" />
            </>
          )}
          <Form>
            <FormCell>
              <Field
                takes="length"
                label={`${isSliding ? 'Panel' : 'Slab'} width, ${form.units}`}
                value={form.width ?? ''}
                onChange={set('width')}
                error={error('width')}
                testID="width"
              />
            </FormCell>
            <FormCell>
              <Field
                takes="length"
                label={`${isSliding ? 'Panel' : 'Slab'} height, ${form.units}`}
                value={form.height ?? ''}
                onChange={set('height')}
                error={error('height')}
                testID="height"
              />
            </FormCell>
          </Form>
        </View>
      )}
    </Section>
  );
}

const styles = StyleSheet.create({ fields: { gap: SPACE.m } });
