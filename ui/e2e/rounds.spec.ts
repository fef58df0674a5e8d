import { type Page } from '@playwright/test';
import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

/** A planting of a crop, as it stands in September; returns its code. */
async function sown(page: Page, crop: string, name: string, plants: string, on: string) {
  const keeper = new Keeper(page);
  await keeper.addsVariety(crop, name);
  await keeper.fill({ Plants: plants, Sown: on, Where: 'Heap' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  return keeper.code('plot');
}

test.describe('with a phone in the garden', () => {
  test.use({ which: 'empty' });

  test('an evening and a morning of pollinating by hand, what took, and only tied fruit is picked', async ({
    page,
  }) => {
    const keeper = new Keeper(page);
    const code = await sown(page, 'Squash and courgette', 'Hand Lamp', '6', '2026-06-20');
    await keeper.records('First bloom', { When: '2026-09-08 08:00' });
    await keeper.records('Pollinate it by hand', { 'Fruits, pods or heads wanted for seed': '2' });

    await page.goto('/plot/round/evening');
    const line = page.getByRole('listitem', { name: `${code} Hand Lamp` });
    await expect(line).toContainText(/About \d+\sflowers to shut in all, with \d+ for pollen/);
    await line.getByRole('button', { name: 'Flowers are shut for tomorrow' }).tap();
    await keeper.fill({ When: '2026-09-13 19:30', 'To give seed': '2', 'Where they are': 'Plant 2' });
    await keeper.keeps();

    await page.getByRole('link', { name: 'The morning' }).tap();
    await expect(page.getByRole('heading', { name: 'This morning' })).toBeVisible();
    await expect(line).toContainText(/2\sflowers shut: Plant 2/);
    await expect(line).toContainText('Pollen of plants 1, 2, 3 next');
    await line.getByRole('button', { name: 'Pollinated' }).tap();
    await keeper.fill({
      When: '2026-09-14 06:30',
      'Mother plant': '2',
      'Father plants': '1, 4',
      'Tied with': 'red wool',
    });
    await keeper.keeps();

    await page.goto(`/plot/${code}`);
    await keeper.records('Say what took and what dropped', { Took: '1', Dropped: '1' });
    await expect(page.getByText(/2\sflowers pollinated, 1 took.*, 1 dropped/)).toBeVisible();
    await act(page, 'Pick what was tied: start a lot');
    await expect(page.getByLabel('Fruits, pods or heads')).toHaveValue('1');
    // What is asked of the box stands at the box.
    const tied = page.getByLabel('Only what was pollinated by hand and tied');
    await tied.uncheck();
    await page.getByRole('button', { name: /^Keep: / }).tap();
    await expect(page.getByText(/and this is not of them: bees made it/)).toBeVisible();
    await tied.check();
    await keeper.keeps();
    await keeper.code('bench');
    await expect(page.getByRole('main').getByText('only what was pollinated by hand and tied')).toBeVisible();
  });

  test('sixty plants looked over change what the tag says of the line', async ({ page }) => {
    const keeper = new Keeper(page);
    const code = await sown(page, 'Leek', 'Night Rail', '60', '2026-04-01');
    await expect(page.getByRole('heading', { name: /Night Rail/ })).toBeVisible();
    await page.goto('/plot/round/looking-over');
    const line = page.getByRole('listitem', { name: `${code} Night Rail` });
    await expect(line).toContainText('Not looked over yet.');
    await line.getByRole('button', { name: 'Look it over and pull' }).tap();
    await keeper.fill({ Pulled: '0' });
    await keeper.keeps();
    await expect(line.getByRole('link')).toContainText('near clean');
    await expect(line).toContainText(/Looked over: 0 of 60\splants off-type/);
    // On paper there is room to write.
    await page.emulateMedia({ media: 'print' });
    await expect(line.getByText('What was to be seen')).toBeVisible();
    await page.emulateMedia({ media: 'screen' });
  });

  test('Today is finished: what is not done now is put off, and taken back', async ({ page }) => {
    const code = await sown(page, 'Pea', 'Slack Tide', '40', '2026-04-20');
    await page.goto('/today');
    const now = page.getByRole('region', { name: 'Due now' });
    const pea = now.getByRole('listitem').filter({ hasText: code });
    await expect(pea).toContainText('Look for ripe seed');
    await pea.getByRole('button', { name: 'Why: Look for ripe seed' }).tap();
    await pea.getByRole('button', { name: /^Not now: Look for ripe seed/ }).tap();
    await pea.getByRole('textbox', { name: 'Later, on' }).fill('2026-09-20');
    await pea.getByRole('button', { name: 'Later', exact: true }).tap();
    await expect(page.getByText(/^Kept\. .*put off/)).toBeVisible();
    await expect(pea).toHaveCount(0);
    await page.getByRole('button', { name: 'Take it back' }).tap();
    await expect(pea).toContainText('Look for ripe seed');

    // One after another, until there is nothing more.
    const done = page.getByText('Today is done: nothing more is due.');
    const folded = now.getByRole('button', { name: /^Why: /, expanded: false });
    while (!(await done.isVisible())) {
      while ((await folded.count()) > 0) await folded.first().tap();
      const first = now.getByRole('button', { name: /^Not now: / }).first();
      const left = await now.getByRole('button', { name: /^Not now: / }).count();
      await first.tap();
      await page.getByRole('button', { name: 'Done already' }).tap();
      await expect(page.getByRole('button', { name: 'Done already' })).toHaveCount(0);
      if (left > 1) await expect(now.getByRole('button', { name: /^Not now: / })).toHaveCount(left - 1);
      else await expect(done).toBeVisible();
    }
    await expect(now).toHaveCount(0);
  });
});

test('what the plan wants sown is sown from Today, and what is not sown this year is gone', async ({
  page,
}) => {
  await page.goto('/today');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  const plan = page.getByRole('region', { name: /^The plan/ });
  const sow = plan.getByRole('listitem').filter({ hasText: 'Not sown this year: Quayside' });
  await sow.getByRole('link', { name: 'Not sown this year: Quayside: record it' }).tap();
  await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(/Quayside/);
  await page.getByRole('button', { name: 'Keep: sown' }).tap();
  await new Keeper(page).code('plot');
  await page.goto('/today');
  await expect(plan).toBeVisible();
  await expect(sow).toHaveCount(0);
});

test('a ferment that works does not wait; a weighing does', async ({ page }) => {
  // Seed of others that were here before may lie on the racks of the same garden.
  await page.goto('/today');
  const now = page.getByRole('region', { name: 'Due now' });
  const waiting = now.getByRole('region', { name: 'What can wait' });
  const pour = page
    .getByRole('listitem')
    .filter({ hasText: 'Sluice Gate' })
    .getByText(/^Pour off before /);
  await expect(now.locator(pour)).toBeVisible();
  await expect(waiting.locator(pour)).toHaveCount(0);
  await expect(waiting.getByText('Weigh it again').first()).toBeVisible();
});

test.describe('at a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 }, hasTouch: false });

  test('the season’s map shows what blooms on a day, and what could cross then', async ({ page }) => {
    // The plan of the year that is looked at is at hand, and the next one.
    await page.goto('/plot');
    await expect(page.getByRole('link', { name: 'The plan for 2027' })).toBeVisible();
    await page.goto('/plot?on=2027-07-15');
    await expect(page.getByRole('link', { name: 'The plan for 2027' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Plan 2028' })).toBeVisible();
    const map = page.getByRole('region', { name: 'The season’s map' });
    await expect(map).toContainText('in bloom on 15 July 2027');
    await expect(map).toContainText(/Bell Buoy with Sounding Lead: \d+ %/);
    await expect(map.getByRole('img')).toBeVisible();
    await page.goto('/plot?on=2027-03-15');
    await expect(map).toContainText('in bloom on 15 March 2027');
    await expect(map).not.toContainText('Bell Buoy with');
  });
});
