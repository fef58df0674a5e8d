import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('what was pressed and not answered is sent after a reload, in order, and said', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  for (const text of ['First before the reload', 'Second before the reload']) {
    await act(page, 'Note');
    await keeper.fill({ Note: text });
    await page.getByRole('button', { name: 'Keep: note' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Not kept yet.' })).toBeVisible();
    await page.reload();
  }
  const waiting = page.getByRole('region', { name: 'Waits to be sent' });
  await expect(waiting).toContainText(
    '2 entries wait to be sent. The server cannot be reached. They go by themselves.',
  );
  await waiting.getByRole('button', { name: 'Which …' }).click();
  await expect(waiting).toContainText('Note, L3. The server cannot be reached. It is sent again by itself.');
  await expect(page.getByRole('region', { name: 'Not kept yet' })).toHaveCount(0);
  await page.unroute('**/api/entries');
  await expect(page.getByText('Kept: 2 entries that waited.')).toBeVisible();
  await expect(waiting).toHaveCount(0);
  const journal = keeper.section('Journal');
  for (const text of ['First before the reload', 'Second before the reload'])
    await expect(journal.getByText(text)).toHaveCount(1);
  await page.reload();
  await expect(journal.getByText('First before the reload')).toHaveCount(1);
  await expect(waiting).toHaveCount(0);
  // What was typed is kept, so no form opens with it.
  await act(page, 'Note');
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('');
});

test('what is refused after a reload is told of until somebody has read so', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  await act(page, 'Note');
  await keeper.fill({ Note: 'Refused later' });
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Not kept yet.' })).toBeVisible();
  await page.unroute('**/api/entries');
  await page.route('**/api/entries', (route) =>
    route.fulfill({ status: 422, json: { message: 'That cannot be so.', errors: { text: ['No.'] } } }),
  );
  await page.reload();
  const waiting = page.getByRole('region', { name: 'Waits to be sent' });
  await expect(waiting).toContainText('Was not kept: Note, L3. That cannot be so.');
  // What was typed is there to be mended.
  await expect(page.getByRole('region', { name: 'Not kept yet' })).toContainText('Note, L3');
  await page.getByRole('button', { name: 'I have read it: Note, L3' }).click();
  await expect(waiting).toHaveCount(0);
  await page.unroute('**/api/entries');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Not kept yet' })).toContainText('Note, L3');
  await expect(waiting).toHaveCount(0);
  await page.getByRole('button', { name: 'Drop: Note, L3' }).click();
});

test('a single press survives a reload too', async ({ page }) => {
  await page.goto('/today');
  const row = page.getByRole('listitem').filter({ hasText: 'Whitecap' });
  await row.getByRole('button', { name: /^Not now: Test how it germinates/ }).click();
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  await row.getByRole('button', { name: 'Not this year' }).click();
  await expect(row.getByRole('status')).toContainText('Not kept yet.');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Waits to be sent' })).toContainText(
    'Not now: Test how it germinates',
  );
  await page.unroute('**/api/entries');
  await expect(page.getByText(/^Kept\. .*put off/)).toBeVisible();
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(row.first()).toBeVisible();
});
