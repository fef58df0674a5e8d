import type { Page } from '@playwright/test';
import { expect, test } from './garden';

test.use({ which: 'empty' });

/** A field by its name; one that must be filled in has a star behind it. */
const field = (page: Page, name: string) => page.getByLabel(new RegExp(`^${name}( \\*)?$`));

/** Plans a planting through the form, adding its variety on the way. */
async function plan(page: Page, name: string, crop: string, species: string, x: string, y: string) {
  await page.getByRole('button', { name: 'Add a planting' }).click();
  await page.getByRole('button', { name: 'Another one' }).click();
  await page.getByLabel('Crop', { exact: true }).fill(species);
  await page.getByRole('option', { name: new RegExp(`^${crop}`) }).click();
  await page.getByLabel('Name of the variety').fill(name);
  await page.getByRole('button', { name: 'Add this variety' }).click();
  await expect(page.getByLabel(/^Variety/)).toHaveValue(new RegExp(`^${name}`));
  await field(page, 'Plants').fill('6');
  await field(page, 'Sown').fill('2027-05-01');
  await field(page, 'From the left').fill(x);
  await field(page, 'From the top').fill(y);
  await field(page, 'Wide').fill('2');
  await field(page, 'Deep').fill('1');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: `${name}, 6 plants` })).toBeVisible();
}

test('two squashes of one species are at risk and a third of another is not; a remedy clears them, and is taken back', async ({
  page,
}) => {
  await page.goto('/plot');
  await page.getByRole('link', { name: 'Plan 2027' }).click();
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await expect(page.getByRole('heading', { name: 'Plan for 2027' })).toBeVisible();

  await page.getByRole('tab', { name: 'Garden' }).click();
  await page.getByLabel('Width').fill('70');
  await page.getByLabel('Depth').fill('40');
  await page.getByRole('button', { name: 'Keep the garden' }).click();
  await expect(page.getByRole('group', { name: 'The garden, 70 m by 40 m' })).toBeVisible();
  await page.getByRole('tab', { name: 'Crossing' }).click();

  await plan(page, 'Bell Buoy', 'Squash and courgette', 'pepo', '0', '0');
  await plan(page, 'Sounding Lead', 'Squash and courgette', 'pepo', '32', '0');
  await plan(page, 'Ballast', 'Winter squash \\(moschata\\)', 'moschata', '16', '27');

  // 0.6·(0.005/0.6)^(30/800), in R: half of the seed.
  await expect(page.getByText(/Bell Buoy: about 50\s% crossed seed to be expected/)).toBeVisible();
  await expect(page.getByText(/Sounding Lead: about 50\s% crossed seed to be expected/)).toBeVisible();
  await expect(page.getByText('Nothing would cross to speak of with Ballast.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Bell Buoy, 6 plants, would cross' })).toBeVisible();

  // A large garden takes seconds: the search says so, and can be ended.
  await page.route('**/remedies', () => undefined);
  await page.getByRole('tab', { name: 'What to do' }).click();
  await expect(page.getByText('Looking for ways …')).toBeVisible();
  await page.getByRole('button', { name: 'Stop looking' }).click();
  await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
  await page.unroute('**/remedies');
  await page.getByRole('button', { name: 'Look again' }).click();
  // The search takes the processor to itself: on a machine that is busy it takes its time.
  await page.getByRole('region', { name: 'With the least work' }).waitFor({ timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'With the least work' })).toBeVisible();

  await page.getByRole('checkbox', { name: 'put up cages' }).uncheck();
  await expect(page.getByRole('region', { name: 'With the least work' })).toBeVisible();
  await page
    .getByRole('region', { name: 'With the least work' })
    .getByRole('button', { name: 'Do this' })
    .click();
  await page.getByRole('tab', { name: 'Crossing' }).click();
  await expect(page.getByText(/crossed seed to be expected/)).toHaveCount(0);
  await expect(page.getByRole('button', { name: /would cross/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Take back: carried out: with the least work' }).click();
  await expect(page.getByText(/crossed seed to be expected/)).toHaveCount(2);

  // An address without a year means the plan that is worked on.
  await page.goto('/plot/plan');
  await expect(page).toHaveURL(/\/plot\/plan\/\d{4}$/);
  await expect(page.getByRole('heading', { name: 'Plan for 2027' })).toBeVisible();
});

test('a planting is dragged on the plan, and a mistake in the form stands at its field with what was typed', async ({
  page,
}) => {
  await page.goto('/plot/plan/2031');
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await plan(page, 'Marker', 'Pea', 'Pisum', '1', '1');
  const marker = page.getByRole('button', { name: 'Marker, 6 plants' });
  const box = (await marker.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 120, box.y + box.height / 2 + 60, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Take back: moved Marker' })).toBeVisible();

  await marker.click();
  await expect(field(page, 'From the left')).not.toHaveValue('1');
  await field(page, 'From the left').fill('300');
  await field(page, 'Planted out').fill('2026-01-01');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('It lies outside the garden, which is 20 by 12 m.')).toBeVisible();
  await expect(field(page, 'From the left')).toHaveValue('300');
  // What is typed survives a reload.
  await page.reload();
  await page.getByRole('button', { name: 'Marker, 6 plants' }).click();
  await expect(field(page, 'From the left')).toHaveValue('300');
  await field(page, 'From the left').fill('3');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('It cannot be planted out before it is sown.')).toBeVisible();
});

test('the work of the plan can be taken along as a calendar, and beds are dragged while the garden is looked at', async ({
  page,
}) => {
  await page.goto('/plot/plan/2033');
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await plan(page, 'Beacon', 'Pea', 'Pisum', '1', '1');
  await page.getByRole('tab', { name: 'Work' }).click();
  await expect(page.getByText('Sow Beacon.')).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As a calendar file' }).click();
  expect((await file).suggestedFilename()).toBe('plan-2033.ics');

  // Beds are dragged while the garden itself is looked at.
  await page.getByRole('tab', { name: 'Garden' }).click();
  await page.getByRole('button', { name: 'Add a bed' }).click();
  await field(page, 'Name').fill('Long bed');
  await page.getByRole('button', { name: 'Keep the garden' }).click();
  const bed = page.getByText('Long bed', { exact: true });
  await expect(bed).toBeVisible();
  await bed.scrollIntoViewIfNeeded();
  const box = (await page.locator('svg rect[stroke-dasharray="6 4"]').boundingBox()) ?? {
    x: 0,
    y: 0,
    width: 0,
    height: 0,
  };
  await page.mouse.move(box.x + 20, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 160, box.y + 120, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Take back: moved Long bed' })).toBeVisible();
});

test('a mistake in the garden stands at its field, and nothing of it is kept', async ({ page }) => {
  await page.goto('/plot/plan/2035');
  await page.getByRole('button', { name: 'Start on bare ground' }).click();
  await page.getByRole('tab', { name: 'Garden' }).click();
  const width = page.getByLabel('Width');
  const frost = page.getByLabel('Last frost');
  await frost.fill('31 April');
  await width.fill('0');
  await page.getByRole('button', { name: 'Keep the garden' }).click();
  await expect(width).toHaveAttribute('aria-invalid', 'true');
  await expect(frost).toHaveValue('31 April');
  await width.fill('30');
  await page.getByRole('button', { name: 'Keep the garden' }).click();
  await expect(frost).toHaveAttribute('aria-invalid', 'true');
  await expect(
    page.getByText('The last frost in spring must be a day of the year, as 20 April or 04-20.'),
  ).toBeVisible();
  await expect(width).toHaveValue('30');
  await expect(page.getByRole('group', { name: 'The garden, 20 m by 12 m' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('group', { name: 'The garden, 20 m by 12 m' })).toBeVisible();
});
