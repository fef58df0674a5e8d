import { Buffer } from 'node:buffer';
import { chromium } from '@playwright/test';
import { launch } from './browser.js';

/** Takes the pictures of docs/screenshots from the demo garden: node screenshots.mjs ADDRESS FOLDER */
const [address, folder] = process.argv.slice(2);
if (address === undefined || folder === undefined) throw new Error('screenshots.mjs ADDRESS FOLDER');

const views = [
  { name: 'today', path: '/today' },
  { name: 'plot', path: '/plot?on=2027-07-15', height: 1000 },
  { name: 'plan', path: '/plot/plan/2027', height: 1050 },
  { name: 'bench', path: '/bench/L13' },
  { name: 'racks', path: '/racks/L10', height: 1000 },
  { name: 'trays', path: '/trays/L9', height: 1000 },
  { name: 'store', path: '/store' },
  { name: 'tags', path: '/tags/L2?paper=a4-8' },
  {
    name: 'take-stock',
    path: '/store/stock',
    height: 1000,
    before: async (page) => {
      const list = [
        'Vegetable;Cultivar;Year;Amount;Source;Kept in;Location;Germ %',
        'Tomato;Fo’c’sle;2023;40;Tove;envelope;Hall cupboard › Blue tin;85',
        'Squash;Old Harbour;2021;12;Old Annick;jar;Old fridge;',
        'Leek;Towpath;2031;2 g;Brine House;foil pouch;Hall cupboard;90',
        'Lettuse;Quarry;before we moved;a pinch;Swap;envelope;Shed loft;good',
        'Runner bean;Long Hedge;2024;25;Swap;paper bag;Shed loft;',
        'Tomato;Weir F1;2025;8;Brine House;foil;Hall cupboard;95',
      ].join('\n');
      await page
        .getByLabel('A list of seed, CSV or XLSX')
        .setInputFiles({ name: 'my seeds.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
      await page.getByRole('button', { name: 'Look at 6 lines' }).click();
      await page.getByText('2 cannot be kept so', { exact: true }).waitFor();
      await page.mouse.wheel(0, -5000);
    },
  },
  {
    name: 'where',
    path: '/store/where',
    before: async (page) => {
      await page.getByRole('link', { name: /^Blue tin/ }).click();
      await page.getByText('Hall cupboard › Blue tin').waitFor();
    },
  },
  { name: 'journal', path: '/books/journal' },
  {
    name: 'rota',
    path: '/plot/rota/years',
    before: async (page) => {
      await page
        .getByText('Still looking')
        .or(page.getByText('Looking for the best years'))
        .first()
        .waitFor({ state: 'hidden', timeout: 60_000 });
      await page.getByRole('button', { name: /^All \d+ ways out$/ }).click();
      await page
        .getByRole('button', { name: 'Do so: Sow Groyne, parsnip in another year than 2027' })
        .click();
      await page
        .getByText('What is pinned does not go together')
        .waitFor({ state: 'hidden', timeout: 60_000 });
      await page
        .getByText('Still looking')
        .or(page.getByText('Looking for the best years'))
        .first()
        .waitFor({ state: 'hidden', timeout: 60_000 });
      await page.getByRole('button', { name: 'Keelson, parsnip', exact: true }).click();
      await page.mouse.wheel(0, -5000);
    },
  },
  { name: 'handbook', path: '/books/handbook/squash-pepo' },
  { name: 'reckoner', path: '/books/reckoners/sowing.seeds?plants=24&germinated=41&sown=50' },
  { name: 'evening', path: '/plot/shelf', colours: 'dark' },
  {
    name: 'family',
    path: '/store/L91',
    height: 1000,
    before: async (page) => {
      await page.getByText('Where it came from, back to the first, and what came of it').click();
      const drawn = page.getByRole('group', { name: 'The family of L91' });
      await drawn.waitFor();
      await page.getByRole('heading', { name: 'Its family' }).evaluate((title) => title.scrollIntoView());
    },
  },
  { name: 'then', path: '/then/2025-09-20' },
  {
    name: 'packets',
    path: '/store/portion/L4',
    before: async (page) => {
      await page.getByLabel('Plants wanted of each sowing').fill('20');
      await page.getByText('for 20').first().waitFor();
    },
  },
  { name: 'phone', path: '/plot/round/looking-over', width: 390, height: 844 },
];

/** Until nothing has been on its way for a while: one thing that was asked for leads to the next. */
async function settled(page) {
  for (let quiet = 0; quiet < 4;) {
    quiet = (await page.locator('main[aria-busy="false"]').count()) > 0 ? quiet + 1 : 0;
    await page.waitForTimeout(150);
  }
}

const browser = await chromium.launch(launch);
for (const { name, path, width = 1280, height = 800, colours = 'light', before } of views) {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme: colours,
    locale: 'en-GB',
  });
  const page = await context.newPage();
  await page.goto(`${address}${path}`);
  await settled(page);
  await before?.(page);
  await settled(page);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await context.close();
}
await browser.close();
