import { pathOf, recordRoutes, ROUTES, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import { seededRandom } from '@proper-swing/core';
import { setTimeout as wait } from 'node:timers/promises';
import { v7 } from 'uuid';
import { exampleRecords } from '../../src/exampleRecords';
import { asker, type Asked } from '../asker';
import type { Started } from '../../src/served.fixture';
import { cpuOf, quantile } from './cpuOf';

export interface DevicesFigures {
  devices: number;
  writes: number;
  reads: number;
  /** Answers that were not what was asked for, and requests without one, each as it was told. */
  errors: string[];
  writeP50Ms: number;
  writeP95Ms: number;
  readP95Ms: number;
  /** Processor time of the server by what was written, reads among it, ms. */
  cpuAWriteMs: number;
}

/** Between a reading and the next, ms: as fast as a technician can, by half as much more or less. */
const USUAL_PAUSE_MS = 2000;
/** A walk-round; after it the device asks for the day's calls and for the record of its own. */
const READINGS_A_ROUND = 12;

/** Devices that write walk-rounds at the same time, each on a call of its own, for so long. */
export async function devicesWriting(
  { process: { pid }, url }: Started,
  devices: number,
  seconds: number,
  pauseMs = USUAL_PAUSE_MS,
): Promise<DevicesFigures> {
  const { ask, close } = asker(url);
  const figures = { writes: [] as number[], reads: [] as number[], errors: [] as string[] };
  const told = async (asked: Asked, times: number[], wanted: number) => {
    const answer = await ask(asked).catch((error: unknown) => String(error));
    if (typeof answer === 'string') figures.errors.push(answer);
    else if (answer.status === wanted) times.push(answer.millis);
    else figures.errors.push(`${answer.status} ${answer.text}`);
  };
  const write = <K extends RecordKind>(kind: K, body: RecordBodies[K], times: number[] = figures.writes) =>
    told(
      { method: 'put', path: pathOf(recordRoutes(kind).write, { id: body.id }), body: JSON.stringify(body), type: 'application/json' },
      times,
      201,
    );

  const homes = Array.from({ length: devices }, exampleRecords);
  for (const { site, door, call } of homes) {
    await write('sites', site, []);
    await write('doors', door, []);
    await write('calls', call, []);
  }
  const until = performance.now() + seconds * 1000;
  const before = cpuOf(pid ?? 0);
  const random = seededRandom(devices);
  const device = async ({ call, set, reading }: ReturnType<typeof exampleRecords>) => {
    await wait(pauseMs * random.uniform());
    // Not all have come as far with their walk-round.
    for (let first = Math.floor(READINGS_A_ROUND * random.uniform()); ; first = 0) {
      const round = { ...set, id: v7() };
      for (let n = first; n <= READINGS_A_ROUND; n += 1) {
        if (performance.now() > until) return;
        await (n === first ? write('reading-sets', round) : write('readings', { ...reading, id: v7(), setId: round.id }));
        await wait(pauseMs * (0.5 + random.uniform()));
      }
      const day = `?from=${call.scheduledFor.slice(0, 10)}T00:00:00Z&to=${call.scheduledFor.slice(0, 10)}T23:59:59Z`;
      await told({ method: 'get', path: `${pathOf(ROUTES.callSummaries)}${day}` }, figures.reads, 200);
      await told({ method: 'get', path: pathOf(ROUTES.callRecord, { id: call.id }) }, figures.reads, 200);
    }
  };
  await Promise.all(homes.map(device));
  const cpu = cpuOf(pid ?? 0) - before;
  close();
  return {
    ...{ devices, writes: figures.writes.length, reads: figures.reads.length, errors: figures.errors },
    ...{ writeP50Ms: quantile(figures.writes, 0.5), writeP95Ms: quantile(figures.writes, 0.95), readP95Ms: quantile(figures.reads, 0.95) },
    cpuAWriteMs: cpu / figures.writes.length,
  };
}
