import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { start, type Started } from '../src/served.fixture';

/** Does something with a server on a database of its own, which `fill` may have filled, and removes both. */
export async function served<T>(
  fill: ((file: string) => Promise<void>) | undefined,
  work: (started: Started, file: string) => Promise<T>,
): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'swing-proof-'));
  const file = join(folder, 'proof.sqlite');
  await fill?.(file);
  // One client asks here for as many devices as there are.
  process.env['REQUESTS_A_MINUTE'] = '100000000';
  const started = await start(file);
  try {
    return await work(started, file);
  } finally {
    await started.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}
