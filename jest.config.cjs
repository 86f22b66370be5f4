const plain = (name, root) => ({
  displayName: name,
  rootDir: __dirname,
  roots: [`<rootDir>/${root}`],
  testEnvironment: 'node',
  testMatch: ['**/*.test.ts'],
  transform: { '\\.[jt]s$': '<rootDir>/jest.esbuild.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!(fast-check|pure-rand|uuid|date-fns|tinypool)/)'],
});

const field = require('jest-expo/jest-preset');
const SCRIPTS = '\\.[jt]sx?$';
/** Letters are assets there, as pictures are. */
const LETTERS = '\\.woff2?$';
const asset = Object.entries(field.transform).find(([files]) => files.includes('ttf'))[1];
const [babelJest, babelOptions] = field.transform[SCRIPTS];
// Jest runs scripts that know no import(): there a late script is required when it is asked for.
const lateScripts = {
  test: [`${__dirname}/apps`, `${__dirname}/packages`],
  plugins: ['@babel/plugin-transform-dynamic-import', '@babel/plugin-transform-modules-commonjs'],
};

module.exports = {
  testTimeout: 30000,
  projects: [
    plain('core', 'packages/core'),
    plain('world', 'packages/world'),
    plain('contract', 'packages/contract'),
    plain('server', 'apps/server'),
    {
      ...field,
      transform: { ...field.transform, [SCRIPTS]: [babelJest, { ...babelOptions, overrides: [lateScripts] }], [LETTERS]: asset },
      displayName: 'field',
      rootDir: `${__dirname}/apps/field`,
      testMatch: ['**/src/**/*.test.ts', '**/src/**/*.test.tsx'],
      transformIgnorePatterns: [
        '/node_modules/(?!(jest-)?react-native|@react-native|expo|@expo|lucide-react-native|uuid|date-fns|idb-keyval|comlink|@tanstack|@fontsource|standard-navigation)',
      ],
    },
  ],
};
