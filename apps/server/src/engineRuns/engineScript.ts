import { build } from 'esbuild';
import { createHash, randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, rename, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const BUILT = join(import.meta.dirname, '../../build/engine');

/**
 * The engine as one script for a thread to run, made from the sources as they are. A thread that reads each source by itself takes a second
 * to start, and what tsx adds to keep the names of functions costs the search of plans a third of its time.
 *
 * @returns the file it stands in, named after what is in it
 */
export async function engineScript(folder = BUILT): Promise<string> {
  const { outputFiles } = await build({
    stdin: { contents: "export { work as default } from './engineWork';", resolveDir: import.meta.dirname, loader: 'ts' },
    ...{ bundle: true, platform: 'node', format: 'esm', target: 'node20', write: false, logLevel: 'error' },
  });
  const [script] = outputFiles;
  if (script === undefined) throw new Error('The engine could not be made into a script.');
  const name = `engine-${createHash('sha256').update(script.contents).digest('hex').slice(0, 16)}.mjs`;
  return keep(folder, name, script.contents).catch(async (error: unknown) => {
    // Where the program may not write beside itself it may for itself.
    if (folder !== BUILT) throw error;
    return keep(await mkdtemp(join(tmpdir(), 'swing-engine-')), name, script.contents);
  });
}

/** Into place only when it is whole: another server may be reading it. */
async function keep(folder: string, name: string, contents: Uint8Array): Promise<string> {
  const file = join(folder, name);
  if (existsSync(file)) return file;
  await mkdir(folder, { recursive: true });
  const beside = `${file}.${randomUUID()}`;
  await writeFile(beside, contents);
  await rename(beside, file);
  return file;
}
