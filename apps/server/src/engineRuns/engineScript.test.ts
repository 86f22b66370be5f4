import { ENGINE } from '@proper-swing/contract/engine';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { engineScript } from './engineScript';
import { work } from './engineWork';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'swing-script-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

it('is one script that answers as the sources do, without what tsx adds', async () => {
  const file = await engineScript(folder);
  const example = ENGINE.find(({ name }) => name === 'hinged.diagnose')?.example;
  const task = { does: 'run', name: 'hinged.diagnose', input: example } as const;
  const asks = `import(${JSON.stringify(file)}).then(({ default: work }) => console.log(JSON.stringify(work(${JSON.stringify(task)}))))`;
  expect(JSON.parse(execFileSync(process.execPath, ['-e', asks], { encoding: 'utf8' }))).toEqual(work(task));
  expect(readFileSync(file, 'utf8')).not.toContain('__name(');
});

it('is made once for the same sources, and left alone while others read it', async () => {
  const [file, ...same] = await Promise.all([engineScript(folder), engineScript(folder), engineScript(folder)]);
  const { mtimeMs } = statSync(file);
  expect([...same, await engineScript(folder)]).toEqual([file, file, file]);
  expect(readdirSync(folder)).toEqual([basename(file)]);
  expect(statSync(file).mtimeMs).toBe(mtimeMs);
});

it('fails where the folder that was named cannot be written to', async () => {
  const noFolder = join(folder, 'file');
  writeFileSync(noFolder, '');
  await expect(engineScript(join(noFolder, 'below'))).rejects.toThrow(/ENOTDIR|ENOENT/);
});

it('stands beside the program unless told', async () => {
  expect(basename(dirname(await engineScript()))).toBe('engine');
});
