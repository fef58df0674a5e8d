import { expect, test } from './garden';

test('a common name that means several species asks which, and the page says what crosses with it', async ({
  page,
}) => {
  await page.goto('/books');
  const find = page.getByLabel('Find a crop in the handbook');
  await find.fill('pumpkin');
  await expect(page.getByText(/“pumpkin” can mean any of 3 species/)).toBeVisible();
  await page.getByRole('link', { name: /Winter squash \(moschata\),/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Winter squash (moschata)' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What crosses with it' })).toContainText(
    'Cucurbita argyrosperma, freely.',
  );
  // What was typed stands while one reads.
  await expect(find).toHaveValue('pumpkin');

  await find.fill('apiaceae');
  await expect(page.getByRole('link', { name: /Sweet cicely,/ })).toBeVisible();
  await find.fill('Lactuca sativa');
  await page.getByRole('link', { name: /^Lettuce,/ }).click();
  await expect(page.getByRole('region', { name: 'What crosses with it' })).toContainText('Prickly lettuce');
  await find.fill('dragonfruit');
  await expect(page.getByText('No crop of that name.')).toBeVisible();
});

test('a figure of one’s own stands in for the handbook’s, which stays beside it', async ({ page }) => {
  await page.goto('/books/handbook/parsnip');
  const figures = page.getByRole('region', { name: 'Your own figures' });
  await figures.getByRole('button', { name: 'See the figures' }).click();
  const mine = figures.getByLabel('Yours: apart, for seed that is passed on');
  await mine.fill('100');
  await mine.press('Enter');
  await expect(figures.getByText('a number from 400 to 10000 is needed')).toBeVisible();
  await mine.fill('600');
  await mine.press('Enter');
  await expect(figures.getByText('600 m, yours')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What crosses with it' })).toContainText(/600\sm/);
  await mine.fill('');
  await mine.press('Enter');
  await expect(figures.getByText('600 m, yours')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'What crosses with it' })).toContainText(/800\sm/);
});

test('a crop that is missing is added like one that is there', async ({ page }) => {
  await page.goto('/books');
  await page.getByRole('link', { name: 'A crop that is missing: add it' }).click();
  await page.getByLabel('Common name').fill('Alexanders');
  await page.getByLabel('Latin name').fill('alexanders');
  await page.getByLabel('Family').fill('Apiaceae');
  await page.getByRole('combobox', { name: 'Most like' }).click();
  await page.getByRole('option', { name: 'Parsnip' }).click();
  await page.getByRole('button', { name: 'Add this crop' }).click();
  await expect(page.getByText('Give its Latin name, genus and epithet')).toBeVisible();
  await page.getByLabel('Latin name').fill('Smyrnium olusatrum');
  await page.getByRole('button', { name: 'Add this crop' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Alexanders' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Alexanders/ })).toBeVisible();
});

test('two questions lead from a common name to the species, whose page says how it is done by hand', async ({
  page,
}) => {
  await page.goto('/books');
  await expect(page.getByRole('heading', { level: 1, name: 'September in the handbook' })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Ripe seed to look for' }).getByRole('link').first(),
  ).toBeVisible();
  await page.getByLabel('Find by code, name, note or year').fill('which bean');
  await page.getByRole('option', { name: /Which bean is it/ }).click();
  await page.getByRole('button', { name: /Kidney-shaped or oval/ }).click();
  await page.getByRole('button', { name: /Tall, with large red or white flowers/ }).click();
  await page.getByRole('status').getByRole('link', { name: 'Runner bean' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Runner bean' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Runner bean, seed, at true size' })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Pollinating by hand' }).getByRole('listitem').first(),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Pests and sickness of the seed' })).toContainText(
    /7 days at −18\s°C/,
  );
  await expect(page.getByRole('region', { name: 'To have ready' })).toContainText(
    'In the bed: stakes or string',
  );
  // An answer taken back leads another way.
  await page.goto('/books/which/bean');
  await page.getByRole('button', { name: /Kidney-shaped or oval/ }).click();
  await page.getByRole('button', { name: /Flat and large/ }).click();
  await expect(page.getByRole('button', { name: /Tall, with large/ })).toHaveCount(0);
  await expect(page.getByRole('status').getByRole('link', { name: 'Broad bean' })).toBeVisible();
  await page.goto('/books/which/mango');
  await expect(page.getByText('There are no questions about “mango”.')).toBeVisible();
});

test('the year of a crop has every season of its sowing, and seed kept alive has no jar', async ({
  page,
}) => {
  await page.goto('/books/handbook/broad-bean');
  await expect(
    page.getByRole('img', { name: /sow: February to April.*sow: October to November/ }),
  ).toBeVisible();
  await page.goto('/books/handbook/garlic');
  await expect(page.getByRole('region', { name: 'Kept by cloves' })).toContainText(
    'no storage life is forecast',
  );
  await expect(page.getByRole('region', { name: 'Dry enough' })).toHaveCount(0);
});
