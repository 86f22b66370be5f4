// npm run bench, bench:plans, bench:doors: runs one bench, named first, as one script, as server and browser run the engine. Printed and not judged.
import { basename, join } from 'node:path';
import { ensureInstalled, ROOT, run } from './house.mjs';

ensureInstalled();
const { build } = await import('esbuild');
const [bench, ...rest] = process.argv.slice(2);

/** Our own packages are TypeScript and go in; the others are found where they are installed. */
const othersStay = {
  name: 'others-stay',
  setup: ({ onResolve }) =>
    onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' || path.startsWith('@proper-swing/') ? undefined : { path, external: true },
    ),
};

const outfile = join(ROOT, 'node_modules/.cache/proper-swing', basename(bench).replace(/\.ts$/, '.mjs'));
await build({
  ...{ entryPoints: [join(ROOT, bench)], bundle: true, platform: 'node', format: 'esm', outfile, sourcemap: true, logLevel: 'warning' },
  plugins: [othersStay],
});
run(process.execPath, ['--enable-source-maps', outfile, ...rest]);
