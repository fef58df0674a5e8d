import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('off-types in a grow-out mark the lot they came from as crossed, until the entry is taken back', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await keeper.addsVariety('Winter squash', 'Mooring Post');
  await keeper.fill({ Plants: '6', Sown: '2025-05-01T10:00' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  const parents = await keeper.code('plot');
  await keeper.records('First bloom', { When: '2025-07-01T08:00' });
  await keeper.records('Last bloom', { When: '2025-08-20T08:00' });
  await keeper.records('Pick seed: start a lot', {
    'Plants that gave seed': '6',
    'Fruits, pods or heads': '12',
    'They weigh': '20000',
    When: '2025-10-01T10:00',
  });
  const lot = await keeper.code('bench');
  await expect(page.getByText('crossed', { exact: true })).toHaveCount(0);

  await page.goto('/plot/new');
  await keeper.chooses(page.getByPlaceholder('Name of the variety or crop'), 'Mooring Post', /^Mooring Post/);
  await keeper.fill({ Plants: '10', Sown: '2026-05-01T10:00' });
  await keeper.chooses(page.getByLabel('Seed from', { exact: true }), lot, new RegExp(`^${lot} `));
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  const growOut = await keeper.code('plot');
  await act(page, 'Look for off-types');
  await keeper.fill({ 'Plants looked over': '10', 'Of them off-type': '12', When: '2026-08-20T10:00' });
  await page.getByRole('button', { name: /^Keep: / }).click();
  await expect(page.getByRole('alert').filter({ hasText: /off-type/ })).toBeVisible();
  await expect(page.getByLabel('Of them off-type')).toHaveValue('12');
  await keeper.fill({ 'Of them off-type': '3', 'In what they differ': 'warted fruit' });
  await keeper.keeps();

  const told = `3 of 10 plants grown from it in ${growOut} were off-type; probably crossed in ${parents}`;
  await page.goto(`/bench/${lot}`);
  await expect(page.getByText(told)).toBeVisible();

  await page.goto(`/plot/${growOut}`);
  await page.getByRole('button', { name: /^Strike: .*off-type/i }).click();
  await expect(page.getByText('Struck', { exact: false }).first()).toBeVisible();
  await page.goto(`/bench/${lot}`);
  await expect(page.getByRole('heading', { name: /Mooring Post/ }).first()).toBeVisible();
  await expect(page.getByText(told)).toHaveCount(0);
});
