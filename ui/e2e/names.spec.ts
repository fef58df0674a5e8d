import { randomUUID } from 'node:crypto';
import type { APIRequestContext, Page } from '@playwright/test';
import { expect, test } from './garden';

test.use({ which: 'empty' });

/** 23 letters, one of them a digit. */
const nameOf = (which: number) => `Southernmost Harbours ${which}`;

async function post(request: APIRequestContext, path: string, data: object) {
  const answer = await request.post(`/api${path}`, { data });
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as { answers?: { code: string }[] };
}

/** A lot in the store, and one on the bench, of a variety with a long name. */
async function lay(request: APIRequestContext, which: number) {
  const variety = randomUUID();
  await post(request, '/varieties', {
    id: variety,
    crop: 'squash-pepo',
    name: nameOf(which),
    type: 'hybrid',
  });
  const lot = { subject: 'lot', id: randomUUID() };
  const entry = (kind: string, about: object, payload: object, more: object = {}) => ({
    id: randomUUID(),
    about,
    kind,
    happened_at: '2026-09-10',
    payload,
    even_so: true,
    ...more,
  });
  const act = randomUUID();
  const { answers } = await post(request, '/entries', {
    act,
    drafts: [
      entry('received', lot, { how: 'given', year: 2024 }, { begins: { variety } }),
      entry('stored', lot, { container: 'jar', place: 'Shelf', temperature_c: 18, rh: 50 }),
      entry(
        'received',
        { subject: 'lot', id: randomUUID() },
        { how: 'given', uncleaned: true },
        { begins: { variety }, happened_at: '2026-08-01' },
      ),
      entry(
        'sown',
        { subject: 'planting', id: randomUUID() },
        { plants: 12 },
        { begins: { variety, spot: 'Long bed' } },
      ),
    ],
  });
  return { act, lot: answers?.[0]?.code ?? '', planting: answers?.[3]?.code ?? '' };
}

/** What of the page shows a long name and shows less of it than there is. */
const cut = (page: Page) =>
  page.evaluate(() => {
    const found: string[] = [];
    let seen = 0;
    const walk = document.createTreeWalker(
      document.querySelector('main') ?? document.body,
      NodeFilter.SHOW_TEXT,
    );
    for (let node = walk.nextNode(); node !== null; node = walk.nextNode()) {
      const at = node.textContent?.indexOf('Southernmost Harbours') ?? -1;
      if (at < 0) continue;
      const range = document.createRange();
      range.setStart(node, at);
      range.setEnd(node, Math.min(at + 23, node.textContent?.length ?? 0));
      const name = range.getBoundingClientRect();
      if (name.width === 0) continue;
      seen++;
      for (let box = node.parentElement; box !== null && box.tagName !== 'MAIN'; box = box.parentElement) {
        const { overflowX } = getComputedStyle(box);
        const edge = box.getBoundingClientRect().right;
        // A pane that is scrolled shows it all the same.
        if ((overflowX === 'hidden' || overflowX === 'clip') && name.right > edge + 1)
          found.push(`${node.textContent} in ${box.className}`);
      }
    }
    return { seen, found };
  });

test('no name of 23 letters is cut, in any list or beside any sheet', async ({ page }) => {
  const all = [];
  for (let which = 1; which <= 9; which++) all.push(await lay(page.request, which));
  const [first] = all;
  for (const path of [
    '/today',
    '/plot',
    `/plot/${first?.planting}`,
    '/store',
    `/store/${first?.lot}`,
    '/bench',
    '/books/journal',
    '/books/varieties',
  ]) {
    await page.goto(path);
    await expect(page.getByText('Southernmost Harbours').first()).toBeVisible();
    await page.evaluate(() => document.fonts.ready);
    const { seen, found } = await cut(page);
    expect(seen, path).toBeGreaterThan(0);
    expect(found, path).toEqual([]);
  }
  // Others are in this garden after it.
  for (const { act } of all) await post(page.request, `/entries/${act}/strike`, { id: randomUUID() });
  await page.goto('/today');
  await expect(page.getByText('Southernmost Harbours')).toHaveCount(0);
});
