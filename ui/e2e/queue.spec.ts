import type { Page } from '@playwright/test';
import { expect, layAnew, test } from './garden';
import { act, carriedPhone, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

const waits = (page: Page) => page.getByRole('region', { name: 'Waits to be sent' });

async function notes(page: Page, of: string, text: string) {
  await page.goto(of);
  await expect(page.getByRole('heading', { level: 1 }).last()).toBeVisible();
  await act(page, 'Note');
  await page.getByRole('textbox', { name: 'Note' }).first().fill(text);
  await page.getByRole('button', { name: 'Keep: note' }).click();
}

/** What lies in the browser until it is answered. */
const laidBy = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((done) => {
        const opened = indexedDB.open('marrow');
        opened.onsuccess = () => {
          const counted = opened.result.transaction('outbox').objectStore('outbox').count();
          counted.onsuccess = () => done(counted.result);
        };
      }),
  );

test('a page that is killed at any step of sending loses nothing, and keeps nothing twice', async ({
  context,
}) => {
  // Before it leaves; after the server kept it, and before anybody heard so; and as its answer comes.
  const steps: Record<string, (page: Page) => Promise<unknown>> = {
    'before it left': (page) => page.route('**/api/entries', (route) => route.abort('connectionrefused')),
    'kept and not heard': (page) =>
      page.route('**/api/entries', async (route) => {
        await route.fetch();
      }),
    'heard and not told': (page) =>
      page.route('**/api/entries', async (route) => {
        const response = await route.fetch();
        void page.close();
        await route.fulfill({ response }).catch(() => undefined);
      }),
  };
  for (const [step, breaks] of Object.entries(steps)) {
    const page = await context.newPage();
    await breaks(page);
    const asked = page.waitForRequest('**/api/entries');
    const closed = step === 'heard and not told' ? page.waitForEvent('close') : undefined;
    await notes(page, '/store/L3', `Killed: ${step}`);
    await asked;
    await closed;
    if (closed === undefined) {
      await expect.poll(() => laidBy(page)).toBeGreaterThan(0);
      await page.close();
    }
    const next = await context.newPage();
    await next.goto('/store/L3');
    const journal = new Keeper(next).section('Journal');
    await expect(journal.getByText(`Killed: ${step}`)).toHaveCount(1);
    await expect(waits(next)).toHaveCount(0);
    await expect.poll(() => laidBy(next)).toBe(0);
    await next.close();
  }
});

test('two phones on one lot both keep what they did, and what does not fit wants a decision', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const phones = [await carriedPhone(browser, baseURL), await carriedPhone(browser, baseURL)];
  try {
    for (const [context] of phones) await context.setOffline(true);
    // Each pours it off, and says otherwise how often: it cannot be poured off twice.
    for (const [i, [, page]] of phones.entries()) {
      await page.goto('/bench/L13');
      await expect(page.getByRole('heading', { name: /^L13/ })).toBeVisible();
      await act(page, 'Poured off');
      // What the fields can say is said here, too.
      await page.getByRole('button', { name: 'Keep: poured off' }).click();
      await expect(page.getByText('How often you poured off is missing.')).toBeVisible();
      await new Keeper(page).fill({ 'Times filled and poured': String(3 + i) });
      await page.getByRole('button', { name: 'Keep: poured off' }).click();
      await notes(page, '/bench/L13', `Note of phone ${i}`);
      await expect(waits(page)).toContainText('2 entries wait to be sent.');
    }
    for (const [context, page] of phones) {
      await context.setOffline(false);
      await expect(waits(page)).toHaveCount(0, { timeout: 60_000 });
    }
    const [, page] = phones[0] ?? [];
    if (page === undefined) throw new Error('There is no phone.');
    await page.goto('/lots/L13');
    const journal = new Keeper(page).section('Journal');
    await expect(journal.getByText('Note of phone 0')).toHaveCount(1);
    await expect(journal.getByText('Note of phone 1')).toHaveCount(1);
    await expect(journal.getByText('Poured off', { exact: true })).toHaveCount(2);
    await expect(journal.getByText(/^Kept, but nothing is reckoned from it:/)).toHaveCount(1);
  } finally {
    for (const [context] of phones) await context.close();
  }
});

test('fifty entries on a walk wait through an update, and go when there is network', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const [context, page] = await carriedPhone(browser, baseURL);
  try {
    const { lots } = (await (await page.request.get('/api/along')).json()) as { lots: string[] };
    await context.setOffline(true);
    const walked = lots.slice(0, 5);
    for (const [i, code] of walked.entries()) {
      await page.goto(`/lots/${code}`);
      await expect(page.getByRole('heading', { name: new RegExp(`^${code}\\b`) })).toBeVisible();
      for (let n = 0; n < 10; n++) {
        await act(page, 'Note');
        await page.getByRole('textbox', { name: 'Note' }).first().fill(`Walked past ${code}, ${n}`);
        await page.getByRole('button', { name: 'Keep: note' }).click();
        await expect(page.getByRole('button', { name: 'Keep: note' })).toHaveCount(0);
      }
      await expect(waits(page)).toContainText(`${10 * (i + 1)} entries wait to be sent.`);
    }
    // Another build comes in while they wait: its worker takes over when the program is next opened.
    await context.setOffline(false);
    await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
    await page.evaluate(async () => {
      const update = await navigator.serviceWorker.register('/sw.js?another-build');
      const worker = update.installing ?? update.waiting;
      await new Promise<void>((done) => {
        if (worker === null || worker.state !== 'installing') return done();
        worker.addEventListener('statechange', () => done(), { once: true });
      });
    });
    await page.close();
    const later = await context.newPage();
    await later.goto('/today');
    await expect(later.getByText('Kept: 50 entries that waited.')).toBeVisible({ timeout: 60_000 });
    await expect(waits(later)).toHaveCount(0);
    for (const code of walked) {
      await later.goto(`/lots/${code}`);
      const journal = new Keeper(later).section('Journal');
      const older = journal.getByRole('button', { name: /older$/ });
      await expect(journal.getByText(`Walked past ${code}, 9`)).toHaveCount(1);
      await older.click();
      for (let n = 0; n < 10; n++)
        await expect(journal.getByText(`Walked past ${code}, ${n}`)).toHaveCount(1);
    }
  } finally {
    await context.close();
  }
});

test('what waits for a lot whose picking was struck meanwhile is not lost', async ({ page }) => {
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  await notes(page, '/store/L3', 'For a lot that is gone');
  await page.reload();
  await expect(waits(page)).toContainText('Note, L3');
  // Somebody else strikes what the lot began with.
  const { entries } = (await (await page.request.get('/api/lots/L3')).json()) as {
    entries: { id: string; kind: string }[];
  };
  const first = entries.at(-1);
  await page.request.post(`/api/entries/${first?.id}/strike`, { data: { id: crypto.randomUUID() } });
  await page.unroute('**/api/entries');
  await expect(waits(page).getByText('Waits to be sent:')).toHaveCount(0);
  // It is kept, or said why not with what was typed still there.
  const journal = new Keeper(page).section('Journal');
  await expect(journal.getByText('For a lot that is gone')).toHaveCount(1);
});

test('a device that is nearly full says so before it is, and one that keeps nothing says that', async ({
  page,
}) => {
  await page.addInitScript(() => {
    navigator.storage.estimate = () => Promise.resolve({ quota: 60_000_000, usage: 59_000_000 });
  });
  await page.goto('/store/L3');
  await expect(page.getByRole('alert')).toContainText('This device is nearly full.');
  await page.addInitScript(() => {
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    Storage.prototype.setItem = full;
  });
  await page.route('**/api/entries', (route) => route.abort('connectionrefused'));
  await notes(page, '/store/L3', 'No room for this');
  await page.getByRole('button', { name: 'Go on meanwhile' }).click();
  await expect(page.getByRole('alert')).toContainText('This device keeps nothing more.');
  await page.unroute('**/api/entries');
  await expect(new Keeper(page).section('Journal').getByText('No room for this')).toHaveCount(1);
});
