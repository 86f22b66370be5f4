import { backUp } from './record/backup';
import { runCommand } from './command';

/** npm run backup [-- FOLDER]: copies the database, also while it is served. */
await runCommand(async ({ database, argument }) => `Backed up to ${await backUp(database, argument ?? 'data/backups')}`);
