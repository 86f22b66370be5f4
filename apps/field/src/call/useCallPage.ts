import type { CallRecord } from '@proper-swing/contract';
import { useLocalSearchParams } from 'expo-router';
import { useCallRecord } from '../offline/useCallRecord';

/** The call a page under /call/[id] is about. */
export function useCallPage(): { callId: string; record: CallRecord | undefined; isMissing: boolean } {
  const { id } = useLocalSearchParams<{ id: string }>();
  return { callId: id, ...useCallRecord(id) };
}
