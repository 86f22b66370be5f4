import type { CallRecord } from '@proper-swing/contract';
import { v7 } from 'uuid';
import { deviceId } from '../offline/deviceId';
import { stamp } from '../offline/write';

/** What every entry of a call tells of its own writing. */
export interface Written {
  id: string;
  writtenAt: string;
  device: string;
  /** The last entry of the call that was known. */
  after?: string;
}

/** A fresh stamp for an entry about to be written on a call. */
export function entryStamp(record: CallRecord): Written {
  const { readingSets, readings, findings, adjustments, notes, worksheets } = record;
  const last = [readingSets, readings, findings, adjustments, notes, worksheets]
    .flat()
    .reduce((latest, { id }) => (id > latest ? id : latest), '');
  return { ...stamp(), device: deviceId(), ...(last !== '' && { after: last }) };
}

/** A name for one act: what is written with it carries it, and is taken back together. */
export const newAct = (): string => v7();
