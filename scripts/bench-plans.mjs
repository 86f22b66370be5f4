// npm run bench:plans: plans of random doors of two, three and four hinges, printed and not judged.
import { ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/tsconfig.json', 'packages/core/bench/plans.bench.ts', ...process.argv.slice(2)]);
