import { expect, layAnew, test } from './garden';
import { Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('three taste blind, see which was which, and it goes into the walk', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/plot/walk/P26');
  await page.getByRole('link', { name: 'Taste them blind' }).click();
  // The one that is over shows whether they agreed.
  await expect(page.getByText(/They agree: from best to least, plant/)).toBeVisible();
  await page.getByRole('button', { name: 'Hold another tasting' }).click();
  await page
    .getByRole('group', { name: 'Which plants' })
    .getByRole('button', { name: '2', exact: true })
    .click();
  await page
    .getByRole('group', { name: 'Which plants' })
    .getByRole('button', { name: '5', exact: true })
    .click();
  await page.getByRole('button', { name: 'Cooked' }).click();
  await expect(page.getByText(/With 4\splates it wants 2\stasters at the least/)).toBeVisible();
  await page.getByRole('button', { name: 'Give them numbers' }).click();
  const marks = page.getByRole('form', { name: 'Marks' });
  const plates = marks.getByRole('group', { name: /^Plate \d+$/ });
  await expect(plates).toHaveCount(4);
  const score = async (taster: string, given: number[]) => {
    await keeper.fill({ 'Who tasted': taster });
    for (const [i, mark] of given.entries())
      await plates
        .nth(i)
        .getByRole('button', { name: new RegExp(`: ${mark}$`) })
        .click();
    await marks.getByRole('button', { name: 'Keep these marks' }).click();
  };
  await score('Ines', [5, 3, 2]);
  await expect(
    marks.getByText(/There were 4 plates, and 3 were scored: plate \d+ has no mark yet\./),
  ).toBeVisible();
  await plates.nth(3).getByRole('button', { name: /: 1$/ }).click();
  await marks.getByRole('button', { name: /Keep these marks|all the same/ }).click();
  await expect(page.getByText(/Scored by Ines\./)).toBeVisible();
  // Whoever has scored it does not score it again.
  await score('Ines', [5, 3, 2, 1]);
  await expect(marks.getByText(/Ines has scored this tasting already: nobody tastes twice/)).toBeVisible();
  await keeper.fill({ 'Who tasted': 'Odile' });
  await marks.getByRole('button', { name: /Keep these marks|all the same/ }).click();
  await expect(page.getByText(/Scored by Ines, Odile\./)).toBeVisible();
  await score('Yusra', [4, 3, 2, 1]);
  await expect(page.getByText(/Scored by Ines, Odile, Yusra\./)).toBeVisible();
  expect((await page.pdf({ format: 'A4' })).subarray(0, 5).toString()).toBe('%PDF-');
  await marks.getByRole('button', { name: 'All have scored: see which was which' }).click();
  const told = page.getByRole('region', { name: /^Set out today: 4\splates of plants of the row, cooked/ });
  await expect(told.getByRole('row').nth(1)).toContainText(/4\.67/);
  await expect(told).toContainText('agreement 1 of 1');
  await told.getByRole('button', { name: 'Into the walk, as a trait' }).click();
  await told.getByRole('link', { name: 'It is a trait of the walk' }).click();
  await expect(page.getByText(/Chosen by health, vigour, stem height, taste cooked\./)).toBeVisible();
  await expect(keeper.section('Who is kept')).toContainText('taste cooked 4.67 points');
});
