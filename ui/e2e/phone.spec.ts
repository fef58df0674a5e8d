import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a thumb walks from what is due to the list, the worksheet and a kept entry', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/today');
  await page.getByRole('link', { name: /^L10/ }).first().tap();
  await keeper.code('racks');
  await act(page, 'Weigh');
  await keeper.fill({ 'It weighs': '19,9' });
  await page.getByRole('button', { name: /^Keep: / }).tap();
  const said = page.getByText(/Kept\. L10: weighed, 19\.9\sg/);
  await expect(said).toBeVisible();
  // At the top: the next thing that a thumb presses is not under it.
  expect((await said.boundingBox())?.y).toBeLessThan(80);
  await page.getByRole('button', { name: 'Take it back' }).tap();
  await expect(page.getByText('Taken back.', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the racks' }).tap();
  await expect(page.getByRole('heading', { name: 'Racks' })).toBeVisible();
});

test('on the plan a number says which planting it is, and what is tapped is opened', async ({ page }) => {
  await page.goto('/plot/plan/2027');
  const names = page.getByRole('list', { name: 'What the numbers are' });
  const squash = names.getByRole('listitem').filter({ hasText: 'Bell Buoy' });
  const number = (await squash.locator('b').textContent()) ?? '';
  const onMap = page.getByRole('button', { name: /^Bell Buoy, \d+ plants, would cross/ });
  await expect(onMap).toHaveText(number);
  // As high as a line of text, on the screen and not on some drawing board.
  const letter = await onMap.locator('text').evaluate((text) => text.getBoundingClientRect().height);
  expect(letter).toBeGreaterThan(11);
  await squash.getByRole('button').tap();
  await expect(page.getByRole('form', { name: 'Bell Buoy' })).toBeVisible();
});
