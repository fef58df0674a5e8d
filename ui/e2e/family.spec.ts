import { expect, test } from './garden';

test.use({ viewport: { width: 390, height: 844 } });

test('on a phone a lot tells where it came from and what came of it, and each leads to its own page', async ({
  page,
}) => {
  await page.goto('/bench/L65');
  const family = page.getByRole('region', { name: 'Its family' });
  await family.getByText('Where it came from, back to the first, and what came of it').click();
  await expect(family.getByText('This lot: set apart from L64.')).toBeVisible();
  await expect(family.getByText(/^At least the first own generation/)).toBeVisible();
  const from = family.getByRole('list', { name: 'Came from' });
  await expect(from.getByRole('listitem')).toHaveCount(1);
  await from.getByRole('link', { name: /L64/ }).click();
  await expect(page).toHaveURL(/\/L64/);
  await family.getByText('Where it came from, back to the first, and what came of it').click();
  await expect(
    family.getByRole('list', { name: 'Came of it' }).getByRole('link', { name: /L65/ }),
  ).toBeVisible();
});
