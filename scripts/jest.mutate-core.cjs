const { projects } = require('../jest.config.cjs');

/** The tests of inference and planning that are quick enough to be run for every mutant. */
module.exports = {
  ...projects.find(({ displayName }) => displayName === 'core'),
  testMatch: [
    '**/src/{numbers,model,inference,planning}/**/*.test.ts',
    '**/src/hatch.test.ts',
    '**/src/hinged/{outcome,lookAgain}.test.ts',
  ],
  testTimeout: 30000,
};
