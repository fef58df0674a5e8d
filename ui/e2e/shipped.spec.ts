import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './garden';

test.describe.configure({ mode: 'parallel' });

const pages = [
  '/today',
  '/plot/P20',
  '/plot/new',
  '/bench/L13',
  '/racks/L12',
  '/trays/L9',
  '/store/L2',
  '/store/new',
  '/tags/L2',
  '/books/settings',
  '/books/copies',
  '/books/varieties',
  '/books/places',
  '/books/journal',
  '/books/handbook/tomato',
  '/plot/plan/2027',
  '/books/reckoners/storage.life?crop=onion&moisture=9&temperature=18&germinated=47&sown=50&threshold=70',
];

test('no page asks any other host for anything, and the fonts are our own', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  let asked = 0;
  page.on('request', (request) => {
    asked++;
    if (!request.url().startsWith(`${baseURL}/`) && !request.url().startsWith('data:'))
      strangers.push(request.url());
  });
  for (const path of pages) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
  }
  expect(asked).toBeGreaterThan(pages.length);
  expect(strangers).toEqual([]);
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

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(`in ${colorScheme} colours`, () => {
    test.use({ colorScheme });
    for (const path of pages) {
      test(`${path} can be read and worked by everyone`, async ({ page }) => {
        await page.goto(path);
        await page.waitForLoadState('networkidle');
        const { violations } = await new AxeBuilder({ page })
          .withTags(['wcag2a', 'wcag2aa', 'wcag21aa'])
          .analyze();
        expect(
          violations.map(
            ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
          ),
        ).toEqual([]);
      });
    }
  });
}

test('the evening colours are kept over a reload', async ({ page }) => {
  await page.goto('/today');
  await page.getByRole('button', { name: 'Show in evening colours' }).click();
  const dark = await page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  await page.reload();
  await page.waitForLoadState('networkidle');
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe(dark);
  expect(dark).toBe('rgb(14, 22, 19)');
});
