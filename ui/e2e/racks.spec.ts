import { expect, layAnew, test } from './garden';
import { act, carriedPhone, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

for (const [screen, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(screen, () => {
    test.use({ viewport });

    test('by the hand alone it is probably dry, and goes into paper', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/racks/L8');
      await act(page, 'Try it by hand');
      // What a pea does not answer to is not asked.
      await expect(page.getByRole('combobox', { name: 'Under a hammer' })).toBeVisible();
      await expect(page.getByRole('combobox', { name: 'Bent' })).toHaveCount(0);
      await page.getByRole('button', { name: 'Keep: tried by hand' }).click();
      await expect(page.getByText('Say what the hand found: one sign is enough.')).toBeVisible();
      await keeper.fill({
        'Under a hammer': 'it shatters',
        'Under a thumbnail': 'a thumbnail leaves no mark',
      });
      await keeper.keeps();
      const drying = keeper.section('Drying');
      await expect(drying).toContainText('Probably dry enough for paper or cloth');
      await expect(drying).toContainText('close it in one for a day and look for mist');
      await expect(
        page.locator('#sheet').getByText('Into paper, or into a closed jar for a day: look for mist'),
      ).toBeVisible();
    });

    test('by card and gel it comes to the jar', async ({ page }) => {
      const keeper = new Keeper(page);
      const spot = (at: number) => page.getByRole('button', { name: new RegExp(`^The spot at ${at} %`) });
      await page.goto('/racks/L68');
      await act(page, 'Read a card in its jar');
      await spot(50).click();
      await expect(page.getByLabel('Dry from the spot at')).toHaveValue('60');
      await spot(60).click();
      await expect(page.getByLabel('Damp up to the spot at')).toHaveValue('40');
      await expect(page.getByLabel('Dry from the spot at')).toHaveValue('');
      await keeper.fill({ When: '11 September 2026, 10:00' });
      await keeper.keeps();
      await expect(keeper.section('Drying')).toContainText('Not dry enough for a jar: 7.7 to 10.');

      await act(page, 'Shut it in with desiccant');
      await keeper.fill({ 'Dry, it weighs': '120', When: '11 September 2026, 11:00' });
      await keeper.keeps();
      await expect(keeper.section('Drying')).toContainText(/In a closed jar with 120\sg of silica gel/);

      await act(page, 'Take the desiccant out');
      await keeper.fill({ 'It weighs as it comes out': '130', When: '13 September 2026, 11:00' });
      await keeper.keeps();
      await expect(keeper.section('Drying')).toContainText(/Desiccant has taken 10\sg of water/);

      await act(page, 'Read a card in its jar');
      await spot(20).click();
      await keeper.fill({ When: '14 September 2026, 9:00' });
      await keeper.keeps();
      await expect(keeper.section('Drying')).toContainText('Dry enough for a jar');
      await expect(page.locator('#sheet').getByText('Put it away').first()).toBeVisible();
    });

    test('a room that never can is said at once, with what would help', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/racks/L68');
      await expect(page.locator('#sheet').getByText('Dry it somewhere drier, or on with gel')).toBeVisible();
      await expect(keeper.section('Drying')).toContainText(
        /Its air is at 17\s°C and 68\s% RH: there it stops at/,
      );
      await act(page, 'Take it in, put it out, move it');
      await keeper.fill({ In: 'Boat loft' });
      await keeper.keeps();
      await expect(keeper.section('Drying')).toContainText('in Boat loft');
      await expect(page.locator('#sheet').getByText('Dry it somewhere drier, or on with gel')).toHaveCount(0);
    });
  });
}

test('the racks show each way to dry, what it rests on, and the air of the rooms', async ({ page }) => {
  await page.goto('/racks');
  const ways = page.getByRole('region', { name: 'On the way to dry' });
  await expect(ways.getByRole('listitem').filter({ hasText: 'Foghorn' })).toContainText('by hand');
  await expect(ways.getByRole('listitem').filter({ hasText: 'Slack Water' })).toContainText(
    /60\sg of silica gel, look Friday 11 September/,
  );
  const air = page.getByRole('region', { name: 'The air there' });
  await expect(air).toContainText('Wash-house');
  await expect(air.getByRole('img', { name: /^Humidity of Wash-house/ })).toBeVisible();
});

test('without network a card and the hand are told on a phone, and go by themselves', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(180_000);
  const [context, page] = await carriedPhone(browser, baseURL);
  try {
    const keeper = new Keeper(page);
    await context.setOffline(true);
    await page.goto('/racks/L68');
    await expect(page.getByRole('status').filter({ hasText: /^No network\. As known / })).toBeVisible();
    await act(page, 'Read a card in its jar');
    await page.getByRole('button', { name: /^The spot at 50 %/ }).click();
    await page.getByRole('button', { name: 'Keep: card read' }).click();
    const waits = page.getByRole('region', { name: 'Waits to be sent' });
    await expect(waits).toContainText('Card read, L68');
    await page.goto('/racks/L66');
    await act(page, 'Try it by hand');
    await keeper.fill({ 'Under a hammer': 'it squashes' });
    await page.getByRole('button', { name: 'Keep: tried by hand' }).click();
    await expect(waits).toContainText('2 entries wait to be sent.');
    await context.setOffline(false);
    await expect(waits).toHaveCount(0);
    await page.goto('/racks/L68');
    await expect(keeper.section('Drying')).toContainText('From a card read today');
    await page.goto('/racks/L66');
    await expect(keeper.section('Drying')).toContainText('it squashes');
  } finally {
    await context.close();
  }
});
