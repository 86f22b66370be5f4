import { pathOf, ROUTES } from '@proper-swing/contract';
import fc from 'fast-check';
import { setTimeout as wait } from 'node:timers/promises';
import { asker } from '../asker';
import { observedArbitrary } from '../fuzz/observedArbitrary';

/** So many plans are asked for at once. */
const AT_ONCE = 4;
const ASKED_EVERY_MS = 20;
const FIRST_ANSWERS = 10;

/** How soon the server says how it is while it plans without a pause: its answers, and how many plans came in that time. */
export async function healthUnderPlans(url: string, seconds: number): Promise<{ healthMs: number[]; plans: number; refused: number }> {
  const { ask, close } = asker(url);
  const doors = fc.sample(observedArbitrary, { seed: 1, numRuns: 400 });
  const health = { method: 'get', path: pathOf(ROUTES.health) };
  // The first answers of a program that has just begun take longer, whatever it computes.
  for (let n = 0; n < FIRST_ANSWERS; n += 1) await ask(health);
  const until = performance.now() + seconds * 1000;
  const found = { healthMs: [] as number[], plans: 0, refused: 0 };
  const plan = { method: 'post', path: pathOf(ROUTES.engineRun, { name: 'hinged.plan' }), type: 'application/json' };
  const planning = async (_: unknown, place: number) => {
    for (let n = place; performance.now() < until; n += AT_ONCE) {
      const { status } = await ask({ ...plan, body: JSON.stringify(doors[n % doors.length]) });
      if (status === 200) found.plans += 1;
      else found.refused += 1;
    }
  };
  const asking = async () => {
    while (performance.now() < until) {
      found.healthMs.push((await ask(health)).millis);
      await wait(ASKED_EVERY_MS);
    }
  };
  await Promise.all([...Array.from({ length: AT_ONCE }, planning), asking()]);
  close();
  return found;
}
