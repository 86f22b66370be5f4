import { start } from '../../src/served.fixture';
import { countIn, writeOn, type Count, type Writer } from './written';

const WRITERS = 8;
const SHORTEST_LIFE_MS = 50;
const LONGEST_LIFE_MS = 600;
/** Lives that follow each other in no order, and the same ones each time. */
const lifeOf = (n: number) => SHORTEST_LIFE_MS + ((n * 137) % LONGEST_LIFE_MS);

/** A server killed over and over while it is written to; what waits for an answer then is sent again to the next one. */
export async function killed(file: string, kills: number): Promise<Count> {
  const writers = Array.from({ length: WRITERS }, (): Writer => ({ confirmed: [], waiting: undefined }));
  for (let n = 0; n < kills; n += 1) {
    const { url, kill } = await start(file);
    const writing = writers.map(async (writer) => {
      for (let status = await writeOn(writer, url); status !== undefined; status = await writeOn(writer, url)) {
        if (status >= 400) throw new Error(`The server answered ${status}.`);
      }
    });
    const gone = new Promise<void>((resolve) => setTimeout(() => resolve(kill()), lifeOf(n)));
    await Promise.all([gone, ...writing]);
  }
  return countIn(file, writers);
}
