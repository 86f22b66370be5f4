import { availableParallelism } from 'node:os';
import { Tinypool } from 'tinypool';
import { problem } from '../http/httpProblem';
import { engineScript } from './engineScript';
import type { EngineOutcome, EngineTask } from './engineWork';

/** So many requests wait at most for each thread that computes. */
const WAITING_A_THREAD = 8;
/** A thread that nobody needs is let go after this, ms. */
const IDLE_MS = 60_000;
/** A search makes and drops much: with little room for it a thread cleans up a quarter of its time, MB. */
const YOUNG_MB = 96;
/** No request of the engine takes nearly as long, ms. */
const LONGEST_MS = 20_000;

/** The engine in threads of its own. */
export interface EngineThreads {
  /**
   * The answer as JSON.
   *
   * @param signal ends it, whoever asked having left
   * @throws HttpProblem 422 naming what is wrong with the request, 503 when too many wait already
   */
  answer: (task: EngineTask, signal?: AbortSignal) => Promise<string>;
  /** Makes ready what the first question would else wait for; none need wait for it. */
  prepare: () => Promise<void>;
  close: () => Promise<void>;
}

/** Threads are started when the engine is first asked, and one processor is left to answer everything else. */
export function engineThreads(threads = Math.max(1, availableParallelism() - 1), waitingEach = WAITING_A_THREAD): EngineThreads {
  let opened: Promise<Tinypool> | undefined;
  let script: Promise<string> | undefined;
  const scriptMade = () => {
    script ??= engineScript();
    // What failed once may be tried again.
    script.catch(() => (script = undefined));
    return script;
  };
  const open = async () =>
    new Tinypool({
      filename: await scriptMade(),
      minThreads: 0,
      maxThreads: threads,
      maxQueue: threads * waitingEach,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
    });
  const pool = () => {
    opened ??= open();
    opened.catch(() => (opened = undefined));
    return opened;
  };
  return {
    answer: async (task, signal) => {
      // The pool must not hear of it once it has answered: what it sent away it would look for in vain.
      const ends = new AbortController();
      const end = () => ends.abort();
      const late = setTimeout(end, LONGEST_MS);
      signal?.addEventListener('abort', end);
      const outcome = (await pool()
        .then((threadPool) => threadPool.run(task, { signal: ends.signal }))
        .catch((error: unknown) => {
          throw asProblem(error, signal);
        })
        .finally(() => {
          clearTimeout(late);
          signal?.removeEventListener('abort', end);
        })) as EngineOutcome;
      if ('json' in outcome) return outcome.json;
      throw problem(422, outcome.title, outcome.message, outcome.errors);
    },
    prepare: async () => {
      await scriptMade().catch(() => undefined);
    },
    close: async () => {
      await (await opened)?.destroy();
      opened = undefined;
    },
  };
}

function asProblem(error: unknown, signal: AbortSignal | undefined): unknown {
  const { name, message } = error instanceof Error ? error : { name: '', message: '' };
  if (/queue/i.test(message)) return problem(503, 'Busy', 'The engine has as much to compute as it can. Try again in a moment.');
  if (name === 'AbortError' && signal?.aborted !== true) return problem(503, 'Too long', 'The engine did not come to an end. Try again.');
  return error;
}
