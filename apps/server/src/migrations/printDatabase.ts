import { dataSourceFor } from '../record/openStore';
import { dumpDatabase } from './dumpDatabase';

/** Prints a database file as it is, not migrated: what `stored` keeps of the program before a migration. */
const [file] = process.argv.slice(2);
if (file === undefined) throw new Error('Name a database file.');
const source = await dataSourceFor(file).initialize();
process.stdout.write(await dumpDatabase(source));
await source.destroy();
