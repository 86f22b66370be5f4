// Script sent, gzipped as the server sends it, until a page stands.

/** Each page, how to come to it from its address, what stands on it, and the script it may take, KB. */
const PAGES = [
  { page: 'today', path: '/', stands: 'new-call', budget: 354 },
  { page: 'new call', path: '/new', stands: 'start-call', budget: 371 },
  { page: 'settings', path: '/settings', stands: 'units', budget: 351 },
  { page: 'tables', path: '/tables', stands: 'table', budget: 352 },
  { page: 'bench', path: '/bench', stands: 'bench-latch.strike', budget: 364 },
  { page: 'sheet', path: '/bench/latch-strike', stands: 'field-lowMm', budget: 364 },
  { page: 'listen', path: '/call/:id', stands: 'to-measure', budget: 354 },
  { page: 'look', path: '/call/:id/look', stands: 'to-measure', budget: 352 },
  { page: 'measure', path: '/call/:id/measure', stands: 'estimate-cause', budget: 357 },
  { page: 'find', path: '/call/:id/find', stands: 'to-fix', budget: 351 },
  { page: 'fix', path: '/call/:id/fix', stands: 'plan-outcome', budget: 358 },
  { page: 'turns', path: '/call/:id/turns', stands: 'now', budget: 364 },
  { page: 'prove', path: '/call/:id/prove', stands: 'verdict', budget: 354 },
  { page: 'door', path: '/door/:door', stands: 'new-call-here', budget: 353 },
];

/** Opens each page in a browser that has nothing kept. */
export async function openedPages({ url, browser }) {
  const { id, door } = await aCall({ url, browser });
  const sizes = [];
  for (const { path, ...rest } of PAGES) {
    const address = path.replace(':id', id).replace(':door', door);
    sizes.push({ ...rest, kilobytes: (await bytesOf({ url, browser }, address, rest.stands)) / 1024 });
  }
  return sizes;
}

/** A call on a door with adjustable hinges, and that door. */
async function aCall({ url, browser }) {
  const page = await browser.newPage();
  await page.goto(url);
  await page.getByTestId(/^day-/).nth(1).click();
  await page.getByRole('button', { name: /Orrow household, Front door/ }).click();
  await page.getByTestId('to-measure').waitFor();
  const lastOf = () => new URL(page.url()).pathname.split('/')[2];
  const id = lastOf();
  await page.getByRole('link', { name: 'Earlier visits' }).click();
  await page.getByTestId('new-call-here').waitFor();
  const door = lastOf();
  await page.close();
  return { id, door };
}

/** What the day's page fetches into a browser that has nothing kept, by kind: files, and KB as they are sent. */
export async function firstScreen(shown) {
  const sent = await fetchedBy(shown, '/', 'new-call');
  const kinds = [...new Set(sent.map(({ kind }) => kind))];
  return kinds.map((kind) => {
    const own = sent.filter((each) => each.kind === kind);
    return { kind: kind.toLowerCase(), files: own.length, kilobytes: own.reduce((sum, { bytes }) => sum + bytes, 0) / 1024 };
  });
}

async function bytesOf(shown, path, stands) {
  const sent = await fetchedBy(shown, path, stands);
  return sent.filter(({ kind }) => kind === 'Script').reduce((sum, { bytes }) => sum + bytes, 0);
}

/** All that is fetched until a page stands: its kind, as the browser calls it, and its bytes. */
async function fetchedBy({ url, browser }, path, stands) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  await devtools.send('Network.enable');
  const fetched = new Map();
  devtools.on('Network.responseReceived', ({ requestId, type }) => fetched.set(requestId, { kind: type, bytes: 0 }));
  devtools.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const each = fetched.get(requestId);
    if (each) each.bytes = encodedDataLength;
  });
  await page.goto(new URL(path, url).href);
  await page.getByTestId(stands).first().waitFor();
  await page.waitForLoadState('networkidle');
  await context.close();
  return [...fetched.values()];
}
