const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { transformSync } = require('esbuild');

/** Compiles TypeScript for the packages without interface code. */
module.exports = {
  process(source, filename) {
    const { code, map } = transformSync(source, {
      loader: 'ts',
      format: 'cjs',
      target: 'node20',
      sourcemap: true,
      sourcefile: filename,
      define: { 'import.meta.dirname': '__dirname', 'import.meta.url': 'urlOfThis' },
      banner: source.includes('import.meta.url') ? "const urlOfThis = require('node:url').pathToFileURL(__filename).href;" : '',
      supported: { 'dynamic-import': false },
      tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } },
    });
    return { code, map };
  },
  getCacheKey(source, filename) {
    return createHash('sha1')
      .update(source)
      .update(filename)
      .update(require('esbuild').version)
      .update(readFileSync(__filename))
      .digest('hex');
  },
};
