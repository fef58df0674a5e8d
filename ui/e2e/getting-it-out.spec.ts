import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

for (const [screen, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(screen, () => {
    test.use({ viewport });

    test('a squash goes from the knife through a night in water to the rack', async ({ page }) => {
      const keeper = new Keeper(page);
      await page.goto('/bench/L16');
      await act(page, 'Open the fruit');
      await expect(page.getByText(/Hard fruit slips under the knife/)).toBeVisible();
      await expect(page.getByText(/Bitter fruit can be poisonous/)).toBeVisible();
      await keeper.fill({
        How: 'scooped out',
        'Fruits opened': '2',
        'Of them bitter, thrown out': '3',
        When: '13 September 2026, 21:30',
      });
      await page.getByRole('button', { name: 'Keep: fruit opened' }).click();
      // More bitter than were opened: said at the field, with what was typed kept.
      await expect(page.getByText('Of 2 fruits not more than 2 can be bitter.')).toBeVisible();
      await expect(page.getByLabel('Of them bitter, thrown out')).toHaveValue('3');
      await keeper.fill({ 'Of them bitter, thrown out': '1' });
      await keeper.keeps();
      await expect(page.getByText(/^1\sfruit tasted bitter and went out/)).toBeVisible();

      await act(page, 'Put it to soak');
      await keeper.fill({ 'Temperature of the water': '18', When: '13 September 2026, 22:00' });
      await keeper.keeps();
      await expect(
        page.locator('#sheet').getByText('Take it out of the water before today 22:00, or it sprouts'),
      ).toBeVisible();
      await expect(page.getByRole('img', { name: /out of the water by Mon 14 Sep/ })).toBeVisible();

      await act(page, 'Rinsed');
      await keeper.keeps();
      await expect(page.getByText(/^It lay in water for 12\sh, until/)).toBeVisible();
      await act(page, 'Spread to dry');
      await keeper.fill({ 'It weighs': '60' });
      await keeper.keeps();
      await keeper.code('racks');
    });
  });
}

test('the bench says what is next, day by day, and what to have ready', async ({ page }) => {
  await page.goto('/bench');
  const next = page.getByRole('region', { name: 'Next', exact: true });
  await expect(next).toContainText('Rinse it now and spread it');
  const days = page.getByRole('region', { name: 'The next days' });
  await expect(days).toContainText('Take it out of the water before today 22:00, or it sprouts');
  await expect(days).toContainText(
    'To have ready: 3 drying filters, 1 sieve, 1 drying tray, 1 threshing sheet.',
  );
  await next.getByRole('link', { name: 'Open L14' }).click();
  await expect(page.getByRole('heading', { name: /^L14/ })).toBeVisible();
});

test('lettuce is winnowed in the wind and looked over, and what came adds up', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/bench/L15');
  await act(page, 'Winnowed');
  await page.getByRole('button', { name: 'More to tell' }).click();
  await keeper.fill({
    'Clean seed weighs': '40',
    How: 'poured in the wind',
    'Light seed weighs': '4',
    'Chaff weighs': '30',
  });
  await page.getByRole('button', { name: 'Keep: winnowed' }).click();
  await expect(page.getByText(/74\sg cannot come out of the 58\sg that were threshed/)).toBeVisible();
  await keeper.fill({ 'Chaff weighs': '13' });
  await keeper.keeps();
  await expect(page.getByText('Seed of what was threshed')).toBeVisible();
  await act(page, 'Look a sample over');
  await keeper.fill({ 'Seeds looked at': '100', 'Flat or hollow': '6' });
  await keeper.keeps();
  await expect(page.getByText(/6\s%\s\(3\s%\sto\s12\s%\)\sof\s100\slooked\sat:\s6\sflat/)).toBeVisible();
});

test('stalks are cut and laid on a sheet, and what falls by itself is of the same lot', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/plot/P20');
  await act(page, 'Cut it to finish under cover');
  await keeper.fill({
    Plants: '8',
    'What was cut': 'seed stalks',
    'How it finishes': 'on a sheet under cover',
    Where: 'loft',
    When: '10 September 2026, 10:00',
  });
  await page.getByRole('button', { name: 'Keep: cut to finish under cover' }).click();
  // The lot begins with it.
  const code = await keeper.code('bench');
  await expect(page.getByRole('heading', { name: new RegExp(`^${code} `) })).toBeVisible();
  await expect(page.locator('#sheet').getByText('Turn it over', { exact: true }).first()).toBeVisible();
  await act(page, 'Turn it over');
  await keeper.fill({ 'Seed that fell by itself': '4' });
  await keeper.keeps();
  await expect(page.getByText('Seed stalks, on a sheet under cover, loft', { exact: true })).toBeVisible();
  await act(page, 'Threshed');
  await keeper.fill({ 'Seed and chaff weigh': '120', How: 'trodden' });
  await keeper.keeps();
  await act(page, 'Winnowed');
  await keeper.fill({ 'Clean seed weighs': '80', How: 'over screens' });
  await keeper.keeps();
  await expect(page.getByText(/^65\s%$/)).toBeVisible();
});

for (const [screen, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(screen, () => {
    test.use({ viewport });

    test('what floats is kept apart as a lot of its own, of the same year, and rinsed by itself', async ({
      page,
    }) => {
      const keeper = new Keeper(page);
      await page.goto('/bench/L13');
      await act(page, 'Fill it with water');
      await keeper.keeps();
      await expect(page.locator('#sheet').getByText('Let it settle 10 minutes, then pour off')).toBeVisible();
      await act(page, 'Poured off');
      await keeper.fill({ 'Times filled and poured': '1', 'What floated': 'floating seed kept apart' });
      await keeper.keeps();
      // It looks like what was poured off of the other tomato: said at the form.
      await act(page, 'Rinsed');
      await expect(
        page.getByText(/Not to be told from L14 Lightship, which has been open on this bench/),
      ).toBeVisible();
      await page.getByRole('button', { name: 'Cancel' }).click();

      await act(page, 'Set a part aside as a lot');
      await expect(page.getByRole('combobox', { name: 'What it is' })).toContainText('seed that floated');
      await page.getByRole('button', { name: 'Keep: set apart' }).click();
      await expect(page.getByRole('region', { name: 'Set apart from', exact: true })).toContainText('L13');
      await expect(page.locator('#sheet').getByText('Rinse it now and spread it')).toBeVisible();
      await expect(page.getByText('Ripened in')).toBeVisible();
      const floated = await keeper.code('bench');
      await act(page, 'Rinsed');
      await page.getByLabel('Its tag goes along').check();
      await keeper.keeps();
      await expect(page.getByText('on the bench, its tag with it')).toBeVisible();
      await page.goto('/bench/L13');
      await expect(page.getByRole('region', { name: 'Set apart from it' })).toContainText(floated);
    });
  });
}

test('hot peppers say what to beware of at the very act, and stand in a bowl that is named', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/plot/P10');
  await act(page, 'Pick seed: start a lot');
  await expect(
    page.getByText(/Hot kinds burn skin and eyes: gloves, open air, and no hand to the eyes/),
  ).toBeVisible();
  await keeper.fill({ 'Plants that gave seed': '3', 'Fruits, pods or heads': '12' });
  await keeper.keeps();
  await keeper.code('bench');
  await act(page, 'Open the fruit');
  await expect(
    page.getByText(/Hot kinds burn skin and eyes: gloves, open air, and no hand to the eyes/),
  ).toBeVisible();
  await page.getByLabel('Its tag goes along').check();
  await page.getByRole('button', { name: 'More to tell' }).click();
  await keeper.fill({ Into: 'White bucket' });
  await page.getByRole('button', { name: 'Keep: fruit opened' }).click();
  // A squash soaks in it.
  await expect(
    page.getByText('L61 stands in there already, by what is recorded. Has it been emptied?'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'It was so all the same' }).click();
  await expect(page.getByText('in White bucket, its tag with it')).toBeVisible();
});
