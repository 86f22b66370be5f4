// npm run bench, bench:plans, bench:doors: runs one bench, named first. Printed and not judged.
import { ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/tsconfig.json', ...process.argv.slice(2)]);
