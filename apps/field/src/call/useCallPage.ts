import { useLocalSearchParams } from 'expo-router';
import { useCallRecord, type CallRecordState } from '../offline/useCallRecord';

/** The call a page under /call/[id] is about. */
export function useCallPage(): CallRecordState & { callId: string } {
  const { id } = useLocalSearchParams<{ id: string }>();
  return { callId: id, ...useCallRecord(id) };
}
