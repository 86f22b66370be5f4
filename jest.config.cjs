const plain = (name, root) => ({
  displayName: name,
  rootDir: __dirname,
  roots: [`<rootDir>/${root}`],
  testEnvironment: 'node',
  testMatch: ['**/*.test.ts'],
  transform: { '\\.[jt]s$': '<rootDir>/jest.esbuild.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!(fast-check|pure-rand|uuid|date-fns)/)'],
});

module.exports = {
  testTimeout: 30000,
  projects: [
    plain('core', 'packages/core'),
    plain('world', 'packages/world'),
    plain('contract', 'packages/contract'),
    plain('server', 'apps/server'),
    {
      ...require('jest-expo/jest-preset'),
      displayName: 'field',
      rootDir: `${__dirname}/apps/field`,
      testMatch: ['**/src/**/*.test.ts', '**/src/**/*.test.tsx'],
      transformIgnorePatterns: [
        '/node_modules/(?!(jest-)?react-native|@react-native|expo|@expo|lucide-react-native|uuid|date-fns|idb-keyval|comlink|@tanstack|standard-navigation)',
      ],
    },
  ],
};
