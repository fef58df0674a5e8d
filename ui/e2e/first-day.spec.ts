import { expect, test } from './garden';
import { Keeper } from './keeper';

test.use({ which: 'new' });

const empties: [string, string][] = [
  ['plot', 'A planting comes here when you record that a variety was sown: press New planting.'],
  ['bench', 'A lot comes to the bench when you record a picking from a planting on the Plot.'],
  ['racks', 'Seed comes to the racks when it is clean and you record that it was spread.'],
  ['trays', 'Start one from the worksheet of any clean lot.'],
  ['store', 'what you have already comes in with Seed from elsewhere.'],
];

test('an empty garden says in each place what belongs there and how it gets there', async ({ page }) => {
  await page.goto('/');
  await expect(page).toHaveURL(/\/today$/);
  await expect(page.getByText('Harbour Row')).toBeVisible();
  for (const [way, leads] of [
    ['Take stock of seed that you have', '/store/stock'],
    ['Plan the season', '/plot/plan'],
    ['Write down what grows', '/plot/new'],
  ] as const) {
    await page.getByRole('link', { name: way }).click();
    await expect(page).toHaveURL(new RegExp(leads));
    await page.goto('/today');
  }
  for (const [place, says] of empties) {
    await page.goto(`/${place}`);
    await expect(page.getByText(says, { exact: false })).toBeVisible();
  }
  await page.goto('/books/journal');
  await expect(page.getByText('Nothing has been recorded yet.')).toBeVisible();
});

test('the first variety, planting and note of a new keeper', async ({ page }) => {
  const keeper = new Keeper(page);
  await keeper.addsVariety('Leek', 'First Light');
  await keeper.fill({ Plants: '24', Sown: '2025-03-20T10:00' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  const code = await keeper.code('plot');
  expect(code).toBe('P1');
  // Leek blooms by the calendar from 3 July to mid August, and its seed is ripe 65 to 90 days after the flower.
  await expect(page.getByText('Look for ripe seed').first()).toBeVisible();
  await expect(
    page
      .getByText(
        /65 to 90 days after the bloom, looked for about .*which is Sunday 6 September to Sunday 15 November/,
      )
      .first(),
  ).toBeVisible();
  await keeper.records('Note', { Note: 'Rust on the outer leaves' });
  await page.goto('/plot?find=rust');
  await expect(page.getByRole('link', { name: /^P1 First Light/ })).toBeVisible();
  await page.goto('/today');
  await expect(page.getByRole('region', { name: 'Can be done already' })).toContainText('Look for ripe seed');
});

test('a code that is on no tag is said to be unknown, and the page stays usable', async ({ page }) => {
  await page.goto('/store/L404');
  await expect(page.getByRole('alert')).toContainText(
    'There is no lot with the code "L404". Codes of lots look like L7.',
  );
  await page.goto('/plot/P404');
  await expect(page.getByRole('alert')).toContainText('There is no planting with the code "P404"');
  await page.goto('/today?on=2026-02-30');
  await expect(page.getByRole('alert').first()).toContainText('"2026-02-30" is not a day');
  await page.goto('/somewhere/else');
  await expect(page).toHaveURL(/\/today$/);
});

test('the server gone, the page says so and comes back with it', async ({ page }) => {
  await page.goto('/plot/new');
  await new Keeper(page).fill({ Plants: '7', Where: 'By the gate' });
  await page.route('**/api/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'The server cannot be reached.' })).toBeVisible();
  await page.unroute('**/api/**');
  // It is sent again by itself, and what is still wrong with it is said.
  await expect(page.getByRole('alert').filter({ hasText: 'Choose the variety' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Where', { exact: true })).toHaveValue('By the gate');
});
