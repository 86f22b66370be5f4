export { createApp, VERSION, type AppParts } from './app';
export { openStore } from './store/openStore';
export { recordStore, type RecordStore } from './store/recordStore';
