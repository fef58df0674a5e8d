import type { Page } from '@playwright/test';
import { expect, test } from './garden';

const field = (page: Page) => page.getByRole('combobox', { name: /^Find by code/ });
const said = (page: Page, words: string | RegExp) => page.getByRole('option').filter({ hasText: words });

test('a weighing takes ten keys from any page, and is taken back', async ({ page }) => {
  await page.goto('/books/words');
  await expect(page.getByRole('heading', { name: /Words/ }).first()).toBeVisible();
  let keys = 0;
  const press = async (key: string) => {
    await page.keyboard.press(key);
    keys++;
  };
  await press('/');
  await expect(field(page)).toBeFocused();
  for (const key of 'L10 19.9g') await press(key === ' ' ? 'Space' : key);
  await expect(said(page, /^Keep: L10: weighed, 19\.9\sg$/)).toBeVisible();
  await press('Enter');
  await expect(page.getByText(/^Kept\. L10: weighed, 19\.9\sg/)).toBeVisible();
  expect(keys).toBeLessThanOrEqual(12);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/^Taken back\./)).toBeVisible();
});

test('one line records three lots as one; on a sheet it knows of what it speaks', async ({ page }) => {
  await page.goto('/racks');
  await field(page).fill('L8 L10 L12 rh 38');
  await expect(
    said(page, /L8: jar humidity read[^]*L10: jar humidity read[^]*L12: jar humidity read/),
  ).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Kept\. Jar humidity read: L8, L10, L12$/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/^Taken back\./)).toBeVisible();
  await page.goto('/racks/L10');
  await expect(page.getByRole('heading', { name: /^L10/ })).toBeVisible();
  await field(page).fill('19.8 g yesterday');
  await expect(said(page, /^Keep: L10: weighed, 19\.8\sg, yesterday$/)).toBeVisible();
  await page.keyboard.press('Escape');
});

test('what a line lacks is named, and its form opens with what was understood', async ({ page }) => {
  await page.goto('/today');
  await field(page).fill('poured off L13 yesterday 18:00');
  const option = said(page, 'L13: poured off, yesterday 18:00');
  await expect(option).toContainText('How often you poured off is missing.');
  await option.click();
  const form = page.getByRole('form', { name: 'Poured off' });
  await expect(form.getByLabel('When', { exact: true })).toHaveValue(/13 September 2026, 18:00/);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Drop: / }).click();

  // Two things wrong with it: each is said, and nothing is kept.
  await page.goto('/today');
  await field(page).fill('L10 wobbled 19 g L999');
  await expect(said(page, 'There is no L999.')).toContainText('Not understood: wobbled');
  // What records nothing finds as before.
  await field(page).fill('Capstan');
  await expect(page.getByRole('option').filter({ hasText: 'Capstan' }).first()).toBeVisible();
  await expect(said(page, /^Keep: /)).toHaveCount(0);
});

test('what does not fit is asked, and kept when it was so all the same', async ({ page }) => {
  await page.goto('/today');
  await field(page).fill('L10 900 g');
  await said(page, /^Keep: L10: weighed, 900\sg/).click();
  await expect(
    page.getByRole('option').filter({ hasText: 'Press it again if it was so all the same.' }),
  ).toBeVisible();
  await field(page).fill('');

  // Of several in one line all is kept, or none: half of it would be kept twice.
  await field(page).fill('note L10 rustles; L10 900 g');
  await said(page, 'L10: weighed, 900').click();
  await expect(
    page.getByRole('option').filter({ hasText: 'Press it again if it was so all the same.' }),
  ).toBeVisible();
  await page.goto('/racks/L10');
  await expect(page.getByRole('region', { name: 'Journal' })).toBeVisible();
  await expect(page.getByText('rustles')).toHaveCount(0);
});

test('of what nothing is understood that is said, and a search on a sheet is no record', async ({ page }) => {
  await page.goto('/store/L2');
  await expect(page.getByRole('heading', { name: /^L2/ })).toBeVisible();
  await field(page).fill('L999 41 g');
  await expect(said(page, 'There is no L999.')).toBeDisabled();
  await field(page).fill('L2 purple');
  await expect(said(page, 'Not understood: L2 purple')).toBeVisible();
  // It can be written down as it stands.
  await said(page, 'Keep: L2: note, purple').click();
  await expect(page.getByText('Kept. L2: note, purple')).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/^Taken back\./)).toBeVisible();
  await field(page).fill('Groyne');
  await expect(page.getByRole('option').filter({ hasText: 'Groyne' }).first()).toBeVisible();
  await expect(page.getByText('What may follow')).toHaveCount(0);
});

test('a planting begins in a line, in its form where something is missing, and a place is spoken of by its name', async ({
  page,
}) => {
  await page.goto('/today');
  await field(page).fill('sown 12 Capstan in bed 9 yesterday');
  await said(page, /^Keep: Capstan: sown, 12\splants, bed 9, yesterday/).click();
  await expect(page.getByText(/^Kept\. P\d+: sown, 12\splants/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/^Taken back\./)).toBeVisible();

  await field(page).fill('sown Capstan in bed 9, row 2');
  await said(page, /^Open its form: Capstan: sown, bed 9, row 2/).click();
  await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(/Capstan/);
  await expect(page.getByLabel('Where', { exact: true })).toHaveValue('bed 9, row 2');
  await page.getByLabel('Plants *').fill('12');
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await page.waitForURL(/\/plot\/P\d+/);

  await field(page).fill('hall cupboard 15 °C 52 %');
  await said(page, /^Keep: Hall cupboard: its air, 15\s°C/).click();
  await expect(page.getByText(/^Kept\. Hall cupboard/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a weighing takes the key, the figure and one touch', async ({ page }) => {
    await page.goto('/racks/L10');
    await expect(page.getByRole('heading', { name: /^L10/ })).toBeVisible();
    await page.getByRole('button', { name: 'Record or find: write a line' }).tap();
    await expect(field(page)).toBeFocused();
    await page.keyboard.type('19.7 g');
    await said(page, /^Keep: L10: weighed, 19\.7\sg$/).tap();
    await expect(page.getByText(/^Kept\. L10: weighed, 19\.7\sg/)).toBeVisible();
    await page.getByRole('button', { name: 'Take it back' }).tap();
    await expect(page.getByText(/^Taken back\./)).toBeVisible();
  });

  test('what may follow is offered, and the key stands where it is set', async ({ page }) => {
    await page.goto('/books/settings');
    await page.getByRole('combobox', { name: 'The key for a line, on a phone' }).tap();
    await page.getByRole('option', { name: 'at the left' }).tap();
    await page.goto('/today');
    const key = page.getByRole('button', { name: 'Record or find: write a line' });
    expect((await key.boundingBox())?.x).toBeLessThan(40);
    await key.tap();
    await page.keyboard.type('L2');
    await page.getByRole('option', { name: 'Take seed out', exact: true }).tap();
    await expect(field(page)).toHaveValue('L2 taken out');
    await page.getByRole('option', { name: 'Seeds', exact: true }).tap();
    await expect(field(page)).toHaveValue('L2 taken out seeds ');
    await page.keyboard.type('12');
    await expect(said(page, /^Keep: L2: taken out, 12\sseeds/)).toBeVisible();
  });
});
