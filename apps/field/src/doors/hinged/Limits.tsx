import type { Door } from '@proper-swing/contract';
import { EDGES, profileOf, toleranceProfile } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { write } from '../../offline/write';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { EDGE_WORDS } from './doorWords';
import { hasLimitsDraft, LimitsForm } from './LimitsForm';
import { limitsCard, type LimitsChoice } from './limitsDraft';

/** What the gaps of this door are judged by and why; another profile, or limits of its own, in a few taps. */
export function Limits({ door }: { door: Door }) {
  const palette = usePalette();
  const { bare, unit } = useLengthWords();
  const [isChanging, setChanging] = useState(() => hasLimitsDraft(door.id));
  const [fault, setFault] = useState<string>();
  const { title, edges, evenWithin, source } = profileOf(door.make);

  const keep = (choice: LimitsChoice) => {
    try {
      const card = limitsCard(door, choice);
      if (card !== undefined) write('doors', card);
      setFault(undefined);
      setChanging(false);
    } catch {
      setFault('This device is full: the limits are not kept. Make room and try again.');
    }
  };

  return (
    <Section
      title="Judged by"
      aside={
        !isChanging && (
          <Press kind="quiet" onPress={() => setChanging(true)} testID="change-limits">
            Change ›
          </Press>
        )
      }
    >
      {!isChanging && (
        <>
          <Words kind="strong" testID="limits-title">
            {title}
          </Words>
          <View role="table" aria-label={`Limits of the gaps, ${unit}`}>
            <LimitsRow cells={[`Gap, ${unit}`, 'least', 'aim at', 'most']} isHead />
            {EDGES.map((edge) => (
              <View key={edge} testID={`limits-${edge}`} style={[styles.ruled, { borderColor: palette.rule }]}>
                <LimitsRow cells={[EDGE_WORDS[edge], ...[edges[edge].min, edges[edge].target, edges[edge].max].map(bare)]} />
              </View>
            ))}
          </View>
          <Words>{`Even within ${bare(evenWithin)} ${unit} along the hinge, head and latch edge.`}</Words>
          <Words kind="small" tone="pencil" testID="limits-reason">
            {door.make.ownLimits ? `Why: ${source} (${toleranceProfile(door.make.profile).title} otherwise.)` : source}
          </Words>
        </>
      )}
      {isChanging && <LimitsForm door={door} onKeep={keep} onLeave={() => setChanging(false)} />}
      {fault !== undefined && <Words tone="tight">{fault}</Words>}
    </Section>
  );
}

function LimitsRow({ cells, isHead = false }: { cells: readonly string[]; isHead?: boolean }) {
  return (
    <View role="row" style={styles.row}>
      {cells.map((cell, i) => (
        <View key={i} role={isHead ? 'columnheader' : 'cell'} style={i === 0 ? styles.name : styles.cell}>
          <Words kind={isHead || i === 0 ? 'label' : 'title'} tone={isHead ? 'pencil' : 'ink'}>
            {cell}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  ruled: { borderTopWidth: LINE.hair },
  row: { flexDirection: 'row', alignItems: 'center', minHeight: 36 },
  name: { flex: 1.4 },
  cell: { flex: 1, paddingLeft: SPACE.xs },
});
