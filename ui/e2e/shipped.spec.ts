import type { Page } from '@playwright/test';
import axe, { type RunOnly } from 'axe-core';
import { expect, test } from './garden';

declare global {
  interface Window {
    axe: typeof axe;
  }
}

test.describe.configure({ mode: 'parallel' });

const pages = [
  '/today',
  '/plot',
  '/plot/P20',
  '/plot/new',
  '/bench/L13',
  '/racks/L12',
  '/trays/L9',
  '/store/L2',
  '/store',
  '/store/new',
  '/store/stock',
  '/store/where',
  '/plot/round/evening',
  '/plot/round/looking-over',
  '/bench',
  '/tags/L2',
  '/tags?place=store&sorts=outside&paper=a4-fold',
  '/read',
  '/read/close?of=L2',
  '/store/portion/L4',
  '/store/swap',
  '/books/people',
  '/books/settings',
  '/books/copies',
  '/books/varieties',
  '/books/places',
  '/books/journal',
  '/books/words',
  '/books/month',
  '/books/which/bean',
  '/books/forecasts',
  '/books/handbook/tomato',
  '/books/handbook/new-crop',
  '/plot/plan/2027',
  '/books/reckoners',
  '/books/reckoners/isolation.pair',
  '/books/reckoners/storage.life?crop=onion&moisture=9&temperature=18&germinated=47&sown=50&threshold=70',
];

/** What breaks the rules. Of what keeps to them nothing is told, which halves the work. */
const faults = (page: Page, look: { only: RunOnly; past?: string[] }) =>
  page.evaluate(
    async ({ only, past }) =>
      (
        await window.axe.run(past === undefined ? document : { exclude: past }, {
          resultTypes: ['violations'],
          runOnly: only,
        })
      ).violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
    look,
  );

/** Of a long list the first dozen lines stand for the rest, where it has been looked at as a whole before. */
const afterADozen = ['main li:nth-of-type(n + 13)', 'main tr:nth-of-type(n + 13)'];

const fitsAPhone = async (page: Page) => {
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
  const overhang = () =>
    page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  await expect.poll(overhang).toBe(0);
  // What is drawn to scale on a plan may be small: each planting has a line below it to be chosen by.
  const low = await page
    .getByRole('main')
    .getByRole('button')
    .and(page.locator(':not(g)'))
    .evaluateAll((buttons) =>
      buttons
        .filter((button) => button.getClientRects().length > 0 && button.getBoundingClientRect().height < 44)
        .map((button) => button.getAttribute('aria-label') ?? button.textContent),
    );
  expect(low).toEqual([]);
};

for (const path of pages) {
  test(`${path} can be read and worked by everyone, by day and in the evening, fits a phone, and asks no other host`, async ({
    page,
    baseURL,
  }) => {
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await page.evaluate(axe.source);
    expect(await faults(page, { only: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa'] } })).toEqual(
      [],
    );
    const light = await page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect
      .poll(() => page.evaluate(() => getComputedStyle(document.body).backgroundColor))
      .not.toBe(light);
    // Only the colours have changed.
    expect(
      await faults(page, { only: { type: 'rule', values: ['color-contrast'] }, past: afterADozen }),
    ).toEqual([]);
    await page.setViewportSize({ width: 390, height: 844 });
    await fitsAPhone(page);
    expect(asked.length).toBeGreaterThan(2);
    expect(asked.filter((url) => !url.startsWith(`${baseURL}/`) && !url.startsWith('data:'))).toEqual([]);
  });
}

test('the fonts are our own', async ({ page }) => {
  await page.goto('/today');
  const fonts = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts]
      .filter((font) => font.status === 'loaded')
      .map((font) => font.family.replaceAll('"', ''));
  });
  expect(fonts).toContain('Bricolage Grotesque Variable');
  expect(fonts).toContain('Atkinson Hyperlegible Next');
});

test('the evening colours are kept over a reload', async ({ page }) => {
  await page.goto('/today');
  await page.getByRole('button', { name: 'Show in evening colours' }).click();
  const dark = await page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  await page.reload();
  await page.waitForLoadState('networkidle');
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe(dark);
  expect(dark).toBe('rgb(14, 22, 19)');
});
