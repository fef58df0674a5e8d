import { expect, layAnew, test } from './garden';
import { Keeper } from './keeper';
import { throughAYear } from './throughAYear';

test.use({ which: 'empty' });

// What others have left in it is not there, and neither is its latitude for them.
test.beforeEach(({ which }, info) => layAnew(which, info.parallelIndex));
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('at 38° south the year is turned: this month, the plan over the new year, what is due, and a picking', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const keeper = new Keeper(page);
  await page.goto('/books/settings');
  const latitude = page.getByRole('textbox', { name: 'Latitude' });
  await latitude.fill('91');
  await latitude.press('Enter');
  await expect(page.getByText(/The latitude must be|Latitude must be/i).first()).toBeVisible();
  await latitude.fill('-38');
  await latitude.press('Enter');
  await expect(page.getByText('29 October').first()).toBeVisible();

  // September is spring there: tomatoes are sown under glass, and nothing is planted out in autumn.
  await page.goto('/books/month');
  await expect(page.getByRole('heading', { name: /September/ }).first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^Tomato/ }).first()).toBeVisible();

  await page.goto('/plot/plan/2026');
  await expect(page.getByRole('heading', { name: 'Plan for 2026/27' })).toBeVisible();
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await page.getByRole('button', { name: 'Add a planting' }).click();
  await page.getByRole('button', { name: 'Another one' }).click();
  await page.getByLabel('Crop', { exact: true }).fill('lettuce');
  await page.getByRole('option', { name: /^Lettuce/ }).click();
  await page.getByLabel('Name of the variety').fill('Spindrift');
  await page.getByRole('button', { name: 'Add this variety' }).click();
  await expect(page.getByLabel(/^Variety/)).toHaveValue(/^Spindrift/);
  await expect(page.getByRole('textbox', { name: 'Sown', exact: true })).toHaveValue('15 October 2026');
  await page.getByRole('textbox', { name: 'Sown', exact: true }).fill('2026-09-20');
  await page.getByRole('textbox', { name: /^Plants/ }).fill('6');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  // It blooms in their summer, and its line goes over the new year.
  await expect(page.getByRole('button', { name: 'Spindrift, 6 plants' })).toBeVisible();
  await expect(page.getByText('Dec', { exact: true }).or(page.getByText('December')).first()).toBeVisible();
  await page.goto('/plot');
  await expect(page.getByRole('link', { name: 'The plan for 2026/27' }).first()).toBeVisible();

  await page.goto('/plot/new');
  await keeper.chooses(page.getByLabel('Variety'), 'Spindrift', /^Spindrift, Lettuce/);
  await keeper.fill({ Plants: '6', Sown: '10 September 2026' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  for (const [day, due] of [
    ['2026-10-01', false],
    ['2026-11-01', false],
    ['2027-01-20', true],
    ['2027-02-20', true],
  ] as const) {
    await page.goto(`/today?on=${day}`);
    await expect(page.getByRole('heading', { name: /Today|The day/ }).first()).toBeVisible();
    await expect(page.getByText('Look for ripe seed')).toHaveCount(due ? 1 : 0);
  }
});

test('at 34° south a row is picked in their summer, its packets and the next plan are of seasons over the new year', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await page.request.put('/api/settings/latitude', { data: { value: '-34' } });
  await page.goto('/plot/plan/2026');
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await expect(page.getByRole('button', { name: 'Add a planting' })).toBeVisible();
  await throughAYear(page, {
    crop: 'Lettuce',
    variety: 'Spindrift',
    sown: '10 September 2025',
    picked: '2026-02-05T10:00',
    stored: '2026-03-01',
    hundred: 0.12,
    packet: '2027/28',
    plan: ['2026/27', '2027/28'],
  });
});

test('a garden that is moved over the equator is asked about what is planned, and nothing of it is lost', async ({
  page,
}) => {
  await page.goto('/plot/plan/2026');
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await expect(page.getByRole('button', { name: 'Add a planting' })).toBeVisible();
  await page.goto('/books/settings');
  const latitude = page.getByRole('textbox', { name: 'Latitude' });
  await latitude.fill('-34');
  await latitude.press('Enter');
  const asked = page.getByRole('note').filter({ hasText: 'there is a plan for 2026' });
  await expect(asked).toContainText('the plan is called 2026/27');
  await asked.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(asked).toHaveCount(0);
  await expect(latitude).toHaveValue('');
  await latitude.fill('-34');
  await latitude.press('Enter');
  await asked.getByRole('button', { name: 'It is so: turn the year' }).click();
  await expect(page.getByText(/Latitude: −?-?34/)).toBeVisible();
  await page.goto('/plot/plan/2026');
  await expect(page.getByRole('heading', { name: 'Plan for 2026/27' })).toBeVisible();
});

test('where the garden lies is taken from the device, and no nearer than a season asks for', async ({
  page,
  context,
}) => {
  await page.goto('/books/settings');
  await page.getByRole('button', { name: 'Where this device is' }).click();
  await expect(page.getByText('This device does not say where it is.')).toBeVisible();
  await context.grantPermissions(['geolocation']);
  await context.setGeolocation({ latitude: -33.8688, longitude: 151.2093 });
  await page.getByRole('button', { name: 'Where this device is' }).click();
  await expect(page.getByText(/Latitude: −?-?33\.9/)).toBeVisible();
  const settings = await (await page.request.get('/api/settings')).json();
  const garden = settings.find(({ title }: { title: string }) => title === 'The garden').settings;
  const typed = (key: string) =>
    garden.find(({ field }: { field: { key: string } }) => field.key === key).typed;
  expect([typed('latitude'), typed('longitude')]).toEqual(['-33.9', '151.2']);
  await context.clearPermissions();
});
