import { expect, type Page } from '@playwright/test';
import type { House } from './house';
import { callIdOf, unfold } from './technician';

/** A finger on the app, counted. */
export class Finger {
  taps = 0;
  constructor(readonly page: Page) {}

  async tap(...testIds: string[]) {
    for (const id of testIds) {
      if (id.startsWith('check-')) this.taps += await this.bringUp(id);
      this.taps += 1;
      await this.page.getByTestId(id).click();
    }
  }

  /** On Look a check may be folded away. */
  private async bringUp(id: string): Promise<number> {
    const look = this.page.getByRole('heading', { name: 'These would tell most' });
    await this.page.getByTestId(id).or(look).first().waitFor();
    return (await look.isVisible()) ? unfold(this.page, id) : 0;
  }

  /** Keys of the keypad, each a tap: `3 Next`. */
  async keys(labels: string) {
    await this.tap(...labels.split(' ').map((label) => `key-${label}`));
  }

  /** Figures of one walk: a step of the gauge by its own key, others digit by digit with their Next. */
  async read(...figures: string[]) {
    for (const figure of figures) {
      await expect(this.page.getByTestId('key-Next')).toBeVisible();
      const isGauge = await this.page.getByTestId('key-0–9').isVisible();
      await this.keys(isGauge || figure === 'Rubs' ? figure.replace(/^0?(\d*)\.5$/, '$1½') : [...Array.from(figure), 'Next'].join(' '));
    }
  }

  /** From Today to a call on a door that is known. */
  async begin(url: string, complaint: string, door = 'Committee room', site = 'Ottersby Village Hall'): Promise<string> {
    await this.page.goto(url);
    await this.tap('new-call');
    for (const name of [site, door]) {
      this.taps += 1;
      await this.page.getByRole('radio', { name }).click();
    }
    await this.tap(`complaint-${complaint}`, 'start-call');
    await expect(this.page.getByTestId('to-look')).toBeVisible();
    return callIdOf(this.page);
  }

  /** Logs a step on its own card. */
  async logStep(step: number) {
    this.taps += 1;
    await this.page.getByTestId(`step-${step}`).getByTestId('log-step').click();
  }

  /** Proves by hand and closes. */
  async prove() {
    await this.tap('stage-prove', 'all-good', 'close-call');
  }
}

/** Work that was logged on a call, in its order, with the hinge or end it was done at. */
export const workOf = (house: House, callId: string) =>
  house
    .rows<{ action: string; at: string | null }>(
      'SELECT action, coalesce(hinge, "end") AS at FROM adjustment WHERE callId = ? ORDER BY id',
      callId,
    )
    .map(({ action, at }) => (at === null ? action : `${action} ${at}`));

export const stateOf = (house: House, callId: string) =>
  house.rows<{ state: string; leftBecause: string | null }>('SELECT state, leftBecause FROM "call" WHERE id = ?', callId);

/** A call that was proved and closed. */
export const DONE = [{ state: 'done', leftBecause: null }];
