import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('seed that came from elsewhere is a lot, is put away, and says what nobody knows', async ({ page }) => {
  const keeper = new Keeper(page);
  await keeper.addsVariety('Leek', 'Ebb Stream');
  await page.goto('/store');
  await page.getByRole('link', { name: 'Seed from elsewhere' }).click();
  await page.getByPlaceholder('Name of the variety or crop').fill('Ebb Stream');
  await page.getByRole('option', { name: /^Ebb Stream/ }).click();
  await page.getByRole('button', { name: 'More to tell' }).click();
  await keeper.fill({
    'How it came': 'swapped',
    'From whom': 'Odile',
    'Ripened in the year': '2030',
    'Germinates, as it was told': '85',
    'Their lot or packet number': 'OB-31',
    Seeds: '300',
    When: '1 March 2026',
  });
  await page.getByLabel(/^Treated seed/).check();
  await page.getByRole('button', { name: /^Keep: / }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot have ripened in 2030' })).toBeVisible();
  await keeper.fill({ 'Ripened in the year': '2024' });
  await page.getByRole('button', { name: /^Keep: / }).click();
  await keeper.code('bench');
  await expect(keeper.section('Where it came from')).toContainText(/swapped.*Odile.*OB-31.*2024.*85\s%/);
  await expect(page.getByRole('main')).toContainText('Treated seed: never eat it');
  // What came with it need not be counted again.
  await act(page, 'Put away');
  await keeper.fill({ Where: 'Hall cupboard', When: '2 March 2026' });
  await page.getByRole('button', { name: /^Keep: / }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing says how dry it is' })).toBeVisible();
  await page.getByRole('button', { name: 'It was so all the same' }).click();
  await keeper.code('store');
  await expect(keeper.section('In store')).toContainText('nobody knows how it was kept before it came here');
  await expect(keeper.section('In store')).toContainText('300 seeds');

  // There is one lot of it: that is what it is sown from, unless it is said otherwise, or another variety is sown.
  await page.goto('/plot/new');
  const variety = page.getByPlaceholder('Name of the variety or crop');
  const from = page.getByLabel('Seed from', { exact: true });
  await variety.fill('Ebb Stream');
  await page.getByRole('option', { name: /^Ebb Stream/ }).click();
  await expect(from).toHaveValue(/Ebb Stream/);
  await keeper.fill({ Plants: '20' });
  await expect(from).toHaveValue(/Ebb Stream/);
  await keeper.fill({ 'Or from elsewhere': 'Odile' });
  await expect(from).toHaveValue('');
  await keeper.fill({ 'Or from elsewhere': '' });
  await variety.fill('Estuary Blue');
  await page.getByRole('option', { name: /^Estuary Blue/ }).click();
  await expect(from).not.toHaveValue(/Ebb Stream/);
});

test('a bean without a name is a lot of which nothing is promised', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/new');
  await page.getByRole('button', { name: 'Add a variety' }).click();
  await page.getByPlaceholder('Tomato, leek …').fill('French bean');
  await page.getByRole('option', { name: 'French bean' }).first().click();
  await page.getByRole('button', { name: 'Add this variety' }).click();
  await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(
    /^Name unknown( \d+)?, French bean/,
  );
  await page.getByRole('button', { name: /^Keep: / }).click();
  await keeper.code('bench');
  await expect(page.getByRole('main')).toContainText('Name unknown');
});

test('a slip is corrected in place, in the form in which days and figures are said here', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/racks/L12');
  const line = page.getByRole('listitem').filter({ hasText: 'Weighed: ' }).first();
  await line.getByRole('button', { name: /^Correct: Weighed/ }).click();
  await expect(page.getByLabel('When', { exact: true })).toHaveValue(/^\d+ September 2026, \d\d:\d\d$/);
  await keeper.fill({ 'It weighs': '11,5' });
  await page.getByRole('button', { name: 'Keep: weighed' }).click();
  await expect(page.getByText(/^Kept\. L12: weighed, 11\.5\sg/)).toBeVisible();
  await expect(page.getByText(/corrected; it said: /)).toBeVisible();
});

test.afterEach(async ({ request }) => {
  for (const key of ['day_form', 'units']) await request.put(`/api/settings/${key}`, { data: { value: '' } });
});

test('days and units are said as the keeper set them, everywhere at once', async ({ page }) => {
  await page.goto('/books/settings');
  const set = async (label: string, option: string) => {
    await page.getByRole('combobox', { name: label, exact: true }).click();
    await page.getByRole('option', { name: option }).click();
    await page.getByRole('button', { name: `Keep: ${label}` }).click();
    await expect(page.getByText(`${label}: ${option}`)).toBeVisible();
  };
  await set('Days', 'September 14, 2026');
  await set('Units', 'US: oz, °F, ft');
  await expect(page.getByText('Monday September 14, 2026')).toBeVisible();
  await page.goto('/racks/L10');
  await expect(page.getByRole('main')).toContainText(/\d\soz/);
  await expect(page.getByRole('img', { name: /oz at first, .* oz last/ })).toBeVisible();
  await page.goto('/books/settings');
  await set('Days', '14 September 2026');
  await set('Units', 'metric: g, °C, m');
  await expect(page.getByText('Monday 14 September 2026')).toBeVisible();
});
