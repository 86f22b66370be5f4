import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { fullDisk } from './faults/fullDisk';
import { killed } from './faults/killed';
import type { Count } from './faults/written';

/** The first half of npm run test:faults -- --kills 40: a server killed under writes, and one whose disk is full. Ends with 1 where something is lost. */
const { values } = parseArgs({ options: { kills: { type: 'string', default: '40' } } });
process.env['REQUESTS_A_MINUTE'] = '100000000';
const folder = mkdtempSync(join(tmpdir(), 'swing-faults-'));

const told = (fault: string, { confirmed, found, lost, doubled }: Count) => {
  console.log(`${fault}: confirmed ${confirmed}, found ${found}, lost ${lost}, doubled ${doubled}`);
  if (lost > 0 || doubled > 0) process.exitCode = 1;
};

told(`${values.kills} kills`, await killed(join(folder, 'killed.sqlite'), Number(values.kills)));
for (const end of ['kill', 'stop'] as const) {
  const { says, refused, ...count } = await fullDisk(mkdtempSync(join(folder, `${end}-`)), end);
  told(`disk full (${says}, ${refused} refused), then ended by ${end}`, count);
}
rmSync(folder, { recursive: true, force: true });
