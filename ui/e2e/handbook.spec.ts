import { expect, test } from './garden';

test('a common name that means several species asks which, and the page says what crosses with it', async ({
  page,
}) => {
  await page.goto('/books');
  const find = page.getByLabel('Find a crop in the handbook');
  await find.fill('pumpkin');
  await expect(page.getByText(/“pumpkin” can mean any of 3 species/)).toBeVisible();
  await page.getByRole('link', { name: /Winter squash \(moschata\)/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Winter squash (moschata)' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What crosses with it' })).toContainText(
    'Cucurbita argyrosperma, freely.',
  );
  // What was typed stands while one reads.
  await expect(find).toHaveValue('pumpkin');

  await find.fill('apiaceae');
  await expect(page.getByRole('link', { name: /Sweet cicely/ })).toBeVisible();
  await find.fill('Lactuca sativa');
  await page.getByRole('link', { name: /^Lettuce/ }).click();
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
  await page.getByLabel('Common name').fill('Skirret');
  await page.getByLabel('Latin name').fill('skirret');
  await page.getByLabel('Family').fill('Apiaceae');
  await page.getByRole('combobox', { name: 'Most like' }).click();
  await page.getByRole('option', { name: 'Parsnip' }).click();
  await page.getByRole('button', { name: 'Add this crop' }).click();
  await expect(page.getByText('Give its Latin name, genus and epithet')).toBeVisible();
  await page.getByLabel('Latin name').fill('Sium sisarum');
  await page.getByRole('button', { name: 'Add this crop' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Skirret' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Skirret/ })).toBeVisible();
});
