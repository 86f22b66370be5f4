import type { Door } from '@proper-swing/contract';
import { format } from 'date-fns/format';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { SPACE } from '../../design/tokens';
import { ComparedDrawing } from '../../doors/ComparedDrawing';
import { comparedGaps } from '../../record/comparedGaps';
import { inTime, type VisitGaps } from './visitGaps';

/** So many visits are picked from; older ones stand in the table. */
const MOST_PICKED = 6;

const dateOf = ({ record }: VisitGaps) => format(record.call.scheduledFor, 'd MMM yyyy');

/** How the door hung after a visit, against how it hung after the one before. */
export function VisitDrawing({ door, visits }: { door: Door; visits: readonly VisitGaps[] }) {
  const ordered = useMemo(() => inTime(visits), [visits]);
  const picked = ordered.slice(-MOST_PICKED);
  const [chosen, setChosen] = useState<string>();
  const picks = ordered.findIndex(({ record }) => record.call.id === chosen);
  const at = picks < 0 ? ordered.length - 1 : picks;
  const [before, shown] = [ordered[at - 1], ordered[at]];
  const gaps = useMemo(() => (shown ? comparedGaps(door, before?.readings ?? new Map(), shown.readings) : []), [door, before, shown]);
  if (shown === undefined) return null;
  return (
    <View style={styles.visit}>
      {picked.length > 1 && (
        <Choice
          label="Visit"
          options={picked.map((visit) => ({ id: visit.record.call.id, label: dateOf(visit) }))}
          chosen={shown.record.call.id}
          onChoose={setChosen}
          testID="visit"
        />
      )}
      <ComparedDrawing door={door} gaps={gaps} dashed={before ? dateOf(before) : ''} testID="visit-drawing" />
    </View>
  );
}

const styles = StyleSheet.create({ visit: { gap: SPACE.s } });
