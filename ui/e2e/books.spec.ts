import { readFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './garden';
import { Keeper } from './keeper';

/** Presses Tab until the focus stands on it: whoever has no mouse gets there too. */
async function tabsTo(page: Page, goal: Locator) {
  for (let presses = 0; presses < 60; presses++) {
    if (await goal.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error('The keyboard never got there.');
}

/** Past the list, however long it is, as the first Tab of any page leads. */
async function toTheSheet(page: Page) {
  await tabsTo(page, page.getByRole('button', { name: 'To the open sheet' }));
  await page.keyboard.press('Enter');
}

test('a variety is renamed, and two names for one variety are made one', async ({ page }) => {
  const keeper = new Keeper(page);
  await keeper.addsVariety('Lettuce', 'Green Wake');
  await keeper.fill({ Plants: '20', Sown: '2026-04-01', Where: 'Long bed' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  const planting = await keeper.code('plot');
  await keeper.addsVariety('Lettuce', 'Grene Wake');

  await page.goto('/books/varieties');
  await page.getByLabel('Only those with').fill('wake');
  await page.getByRole('button', { name: 'Change Green Wake' }).click();
  await keeper.fill({ 'Name of the variety': 'Grene Wake' });
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText('There is a variety of this crop with that name already.')).toBeVisible();
  await keeper.fill({ 'Name of the variety': 'Green Wake Early' });
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText('Changed Green Wake Early')).toBeVisible();

  await page.getByRole('button', { name: 'Merge Grene Wake into another' }).click();
  await page.getByRole('combobox', { name: 'Grene Wake is' }).click();
  await page.getByRole('option', { name: 'Green Wake Early' }).click();
  await page.getByRole('button', { name: 'Make them one' }).click();
  await expect(page.getByText('Grene Wake is Green Wake Early now')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Change Grene Wake' })).toHaveCount(0);

  await page.goto(`/plot/${planting}`);
  await expect(page.getByRole('heading', { name: /Green Wake Early/ })).toBeVisible();
});

test('a place that turns out warmer is said so once, and what lies there follows', async ({
  page,
  request,
}) => {
  const keeper = new Keeper(page);
  const answer = await request.get('/api/store-places');
  const [place] = (await answer.json()) as { id: string; name: string; typed: Record<string, string> }[];
  if (place === undefined) throw new Error('The demo garden has places.');
  await page.goto('/books/places');
  await page.getByRole('button', { name: `Change ${place.name}` }).click();
  await keeper.fill({ Humidity: '120' });
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByRole('alert').filter({ hasText: '% RH' })).toBeVisible();
  await expect(page.getByLabel(/^Humidity/)).toHaveValue('120');
  await keeper.fill({ Humidity: '61' });
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText(`Changed ${place.name}`)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: place.name })).toContainText(/61\s% RH/);
  await request.put(`/api/store-places/${place.id}`, { data: { id: place.id, ...place.typed } });
});

test('a note written on the wrong lot is moved to the right one', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L1');
  await keeper.records('Note', { Note: 'Pods split by the frost' });
  await keeper
    .section('Journal')
    .getByRole('listitem')
    .filter({ hasText: 'Pods split' })
    .getByRole('button', { name: /^Correct: Note/ })
    .click();
  const of = page.getByLabel('Of the lot');
  // What it is of is written into the field when the lots have come.
  await expect(of).toHaveValue(/^L1 /);
  await of.fill('L2');
  await page.getByRole('option', { name: /^L2\b/ }).click();
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByText(/^Kept\. L2/)).toBeVisible();
  await expect(keeper.section('Journal').locator('s').filter({ hasText: 'Pods split' })).toBeVisible();
  await page.goto('/store/L2');
  await expect(keeper.section('Journal')).toContainText('Pods split by the frost');
});

test('without a mouse an entry is recorded, refused at its field, mended and kept', async ({ page }) => {
  await page.goto('/store/L2');
  const act = page.getByRole('button', { name: 'Take seed out', exact: true });
  await expect(act).toBeVisible();
  await toTheSheet(page);
  await tabsTo(page, act);
  await page.keyboard.press('Enter');
  await tabsTo(page, page.getByLabel('Seeds', { exact: true }));
  await page.keyboard.type('a few');
  await page.keyboard.press('Enter');
  const seeds = page.getByLabel('Seeds', { exact: true });
  await expect(seeds).toHaveAttribute('aria-invalid', 'true');
  await expect(seeds).toBeFocused();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('12');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Kept\. L2: taken out, 12\sseeds/)).toBeVisible();
});

test('without a mouse seed from elsewhere gets its variety, its day and its place', async ({ page }) => {
  const keeper = new Keeper(page);
  await keeper.addsVariety('Radish', 'Neap');
  await page.goto('/store/new');
  const variety = page.getByPlaceholder('Name of the variety or crop');
  await expect(variety).toBeVisible();
  await toTheSheet(page);
  await tabsTo(page, variety);
  await page.keyboard.type('Neap');
  await expect(page.getByRole('option', { name: /^Neap/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await tabsTo(page, page.getByRole('combobox', { name: 'How it came' }));
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: 'given' }).waitFor();
  await page.keyboard.type('given');
  await page.keyboard.press('Enter');
  await tabsTo(page, page.getByLabel('From whom'));
  await page.keyboard.type('Odile');
  await page.keyboard.press('Enter');
  await keeper.code('bench');
  await expect(keeper.section('Where it came from')).toContainText(/given.*Odile/);
});

test('without a mouse a setting is changed, said, and given back', async ({ page }) => {
  await page.goto('/books/settings');
  const within = page.getByRole('textbox', { name: 'First test wanted within' });
  await expect(within).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'To the open sheet' })).toBeFocused();
  await page.keyboard.press('Enter');
  for (const [typed, said] of [
    ['40', /First test wanted within: 40\sdays/],
    ['', /First test wanted within: 28\sdays/],
  ] as const) {
    await tabsTo(page, within);
    await page.keyboard.press('Control+A');
    await page.keyboard.press('Delete');
    await page.keyboard.type(typed);
    await page.keyboard.press('Enter');
    await expect(page.getByText(said)).toBeVisible();
    await expect(within).toBeFocused();
  }
});

test('the whole journal goes out as a file, past the page that is shown', async ({ page }) => {
  await page.goto('/books/journal');
  await expect(page.getByRole('button', { name: 'Older', exact: true })).toBeVisible();
  const shown = await page.getByRole('main').getByRole('listitem').count();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save: journal' }).click();
  await page.getByRole('menuitem', { name: 'The list as CSV' }).click();
  const lines = (await readFile(await (await download).path(), 'utf8')).trim().split('\n');
  expect(lines[0]).toMatch(/^Happened[,;]Of[,;]What[,;]Told[,;]By[,;]Struck/);
  expect(lines.length - 1).toBeGreaterThan(shown);
});
