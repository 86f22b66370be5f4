import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { inAddress } from '../../call/stages';
import { useLengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import { useEstimate, useSheetAnswer } from '../../engine/useEngine';
import { usePreferences } from '../../offline/preferences';
import { observedNow } from '../../record/observed';
import type { BenchSheet } from '../../sheets/benchSheet';
import { prefill } from '../../sheets/prefill';
import { readSheet, usualTyped } from '../../sheets/typedSheet';

/** What a sheet says of the call as it stands, beside the plan whose work it reckons; nothing where the call does not know enough. */
export function ToldBeside({ record, sheet }: { record: CallRecord; sheet: BenchSheet }) {
  const words = useLengthWords();
  const { units } = usePreferences();
  const estimate = useEstimate(useMemo(() => observedNow(record), [record]));
  const request = useMemo(() => {
    const { typed } = prefill(sheet, record, estimate, words.bare);
    const read = readSheet(sheet, { ...usualTyped(sheet, words.bare), ...typed }, units);
    return read.state === 'ready' ? read.request : undefined;
  }, [sheet, record, estimate, words, units]);
  const { answer } = useSheetAnswer(sheet.name, request);
  if (request === undefined || answer?.ok !== true) return null;
  return (
    <View>
      <Words kind="strong">{sheet.title}</Words>
      <Words testID={`told-${sheet.name}`}>{sheet.says(answer.value, words)}</Words>
      <Press
        kind="quiet"
        onPress={() => router.replace(`/call/${record.call.id}/sheet/${inAddress(sheet.name)}`)}
        testID={`told-${sheet.name}-open`}
      >
        By which timber, climate, gaps? Book the return
      </Press>
    </View>
  );
}
