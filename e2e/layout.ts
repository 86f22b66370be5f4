import { expect, type Page } from '@playwright/test';

/** Screens it has to fit, px: telephones with their browser's bars, on their side, a tablet, a low wide screen, a large one at twice the size. */
export const SIZES = [
  [320, 568],
  [360, 640],
  [375, 553],
  [390, 664],
  [412, 732],
  [740, 360],
  [844, 390],
  [768, 1024],
  [1024, 600],
  [640, 400],
] as const;

/** What is wrong with the layout of a page as it stands: texts on each other, what sticks out at the sides, targets too small for a glove. */
export async function layoutFaults(page: Page): Promise<string[]> {
  return page.evaluate((leastTarget) => {
    interface Box {
      left: number;
      right: number;
      top: number;
      bottom: number;
    }
    const clip = (element: Element): Box => {
      const box = element.getBoundingClientRect();
      const shown = { left: box.left, right: box.right, top: box.top, bottom: box.bottom };
      for (let above = element.parentElement; above !== null; above = above.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(above);
        const outer = above.getBoundingClientRect();
        if (overflowX !== 'visible') {
          shown.left = Math.max(shown.left, outer.left);
          shown.right = Math.min(shown.right, outer.right);
        }
        if (overflowY !== 'visible') {
          shown.top = Math.max(shown.top, outer.top);
          shown.bottom = Math.min(shown.bottom, outer.bottom);
        }
      }
      return shown;
    };
    const isShown = ({ left, right, top, bottom }: Box) => right - left > 2 && bottom - top > 2 && top < innerHeight && bottom > 0;
    const says = (element: Element) => (element.textContent ?? '').trim().slice(0, 40);
    const all = [...document.querySelectorAll('body *')].filter((element) => getComputedStyle(element).visibility !== 'hidden');
    const texts = all
      .filter((element) =>
        [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== ''),
      )
      .map((element) => ({ element, box: clip(element) }))
      .filter(({ box }) => isShown(box));
    const faults: string[] = [];
    texts.forEach((a, i) => {
      for (const b of texts.slice(i + 1)) {
        if (a.element.contains(b.element) || b.element.contains(a.element)) continue;
        const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const down = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        // What lies over the page on purpose has a ground of its own.
        const over = [a, b].some(({ element }) => element.closest('[data-over]') !== null);
        if (across > 2 && down > 3 && !over) faults.push(`"${says(a.element)}" lies on "${says(b.element)}"`);
      }
    });
    for (const { element } of texts) {
      const box = element.getBoundingClientRect();
      if (box.left < -1 || box.right > innerWidth + 1) faults.push(`"${says(element)}" sticks out`);
    }
    const targets = all.filter((element) => element.matches('button, input, textarea, a[href], [role=button], [role=radio], [role=link]'));
    for (const target of targets) {
      const box = target.getBoundingClientRect();
      if (box.width === 0 || !isShown(clip(target))) continue;
      const name = target.getAttribute('aria-label') ?? says(target);
      // A word in a sentence is as wide as it is.
      const isWord = getComputedStyle(target).display === 'inline';
      if (Math.min(isWord ? leastTarget : box.width, box.height) < leastTarget) {
        faults.push(`"${name}" is ${Math.round(box.width)} by ${Math.round(box.height)} px`);
      }
      if (box.left < -1 || box.right > innerWidth + 1) faults.push(`"${name}" is out of reach`);
    }
    return [...new Set(faults)];
  }, 43.5);
}

/** Both themes lay a page out alike: the dark one is looked at where there is least room. */
const SCHEMES = { light: SIZES, dark: SIZES.slice(0, 2) } as const;

export type Faults = { at: string; faults: string[] }[];

/** The faults of a screen that stay: a drawing takes its new room a moment after the window did, later on a busy machine. */
async function lastingFaults(page: Page): Promise<string[]> {
  let faults: string[] = [];
  const look = async () => (faults = await layoutFaults(page)).length;
  await expect
    .poll(look, { timeout: 3000 })
    .toBe(0)
    .catch(() => undefined);
  return faults;
}

/** What is wrong on a page on every screen, as it stays. */
export async function faultsAtEverySize(page: Page, name: string): Promise<Faults> {
  const found: Faults = [];
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    for (const [width, height] of SCHEMES[colorScheme]) {
      await page.setViewportSize({ width, height });
      await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
      const faults = await lastingFaults(page);
      if (faults.length > 0) found.push({ at: `${name}, ${width} by ${height}, ${colorScheme}`, faults });
    }
  }
  await page.setViewportSize({ width: 390, height: 844 });
  return found;
}
