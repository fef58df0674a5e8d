import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.use({ which: 'empty', viewport: { width: 390, height: 844 } });

test.beforeEach(({ which }, info) => layAnew(which, info.parallelIndex));
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('potatoes are lifted by their months, cured, put in store, looked over, and told by how they kept', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const keeper = new Keeper(page);
  await keeper.addsVariety('Potato', 'Bollard');
  await keeper.fill({ Plants: '12', Sown: '20 April 2026' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await keeper.code('plot');
  await expect(page.getByText('Lift it', { exact: true })).toBeVisible();
  await expect(page.getByText(/Haulm dead for two weeks/)).toBeVisible();
  await expect(page.getByText('Look for ripe seed')).toHaveCount(0);
  await keeper.records('Lift it: start a lot', {
    'Plants that gave seed': '12',
    'They weigh': '9000',
    When: '2026-08-10T10:00',
  });
  const code = await keeper.code('bench');
  const sheet = page.getByRole('main');
  await expect(sheet.getByText('Put it in store').last()).toBeVisible();
  await expect(page.getByText(/^Curing: Two weeks dark and airy/)).toBeVisible();
  const place = await page.request.post('/api/store-places', {
    data: { id: crypto.randomUUID(), name: 'Root cellar', temperature: '5', rh: '90' },
  });
  expect(place.ok()).toBe(true);
  await page.goto(`/bench/${code}`);
  await act(page, 'Put away');
  await keeper.fill({ Where: 'Root cellar', 'Seeds, if counted': '120', When: '2026-08-25T10:00' });
  await keeper.keeps();
  await keeper.code('store');
  await act(page, 'Look over what is kept');
  // Nothing said is no look; what is typed stays.
  await page.getByRole('button', { name: /^Keep: / }).click();
  await expect(page.getByText('Say how many are sound, or how many were not.')).toBeVisible();
  await keeper.fill({ Sound: '104', 'Rotten, thrown out': '16' });
  await keeper.keeps();
  const kept = keeper.section('How it keeps');
  await expect(kept).toContainText('104 of 120, 16 rotted');
  await expect(page.getByText(/16 rotted by the last look/)).toBeVisible();
});
