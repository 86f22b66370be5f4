import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { ContactLines } from '../../day/ContactLines';
import { dayWords, timeOf } from '../../day/days';
import { WhenFields, type WhenFieldsProps } from '../../day/WhenFields';
import { Notice } from '../../design/Notice';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { Standing } from '../../day/Standing';
import { SameSite } from './SameSite';

export interface VisitProps {
  record: CallRecord;
  now: Date;
  when: WhenFieldsProps;
  /** Where it was moved from just now, and the way back. */
  moved: { from: Date; onBack: () => void } | undefined;
  onFault: (says: string) => void;
}

/** What can be said of a visit: when, how it stands, and what else there is at the site. */
export function Visit({ record, now, when, moved, onFault }: VisitProps) {
  const { width } = useScreen();
  const { call, site, door } = record;
  const isWide = width >= WIDE_FROM;
  const booked = `${dayWords(call.scheduledFor, now)}, ${timeOf(call.scheduledFor)}`;
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={[styles.narrow, isWide && styles.column]}>
        {moved && (
          <Notice tone="ink" action={{ label: 'Move it back', onPress: moved.onBack, testID: 'move-back' }} testID="moved">
            {`Moved from ${dayWords(moved.from, now)}, ${timeOf(moved.from)}.`}
          </Notice>
        )}
        <Section title="When">
          <Words kind="strong" testID="booked-for">
            {booked}
          </Words>
          <WhenFields {...when} />
        </Section>
        <Section title="How it stands">
          <Standing call={call} onFault={onFault} />
        </Section>
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section title={site.name}>
          <ContactLines site={site} />
          <Press onPress={() => router.navigate(`/site/${site.id}`)} testID="to-site">
            All its doors and visits
          </Press>
        </Section>
        <SameSite site={site} doorId={door.id} scheduledFor={call.scheduledFor} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
});
