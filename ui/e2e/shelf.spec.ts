import { expect, layAnew, test } from './garden';
import { Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('eight fruits are laid on the shelf and looked over, one after another', async ({ page }) => {
    test.setTimeout(120_000);
    const keeper = new Keeper(page);
    await page.goto('/plot/new');
    await keeper.chooses(page.getByLabel('Variety'), 'Ballast', /^Ballast, Winter squash/);
    await keeper.fill({ Plants: '5', Where: 'Heap', Sown: '20 March 2026' });
    await page.getByRole('button', { name: 'Keep: sown' }).click();
    await page.getByRole('link', { name: 'Its fruit on the shelf' }).click();
    await keeper.fill({ Picked: '14 August 2026, 10:00' });
    for (let fruit = 1; fruit <= 8; fruit++) {
      const line = page.getByRole('group', { name: `Fruit ${fruit}`, exact: true });
      await line.getByLabel('Off plant').fill(String(Math.ceil(fruit / 2)));
      await line.getByLabel('It weighs').fill(fruit === 3 ? 'heavy' : String(1500 + fruit));
    }
    await page.getByRole('button', { name: /^Lay 8\sfruits there$/ }).click();
    await expect(page.getByText(/What the fruit weighs must be a number/)).toBeVisible();
    // What was typed stands as it was.
    await page.getByRole('group', { name: 'Fruit 3', exact: true }).getByLabel('It weighs').fill('2,4 kg');
    await page.getByRole('button', { name: /^Lay 8\sfruits there$/ }).click();
    const strip = page.getByRole('list', { name: 'Fruit', exact: true });
    await expect(strip.getByRole('button')).toHaveCount(8);
    for (const how of ['Sound', 'Sound', 'Cracked', 'Sound', 'Sound', 'Sound', 'Sound']) {
      const here = page.getByRole('group', { name: /^Fruit \d$/ });
      const said = await here.getAttribute('aria-label');
      await here.getByRole('button', { name: how, exact: true }).click();
      await expect(page.getByRole('group', { name: said ?? '', exact: true })).toHaveCount(0);
    }
    const here = page.getByRole('group', { name: 'Fruit 8', exact: true });
    await here.getByRole('button', { name: 'Take it off …' }).click();
    await here.getByRole('button', { name: 'Rotten' }).click();
    await expect(strip.getByRole('button')).toHaveCount(7);
    // What will not last stands first.
    await expect(strip.getByRole('button').first()).toHaveAccessibleName(/^Fruit 3: open it soon, by/);
    await expect(page.getByRole('list', { name: 'Plant by plant' })).toContainText(
      /Plant 4: 2\sfruits, 1 rotted after 31\sdays/,
    );
    await page.getByRole('link', { name: /^To P/ }).click();
    await expect(page.getByText('Open the fruit: 3', { exact: true })).toBeVisible();
    await expect(page.getByText(/On the shelf/).first()).toBeVisible();
  });
});

test('a fruit is cut open, tasted, and its seed goes to the bench with one that was open', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/plot/shelf');
  await page.getByRole('button', { name: /^Fruit 4:/ }).click();
  const here = page.getByRole('group', { name: 'Fruit 4', exact: true });
  await expect(here).toContainText('cracked: open it soon');
  await here.getByRole('button', { name: 'Cut it open' }).click();
  await expect(page.getByText(/Hard fruit slips under the knife/)).toBeVisible();
  await expect(page.getByText(/Bitter fruit can be poisonous/)).toBeVisible();
  await keeper.fill({ 'In it': 'plump seed', 'Flesh, 1 to 5': '9' });
  await page.getByRole('button', { name: 'Keep: fruit cut open' }).click();
  await expect(page.getByText(/The flesh must be/)).toBeVisible();
  await keeper.fill({ 'Flesh, 1 to 5': '5' });
  await page.getByRole('button', { name: 'Keep: fruit cut open' }).click();
  const open = page.getByRole('group', { name: 'Fruit 4', exact: true });
  await open.getByRole('button', { name: 'Say how it tastes' }).click();
  await keeper.fill({ 'Raw, 1 to 5': '4' });
  await page.getByRole('button', { name: 'Keep: fruit tasted' }).click();
  // Nobody said that a crumb was tried.
  await expect(page.getByText(/a crumb of fruit 4 was tried first and spat out/).first()).toBeVisible();
  await page.getByRole('button', { name: 'It was so all the same' }).click();
  const out = keeper.section('Take the seed out');
  await expect(out.getByRole('listitem')).toHaveCount(2);
  await out.getByRole('button', { name: /^Take it out of 2\sfruits$/ }).click();
  await expect(page.getByRole('list', { name: 'Fruit', exact: true }).getByRole('button')).toHaveCount(5);
  await page.goto('/plot/P36');
  await keeper.section('Lots picked from it').getByRole('link').click();
  await expect(page.locator('#sheet').getByText('Fruit opened').first()).toBeVisible();
  await page.goto('/tags/P36');
  await expect(page.getByRole('article', { name: /^Fruit P36-/ })).toHaveCount(5);
});
