// How much of the code is tests: lines of tests, their fixtures and examples, and what drives the browser, over all lines of TypeScript
// and scripts.
import { readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { filesUnder, ROOT } from './house.mjs';

/** A quarter to a third of the lines are tests, give or take one in a hundred, percent. */
export const SHARE_FROM = 24;
export const SHARE_TO = 36;

const NOT_SOURCES = ['node_modules', 'dist', 'dist.earlier', 'build', '.expo'];
const IS_CODE = /\.(ts|tsx|mjs|cjs)$/;
const IS_TEST = /^e2e\/|\.(test|spec|fixture)\.tsx?$|\/example(Record|Records|Door)\.ts$/;

/** Lines of tests, of everything, and the share of tests in percent. */
export function testShare() {
  const files = ['packages', 'apps', 'e2e', 'scripts']
    .flatMap((folder) => filesUnder(join(ROOT, folder), NOT_SOURCES))
    .filter((file) => IS_CODE.test(file));
  const counted = files.map((file) => ({
    isTest: IS_TEST.test(relative(ROOT, file)),
    lines: readFileSync(file, 'utf8').split('\n').length - 1,
  }));
  const sum = (of) => of.reduce((total, { lines }) => total + lines, 0);
  const tests = sum(counted.filter(({ isTest }) => isTest));
  const all = sum(counted);
  return { tests, all, share: (100 * tests) / all };
}
