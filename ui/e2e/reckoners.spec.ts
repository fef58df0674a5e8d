import { expect, test } from '@playwright/test';

test('a quick reckoner is found by what one wants to know, answers as it is filled, and can be sent on', async ({
  page,
}) => {
  await page.goto('/books');
  await page.getByRole('link', { name: /^Quick reckoners/ }).click();
  await page.getByLabel('What do you want to know?').fill('seeds sow plants');
  await page.getByRole('link', { name: 'How many seeds must I sow to get the plants I want?' }).click();

  await expect(page.getByText('Fill in what is marked, and the answer stands here.')).toBeVisible();
  await page.getByLabel('Plants wanted *').fill('24');
  await page.getByLabel('Share that germinates', { exact: true }).fill('82');
  // 34 by a search over pbinom in R.
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText(/34\sseeds/);
  await expect(page).toHaveURL(/plants=24&rate=82/);

  await page.reload();
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText(/34\sseeds/);

  await page.getByLabel('Share that germinates', { exact: true }).fill('182');
  await expect(page.getByRole('alert')).toContainText('Share that germinates must be from 0.001 to 100 %.');
  await expect(page.getByRole('region', { name: 'Answer' })).not.toContainText('34');
  await expect(page.getByLabel('Plants wanted *')).toHaveValue('24');
  await page.getByText('How it is reckoned').click();
  await expect(page.getByText('marrow:reckon sowing.seeds')).toBeVisible();
});

test('a list of weighings gives a drying course, or the reason why not', async ({ page }) => {
  await page.goto('/books/reckoners/drying.curve?hours=0,6,24&masses=180,171.9,154.8');
  await expect(page.getByRole('alert')).toContainText('at least 4 weighings; there are 3');
  await page.getByLabel('Hours since it was spread *').fill('0,6,24,48,72,96,144');
  await page.getByLabel('What it weighed at each *').fill('180,171.9,154.8,142.6,136.7,133.8,131.7');
  await page.getByLabel('Mass to reach').fill('135');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText(/83\.8\sh/);
});
