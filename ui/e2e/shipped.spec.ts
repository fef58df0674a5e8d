import type { Page } from '@playwright/test';
import axe, { type RuleObject, type RunOnly } from 'axe-core';
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
  '/plot/walk/P26',
  '/plot/shelf',
  '/plot/tasting/P26',
  '/bench/L13',
  '/racks/L12',
  '/trays/L9',
  '/trays/sheet/L9',
  '/store/L2',
  '/store',
  '/store?ticked=L1.L4.L45',
  '/racks?ticked=L8.L10#many-weighed',
  '/bench/new',
  '/store/new',
  '/store/stock',
  '/store/where',
  '/plot/round/evening',
  '/plot/round/looking-over',
  '/plot/round/ripeness',
  '/bench',
  '/tags/L2',
  '/tags?place=store&sorts=outside&paper=a4-fold',
  '/read',
  '/read/close?of=L2',
  '/store/portion/L4',
  '/store/swap',
  '/books/people',
  '/books/settings',
  '/books/instruments',
  '/books/keepers',
  '/books/copies',
  '/books/varieties',
  '/books/places',
  '/books/journal',
  '/books/words',
  '/books/line',
  '/books/month',
  '/books/which/bean',
  '/books/forecasts',
  '/books/handbook/tomato',
  '/books/handbook/new-crop',
  '/plot/plan/2027',
  '/plot/rota',
  '/plot/rota/years',
  '/books/reckoners',
  '/books/reckoners/isolation.pair',
  '/books/reckoners/storage.life?crop=onion&moisture=9&temperature=18&germinated=47&sown=50&threshold=70',
];

/** What breaks the rules. Of what keeps to them nothing is told, which halves the work. */
const faults = (page: Page, rules: { runOnly: RunOnly; rules?: RuleObject }, only?: string) =>
  page.evaluate(
    async ({ rules, only }) =>
      (
        await window.axe.run(only === undefined ? document : { include: [only] }, {
          resultTypes: ['violations'],
          ...rules,
        })
      ).violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
    { rules, only },
  );

/** Marks words for the contrast check, which takes some milliseconds a word: of those that look alike (their colour,
 * size and weight, and every ground behind them) the first three stand for the rest. Answers how many it marked. */
const markEachLook = (page: Page) =>
  page.evaluate(() => {
    document.querySelectorAll('[data-look]').forEach((element) => element.removeAttribute('data-look'));
    const grounds = new Map<Element | null, string>([[null, '']]);
    const groundsOf = (element: Element | null): string => {
      const known = grounds.get(element);
      if (known !== undefined || element === null) return known ?? '';
      const { backgroundColor, backgroundImage, opacity } = getComputedStyle(element);
      const own = [backgroundColor, backgroundImage, opacity].join(' ');
      const behind = groundsOf(element.parentElement);
      const all = own === 'rgba(0, 0, 0, 0) none 1' ? behind : `${behind} / ${own}`;
      grounds.set(element, all);
      return all;
    };
    const seen = new Map<string, number>();
    const words = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (words.nextNode() !== null) {
      const element = words.currentNode.parentElement;
      if (element === null || words.currentNode.textContent?.trim() === '') continue;
      if (!element.checkVisibility({ visibilityProperty: true })) continue;
      const { color, fill, fontSize, fontWeight } = getComputedStyle(element);
      const look = [color, fill, fontSize, fontWeight, groundsOf(element)].join(' ');
      const times = (seen.get(look) ?? 0) + 1;
      seen.set(look, times);
      if (times <= 3) element.setAttribute('data-look', '');
    }
    return document.querySelectorAll('[data-look]').length;
  });

const faintWords = async (page: Page) => {
  expect(await markEachLook(page)).toBeGreaterThan(5);
  return faults(page, { runOnly: { type: 'rule', values: ['color-contrast'] } }, '[data-look]');
};

/** Nothing lies beyond the right edge of the screen. */
const fits = async (page: Page, width: number, height: number) => {
  await page.setViewportSize({ width, height });
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
  await expect
    .poll(() =>
      page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    )
    .toBe(0);
};

const fitsAPhone = async (page: Page) => {
  await fits(page, 390, 844);
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
    expect(
      await faults(page, {
        runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa'] },
        rules: { 'color-contrast': { enabled: false } },
      }),
    ).toEqual([]);
    expect(await faintWords(page)).toEqual([]);
    const light = await page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect
      .poll(() => page.evaluate(() => getComputedStyle(document.body).backgroundColor))
      .not.toBe(light);
    // Only the colours have changed.
    expect(await faintWords(page)).toEqual([]);
    // A desk at 200 %.
    await fits(page, 640, 400);
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
