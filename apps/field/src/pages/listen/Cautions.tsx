import type { CallRecord } from '@proper-swing/contract';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { modelFor } from '../../record/door';
import { useSeenBefore } from '../../offline/seenBefore';

/** What to make safe: in full the first time on a call, after that a line each that opens at a tap. */
export function Cautions({ record }: { record: CallRecord }) {
  const isSeen = useSeenBefore(`cautions.${record.call.id}`);
  const [opened, setOpened] = useState<string>();
  return (
    <Slip label="Make safe first">
      {cautionsFor(record).map(({ id, says }) =>
        isSeen && id !== opened ? (
          <Press
            key={id}
            kind="quiet"
            style={styles.caution}
            label={`Read: ${says}`}
            onPress={() => setOpened(id)}
            testID={`caution-${id}`}
          >
            <Words lines={1}>{says}</Words>
          </Press>
        ) : (
          <Words key={id}>{says}</Words>
        ),
      )}
    </Slip>
  );
}

/** Cautions before anything is begun, by their names in the tables of the door's kind. */
function cautionsFor({ door }: CallRecord): { id: string; says: string }[] {
  const model = modelFor(door);
  const { cautions } = model.tables;
  const ids =
    door.kind === 'sliding'
      ? ['glass', 'support', 'openWall', 'structure']
      : [...(door.make.fireRated ? ['fireDoor'] : []), ...(door.make.slabKind === 'glazed' ? ['glass'] : []), 'support', 'structure'];
  return ids.filter(model.hasCaution).flatMap((id) => (cautions[id] === undefined ? [] : [{ id, says: cautions[id] }]));
}

const styles = StyleSheet.create({
  caution: { paddingHorizontal: 0, justifyContent: 'flex-start', borderWidth: 0 },
});
