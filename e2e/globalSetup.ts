import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { ROOT, SEEDED, SERVER_CONFIG } from './house';

/** Lays out the demo workshop once; every test gets a copy of the file. */
export default function globalSetup(): void {
  mkdirSync(dirname(SEEDED), { recursive: true });
  for (const end of ['', '-wal', '-shm']) rmSync(SEEDED + end, { force: true });
  execFileSync('node_modules/.bin/tsx', ['--tsconfig', SERVER_CONFIG, 'demo/src/seedCommand.ts', SEEDED], { cwd: ROOT, stdio: 'inherit' });
}
