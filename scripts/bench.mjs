// npm run bench: the core's timings, printed and not judged.
import { ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/tsconfig.json', 'packages/core/bench/engine.bench.ts', ...process.argv.slice(2)]);
