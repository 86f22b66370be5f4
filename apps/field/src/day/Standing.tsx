import type { Call } from '@proper-swing/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { capital } from '../design/capital';
import { Press } from '../design/Press';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { Because } from './Because';
import { movesFrom, stateWords, type CallMove } from './callMoves';
import { timeOf } from './days';
import { tryToMove } from './writeCall';

/** Where a call stands, and every way on from there: one tap, or a reason first. */
export function Standing({ call, onFault }: { call: Call; onFault: (says: string) => void }) {
  const [asking, setAsking] = useState<CallMove>();
  const move = (to: CallMove, because?: string) => {
    if (tryToMove(call, to, onFault, because)) setAsking(undefined);
  };
  const isMoved = call.revision > 1 && call.state !== 'open';
  return (
    <>
      <Words testID="call-state">
        {`${capital(stateWords(call.state))}${isMoved ? `, ${timeOf(call.writtenAt)}` : ''}${call.leftBecause ? `: ${call.leftBecause}` : ''}.`}
      </Words>
      {asking === undefined ? (
        <View style={styles.row}>
          {movesFrom(call.state).map((each) => (
            <Press key={each.to} onPress={() => (each.reasons === undefined ? move(each) : setAsking(each))} testID={`to-${each.to}`}>
              {each.says}
            </Press>
          ))}
        </View>
      ) : (
        <Because
          asks={`${asking.says}: why?`}
          reasons={asking.reasons ?? []}
          leaves="Leave it as it is"
          keeps={asking.says}
          onLeave={() => setAsking(undefined)}
          onBecause={(reason) => move(asking, reason)}
          testID="why-so"
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
