const { projects } = require('../jest.config.cjs');

/** The tests of the offline queue. */
module.exports = {
  ...projects.find(({ displayName }) => displayName === 'field'),
  testMatch: ['**/src/offline/**/*.test.ts', '**/src/record/write*.test.ts', '**/src/record/writing.test.ts'],
  testTimeout: 30000,
};
