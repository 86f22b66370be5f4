// npm run test:faults -- --kills 40: a server killed over and over while it is written to, then the bad days of disk, network and devices.
import { ensureBuilt, ensureChromium, ensureInstalled, run, TSX } from './house.mjs';

ensureInstalled();
run(TSX, ['--tsconfig', 'apps/server/proof/tsconfig.json', 'apps/server/proof/faults.ts', ...process.argv.slice(2)]);
console.log('\nThe server’s own tests of disk, stops and starts, backups under writes:');
run('npx', ['jest', '--selectProjects', 'server', '--testPathPattern', 'fullDisk|startAndStop|backup|committing']);
await ensureBuilt();
process.env.CHROMIUM = ensureChromium();
console.log('\nNetwork and devices, in the browser:');
run('npx', [
  'playwright',
  'test',
  '-c',
  'e2e/playwright.config.ts',
  '--reporter',
  './e2e/faultsReporter.ts',
  'offline.spec',
  'faults.spec',
]);
