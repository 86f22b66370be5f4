export { createApp, VERSION, type AppParts } from './app';
export { openStore } from './record/openStore';
export { recordStore, type RecordStore } from './record/recordStore';
