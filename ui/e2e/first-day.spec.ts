import type { Page } from '@playwright/test';
import { expect, test } from './garden';
import { Keeper } from './keeper';

test.use({ which: 'new' });

const empties: [string, string][] = [
  ['plot', 'A planting comes here when you record that a variety was sown: press New planting.'],
  ['bench', 'A lot comes to the bench when you record a picking from a planting on the Plot;'],
  ['racks', 'Seed comes to the racks when it is clean and you record that it was spread.'],
  ['trays', 'Start one from the worksheet of any clean lot.'],
  ['store', 'what you have already comes in with Seed from elsewhere.'],
];

test('an empty garden says in each place what belongs there and how it gets there', async ({ page }) => {
  await page.goto('/');
  await expect(page).toHaveURL(/\/today$/);
  await expect(page.getByText('Harbour Row')).toBeVisible();
  for (const [way, leads] of [
    ['The seed I have', '/store/stock'],
    ['What is on my bench now', '/bench/new'],
    ['What I mean to grow', '/plot/plan'],
    ['write down what grows already', '/plot/new'],
  ] as const) {
    await page.getByRole('link', { name: way }).click();
    await expect(page).toHaveURL(new RegExp(leads));
    await page.goto('/today');
  }
  for (const [place, says] of empties) {
    await page.goto(`/${place}`);
    await expect(page.getByText(says, { exact: false })).toBeVisible();
    // What comes to stand there is drawn, and said to be nobody's.
    await expect(page.getByRole('img', { name: /^An example of .*: nothing of it is yours$/ })).toBeVisible();
  }
  await page.goto('/books/journal');
  await expect(page.getByText('Nothing has been recorded yet.')).toBeVisible();
});

test('the demo garden is looked at and tried in beside one that stays as it is', async ({ page }) => {
  await page.goto('/today');
  await page.getByRole('button', { name: 'A look at the demo garden' }).click();
  await expect(page.getByText('This is the demo garden.')).toBeVisible();
  await expect(page.getByText("Keepers' Acre")).toBeVisible();
  await page.goto('/racks/L10');
  await new Keeper(page).records('Weigh', { 'It weighs': '19.9' });
  await page.reload();
  await expect(page.getByText('Weighed: 19.9').first()).toBeVisible();
  await page.getByRole('button', { name: 'Back to my garden' }).click();
  await expect(page.getByText('Harbour Row')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Where to begin' })).toBeVisible();
  await page.goto('/racks/L10');
  await expect(page.getByRole('alert')).toContainText('There is no lot with the code "L10"');
});

/** Presses of a mouse from here on. */
async function countClicks(page: Page) {
  let clicks = 0;
  await page.exposeFunction('clicked', () => void clicks++);
  await page.addInitScript(() => {
    window.addEventListener(
      'click',
      // A key that presses a button is no click.
      ({ detail }) => detail > 0 && (window as unknown as { clicked: () => void }).clicked(),
      true,
    );
  });
  return () => clicks;
}

/** Goes one of the ways in, to what Marrow first has to say of it; and takes back what that left. */
const ways: {
  what: string;
  goes: (page: Page, keeper: Keeper) => Promise<void>;
  back?: (page: Page) => Promise<void>;
}[] = [
  {
    what: 'the seed that there is',
    goes: async (page) => {
      await page.getByRole('link', { name: 'The seed I have' }).click();
      await page.getByLabel('Crop', { exact: true }).click();
      await page.keyboard.type('Onion');
      await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
      await page.keyboard.press('Tab');
      await page.keyboard.type('First Watch');
      await page.keyboard.press('Enter');
      await page.getByRole('button', { name: 'Keep 1 packet' }).click();
      await expect(page.getByRole('region', { name: '1 is of no known age' })).toContainText('First Watch');
    },
    back: async (page) => {
      await page.getByRole('button', { name: 'Take all of it back' }).click();
      await page.getByRole('group').getByRole('button', { name: 'Take all of it back' }).click();
      await expect(page.getByText(/^Taken back\./)).toBeVisible();
    },
  },
  {
    what: 'what is on the bench',
    goes: async (page, keeper) => {
      await page.getByRole('link', { name: 'What is on my bench now' }).click();
      await page.getByRole('button', { name: 'Add a variety' }).click();
      await page.getByPlaceholder('Tomato, leek …').fill('Tomato');
      await page.getByRole('option', { name: 'Tomato' }).first().click();
      await keeper.fill({ 'Name of the variety': 'Middle Watch' });
      await page.getByRole('button', { name: 'Add this variety' }).click();
      await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(/Middle Watch/);
      await page.getByRole('button', { name: 'Keep: came from elsewhere' }).click();
      await expect(page.getByText('Start the ferment').first()).toBeVisible();
    },
    back: async (page) => {
      await page.getByRole('button', { name: 'Take it back' }).click();
      await expect(page.getByText(/^Taken back\./)).toBeVisible();
    },
  },
  {
    what: 'what is to be grown',
    goes: async (page, keeper) => {
      await page.getByRole('link', { name: 'What I mean to grow' }).click();
      await page.getByLabel('Latitude', { exact: true }).fill('52');
      await page.getByRole('button', { name: 'Keep: Latitude' }).click();
      await page.getByLabel('Last frost in spring', { exact: true }).fill('15 May');
      await page.getByRole('button', { name: 'Keep: Last frost in spring' }).click();
      await page.getByRole('button', { name: 'Start on bare ground' }).click();
      await page.getByRole('button', { name: 'Add a planting' }).click();
      await page.getByRole('button', { name: 'Another one' }).click();
      await page.getByLabel('Crop', { exact: true }).fill('Leek');
      await page.getByRole('option', { name: /^Leek/ }).click();
      await page.getByLabel('Name of the variety').fill('Dog Watch');
      await page.getByRole('button', { name: 'Add this variety' }).click();
      await expect(page.getByLabel(/^Variety/)).toHaveValue(/^Dog Watch/);
      await keeper.fill({ Plants: '12' });
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      // Of so few plants an outbreeder's seed loses its vigour, and that is said.
      await expect(page.getByRole('main')).toContainText(/Dog Watch: .*plants/);
    },
    // The days of the tests that follow rest on it.
    back: async (page) => {
      for (const key of ['last_frost', 'latitude']) {
        const kept = await page.request.put(`/api/settings/${key}`, { data: { value: '' } });
        expect(kept.ok()).toBe(true);
      }
    },
  },
];

for (const { what, goes, back } of ways)
  test(`the first answer to ${what} is at most twelve clicks from the first page`, async ({ page }) => {
    const clicks = await countClicks(page);
    await page.goto('/');
    const began = Date.now();
    await goes(page, new Keeper(page));
    const all = clicks();
    console.log(`${what}: ${all} clicks, ${((Date.now() - began) / 1000).toFixed(1)} s by a machine`);
    expect(all).toBeGreaterThan(0);
    expect(all).toBeLessThanOrEqual(12);
    await back?.(page);
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
