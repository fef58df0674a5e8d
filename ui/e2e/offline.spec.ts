import type { Browser, BrowserContext, Page } from '@playwright/test';
import { expect, layAnew, test } from './garden';
import { act, carriedPhone, Keeper } from './keeper';

// What it records, and the time that it takes to take everything along, are nobody else's.
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

async function onPhone(
  open: (page: Page, context: BrowserContext) => Promise<void>,
  browser: Browser,
  baseURL?: string,
) {
  const [context, page] = await carriedPhone(browser, baseURL);
  try {
    await open(page, context);
  } finally {
    await context.close();
  }
}

test('without network the pages open as they were known, entries wait, and go by themselves', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(180_000);
  await onPhone(
    async (page, context) => {
      const { plantings } = (await (await page.request.get('/api/along')).json()) as { plantings: string[] };
      await context.setOffline(true);
      // Pages that nobody has opened before, and one that was not taken along.
      await page.goto('/plot/round/evening');
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await page.goto(`/plot/${plantings[0]}`);
      await expect(page.getByRole('heading', { name: new RegExp(`^${plantings[0]}`) })).toBeVisible();
      await page.goto('/books/people');
      await expect(page.getByText('The server cannot be reached.').first()).toBeVisible();
      await page.goto('/racks/L10');
      await expect(page.getByRole('heading', { name: /^L10/ })).toBeVisible();
      await expect(page.getByRole('status').filter({ hasText: /^No network\. As known / })).toBeVisible();

      // One after another, on two lots; each form is free again at once.
      await act(page, 'Weigh');
      await new Keeper(page).fill({ 'It weighs': '19.8' });
      await page.getByRole('button', { name: 'Keep: weighed' }).click();
      const waits = page.getByRole('region', { name: 'Waits to be sent' });
      await expect(waits).toContainText('Weighed, L10');
      await page.goto('/racks/L9');
      await expect(page.getByRole('heading', { name: /^L9/ })).toBeVisible();
      for (const note of ['first', 'second', 'third']) {
        await act(page, 'Note');
        await new Keeper(page).fill({ Note: `${note} without network` });
        await page.getByRole('button', { name: 'Keep: note' }).click();
        await expect(page.getByRole('button', { name: 'Keep: note' })).toHaveCount(0);
      }
      await expect(waits).toContainText('4 entries wait to be sent.');
      // One of them is called back, changed, and waits again.
      await waits.getByRole('button', { name: 'Which …' }).click();
      await waits.getByRole('button', { name: 'Do not send it: Note, L9' }).last().click();
      await expect(waits).toContainText('3 entries wait to be sent.');
      await page.getByRole('link', { name: 'Go on: Note, L9' }).click();
      await expect(page.getByLabel('Note *')).toHaveValue('third without network');
      await page.getByLabel('Note *').fill('third without network, changed');
      await page.getByRole('button', { name: 'Keep: note' }).click();
      // A line is kept as it was written.
      await page.getByRole('combobox', { name: /^Find/ }).fill('note L9 in a line');
      await page.getByRole('option', { name: /^Keep as written: note L9 in a line/ }).click();
      await expect(waits).toContainText('5 entries wait to be sent.');
      // The program is closed and opened again meanwhile.
      await page.reload();
      await expect(waits).toContainText('5 entries wait to be sent.');

      await context.setOffline(false);
      await expect(waits).toHaveCount(0);
      await page.goto('/racks/L9');
      const journal = new Keeper(page).section('Journal');
      for (const note of ['first', 'second', 'third'])
        await expect(journal.getByText(`${note} without network`)).toHaveCount(1);
      await expect(journal.getByText('in a line')).toHaveCount(1);
      await expect(page.getByText(/^No network\./)).toHaveCount(0);
    },
    browser,
    baseURL,
  );
});

test('what is begun without network has a page, goes on before it is sent, and is found', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(180_000);
  await onPhone(
    async (page, context) => {
      await context.setOffline(true);
      const keeper = new Keeper(page);
      await page.goto('/plot/new');
      await keeper.chooses(page.getByPlaceholder('Name of the variety or crop'), 'Whitecap', /^Whitecap/);
      await keeper.fill({ Plants: '12', Where: 'Far bed' });
      await page.getByRole('button', { name: /^Keep: sown/ }).click();
      // It has a page, on which whatever happens to a planting can be told, and a lot picked from it.
      await expect(page.getByRole('heading', { level: 1, name: /^Sown: Whitecap/ })).toBeVisible();
      await page.getByRole('button', { name: 'Record what was done …' }).click();
      await page.getByRole('button', { name: 'Thin them', exact: true }).click();
      await keeper.fill({ 'Left standing': '9' });
      await page.getByRole('button', { name: 'Keep: thinned' }).click();
      const own = page.getByRole('list', { name: 'Waits to be sent, of this' });
      await expect(own.getByRole('listitem')).toHaveCount(2);
      await act(page, 'Note');
      await keeper.fill({ Note: 'slugs at the far bed' });
      await page.getByRole('button', { name: 'Keep: note' }).click();
      await expect(own.getByRole('listitem')).toHaveCount(3);
      await page.reload();
      await expect(own.getByRole('listitem')).toHaveCount(3);
      await page.goto('/plot');
      await expect(page.getByRole('list', { name: 'Not sent yet' })).toContainText('Sown: Whitecap');

      // A tag that is typed off, and anything that is looked for by what is known of it.
      await page.goto('/read');
      await page.getByLabel('Code on the tag').fill('L10');
      await page.getByRole('button', { name: 'Read it' }).click();
      await expect(page.getByRole('heading', { name: /^L10/ })).toBeVisible();
      await page.getByRole('combobox', { name: /^Find/ }).fill('l9');
      await page.getByRole('option', { name: /^L9 / }).click();
      await expect(page.getByRole('heading', { name: /^L9/ })).toBeVisible();
      await page.goto('/tags/L9');
      await expect(page.getByRole('heading', { name: 'Tags for L9' })).toBeVisible();

      await context.setOffline(false);
      await expect(page.getByRole('region', { name: 'Waits to be sent' })).toHaveCount(0);
      await page.goto('/plot');
      await page
        .getByRole('link', { name: /Whitecap.*/ })
        .first()
        .click();
      const journal = keeper.section('Journal');
      await expect(journal.getByText('slugs at the far bed')).toHaveCount(1);
      await expect(journal.getByText('Thinned')).toHaveCount(1);
    },
    browser,
    baseURL,
  );
});
