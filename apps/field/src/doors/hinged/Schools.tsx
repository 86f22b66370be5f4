import type { HingedDoorCard, HingedMake } from '@proper-swing/contract';
import { chosenWay, school, schoolsFor, type SchoolId } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { revised, write } from '../../offline/write';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { hingedCard } from '../../record/door';

const ALL = 'all';

/** Where good carpenters differ: which way this door is treated by, and what speaks for it. Nothing on a door that leaves no choice. */
export function Schools({ door }: { door: HingedDoorCard }) {
  const [fault, setFault] = useState<string>();
  const ids = schoolsFor(hingedCard(door.make));
  if (ids.length === 0) return null;

  const choose = (id: SchoolId, way: string) => {
    try {
      write('doors', schoolsCard(door, id, way));
      setFault(undefined);
    } catch {
      setFault('This device is full: the choice is not kept. Make room and try again.');
    }
  };

  return (
    <Section title="Ways of working">
      {ids.map((id) => {
        const { title, both, ways } = school(id);
        const options = [{ id: ALL, label: 'Weigh all' }, ...Object.entries(ways).map(([way, { label }]) => ({ id: way, label }))];
        return (
          <View key={id} style={styles.school}>
            <Words kind="strong">{title}</Words>
            <Choice
              label={title}
              options={options}
              chosen={door.make.schools?.[id] ?? ALL}
              onChoose={(way) => choose(id, way)}
              testID={`school-${id}`}
            />
            <Words kind="small" tone="pencil" testID={`school-${id}-why`}>
              {chosenWay(door.make.schools, id)?.says ?? both}
            </Words>
          </View>
        );
      })}
      {fault !== undefined && <Words tone="tight">{fault}</Words>}
    </Section>
  );
}

/** The door's card with another way chosen on one point. */
export function schoolsCard(door: HingedDoorCard, id: SchoolId, way: string): HingedDoorCard {
  const schools = { ...door.make.schools, [id]: way === ALL ? null : way } as HingedMake['schools'];
  return revised(door, { make: { ...door.make, schools } });
}

const styles = StyleSheet.create({ school: { gap: SPACE.xs } });
