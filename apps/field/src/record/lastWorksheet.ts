import { byWriteOrder, standing, type CallRecord, type Worksheet } from '@proper-swing/contract';

/** What was kept last of a sheet with a call. */
export const lastWorksheet = (record: Pick<CallRecord, 'worksheets'>, name: Worksheet['sheet']): Worksheet | undefined =>
  standing(record.worksheets)
    .sort(byWriteOrder)
    .findLast(({ sheet }) => sheet === name);
