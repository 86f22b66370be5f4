import { seed } from './seed';

/** `tsx demo/src/seedCommand.ts <file>`: fills a database with the made-up workshop. */
const [file] = process.argv.slice(2);
if (file === undefined) throw new Error('Say which file to seed.');
await seed(file, new Date());
