import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a round for ripe seed, with three marks', async ({ page }) => {
    const keeper = new Keeper(page);
    for (const mark of ['1', '2', '3']) {
      await page.goto('/plot/P20');
      await act(page, 'Mark one plant, head or fruit');
      await keeper.fill({ Mark: mark, 'On a': 'head' });
      await keeper.keeps();
    }
    await page.goto('/plot/round/evening');
    await page.getByRole('link', { name: 'Ripe or not' }).click();
    const row = page.getByRole('listitem', { name: 'P20 Groyne' });
    await expect(row.getByRole('group', { name: 'Head 3', exact: true })).toContainText('not looked at yet');
    for (const [head, how] of [
      ['1', 'Ready'],
      ['2', 'Nearly'],
      ['3', 'Not yet'],
    ] as const) {
      const one = row.getByRole('group', { name: `Head ${head}`, exact: true });
      if (how !== 'Not yet') await one.getByLabel('Umbel brown and the seed lifts off with a touch').check();
      await one.getByRole('button', { name: how }).click();
      await expect(one).toContainText(
        { Ready: 'Today: ready to pick', Nearly: 'Today: nearly ripe', 'Not yet': 'Today: not yet' }[how],
      );
    }
    await page.goto('/plot/P20');
    await expect(page.getByText('Pick what is ready: 1').last()).toBeVisible();
    await expect(page.getByText('Look again whether it is ripe: 2, 3').last()).toBeVisible();
  });
});

test('rain that is foretold puts first what is ready, and the rest can hang', async ({ page }) => {
  await page.goto('/plot/round/ripeness');
  const say = async (code: string, how: string) => {
    const all = page
      .getByRole('listitem', { name: new RegExp(`^${code} `) })
      .getByRole('group', { name: 'All of it', exact: true });
    await all.getByRole('button', { name: how }).click();
    await expect(all).toContainText('Today:');
  };
  await say('P20', 'Ready');
  await say('P18', 'Nearly');
  await page.goto('/today');
  const weather = page.getByRole('region', { name: 'The weather' });
  await expect(weather.getByText(/^Cut P20 today/)).toBeVisible();
  await expect(weather.getByRole('link', { name: 'P20 Groyne, parsnip' })).toBeVisible();
  await expect(weather.getByText('Pick what is ready')).toBeVisible();
});
