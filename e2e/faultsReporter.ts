import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter';
import { NOTHING_LOST } from './house';

/** Prints what each fault has cost, for `npm run test:faults`, and what failed. */
// eslint-disable-next-line import/no-default-export -- Playwright asks for it so
export default class FaultsReporter implements Reporter {
  onTestEnd(test: TestCase, { status, annotations, error }: TestResult): void {
    for (const { type, description } of annotations) if (type === NOTHING_LOST) console.log(description);
    if (status !== 'passed') console.log(`FAILED: ${test.title}\n${error?.message ?? ''}`);
  }

  printsToStdio(): boolean {
    return true;
  }
}
