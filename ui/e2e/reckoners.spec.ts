import type { Locator } from '@playwright/test';
import { expect, test } from './garden';

test('a quick reckoner is found by what one wants to know, answers as it is filled, and can be sent on', async ({
  page,
}) => {
  await page.goto('/books');
  await page.getByRole('link', { name: /^Quick reckoners/ }).click();
  await page.getByLabel('What do you want to know?').fill('how many seeds to sow for 24 plants');
  await page.getByRole('link', { name: 'How many seeds must I sow to get the plants I want?' }).click();

  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(page.getByText('Fill in what is marked, and the answer stands here.')).toBeVisible();
  await page.getByLabel('Plants wanted *').fill('24');
  await page.getByLabel('Share that germinates *').fill('82');
  // 34 by a search over pbinom in R.
  await expect(answer).toContainText(/Sow 34\sseeds for 24\splants/);
  await expect(answer.getByRole('img', { name: /chance of enough plants rises/ })).toBeVisible();
  await expect(page).toHaveURL(/plants=24&rate=82/);

  await page.reload();
  await expect(answer).toContainText(/34\sseeds/);

  await page.getByLabel('Share that germinates *').fill('182');
  await expect(page.getByRole('alert')).toContainText('Share that germinates must be from 0.001 to 100 %.');
  await expect(answer).not.toContainText('34');
  await expect(page.getByLabel('Plants wanted *')).toHaveValue('24');
  await page.getByText('How it is reckoned').click();
  await expect(page.getByText('Jeffreys posterior')).toBeVisible();
});

test('what can be told in two ways is asked for in one of them, and the other is kept', async ({ page }) => {
  await page.goto('/books/reckoners/sowing.seeds?plants=24&rate=82');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText(/Sow 34\sseeds/);
  await page.getByRole('radio', { name: 'a test of it' }).check();
  await expect(page.getByLabel('Share that germinates *')).toHaveCount(0);
  await page.getByLabel('Normal seedlings in the test *').fill('41');
  await page.getByLabel('Seeds in the test *').fill('50');
  // 36 by a sum over the beta-binomial in R.
  await expect(answer).toContainText(/Sow 36\sseeds/);
  await expect(page).toHaveURL(/plants=24&germinated=41&sown=50/);
  await page.getByRole('radio', { name: 'its share' }).check();
  await expect(page.getByLabel('Share that germinates *')).toHaveValue('82');
  await expect(answer).toContainText(/Sow 34\sseeds/);
});

test('a list of weighings gives a drying course, or the reason why not', async ({ page }) => {
  await page.goto('/books/reckoners/drying.curve?hours=0,6,24&masses=180,171.9,154.8');
  await expect(page.getByRole('alert')).toContainText('at least 4 weighings; there are 3');
  await page.getByLabel('Hours since it was spread *').fill('0,6,24,48,72,96,144');
  await page.getByLabel('What it weighed at each *').fill('180,171.9,154.8,142.6,136.7,133.8,131.7');
  await page.getByLabel('Mass to reach').fill('135');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText(/83\.8\sh/);
});

test('ounces and degrees Fahrenheit are a choice that the link carries and the browser remembers', async ({
  page,
}) => {
  await page.goto('/books/reckoners/ferment.window?temperature=21');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText('usually ready after 3 days');
  await expect(answer.getByRole('note')).toContainText('never a screwed-down one');
  await page.getByRole('button', { name: '°F, oz, ft' }).click();
  await expect(page).toHaveURL(/units=us/);
  await expect(page.getByRole('alert')).toContainText('Temperature of the room must be from 50 to 104 °F.');
  await page.getByLabel('Temperature of the room *').fill('70');
  await expect(answer).toContainText(/At 70\s°F the gel lets go/);
  // Another reckoner, opened later: the same units.
  await page.goto('/books/reckoners/moisture.target_mass?mass=10&moisture=20&target=8');
  await expect(answer).toContainText(/It is there when it weighs 8\.7\soz/);
});

test('two plantings side by side: whether they cross, how much, and from what distance not', async ({
  page,
}) => {
  await page.goto('/books/reckoners/isolation.pair');
  await page.getByRole('combobox', { name: 'The crop kept for seed' }).click();
  await page.getByRole('option', { name: 'Squash and courgette' }).click();
  await page.getByLabel('How far apart, nearest edges *').fill('100');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText(/Expect about 33\s% crossed seed/);
  await page.getByRole('radio', { name: 'by the day' }).check();
  await page.getByLabel('First bloom *', { exact: true }).fill('2026-07-01');
  await page.getByLabel('Last bloom *', { exact: true }).fill('2026-07-20');
  await page.getByLabel('First bloom of the other *').fill('2026-07-21');
  await page.getByLabel('Last bloom of the other *').fill('2026-08-10');
  await expect(answer).toContainText('Not in bloom together, so no crossing.');
});

test('the answer is in view beside what is asked, and on a phone right under what was just changed', async ({
  page,
}) => {
  await page.goto('/books/reckoners/line.trueness?parent_share=0&cross_share=1&seen=30');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer.getByText(/^Clean: about 0\.57\s% of its plants/)).toBeInViewport();
  await expect(page.getByLabel('Off-types among them')).toBeInViewport();

  await page.setViewportSize({ width: 390, height: 844 });
  const seen = page.getByLabel('Plants looked over', { exact: true });
  await seen.fill('40');
  const line = page.getByRole('status').filter({ hasText: 'of its plants are not of it' });
  await expect(line).toBeInViewport();
  const top = async (what: Locator) => (await what.boundingBox())?.y ?? NaN;
  const below = (await top(line)) - (await top(seen));
  expect(below).toBeGreaterThan(0);
  expect(below).toBeLessThan(120);
});
