import { coat, COAT_IDS, type CoatId } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { dayWords, timeOf } from '../../day/days';
import { Press } from '../../design/Press';
import { ReadField } from '../../design/ReadField';
import { readNumber } from '../../design/readNumber';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { HelperProps } from '../benchSheet';
import { readCoats, writeCoats, type Coats } from './coatText';
import { startOf } from './cureTimes';
import { withoutCoat } from './putOn';

/** What is put on, in order: a tap adds a coat; hours of the label in hand are typed over the usual ones. */
export function CureForm({ typed, onType }: HelperProps) {
  const coats = readCoats(typed['coats'] ?? '');
  const put = (next: Coats) => onType('coats', writeCoats(next));
  const start = startOf(typed);
  const [now] = useState(() => new Date());
  const [isAdding, setIsAdding] = useState(false);
  // Lines after one that is taken away are lines anew: what stood in its fields does not stay in theirs.
  const [dropped, setDropped] = useState(0);
  return (
    <View style={styles.block}>
      <Words kind="label">Put on, in this order</Words>
      {coats.map((each, i) => (
        <CoatLine
          key={`${dropped}-${i}-${each.id}`}
          coat={each}
          n={i + 1}
          onChange={(next) => put(coats.map((other, k) => (k === i ? next : other)))}
          onDrop={() => {
            const { done, putOn } = withoutCoat(typed, i + 1);
            put(coats.filter((_, k) => k !== i));
            onType('putOn', putOn);
            onType('done', done);
            setDropped(dropped + 1);
          }}
        />
      ))}
      {coats.length > 0 && (
        <Press style={styles.start} onPress={() => setIsAdding(!isAdding)} testID="add-coat">
          {isAdding ? 'No more' : 'Add a coat'}
        </Press>
      )}
      {(isAdding || coats.length === 0) && (
        <View style={styles.row}>
          {COAT_IDS.map((id) => (
            <Press key={id} onPress={() => put([...coats, { id }])} testID={`add-${id}`}>
              {coat(id).title}
            </Press>
          ))}
        </View>
      )}
      <View style={styles.head}>
        <Words style={styles.grow} testID="begun">{`Begun ${dayWords(start, now)}, ${timeOf(start)}.`}</Words>
        <Press kind="quiet" onPress={() => onType('startsAt', new Date().toISOString())} testID="begin-now">
          Begin now
        </Press>
      </View>
    </View>
  );
}

interface CoatLineProps {
  coat: Coats[number];
  n: number;
  onChange: (next: Coats[number]) => void;
  onDrop: () => void;
}

function CoatLine({ coat: own, n, onChange, onDrop }: CoatLineProps) {
  const { title, workableHours, fullHours } = coat(own.id);
  const [isOpen, setIsOpen] = useState(own.workableHours !== undefined || own.fullHours !== undefined);
  return (
    <View style={styles.line} testID={`coat-line-${n}`}>
      <View style={styles.head}>
        <Words kind="strong" style={styles.grow}>{`${n}. ${title}`}</Words>
        <Press kind="quiet" onPress={() => setIsOpen(!isOpen)} label={`Label of ${title}, ${n}`} testID={`coat-line-${n}-label`}>
          Label
        </Press>
        <Press kind="quiet" onPress={onDrop} label={`Take ${title}, ${n}, away`} testID={`coat-line-${n}-drop`}>
          Take away
        </Press>
      </View>
      {isOpen && (
        <View style={styles.row}>
          <Hours
            label="Next coat, h"
            usual={workableHours}
            hours={own.workableHours}
            onHours={(hours) => onChange(withHours(own.id, hours, own.fullHours))}
            testID={`coat-line-${n}-next`}
          />
          <Hours
            label="Hard, h"
            usual={fullHours}
            hours={own.fullHours}
            onHours={(hours) => onChange(withHours(own.id, own.workableHours, hours))}
            testID={`coat-line-${n}-full`}
          />
        </View>
      )}
    </View>
  );
}

const withHours = (id: CoatId, workableHours: number | undefined, fullHours: number | undefined): Coats[number] => ({
  id,
  ...(workableHours !== undefined && { workableHours }),
  ...(fullHours !== undefined && { fullHours }),
});

interface HoursProps {
  label: string;
  usual: number;
  hours: number | undefined;
  onHours: (hours: number | undefined) => void;
  testID: string;
}

/** Hours by the label in hand; empty is what labels usually say. */
function Hours({ label, usual, hours, onHours, testID }: HoursProps) {
  return (
    <View style={styles.cell}>
      <ReadField
        label={label}
        begins={hours === undefined ? '' : String(hours)}
        read={readHours}
        onRead={onHours}
        onEmpty={() => onHours(undefined)}
        fault="Not a number of hours."
        takes="figure"
        placeholder={`${usual} by most labels`}
        testID={testID}
      />
    </View>
  );
}

function readHours(text: string): number | undefined {
  const hours = readNumber(text);
  return hours >= 0 ? hours : undefined;
}

const styles = StyleSheet.create({
  block: { gap: SPACE.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1, minWidth: 0 },
  line: { gap: SPACE.xs },
  start: { alignSelf: 'flex-start' },
  cell: { flex: 1, minWidth: 130 },
});
