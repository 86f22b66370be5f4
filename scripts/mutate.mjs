// npm run mutate: breaks lines one at a time and tells which of them a unit test notices. First the list kept by hand, then what
// the mutation tool finds in inference, planning and the offline queue. `-- --by-hand` stops after the list, `-- --only core` or
// `offline` runs one of the tool's parts alone.
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, ROOT } from './house.mjs';
import { MUTATIONS } from './mutations.mjs';
import { replaceOnce } from './replaceOnce.mjs';

/** The tool's parts must kill so many of their mutants, percent. */
const LEAST_KILLED = 85;

const jest = (project, tests) =>
  spawnSync(join(ROOT, 'node_modules/.bin/jest'), ['--selectProjects', project, '--testPathPattern', tests, '--bail', '--silent'], {
    cwd: ROOT,
    encoding: 'utf8',
  });

function isNoticed({ file, find, put, project, tests }) {
  const path = join(ROOT, file);
  const whole = replaceOnce(path, find, put);
  try {
    return jest(project, tests).status !== 0;
  } finally {
    writeFileSync(path, whole);
  }
}

function byHand() {
  const survived = MUTATIONS.filter((each) => {
    const noticed = isNoticed(each);
    console.log(`${noticed ? 'noticed ' : 'SURVIVED'}  ${each.breaks} (${each.file})`);
    return !noticed;
  });
  console.log(`By hand: ${MUTATIONS.length - survived.length} of ${MUTATIONS.length} noticed`);
  return survived.length === 0;
}

/** A mutant that no test reaches has survived; one that the tests never end on is killed. What cannot be loaded counts as neither. */
function counted(mutants) {
  const among = (...states) => mutants.filter(({ status }) => states.includes(status)).length;
  return { killed: among('Killed', 'Timeout'), survived: among('Survived', 'NoCoverage') };
}

function byTool(part) {
  const { status } = spawnSync(join(ROOT, 'node_modules/.bin/stryker'), ['run', `scripts/stryker.${part}.json`], {
    cwd: ROOT,
    stdio: 'inherit',
  });
  const report = JSON.parse(readFileSync(join(ROOT, `test-results/mutation-${part}.json`), 'utf8'));
  const files = Object.entries(report.files).map(([file, { mutants }]) => ({ file, ...counted(mutants) }));
  for (const { file, killed, survived } of files.sort((a, b) => b.survived - a.survived)) {
    console.log(`${String(killed).padStart(5)} killed ${String(survived).padStart(4)} survived  ${file}`);
  }
  const sum = (of) => files.reduce((all, each) => all + each[of], 0);
  const [killed, survived] = [sum('killed'), sum('survived')];
  const share = (100 * killed) / (killed + survived);
  console.log(`${part}: ${killed} killed, ${survived} survived, ${share.toFixed(1)} %`);
  return status === 0 && share >= LEAST_KILLED;
}

ensureInstalled();
const only = process.argv.includes('--only') ? process.argv[process.argv.indexOf('--only') + 1] : undefined;
const parts = only === undefined ? ['core', 'offline'] : [only];
const ok = [...(only === undefined ? [byHand()] : []), ...(process.argv.includes('--by-hand') ? [] : parts.map(byTool))];
process.exit(ok.every(Boolean) ? 0 : 1);
