import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

for (const [screen, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(screen, () => {
    test.use({ viewport });

    test('four of twenty-five are counted by a press a seedling, and the rest by its kinds', async ({
      page,
    }) => {
      const keeper = new Keeper(page);
      await page.goto('/racks/L9');
      await act(page, 'Count seedlings');
      for (const dish of [1, 1, 2, 3]) {
        await page.getByRole('button', { name: `Dish ${dish}: one more up` }).click();
      }
      await page.getByRole('button', { name: 'Take the last press back' }).click();
      await expect(page.getByLabel('New seedlings 1')).toHaveValue('2');
      await expect(page.getByLabel('New seedlings 3')).toHaveValue('0');
      await page.getByRole('button', { name: 'More to tell' }).click();
      await keeper.fill({ 'Rotten, taken out 2': '1', 'Eaten or lost 4': '30' });
      await page.getByRole('button', { name: /^Keep: / }).click();
      await expect(page.getByRole('alert').filter({ hasText: 'More seedlings than seeds' })).toBeVisible();
      await keeper.fill({ 'Eaten or lost 4': '2' });
      await keeper.keeps();

      await act(page, 'End the test');
      await page.getByRole('button', { name: 'More to tell' }).click();
      await keeper.fill({ 'Of what is left, hard 1': '3', 'Empty 2': '2' });
      await keeper.keeps();
      const result = keeper.section(/^Germination test of/);
      await expect(result).toContainText('Of the rest 1 rotten, 2 empty.');
      await expect(result).toContainText('3 hard may be alive');
      await expect(result).toContainText('2 seeds were eaten: left out.');
    });

    test('a dish that was dropped is left out, and its seed is not dead', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/racks/L9');
      await act(page, 'Leave a dish out');
      await keeper.fill({ 'Which dish': '9' });
      await page.getByRole('button', { name: /^Keep: / }).click();
      await expect(page.getByText('This test has 4 replicates.')).toBeVisible();
      await keeper.fill({ 'Which dish': '2' });
      await keeper.keeps();
      const test = keeper.section(/^Germination test, day/);
      await expect(test).toContainText('1 dish was lost: none of it is counted.');
      await expect(test).toContainText('of 75.');
    });
  });
}

test('floaters are laid beside sinkers, with what so many can show', async ({ page }) => {
  const keeper = new Keeper(page);
  for (const group of ['floaters', 'sinkers']) {
    await page.goto('/store/L1');
    await act(page, 'Start a test');
    await page.getByRole('button', { name: 'More to tell' }).click();
    await keeper.fill({ Replicates: '1', 'Seeds in each': '36', 'Of which of it': group });
    await keeper.keeps();
  }
  await expect(keeper.section(/^Germination test, day 0: sinkers/)).toContainText(
    /Laid side by side: with so many seeds 90\s% against 60\s% would show 80\stimes in 100\./,
  );
});

test('the trays show each running test dish by dish, and what wants testing next', async ({ page }) => {
  await page.goto('/trays');
  const dishes = page.getByRole('region', { name: 'Dish by dish' });
  await expect(dishes.getByRole('listitem').filter({ hasText: 'Capstan' })).toContainText(
    '65 of 100 up, counted on day 8, look Wednesday 16 September, day 10',
  );
  await expect(dishes.getByRole('img', { name: 'Dish 1: 16 up, 0 dead or abnormal, 9 open.' })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'What wants testing next' }).getByRole('listitem').first(),
  ).toContainText(/of [\d\s]+seeds/);
});
