import { readFile } from 'node:fs/promises';
import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('the tin is moved with all that is in it, and stock is taken of it', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store');
  await page.getByRole('link', { name: 'Where is it' }).click();
  const tree = page.getByRole('list', { name: 'Places and containers' });
  await tree.getByRole('link', { name: /^Green tin/ }).click();
  await expect(page.getByText('Hall cupboard › Green tin')).toBeVisible();
  const lots = page.getByRole('list', { name: 'Lots in it' });
  await expect(lots.getByRole('listitem')).toHaveCount(7);

  await act(page, 'Put it somewhere else');
  await keeper.fill({ Where: 'Green tin (tin)' });
  await page.getByRole('button', { name: 'Keep: put away' }).click();
  await expect(page.getByText('Green tin cannot lie in itself.')).toBeVisible();
  await keeper.fill({ Where: 'Old fridge, 5 °C' });
  await page.getByRole('button', { name: 'Keep: put away' }).click();
  await expect(page.getByText(/^Kept\. Green tin: put away/)).toBeVisible();
  await expect(page.getByText('Old fridge › Green tin')).toBeVisible();
  // Every lot in it says so.
  await page.goto('/store?find=Lamp%20Black');
  await expect(page.getByRole('row').filter({ hasText: 'Lamp Black' })).toContainText(
    'Old fridge › Green tin',
  );

  await page.goto('/store/where');
  await tree.getByRole('link', { name: /^Green tin/ }).click();
  await page.getByRole('button', { name: 'Take stock of it' }).click();
  await page.getByRole('button', { name: /Half Tide is there/ }).click();
  await page.getByRole('button', { name: /Blue Peter is not there/ }).click();
  await page.getByLabel(/^Why .* Blue Peter differs/).fill('mice');
  await page.getByLabel(/^Seeds of .* Lamp Black/).fill('40');
  await expect(page.getByText('3 of 7 looked at')).toBeVisible();
  await page.getByRole('button', { name: 'Keep what was found' }).click();
  await expect(page.getByText('Kept: stock taken of 3 packets.')).toBeVisible();
  await expect(lots.getByRole('listitem')).toHaveCount(6);
  await expect(lots.getByRole('listitem').filter({ hasText: 'Lamp Black' })).toContainText(/40\sseeds/);
});

test('a jar out of the freezer is left shut, and opening it early is asked about', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/today');
  await expect(page.getByText(/^Leave it shut until today 10:/)).toBeVisible();
  await page.goto('/store?find=Whitecap');
  await page.getByRole('link', { name: /Whitecap/ }).click();
  await keeper.records('Move it', { Where: 'Hall cupboard, 18 °C' });
  await expect(
    page
      .getByRole('main')
      .getByText(/^Leave it shut until today 10:/)
      .first(),
  ).toBeVisible();
  await act(page, 'Take seed out');
  await keeper.fill({ Seeds: '20' });
  await page.getByRole('button', { name: 'Keep: taken out' }).click();
  await expect(
    page.getByText(/water from the air of Hall cupboard settles on the seed/).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'It was so all the same' }).click();
  await expect(page.getByText(/^Kept\. /)).toBeVisible();
});

test('some of a lot lies elsewhere, and there is never more in the packets than in the lot', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/store?find=Topmast');
  await page.getByRole('link', { name: /Topmast/ }).click();
  await act(page, 'Put some of it elsewhere');
  await keeper.fill({ Seeds: '60', Where: 'Old fridge, 5 °C' });
  await page.getByRole('button', { name: 'Keep: divided' }).click();
  await expect(page.getByText(/Only 40 seeds are left there/).first()).toBeVisible();
  await keeper.fill({ Seeds: '15' });
  await page.getByRole('button', { name: 'Keep: divided' }).click();
  const each = page.getByRole('list', { name: 'The containers it lies in' });
  await expect(each.getByRole('listitem')).toHaveCount(2);
  await expect(each).toContainText(/25\sseeds in a cloth bag, Hall cupboard › Bean box/);
  await expect(each).toContainText(/15\sseeds in a paper envelope, Old fridge/);
});

test('a container is added, found by its name, and is no more when it is empty', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/where');
  await page.getByRole('button', { name: 'Add a container' }).click();
  await keeper.fill({ Name: 'Biscuit box', 'It is a': 'box' });
  await page.getByRole('button', { name: 'Add this container' }).click();
  await expect(page.getByText('nobody has said where it is')).toBeVisible();
  await act(page, 'Put it somewhere else');
  await keeper.fill({ Where: 'Hall cupboard › Blue tin (tin)' });
  await page.getByRole('button', { name: 'Keep: put away' }).click();
  await expect(page.getByText('Hall cupboard › Blue tin › Biscuit box')).toBeVisible();
  await page.getByRole('combobox', { name: 'Find' }).fill('biscuit');
  await page.getByRole('option', { name: /Biscuit box/ }).click();
  await page.getByRole('button', { name: 'It is gone for good' }).click();
  await expect(page.getByText('Biscuit box is gone. What was recorded of it stays.')).toBeVisible();
  await page.goto('/books/journal');
  await expect(page.getByRole('link', { name: 'Biscuit box' }).first()).toBeVisible();
});

test('the air of a place is what its logger wrote down', async ({ page }) => {
  await page.goto('/store/where');
  // Opened by its address: it stands open already, and would be pressed while the page is made anew.
  await page.goto((await page.getByRole('link', { name: /^Chest freezer/ }).getAttribute('href')) ?? '');
  await expect(page.getByRole('heading', { name: 'Chest freezer' })).toBeVisible();
  const file = page.getByLabel('What a logger wrote down, CSV or XLSX');
  await file.setInputFiles({ name: 'a.csv', mimeType: 'text/csv', buffer: Buffer.from('a;b\n1;2') });
  await expect(page.getByText('There is no column of days or times in this list.')).toBeVisible();
  const days = Array.from(
    { length: 20 },
    (_, i) => `2026-08-${String(i + 1).padStart(2, '0')} 06:00;-20,5;61`,
  );
  await file.setInputFiles({
    name: 'freezer.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Time;Temperature;Humidity', ...days].join('\n')),
  });
  await expect(page.getByText('Chest freezer: its air over 1 month')).toBeVisible();
  await expect(page.getByRole('main')).toContainText(/−20\.5\s°C, 61\s% RH/);
});

test('a list goes out as it is narrowed, and comes in again', async ({ page }) => {
  await page.goto('/store');
  await page.getByRole('combobox', { name: 'Which' }).selectOption('last of its variety');
  await page.getByRole('combobox', { name: 'Crop' }).selectOption('Pea');
  await expect(page.getByRole('row').filter({ hasText: 'Old Quay' })).toBeVisible();
  for (const kind of ['CSV', 'XLSX']) {
    await page.goto('/store?only=last&crop=pea');
    await expect(page.getByRole('row').filter({ hasText: 'Old Quay' })).toBeVisible();
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Print or save: store' }).click();
    await page.getByRole('menuitem', { name: `The list as ${kind}` }).click();
    const path = await (await download).path();
    await page.goto('/store/stock');
    await page
      .getByLabel('A list of seed, CSV or XLSX')
      .setInputFiles({ name: `store.${kind.toLowerCase()}`, mimeType: '', buffer: await readFile(path) });
    await page.getByRole('button', { name: /^Look at \d lines?$/ }).click();
    // It stands already, so nothing of it is taken in twice.
    await expect(page.getByRole('status', { name: 'Tally' })).toContainText(
      /(\d) packets? .* \1 here already/,
    );
    await page.getByRole('button', { name: 'Begin anew' }).click();
  }
});
