import { openApiDocument } from '@proper-swing/contract/openApi';
import { parseArgs } from 'node:util';
import { asker } from './asker';
import { runTrials } from './fuzz/runTrials';
import { served } from './served';

/**
 * npm run test:fuzz -- --requests 100000 --seed 1: requests of every sort, sound and hostile, to every address of a server on an empty database
 * of its own. Prints each broken promise and how many there were; ends with 1 when there was one.
 */
const { values } = parseArgs({ options: { requests: { type: 'string', default: '10000' }, seed: { type: 'string', default: '1' } } });
const TOLD_EVERY = 10_000;
const MOST_SHOWN = 20;

const { answered, given, slowestMs, broken } = await served(undefined, async ({ url }) => {
  const { ask, close } = asker(url);
  const amount = { requests: Number(values.requests), seed: Number(values.seed) };
  const tried = await runTrials(openApiDocument('0'), amount, ask, (asked) => asked % TOLD_EVERY === 0 && console.log(`${asked} asked`));
  close();
  return tried;
});
for (const [address, { asked, given: gave }] of Object.entries(given).sort(([a], [b]) => a.localeCompare(b))) {
  if (asked > 100) console.log(`${address.padEnd(48)}${String(asked).padStart(8)} asked${String(gave).padStart(8)} given`);
}
for (const { promise, says, trial } of broken.slice(0, MOST_SHOWN)) {
  console.log(`\n${promise}: ${says}\n  ${trial.method} ${trial.path}\n  ${trial.body?.slice(0, 1500) ?? ''}`);
}
const counts = Object.entries(answered)
  .sort()
  .map(([hundred, n]) => `${hundred} ${n}`);
const of = (promise: string) => broken.filter((each) => each.promise === promise).length;
console.log(
  `\nrequests ${values.requests}, seed ${values.seed}: ${counts.join(', ')}; slowest ${slowestMs.toFixed(0)} ms; ` +
    `5xx ${of('no 5xx')}, over a second ${of('within a second')}, other broken promises ${
      broken.filter(({ promise }) => promise !== 'no 5xx' && promise !== 'within a second').length
    }`,
);
if (broken.length > 0) process.exitCode = 1;
