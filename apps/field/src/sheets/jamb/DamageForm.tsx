import { parseLength } from '@proper-swing/core';
import { DAMAGE_KINDS, type Damage, type DamageKind, type JambPart } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { ReadField } from '../../design/ReadField';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { usePreferences } from '../../offline/preferences';
import type { HelperProps } from '../benchSheet';
import { readDamages, writeDamages } from '../damageText';
import { DAMAGE_WORDS, PART_WORDS } from './jambWords';
import { HIDDEN, LegDamage } from './LegDamage';

const KINDS = DAMAGE_KINDS.map((id) => ({ id, label: DAMAGE_WORDS[id] }));
/** What a tap marks until its figures are typed, mm: so far up and down from it. */
const HALF_MM = 100;

/** The leg is the form: how it is damaged is chosen, then where is tapped; heights and depth are typed in the line that appears. */
export function DamageForm({ typed, onType, words, width }: HelperProps) {
  const { units } = usePreferences();
  const [kind, setKind] = useState<DamageKind>('soft');
  // Lines after one that is taken away are lines anew: what stood in its fields does not stay in theirs.
  const [dropped, setDropped] = useState(0);
  const legMm = legOf(typed['legMm'] ?? '', units);
  const damages = readKept(typed['damages'] ?? '');
  const put = (next: readonly Damage[]) => onType('damages', writeDamages(next));
  const add = (part: JambPart, atMm: number) => {
    const [fromMm, toMm] = HIDDEN.includes(part) ? [0, HALF_MM] : [Math.max(0, atMm - HALF_MM), Math.min(legMm, atMm + HALF_MM)];
    put([...damages, { kind, part, fromMm: Math.round(fromMm < HALF_MM / 2 ? 0 : fromMm), toMm: Math.round(toMm) }]);
  };
  return (
    <View style={styles.block}>
      <Choice label="How is it damaged?" options={KINDS} chosen={kind} onChoose={setKind} testID="damage-kind" />
      <Words tone="pencil">Tap the leg where it is so: it is seen in the opening, room on the left.</Words>
      <LegDamage legMm={legMm} damages={damages} width={width} words={words} onAdd={add} />
      <View style={styles.row}>
        {HIDDEN.map((part) => (
          <Press key={part} onPress={() => add(part, 0)} testID={`leg-${part}`}>
            {PART_WORDS[part]}
          </Press>
        ))}
      </View>
      {damages.map((damage, i) => (
        <DamageLine
          key={`${dropped}-${i}-${damage.kind}-${damage.part}`}
          damage={damage}
          n={i + 1}
          words={words}
          onChange={(next) => put(damages.map((each, k) => (k === i ? next : each)))}
          onDrop={() => {
            put(damages.filter((_, k) => k !== i));
            setDropped(dropped + 1);
          }}
        />
      ))}
    </View>
  );
}

interface DamageLineProps {
  damage: Damage;
  n: number;
  words: LengthWords;
  onChange: (damage: Damage) => void;
  onDrop: () => void;
}

function DamageLine({ damage, n, words, onChange, onDrop }: DamageLineProps) {
  const { kind, part, fromMm, toMm, depthMm } = damage;
  return (
    <View style={styles.line} testID={`damage-${n}`}>
      <View style={styles.head}>
        <Words kind="strong" style={styles.grow}>{`${DAMAGE_WORDS[kind]}: ${PART_WORDS[part].toLowerCase()}`}</Words>
        <Press kind="quiet" onPress={onDrop} label={`Take damage ${n} away`} testID={`damage-${n}-drop`}>
          Take away
        </Press>
      </View>
      <View style={styles.row}>
        <MmField
          label="From"
          mm={fromMm}
          words={words}
          onMm={(mm) => mm !== undefined && onChange({ ...damage, fromMm: mm })}
          testID={`damage-${n}-from`}
        />
        <MmField
          label="Up to"
          mm={toMm}
          words={words}
          onMm={(mm) => mm !== undefined && onChange({ ...damage, toMm: mm })}
          testID={`damage-${n}-to`}
        />
        <MmField
          label="Deep"
          mm={depthMm}
          words={words}
          onMm={(mm) => {
            const { depthMm: _, ...rest } = damage;
            onChange(mm === undefined ? rest : { ...rest, depthMm: mm });
          }}
          testID={`damage-${n}-deep`}
        />
      </View>
    </View>
  );
}

interface MmFieldProps {
  label: string;
  mm: number | undefined;
  words: LengthWords;
  onMm: (mm: number | undefined) => void;
  testID: string;
}

/** A length that is kept in mm whatever it is typed in. */
function MmField({ label, mm, words, onMm, testID }: MmFieldProps) {
  const { units } = usePreferences();
  return (
    <View style={styles.cell}>
      <ReadField
        label={`${label}, ${words.unit}`}
        begins={mm === undefined ? '' : words.bare(mm)}
        read={(text) => readLength(text, units)}
        onRead={onMm}
        onEmpty={() => onMm(undefined)}
        fault="Not a length."
        takes="length"
        testID={testID}
      />
    </View>
  );
}

function readLength(text: string, units: 'mm' | 'in'): number | undefined {
  try {
    return Math.round(parseLength(text, { defaultUnit: units }).mm * 100) / 100;
  } catch {
    return undefined;
  }
}

const USUAL_LEG_MM = 2040;
const legOf = (text: string, units: 'mm' | 'in') => readLength(text, units) ?? USUAL_LEG_MM;

/** What an earlier form of the field left is not drawn. */
function readKept(text: string): Damage[] {
  try {
    return readDamages(text);
  } catch {
    return [];
  }
}

const styles = StyleSheet.create({
  block: { gap: SPACE.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1, minWidth: 0 },
  line: { gap: SPACE.xs },
  cell: { flex: 1, minWidth: 88 },
});
