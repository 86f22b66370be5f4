import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import { hingedWorld, studyCorrection, studyDiagnosis } from '../src';
import { ownTables } from '../src/engine';
import { SOUND_SHARE } from '../src/studyDiagnosis';
import { SLIDING_FAULT_IDS, SLIDING_OWN } from '../src/sliding/makeSliding';
import { studySliding } from '../src/sliding/studySliding';
import { slidingWorld } from '../src/sliding/slidingWorld';
import { drawTraits, drawWorld, TABLES_OWN, USUAL_WORLDS } from '../src/worldTraits';
import { againstSolver } from './againstSolver';
import { HINGED_LINES, printWorlds } from './printWorlds';
import { SLIDING_LINES, slidingFiguresOf } from './slidingFigures';
import { figuresOf, type WorldFigures } from './worldFigures';

/**
 * npm run bench:doors -- --seed 1 --cases 1000 --worlds all: the tool on doors of made-up worlds. Printed, not judged.
 *
 * `--kind sliding` for sliding doors; hinged ones unless said.
 * `--limit` sets beside it the same engine given each world's own mix, sizes and answers. `--part diagnosis` or `--part correction` for one of the two. Worlds are `own` (the tables'), `all` (own and five drawn by seed), or seeds: `--worlds 101,102`.
 * `--keep FOLDER` keeps each world there once it is done, and a later run of the same goes on from there.
 */
const argument = (name: string, otherwise: string) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : (process.argv[at + 1] ?? otherwise);
};
const seed = Number(argument('seed', '1'));
const cases = Number(argument('cases', '1000'));
const kind = argument('kind', 'hinged');
const part = argument('part', 'both');
const only = argument('world', '');
const hasLimit = process.argv.includes('--limit');
const folder = argument('keep', '');
const worldIds = (wanted: string): string[] => (wanted === 'all' ? ['own', ...USUAL_WORLDS.map(String)] : wanted.split(','));
/** Processor time, ms: another process's work on this machine is not counted. */
const clock = () => {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
};

const doorsOf = { diagnosis: part === 'correction' ? 0 : cases, correction: part === 'diagnosis' ? 0 : cases };

function hingedFigures(id: string): WorldFigures {
  const world = id === 'own' ? TABLES_OWN : drawWorld(Number(id));
  const diagnosis = studyDiagnosis(hingedWorld(world), seed, doorsOf.diagnosis, { clock });
  const correction = studyCorrection(seed, doorsOf.correction, { world, clock });
  const limit = hasLimit ? studyDiagnosis(hingedWorld(world), seed, cases, { engine: ownTables(world, SOUND_SHARE) }) : undefined;
  return figuresOf(world.name, diagnosis, correction, limit);
}

function slidingFigures(id: string): WorldFigures {
  const world = id === 'own' ? SLIDING_OWN : drawTraits(Number(id), SLIDING_FAULT_IDS);
  const diagnosis = studyDiagnosis(slidingWorld(world), seed, doorsOf.diagnosis, { clock });
  return slidingFiguresOf(world.name, diagnosis, studySliding(seed, doorsOf.correction, world, clock));
}

if (only !== '') {
  process.stdout.write(JSON.stringify(kind === 'sliding' ? slidingFigures(only) : hingedFigures(only)));
} else {
  const ids = worldIds(argument('worlds', 'own'));
  const waiting = [...ids];
  const found = new Map<string, WorldFigures>();
  // A world a process, as many at once as there are processors.
  const work = async (): Promise<void> => {
    for (let id = waiting.shift(); id !== undefined; id = waiting.shift()) found.set(id, await keptOr(id, runWorld));
  };
  await Promise.all(cpus().map(work));
  process.stdout.write(`${cpus()[0]?.model ?? ''}, Node.js ${process.versions.node}; seed ${seed}, ${cases} doors a world\n`);
  process.stdout.write(
    printWorlds(
      ids.flatMap((id) => found.get(id) ?? []),
      kind === 'sliding' ? SLIDING_LINES : HINGED_LINES,
    ),
  );
  if (kind === 'hinged') {
    const { times, millis } = await againstSolver(seed);
    process.stdout.write(
      `The plan search against a general mixed-integer solver (HiGHS): ${times.toFixed(1)} times as fast, ${millis.toFixed(2)} ms a door\n`,
    );
  }
}

async function keptOr(id: string, run: typeof runWorld): Promise<WorldFigures> {
  if (folder === '') return run(id);
  const file = join(
    folder,
    `${[...(kind === 'hinged' ? [] : [kind]), id, seed, cases, part, ...(hasLimit ? ['limit'] : [])].join('-')}.json`,
  );
  if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8')) as WorldFigures;
  const figures = await run(id);
  mkdirSync(folder, { recursive: true });
  writeFileSync(file, JSON.stringify(figures));
  return figures;
}

function runWorld(id: string): Promise<WorldFigures> {
  const [node, ...own] = [process.execPath, ...process.execArgv, process.argv[1] ?? ''];
  const child = spawn(
    node,
    [
      ...own,
      '--world',
      id,
      '--seed',
      String(seed),
      '--cases',
      String(cases),
      '--part',
      part,
      '--kind',
      kind,
      ...(hasLimit ? ['--limit'] : []),
    ],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  return new Promise((resolve, reject) => {
    let text = '';
    child.stdout.on('data', (part: Buffer) => (text += part.toString()));
    child.on('error', reject);
    child.on('close', (code) => (code === 0 ? resolve(JSON.parse(text) as WorldFigures) : reject(new Error(`${id} ended with ${code}`))));
  });
}
