import { expect, test } from '@playwright/test';

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
