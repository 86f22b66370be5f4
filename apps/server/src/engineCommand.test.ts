import { describeEngine, ENGINE, engineFunction, runEngine } from '@proper-swing/contract/engine';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { engineCommand } from './engineCommand';

const ROOT = join(__dirname, '../../..');

/** The command as a shell runs it. */
function inShell(args: readonly string[], input = ''): { status: number | null; out: string; err: string } {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', 'apps/server/src/engine.ts', ...args], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
    env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'apps/server/tsconfig.json') },
  });
  return { status, out: stdout, err: stderr };
}

const engine = (args: readonly string[], input = '') => engineCommand(args, () => input);

describe('the engine on the command line', () => {
  it('ends in a shell as it says, with what it read there', () => {
    const good = ['length.parse', '-'] as const;
    expect(inShell(good, '{"text":"2-1/4"}')).toEqual(engine(good, '{"text":"2-1/4"}'));
    expect(inShell(good, '{')).toEqual(engine(good, '{'));
    expect(engine(good, '{').status).toBe(1);
  });

  it('lists every function', () => {
    const { status, out } = engine(['list']);
    expect(status).toBe(0);
    expect(JSON.parse(out)).toEqual(ENGINE.map(({ name, title, example }) => ({ name, title, example })));
  });

  it('runs the example of every calculation of the bench when it is given nothing else', () => {
    for (const name of ['latch.strike', 'swing.drift', 'multipoint.next']) {
      const { status, out } = engine([name]);
      const found = engineFunction(name);
      expect(status).toBe(0);
      expect(JSON.parse(out)).toEqual(JSON.parse(JSON.stringify(found && runEngine(found, found.example))));
    }
  });

  it('describes a function with its schemas and an example that runs', () => {
    const each = ENGINE.find(({ name }) => name === 'hinged.diagnose');
    if (each === undefined) throw new Error('no hinged.diagnose');
    const { status, out } = engine(['describe', 'hinged.diagnose']);
    expect(status).toBe(0);
    expect(JSON.parse(out)).toEqual(JSON.parse(JSON.stringify(describeEngine(each))));
  });

  it('takes a request from a file and from standard input, to the same answer', () => {
    const folder = mkdtempSync(join(tmpdir(), 'swing-engine-'));
    const file = join(folder, 'request.json');
    const request = JSON.stringify({ text: '80-3/8"' });
    writeFileSync(file, request);
    const fromFile = engine(['length.parse', file]);
    const fromInput = engine(['length.parse', '-'], request);
    rmSync(folder, { recursive: true });
    expect(fromFile.status).toBe(0);
    expect(fromInput.out).toBe(fromFile.out);
    // 80 3/8 in × 25.4 mm.
    expect((JSON.parse(fromFile.out) as { mm: number }).mm).toBeCloseTo(2041.525, 6);
  });

  it.each<[string, readonly string[], string, string]>([
    ['no function of that name', ['hinged.guess'], '', 'no function "hinged.guess"'],
    ['nothing at all', [], '', 'usage:'],
    ['a faulty field', ['hinged.diagnose', '-'], '{"readings":"x"}', 'readings: '],
    ['no JSON', ['hinged.diagnose', '-'], '{', 'Standard input: '],
    ['a length that cannot be read', ['length.parse', '-'], '{"text":"3x"}', 'Cannot read "x" at character 2'],
    ['a file that is not there', ['length.parse', 'nowhere.json'], '', 'nowhere.json: '],
  ])('ends with 1 and says so: %s', (_, args, input, message) => {
    const { status, out, err } = engine(args, input);
    expect(status).toBe(1);
    expect(out).toBe('');
    expect(err).toContain(message);
    expect(err).not.toContain('    at ');
  });
});
