// npm test: install, lint, types, share of tests, unit, build, end to end. Stops at the first part that fails, with its exit code.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, run } from './house.mjs';
import { SHARE_FROM, SHARE_TO, testShare } from './test-share.mjs';

const RESULTS = join(ROOT, 'test-results');
const bin = (name) => join(ROOT, 'node_modules/.bin', name);

const part = (title, work) => {
  const begun = Date.now();
  console.log(`\n— ${title}`);
  const done = work();
  const say = () => console.log(`— ${title}: ${((Date.now() - begun) / 1000).toFixed(0)} s`);
  return done instanceof Promise ? done.then(say) : say();
};

ensureInstalled();
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });
const CHROMIUM = ensureChromium();

part('lint', () => run('npm', ['run', '-s', 'lint']));
part('types', () => run('npm', ['run', '-s', 'types']));
const { tests, all, share } = testShare();
console.log(`\n${tests} of ${all} lines are tests: ${share.toFixed(1)} %, wanted ${SHARE_FROM} to ${SHARE_TO} %`);
if (share < SHARE_FROM || share > SHARE_TO) process.exit(1);
part('unit', () => run(bin('jest'), ['--json', '--outputFile=test-results/unit.json']));
const unit = JSON.parse(readFileSync(join(RESULTS, 'unit.json'), 'utf8'));
await part('build', () => ensureBuilt());
part('end to end', () => run(bin('playwright'), ['test', '-c', 'e2e/playwright.config.ts'], { CHROMIUM }));

const { stats } = JSON.parse(readFileSync(join(RESULTS, 'e2e.json'), 'utf8'));
const passed = unit.numPassedTests + stats.expected;
const failed = unit.numFailedTests + stats.unexpected + stats.flaky;
console.log(`\n${passed} passed, ${failed} failed`);
if (passed === 0 || failed > 0) process.exit(1);
