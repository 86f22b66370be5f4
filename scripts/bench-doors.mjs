// npm run bench:doors: diagnosis and correction on the made-up world of doors, printed and not judged.
import { ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/tsconfig.json', 'packages/world/bench/doors.bench.ts', ...process.argv.slice(2)]);
