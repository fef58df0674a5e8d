import { expect, layAnew, test } from './garden';
import { Keeper } from './keeper';
import { throughAYear } from './throughAYear';

test.use({ which: 'empty' });

test.beforeEach(({ which }, info) => layAnew(which, info.parallelIndex));
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('at 9° north no frost says when: the rains do, and what waits for a winter is said not to bloom', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const keeper = new Keeper(page);
  await page.goto('/books/settings');
  await page.getByRole('button', { name: 'Point at it on a map' }).click();
  const map = page.getByRole('slider', { name: /^Where the garden lies/ });
  await map.focus();
  for (let n = 0; n < 9; n++) await map.press('ArrowUp');
  await expect(page.getByText('9° N, 0° E')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this place' }).click();
  await expect(page.getByRole('textbox', { name: 'Latitude' })).toHaveValue('9');
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Frost comes' })).toHaveText('never');
  await page.getByRole('combobox', { name: 'What likes warmth is sown from' }).click();
  await page.getByRole('option', { name: 'June' }).click();
  await page.getByRole('button', { name: 'Keep: What likes warmth is sown from' }).click();
  await expect(page.getByText('What likes warmth is sown from: June')).toBeVisible();
  await page.goto('/books/handbook/cabbage');
  await expect(page.getByText(/Whether it blooms here is not known: it takes .* weeks/)).toBeVisible();
  await page.goto('/books/settings');
  const coolest = page.getByRole('textbox', { name: 'The four coolest weeks, in the mean' });
  await coolest.fill('24');
  await coolest.press('Enter');
  await expect(page.getByText(/The four coolest weeks, in the mean: 24/)).toBeVisible();
  await page.goto('/books/handbook/cabbage');
  await expect(page.getByText(/It will not bloom here of itself/)).toBeVisible();
  await page.goto('/books/handbook/spinach');
  await expect(page.getByText(/It will not bloom here: it wants days longer than about 13/)).toBeVisible();
  await page.goto('/books/handbook/okra');
  await expect(page.getByText(/as for what likes warmth, out from June on/)).toBeVisible();

  await page.goto('/plot/plan/2026');
  await expect(page.getByRole('heading', { name: 'Plan for 2026' })).toBeVisible();
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  for (const [crop, option, variety, sown] of [
    ['cabbage', /^Cabbage/, 'Stanchion', '2026-11-10'],
    ['okra', /^Okra/, 'Windlass', '2026-09-20'],
  ] as const) {
    await page.getByRole('button', { name: 'Add a planting' }).click();
    await page.getByRole('button', { name: 'Another one' }).click();
    await page.getByLabel('Crop', { exact: true }).fill(crop);
    await page.getByRole('option', { name: option }).first().click();
    await page.getByLabel('Name of the variety').fill(variety);
    await page.getByRole('button', { name: 'Add this variety' }).click();
    await expect(page.getByLabel(/^Variety/)).toHaveValue(new RegExp(`^${variety}`));
    await page.getByRole('textbox', { name: 'Sown', exact: true }).fill(sown);
    await page.getByRole('textbox', { name: /^Plants/ }).fill('6');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('button', { name: `${variety}, 6 plants` })).toBeVisible();
  }
  await page.getByRole('tab', { name: 'Crossing' }).click();
  await expect(page.getByText(/Stanchion: it will not bloom here of itself/)).toBeVisible();
  await expect(page.getByText(/frost/i).filter({ hasText: /Windlass/ })).toHaveCount(0);

  // Sown when the rains are on, with nothing to end it, it is looked for over the new year.
  await page.goto('/plot/new');
  await keeper.chooses(page.getByLabel('Variety'), 'Windlass', /^Windlass, Okra/);
  await keeper.fill({ Plants: '6', Sown: '12 September 2026' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await keeper.code('plot');
  for (const [day, due] of [
    ['2026-10-01', 0],
    ['2026-12-20', 1],
    ['2027-01-05', 1],
    ['2027-08-20', 0],
  ] as const) {
    await page.goto(`/today?on=${day}`);
    await expect(page.getByRole('heading', { name: /Today|The day/ }).first()).toBeVisible();
    await expect(page.getByText('Look for ripe seed')).toHaveCount(due);
  }
  await throughAYear(page, {
    crop: 'Cowpea',
    variety: 'Halyard End',
    sown: '10 June 2025',
    picked: '2025-09-20T10:00',
    stored: '2025-10-20',
    hundred: 14,
    packet: '2027',
    plan: ['2026', '2027'],
  });
});
