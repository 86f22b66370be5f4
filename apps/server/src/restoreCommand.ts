import { runCommand } from './command';
import { DatabaseFault } from './record/databaseFile';
import { restore } from './record/backup';

/** npm run restore -- FILE: puts a backup in the place of the database, which nobody may be serving. */
await runCommand(async ({ database, argument }) => {
  if (argument === undefined) throw new DatabaseFault('Say which backup: npm run restore -- FILE.');
  const kept = await restore(argument, database);
  return `Restored ${argument}.${kept === undefined ? '' : ` What was there is kept: ${kept}`}`;
});
