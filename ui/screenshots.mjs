import { chromium } from '@playwright/test';
import { launch } from './browser.js';

/** Takes the pictures of docs/screenshots from the demo garden: node screenshots.mjs ADDRESS FOLDER */
const [address, folder] = process.argv.slice(2);
if (address === undefined || folder === undefined) throw new Error('screenshots.mjs ADDRESS FOLDER');

const views = [
  { name: 'today', path: '/today' },
  { name: 'plot', path: '/plot/P18' },
  { name: 'plan', path: '/plot/plan/2027', height: 1050 },
  {
    name: 'remedies',
    path: '/plot/plan/2027',
    height: 1050,
    before: async (page) => {
      await page.getByRole('tab', { name: 'What to do' }).click();
      await page.getByText('With the least work').waitFor();
    },
  },
  { name: 'bench', path: '/bench/L13' },
  { name: 'racks', path: '/racks/L10', height: 1000 },
  { name: 'trays', path: '/trays/L9', height: 1000 },
  { name: 'store', path: '/store/L2', height: 1000 },
  { name: 'tags', path: '/tags/L2' },
  {
    name: 'elsewhere',
    path: '/store/new',
    before: async (page) => {
      await page.getByPlaceholder('Name of the variety or crop').fill('Tidewrack');
      await page.getByRole('option', { name: /^Tidewrack/ }).click();
      await page.getByLabel('From whom').fill('Odile');
    },
  },
  { name: 'journal', path: '/books/journal' },
  { name: 'forecasts', path: '/books/forecasts' },
  { name: 'handbook', path: '/books/handbook/squash-pepo' },
  { name: 'reckoner', path: '/books/reckoners/sowing.seeds?plants=24&germinated=41&sown=50' },
  { name: 'evening', path: '/store/L7', colours: 'dark' },
  {
    name: 'waiting',
    path: '/racks/L10',
    before: async (page) => {
      await page.route('**/api/entries', (route) => route.abort());
      await page.getByRole('button', { name: 'Weigh', exact: true }).click();
      await page.getByLabel('It weighs').fill('20.1');
      await page.getByRole('button', { name: 'Keep: weighed' }).click();
      await page.getByText('Not kept yet.').waitFor();
    },
  },
  { name: 'look-ahead', path: '/bench/L13?on=2026-09-18' },
  { name: 'phone', path: '/racks/L10', width: 390, height: 844 },
  {
    name: 'loading',
    path: '/store',
    // What stands there while the server takes longer than one waits without a word.
    early: (page) => page.route('**/api/places/store*', () => new Promise(() => undefined)),
    before: (page) => page.getByText('Waiting for the server').waitFor(),
  },
];

/** Until nothing has been on its way for a while: one thing that was asked for leads to the next. */
async function settled(page) {
  for (let quiet = 0; quiet < 4;) {
    quiet = (await page.locator('main[aria-busy="false"]').count()) > 0 ? quiet + 1 : 0;
    await page.waitForTimeout(150);
  }
}

const browser = await chromium.launch(launch);
for (const { name, path, width = 1280, height = 800, colours = 'light', early, before } of views) {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme: colours,
    locale: 'en-GB',
  });
  const page = await context.newPage();
  await early?.(page);
  await page.goto(`${address}${path}`);
  if (early === undefined) await settled(page);
  await before?.(page);
  if (early === undefined) await settled(page);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await context.close();
}
await browser.close();
