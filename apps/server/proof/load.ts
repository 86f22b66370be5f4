import { cpus } from 'node:os';
import { parseArgs } from 'node:util';
import { againstSql } from './load/againstSql';
import { quantile } from './load/cpuOf';
import { devicesWriting } from './load/devices';
import { fillBook, type Book } from './load/fillBook';
import { healthUnderPlans } from './load/healthUnderPlans';
import { served } from './served';

/**
 * npm run test:load: a server of its own under 50 and 200 devices, its health while it plans, and its reads beside plain SQLite on 1,260 and
 * 100,000 calls. Prints figures beside what is asked of them, which holds for a quiet machine; ends with 1 only when a request went wrong.
 */
const { values } = parseArgs({
  options: {
    devices: { type: 'string', default: '200' },
    seconds: { type: 'string', default: '60' },
    calls: { type: 'string', default: '100000' },
  },
});
const [most, seconds, calls] = [Number(values.devices), Number(values.seconds), Number(values.calls)];
const FEW = 50;
const PLANNING_SECONDS = 15;
const MOST_SHOWN = 5;
const LIST_CALLS = 1260;
const ms = (figure: number) => `${figure.toFixed(1)} ms`;

console.log(`${cpus()[0]?.model ?? ''}, ${cpus().length} processors, Node.js ${process.versions.node}`);
let errors = 0;
for (const devices of [FEW, most]) {
  const found = await served(undefined, (started) => devicesWriting(started, devices, seconds));
  errors += found.errors.length;
  console.log(
    `${devices} devices, ${seconds} s: ${found.writes} writes, ${found.reads} reads, errors ${found.errors.length}; ` +
      `write p50 ${ms(found.writeP50Ms)}, p95 ${ms(found.writeP95Ms)}; read p95 ${ms(found.readP95Ms)}; server's processor a write ${ms(found.cpuAWriteMs)}`,
  );
  for (const error of found.errors.slice(0, MOST_SHOWN)) console.log(`  ${error}`);
}

const health = await served(undefined, ({ url }) => healthUnderPlans(url, PLANNING_SECONDS));
console.log(
  `health while ${health.plans} plans ran (refused ${health.refused}): median ${ms(quantile(health.healthMs, 0.5))}, ` +
    `p99 ${ms(quantile(health.healthMs, 0.99))}, slowest ${ms(quantile(health.healthMs, 1))} (asked: at most 50 ms)`,
);

for (const size of [LIST_CALLS, calls]) {
  const book: Book = { callIds: [], doorIds: [], lastDue: '' };
  const fill = async (file: string) => void Object.assign(book, await fillBook(file, size));
  const figures = await served(fill, ({ url }, file) => againstSql(url, file, book));
  console.log(`${size} calls`);
  for (const { says, rows, apiMs, sqlMs } of figures) {
    console.log(
      `  ${says.padEnd(24)}${String(rows).padStart(6)} rows, API ${ms(apiMs).padStart(9)}, SQLite ${ms(sqlMs).padStart(9)}, ${(apiMs / sqlMs).toFixed(1)} times`,
    );
  }
}
if (errors > 0) process.exitCode = 1;
