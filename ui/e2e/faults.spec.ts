import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('while the server cannot be reached the form says so at once, keeps what was typed, and sends it by itself', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  await act(page, 'Note');
  await keeper.fill({ Note: 'Written while the line was down' });
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  await page.getByRole('button', { name: 'Keep: note' }).click();
  const waiting = page.getByRole('status').filter({ hasText: 'Not kept yet.' });
  await expect(waiting).toContainText('The server cannot be reached.');
  await expect(waiting).toContainText('is sent again by itself');
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Written while the line was down');
  await page.unroute('**/api/entries');
  await expect(page.getByText(/^Kept\. L3: note/)).toBeVisible();
  await expect(keeper.section('Journal')).toContainText('Written while the line was down');
});

test('a server that does not answer is told of too, and what is wrong with its disk in its own words', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  let held = 0;
  await page.route('**/api/entries', async (route) => {
    held++;
    if (held === 1) {
      await new Promise((after) => setTimeout(after, 4_000));
      await route.fulfill({ status: 507, json: { message: 'The disk is full, so nothing can be kept.' } });
    } else await route.continue();
  });
  await act(page, 'Note');
  await keeper.fill({ Note: 'Written while the disk was full' });
  await page.getByRole('button', { name: 'Keep: note' }).click();
  const waiting = page.getByRole('status').filter({ hasText: 'Not kept yet.' });
  await expect(waiting).toContainText('The server has not answered.');
  await expect(waiting).toContainText('The disk is full');
  await expect(page.getByText(/^Kept\. L3: note/)).toBeVisible();
  expect(held).toBe(2);
});

test('kept without anybody hearing so, and sent again after a reload, it is one entry', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  await act(page, 'Note');
  await keeper.fill({ Note: 'Twelve pots' });
  await page.route('**/api/entries', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Not kept yet.' })).toBeVisible();
  await page.unroute('**/api/entries');
  await page.reload();
  await expect(page.getByText(/^Kept\. L3: note/)).toBeVisible();
  const journal = keeper.section('Journal');
  await expect(journal.getByText('Twelve pots')).toHaveCount(1);
  await act(page, 'Note');
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('');
});

test('left alone, what waits is not kept later behind one’s back', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store/L3');
  await act(page, 'Note');
  await keeper.fill({ Note: 'On second thoughts' });
  await page.route('**/api/entries', (route) => route.abort());
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Not kept yet.' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  // What was on its way as it was cancelled is turned away first: it is what waits that must not be sent.
  await page.waitForTimeout(1_000);
  await page.unroute('**/api/entries');
  await page.waitForTimeout(4_000);
  await page.reload();
  await expect(keeper.section('Journal')).toBeVisible();
  await expect(page.getByText('On second thoughts')).toHaveCount(0);
});

test('a garden that cannot be read says why, and all goes on by itself when it can', async ({ page }) => {
  await page.route('**/api/**', (route) =>
    route.fulfill({ status: 503, json: { message: "The garden's file is damaged." } }),
  );
  await page.goto('/store/L2');
  await expect(page.getByText("The garden's file is damaged.").first()).toBeVisible();
  await expect(page.getByRole('link', { name: 'Copies of the garden' })).toBeVisible();
  await page.unroute('**/api/**');
  await expect(page.getByText('Sluice Gate').first()).toBeVisible();
  await expect(page.getByText("The garden's file is damaged.")).toHaveCount(0);
});

test('one goes back to a copy, is told what would be lost, and back again', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/books/copies');
  await page.getByRole('button', { name: 'Copy it now' }).click();
  await expect(page.getByText(/^The garden is copied: \d+ entries, checked/)).toBeVisible();
  await page.goto('/store/L3');
  await keeper.records('Note', { Note: 'After the copy was made' });
  await page.goto('/books/copies');
  const copy = page.getByRole('listitem').filter({ hasText: /14 September 2026, 10:00/ });
  await copy.getByRole('button', { name: /^Go back to the copy of/ }).click();
  await expect(copy).toContainText(/It lacks 1\sentry that the garden holds now\./);
  await copy.getByRole('button', { name: 'Make the garden as it was then' }).click();
  await expect(page.getByText(/^The garden is as it was in the copy\./)).toBeVisible();
  await page.goto('/store/L3');
  await expect(keeper.section('Journal')).toBeVisible();
  await expect(page.getByText('After the copy was made')).toHaveCount(0);
  await page.goto('/books/copies');
  await page
    .getByRole('button', { name: /before another was put back$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Make the garden as it was then' }).click();
  await expect(page.getByText(/^The garden is as it was in the copy\./)).toBeVisible();
  await page.goto('/store/L3');
  await expect(page.getByText('After the copy was made')).toBeVisible();
});

test('a page whose script cannot be fetched says so, and is there when it is gone to again', async ({
  page,
}) => {
  await page.goto('/today');
  await page.route('**/BooksPage-*.js', (route) => route.abort('connectionrefused'));
  const places = page.getByRole('navigation', { name: 'Places' });
  await places.getByRole('link', { name: /Books/ }).click();
  await expect(page.getByRole('main')).toContainText(
    'This page could not be shown. Nothing that was recorded',
  );
  await page.unroute('**/BooksPage-*.js');
  await places.getByRole('link', { name: /Today/ }).click();
  await places.getByRole('link', { name: /Books/ }).click();
  await expect(page.getByRole('link', { name: 'Journal' })).toBeVisible();
});

test('what was typed and not kept is named on every page, also after a reload, until it is kept or dropped', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  const unsent = page.getByRole('region', { name: 'Not kept yet' });
  const note = page.getByRole('textbox', { name: 'Note', exact: true });
  await page.goto('/store/L5');
  await act(page, 'Note');
  await keeper.fill({ Note: 'Smells of nothing' });
  await page.getByRole('link', { name: /^Plot/ }).click();
  await expect(unsent).toContainText('Note, L5');
  await page.reload();
  await page.getByRole('link', { name: 'Go on: Note, L5' }).click();
  await expect(note).toHaveValue('Smells of nothing');
  await expect(page.getByText('This was typed before and is not kept.')).toBeVisible();
  await expect(unsent).toHaveCount(0);
  await page.goto('/racks');
  await page.getByRole('button', { name: 'Drop: Note, L5' }).click();
  await expect(unsent).toHaveCount(0);
  await page.goto('/store/L5');
  await act(page, 'Note');
  await expect(note).toHaveValue('');
});
