import { expect, test } from './garden';
import { Keeper } from './keeper';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

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
