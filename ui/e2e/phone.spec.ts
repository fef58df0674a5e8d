import { expect, test } from './garden';
import { Keeper } from './keeper';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test.describe.configure({ mode: 'parallel' });

const pages = [
  '/today',
  '/plot',
  '/plot/P20',
  '/plot/new',
  '/bench/L13',
  '/racks/L10',
  '/trays/L9',
  '/store/L1',
  '/store/new',
  '/tags/L2',
  '/books/settings',
  '/books/copies',
  '/books/varieties',
  '/books/places',
  '/books/journal',
  '/books/handbook/onion',
  '/books/handbook/new-crop',
  '/books/reckoners',
  '/books/reckoners/isolation.pair',
  '/books/reckoners/drying.curve',
  '/plot/plan/2027',
];

for (const path of pages) {
  test(`${path} fits a phone`, async ({ page }) => {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
    const overhang = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overhang).toBe(0);
    // What is drawn to scale on a plan may be small: each planting has a line below it to be chosen by.
    for (const button of await page
      .getByRole('main')
      .getByRole('button')
      .and(page.locator(':not(g)'))
      .all()) {
      const box = await button.boundingBox();
      expect(
        box?.height ?? 44,
        (await button.getAttribute('aria-label')) ?? (await button.textContent()) ?? '',
      ).toBeGreaterThanOrEqual(44);
    }
  });
}

test('a thumb walks from what is due to the list, the worksheet and a kept entry', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/today');
  await page.getByRole('link', { name: /^L10/ }).first().tap();
  await keeper.code('racks');
  await page.getByRole('button', { name: 'Weigh', exact: true }).tap();
  await keeper.fill({ 'It weighs': '19,9' });
  await page.getByRole('button', { name: /^Keep: / }).tap();
  await expect(page.getByText(/Kept\. L10: weighed, 19\.9\sg/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).tap();
  await expect(page.getByText('Taken back.', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the racks' }).tap();
  await expect(page.getByRole('heading', { name: 'Racks' })).toBeVisible();
});
