import type { CallRecord } from '@proper-swing/contract';
import { CAUTIONS, type CautionId } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { useSeenBefore } from '../../offline/seenBefore';

/** What to make safe: in full the first time on a call, after that a line each that opens at a tap. */
export function Cautions({ record }: { record: CallRecord }) {
  const isSeen = useSeenBefore(`cautions.${record.call.id}`);
  const [opened, setOpened] = useState<CautionId>();
  return (
    <Slip label="Make safe first">
      {cautionsFor(record).map((id) =>
        isSeen && id !== opened ? (
          <Press
            key={id}
            kind="quiet"
            style={styles.caution}
            label={`Read: ${CAUTIONS[id]}`}
            onPress={() => setOpened(id)}
            testID={`caution-${id}`}
          >
            <Words lines={1}>{CAUTIONS[id]}</Words>
          </Press>
        ) : (
          <Words key={id}>{CAUTIONS[id]}</Words>
        ),
      )}
    </Slip>
  );
}

function cautionsFor({ door }: CallRecord): CautionId[] {
  return [
    ...(door.make.fireRated ? (['fireDoor'] as const) : []),
    ...(door.make.slabKind === 'glazed' ? (['glass'] as const) : []),
    'support',
    'structure',
  ];
}

const styles = StyleSheet.create({
  caution: { paddingHorizontal: 0, justifyContent: 'flex-start', borderWidth: 0 },
});
