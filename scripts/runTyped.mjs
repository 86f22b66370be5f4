// npm run test:fuzz, test:load: runs one program in TypeScript, named first.
import { ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/tsconfig.json', ...process.argv.slice(2)]);
