// npm run demo: install, build, seed when there is nothing yet, serve. `-- --fresh` starts the made-up workshop over.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, seedInto, serve } from './house.mjs';

ensureInstalled();
await ensureBuilt();
const database = join(ROOT, 'data/demo.sqlite');
if (!existsSync(database) || process.argv.includes('--fresh')) {
  console.log('Laying out the demo workshop.');
  seedInto(database);
}
serve({ DATABASE: database });
