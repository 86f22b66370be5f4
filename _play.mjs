import { showApp } from './scripts/shownApp.mjs';
const size = { width: 390, height: 664 };
const which = process.argv[2];
const text = async (p, title) => { await p.waitForTimeout(400); await p.waitForLoadState('networkidle'); console.log(`\n===== ${title} [${p.url().replace(/.*\/call\/[^/]*/, '')}]`); console.log((await p.locator('body').innerText()).replace(/\n{2,}/g, '\n')); };
const keys = async (p, list) => { for (const f of list) { const ks = f === 'Rubs' ? ['Rubs'] : [...f.replace('½','½')].concat('Next'); for (const k of ks) await p.getByTestId(`key-${k}`).click(); } };
const fix = async (p) => { await p.getByTestId('stage-fix').click(); await p.getByTestId('plan-outcome').waitFor({ timeout: 60000 }); };
const steps = (p) => p.getByTestId(/^step-\d$/).all();
const check = (p, f, a) => p.getByTestId(`check-${f}-${a}`).click();
const start = async (p, url, preset, complaint, units) => {
  if (units === 'in') { await p.goto(`${url}/settings`); await p.getByTestId('units-in').click(); }
  await p.goto(url); await p.getByTestId('new-call').click();
  await p.getByTestId('site-new').click(); await p.getByTestId('site-name').fill('Tallow Yard ' + which);
  await p.getByTestId('door-title').fill('Back room'); await p.getByTestId(`preset-${preset}`).click();
  await p.getByTestId('start-call').click(); await p.getByTestId('to-look').waitFor();
  if (complaint) await check(p, 'complaint', complaint);
};
const logAll = async (p) => { for (const s of await steps(p)) await s.getByTestId('log-step').click(); };
const shot = (p, n) => p.screenshot({ path: `/tmp/shots/${which}-${n}.png` });
const begin = async (p, url, complaint, site='Ottersby Village Hall', door='Committee room') => {
  await p.goto(url); await p.getByTestId('new-call').click(); await p.getByRole('radio',{name:site}).click(); await p.getByRole('radio',{name:door}).click();
  await p.getByTestId('complaint-'+complaint).click(); await p.getByTestId('start-call').click(); await p.getByTestId('to-look').waitFor(); };
const tap = async (p, ...ids) => { for (const i of ids) await p.getByTestId(i).click(); };
const K = async (p, s) => { for (const k of s.split(' ')) await p.getByTestId('key-'+k).click(); };
const plays = {
  async a(p, url) {
    await begin(p, url, 'rubsLatchTop'); await tap(p,'to-look','check-topScrews-loose','stage-fix'); 
    await tap(p,'log-next'); 
    await tap(p,'check-topScrews-spinning'); 
    await tap(p,'to-check'); await K(p,'4 . 6 Next Rubs 5 Next 0 Next'); 
    await tap(p,'to-next-plan'); await p.waitForTimeout(2500);  await tap(p,'log-next'); 
    await tap(p,'check-topScrews-tight'); await tap(p,'to-check');   await K(p,'4 Next 1 Next 4 . 5 Next 0 Next'); await tap(p,'to-next-plan'); await p.waitForTimeout(2500); await text(p,'fix3'); await tap(p,'check-topLeaves-spread'); await p.waitForTimeout(3000); await text(p,'fix3b'); await tap(p,'log-next','to-check'); await K(p,'2 . 5 Next 2 . 5 Next 3 . 2 Next'); await tap(p,'to-next-plan'); await p.waitForTimeout(2500); await text(p,'fix4');

  },

  async b(p, url) {
    await begin(p, url, 'springsBack'); await tap(p,'to-look','check-springBack-yes','stage-measure'); await K(p,'4 . 5 Next 4 . 5 Next 4 . 5 Next 3 Next 3 Next 3 Next 1 Next 1 Next Rubs');
    await tap(p,'stage-fix'); await p.waitForTimeout(3000); await text(p,'fix'); await shot(p,'fix');
    await tap(p,'log-next'); await p.waitForTimeout(1500); await text(p,'logged1'); 
  },
  async c(p, url) {
    await begin(p, url, 'rubsLatchTop'); await tap(p,'to-look','check-topScrews-tight','check-topLeaves-spread','check-middlePin-byHand','stage-measure'); await K(p,'3 . 5 Next 2 . 2 Next 0 . 8 Next 4 . 6 Next 3 . 8 Next 3 Next 4 . 5 Next 3 . 2 Next 2 Next');
    await tap(p,'stage-find'); await p.waitForTimeout(2500); await text(p,'find'); await shot(p,'find'); await tap(p,'stage-fix'); await p.waitForTimeout(3000); await text(p,'fix'); await shot(p,'fix');
  },
  async j(p, url) {
    await begin(p, url, 'rattles'); await tap(p,'stage-fix'); await p.waitForTimeout(1500); await text(p,'fix0'); await tap(p,'read-unknown'); await K(p,'1 Next 1 Next'); await tap(p,'stage-measure'); await p.waitForTimeout(500); await tap(p,'sheet-gaps').catch(()=>{}); await K(p,'4 . 5 Next 4 . 5 Next 4 . 5 Next 3 Next 3 Next 3 Next 3 . 5 Next 3 . 5 Next 3 . 5 Next');
    await tap(p,'stage-fix'); await p.waitForTimeout(3000); await text(p,'fix'); await shot(p,'fix');
  },
  async loose(p, url) {
    await start(p, url, 'interior', 'rubsLatchTop'); await p.getByTestId('to-look').click();
    await check(p, 'topScrews', 'loose'); await fix(p); await text(p, 'fix'); await shot(p, 'fix');
    await logAll(p); await text(p, 'after log'); await shot(p, 'logged');
  },
  async eighth(p, url) {
    await start(p, url, 'interior', undefined, 'in'); await text(p, 'listen'); await p.getByTestId('stage-measure').click(); await text(p, 'measure');
    await shot(p, 'measure');
    for (let i = 0; i < 9; i++) { await p.getByTestId('key-1/8').click(); }
    await text(p, 'measured'); await p.getByTestId('stage-find').click(); await p.waitForTimeout(2500); await text(p, 'find'); await fix(p); await text(p, 'fix'); await shot(p, 'fix');
  },
  async swollen(p, url) {
    await start(p, url, 'exterior', 'rubsLatchSide'); await check(p, 'complaint', 'sticksWhenWet'); await p.getByTestId('to-look').click();
    await p.getByTestId('stage-measure').click(); await keys(p, ['0.5','0.5','0.5','1.5','1.5','1.5','2','2','2','8','8','8']);
    await p.getByTestId('stage-find').click(); await p.getByTestId('next-best').waitFor(); await text(p, 'find');
    await fix(p); await text(p, 'fix'); await shot(p, 'fix');
    await p.getByTestId('stage-look').click(); await text(p,'look');
    for (const [f,a] of [['season','wet'],['moisture','wet']]) await p.getByTestId(`check-${f}-${a}`).click({timeout:500}).catch(()=>{});
    await fix(p); await text(p, 'fix2');
  },
  async rattle(p, url) {
    await start(p, url, 'interior', 'rattles'); await fix(p);
    await p.getByText('Read it now').click(); await text(p, 'measure'); await keys(p, ['3', '3']); await text(p, 'read'); await fix(p); await text(p, 'fix'); await shot(p, 'fix');
    await p.getByTestId('step-1').getByTestId('log-step').click(); await text(p, 'logged'); 
  },
  async drift(p, url) {
    await start(p, url, 'interior', 'swingsItself'); await p.getByTestId('to-look').click();
    await check(p, 'halfOpen', 'closes'); await fix(p); await text(p, 'fix'); await p.getByTestId('step-1').getByTestId('log-step').click(); await text(p,'logged');
    await check(p, 'halfOpen', 'stays'); await text(p, 'stays'); await p.getByTestId('to-prove').click(); await text(p, 'prove'); await p.getByTestId('to-proof').click().catch(()=>{}); await text(p, 'proof'); await p.getByTestId('close-call').click(); await text(p, 'closed');
  },
  async log(p, url) {
    await start(p, url, 'solid', 'rubsLatchTop'); await p.getByTestId('to-log').click(); await p.getByTestId('group-screws').waitFor(); 
    await p.getByTestId('group-screws').click(); await p.waitForTimeout(300); await shot(p, '0'); await p.getByTestId('work-longScrew').click(); await p.waitForTimeout(300); await shot(p, '1');
    await p.getByTestId('log-work').click(); await p.getByTestId('group-hinges').click(); await p.getByTestId('work-bendKnuckles').click(); await p.getByTestId('at-middle').click();  await p.getByTestId('log-work').click(); await p.waitForTimeout(300); await shot(p, '2');
    await p.getByTestId('stage-prove').click(); await p.getByTestId('all-good').waitFor(); await shot(p, '3'); await p.getByTestId('all-good').click(); await p.waitForTimeout(300);
    await p.getByTestId('close-call').click(); await p.waitForTimeout(300); await shot(p, '4');
  },
  async measure(p, url) {
    await start(p, url, 'solid', 'rubsLatchTop'); await p.getByTestId('to-look').click(); await p.getByTestId('stage-measure').click(); await p.getByTestId('gap-latch.bottom').waitFor(); await keys(p, ['4.6','2.6','Rubs','5','4']);
    await p.waitForTimeout(500);
    for (const [w,h] of [[390,664],[320,568],[390,844],[740,360]]) { await p.setViewportSize({width:w,height:h}); await p.waitForTimeout(300); await shot(p, `${w}`+h); }
    await p.setViewportSize({width:390,height:664}); await keys(p, ['3','4.6','3','1.9','8','8','8']); await p.waitForTimeout(1500); await shot(p, 'all');
  },
};
await showApp('play', async ({ url, browser }) => {
  const p = await (await browser.newContext({ viewport: size, locale: 'en-GB' })).newPage();
  p.setDefaultTimeout(20000);
  try { await plays[which](p, url); } catch (e) { await text(p, 'FAILED').catch(()=>{}); console.log(String(e).slice(0, 800)); console.log(await p.locator('[data-testid]').evaluateAll(n => n.map(x => x.dataset.testid).join(' '))); }
});
