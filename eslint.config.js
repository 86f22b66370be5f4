import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

/** Dependencies point one way: field, server → contract → core; the world of doors stands beside them on core. */
const oneWay = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: forbidden.map((group) => ({
          group: [group, `${group}/*`],
          message: 'Dependencies point one way: field, server → contract → core.',
        })),
      },
    ],
  },
});

/** Rooms in the order in which they may be imported: a room knows only those before it. */
const ROOMS = [
  [
    'packages/core/src',
    [
      'fields',
      'numbers',
      'length',
      'timber',
      'cure',
      'history',
      'model',
      'inference',
      'planning',
      'hinged',
      'sliding',
      'doors',
      'swing',
      'load',
      'jamb',
      'sheets',
    ],
  ],
  ['packages/core/src/hinged', ['names', 'card', 'geometry', 'tables', 'plan']],
  ['packages/core/src/sliding', ['card', 'names', 'geometry', 'tables']],
  ['apps/field/src', ['offline', 'design', 'engine', 'record', 'doors', 'call', 'sheets', 'pages']],
];
/** Folders whose parts know nothing of each other: what two of them need stands in a room before. */
const APART = ['apps/field/src/pages', 'apps/field/src/sheets', 'packages/core/src/sheets'];
const partsOf = (folder) =>
  readdirSync(join(import.meta.dirname, folder), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name);

const roomsInOrder = {
  files: ['packages/*/src/**/*.ts', 'apps/*/src/**/*.ts', 'apps/*/src/**/*.tsx'],
  // A test may use whatever shows that a thing works.
  ignores: ['**/*.test.ts', '**/*.test.tsx', '**/*.fixture.ts'],
  rules: {
    'import/no-restricted-paths': [
      'error',
      {
        basePath: import.meta.dirname,
        zones: [
          ...ROOMS.flatMap(([src, rooms]) =>
            rooms.flatMap((room, i) =>
              rooms.slice(i + 1).map((later) => ({
                target: `${src}/${room}`,
                from: `${src}/${later}`,
                message: `Rooms know only those before them: ${rooms.join(' → ')}.`,
              })),
            ),
          ),
          ...APART.flatMap((folder) =>
            partsOf(folder).map((part) => ({
              target: `${folder}/${part}`,
              from: partsOf(folder)
                .filter((other) => other !== part)
                .map((other) => `${folder}/${other}`),
              message: 'Pages know nothing of each other, nor do sheets: put what both need in a room before them.',
            })),
          ),
        ],
      },
    ],
  },
};

export default tseslint.config(
  { ignores: ['**/node_modules', '**/dist', '**/build', '**/.expo', 'data', '**/expo-env.d.ts', 'test-results', 'playwright-report'] },
  ...expo,
  // eslint-disable-next-line import/no-named-as-default-member -- its own manual's way
  ...tseslint.configs.strictTypeChecked.map((config) => ({ ...config, files: ['**/*.ts', '**/*.tsx'] })),
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    settings: {
      'import/resolver': {
        typescript: { project: ['packages/*/tsconfig.json', 'apps/*/tsconfig.json', 'e2e/tsconfig.json', 'demo/tsconfig.json'] },
      },
    },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // TypeORM and yup name as classes what they take and give as plain objects.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/array-type': ['error', { default: 'array' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false, arguments: false } }],
      // A result's type named where it is asked for reads better than a cast at each call.
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
      'import/no-default-export': 'error',
      'import/no-cycle': 'error',
    },
  },
  // Answers of an HTTP test client are typed as anything; the tests say what they expect of them.
  { files: ['**/*.test.ts'], rules: { '@typescript-eslint/no-unsafe-assignment': 'off' } },
  { files: ['apps/server/**/*.ts', 'e2e/**/*.ts'], rules: { 'expo/no-env-var-destructuring': 'off', 'react-hooks/rules-of-hooks': 'off' } },
  {
    files: ['**/*.cjs'],
    languageOptions: {
      globals: { __dirname: 'readonly', __filename: 'readonly', module: 'writable', require: 'readonly', process: 'readonly' },
    },
  },
  {
    files: ['apps/field/app/**/*.tsx', '**/*.config.ts', '**/*.config.js', 'eslint.config.js', 'e2e/globalSetup.ts'],
    rules: { 'import/no-default-export': 'off' },
  },
  { files: ['**/entities/*.ts'], rules: { '@typescript-eslint/no-extraneous-class': 'off' } },
  { files: ['**/*.cjs', '**/*.mjs', 'eslint.config.js'], rules: { 'import/no-default-export': 'off' } },
  roomsInOrder,
  oneWay(['packages/world/**'], ['@proper-swing/contract', '@proper-swing/server', '@proper-swing/field', '@proper-swing/demo']),
  oneWay(
    ['packages/core/**'],
    ['@proper-swing/world', '@proper-swing/contract', '@proper-swing/server', '@proper-swing/field', '@proper-swing/demo'],
  ),
  oneWay(['packages/contract/**'], ['@proper-swing/world', '@proper-swing/server', '@proper-swing/field', '@proper-swing/demo']),
  oneWay(['apps/server/**'], ['@proper-swing/world', '@proper-swing/field', '@proper-swing/demo']),
  oneWay(['apps/field/**'], ['@proper-swing/world', '@proper-swing/server', '@proper-swing/demo', 'typeorm', 'express']),
  prettier,
);
