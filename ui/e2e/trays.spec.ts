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

    test('a towel of ten: what it costs stands there before, it is wetted in a tap, and its sprouts become plants', async ({
      page,
    }) => {
      const keeper = new Keeper(page);
      await page.goto('/store/L74');
      await act(page, 'Start a test');
      await keeper.fill({ Replicates: '1', 'Seeds in each': '10' });
      const ahead = page.getByRole('group', { name: 'What it costs and tells' });
      await expect(ahead).toContainText('10 of 700 seeds; 690 seeds are left.');
      await expect(ahead).toContainText(/Were 8 of 10 to come up, likely 49 to 94\s%/);
      await ahead.getByText('How it is done').click();
      await expect(ahead).toContainText('Have ready: two cloths and a plate');
      await keeper.fill({ 'Laid out in a': 'damp towel', When: '13 September 2026, 9:00' });
      await keeper.keeps();
      await page.getByRole('button', { name: 'Wet it: L74' }).first().click();
      await expect(page.getByText('Kept. L74: test wetted')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Wet it: L74' })).toHaveCount(0);
      await act(page, 'Count seedlings');
      for (let i = 0; i < 9; i++) await page.getByRole('button', { name: 'One more up' }).click();
      await keeper.keeps();
      await act(page, 'End the test');
      await keeper.keeps();
      await expect(keeper.section(/^Germination test of Sunday 13/)).toContainText(
        /^.*90\s%, likely 60 to 98\s%/,
      );
      await page.getByRole('link', { name: 'Pot 9 sprouts on' }).click();
      await expect(page.getByLabel('Plants *')).toHaveValue('9');
      await keeper.fill({ Where: 'Frame 3' });
      await page.getByRole('button', { name: 'Keep: sown' }).click();
      await expect(page.getByText('sprouts of its germination test').first()).toBeVisible();
      await page.goto('/trays/L74');
      await expect(page.getByRole('region', { name: 'Sown from it' })).toContainText('Slipway');
    });

    test('four of a hundred are judged by five kinds, and what may be alive is told apart', async ({
      page,
    }) => {
      await page.goto('/trays/L70');
      const result = new Keeper(page).section(/^Germination test of Monday 24 August/);
      await expect(result).toContainText(/79\s%, likely 75 to 83\s% of the seed came up/);
      await expect(result).toContainText(
        'Of the rest 9 abnormal, 22 rotten, 8 empty. 26 hard and 2 firm and swollen may be alive',
      );
      await expect(result).toContainText('4 seeds were eaten: left out.');
      await expect(result).toContainText('The replicates agree.');
    });

    test('a chilled one is counted from the day on which it comes into the warmth', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/trays/L73');
      await expect(keeper.section('Germination test, in the cold')).toContainText(
        'In the cold until 28 September 2026',
      );
      await act(page, 'Into the warmth');
      await keeper.fill({ When: '12 September 2026, 9:00' });
      await keeper.keeps();
      await expect(keeper.section('Germination test, day 2')).toContainText('first 42 days damp in the cold');
    });

    test('an old result is one form, and the lot goes by it', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/store/L60');
      await keeper.records('Write down an old test', {
        'Came up': '31',
        Of: '36',
        When: '20 August 2026, 12:00',
      });
      const result = keeper.section(/^Germination test of Thursday 20 August/);
      await expect(result).toContainText('31 of 36 came up, as it was written down');
      await result.getByRole('link', { name: 'Sow it' }).click();
      await expect(page.getByLabel('Variety')).toHaveValue('Leadline, Carrot');
    });

    test('a sheet is printed to pencil in, and what is on it goes in by Tab alone', async ({ page }) => {
      await page.goto('/trays/L9');
      await page.getByRole('link', { name: 'Count on paper' }).click();
      await expect(page.getByRole('heading', { name: 'Count sheet, L9', level: 1 })).toBeVisible();
      const pdf = await page.pdf({ format: 'A4' });
      expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
      await page.getByLabel('Day of part 1').fill('8');
      await page.getByLabel('Day 8, dish 1, up').focus();
      for (const figure of ['4', '', '3', '1', '30', '', '2', '']) {
        if (figure !== '') await page.keyboard.type(figure);
        await page.keyboard.press('Tab');
      }
      await page.getByRole('button', { name: 'Keep: these counts' }).click();
      await expect(page.getByRole('alert').filter({ hasText: 'More seedlings than seeds' })).toBeVisible();
      await page.getByLabel('Day 8, dish 3, up').fill('3');
      await page.getByRole('button', { name: 'Keep: these counts' }).click();
      await expect(page.getByText(/12 new \(4 \+ 3 \+ 3 \+ 2\), 1 abnormal/).first()).toBeVisible();
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
    '65 of 100 up, counted on day 8Look Wednesday 16 September, day 10',
  );
  await expect(dishes.getByRole('img', { name: /^Up by day: day 6 38\s%, day 8 65\s%\.$/ })).toBeVisible();
  await expect(dishes.getByRole('img', { name: 'Dish 1: 16 up, 0 dead or abnormal, 9 open.' })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'What wants testing next' }).getByRole('listitem').first(),
  ).toContainText(/of [\d\s]+seeds/);
});
