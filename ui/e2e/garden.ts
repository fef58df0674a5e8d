import { test as base, type BrowserContext, type CDPSession, type Page } from '@playwright/test';
import { portOf, zoneOf, type Which } from '../playwright.config';

export { expect } from '@playwright/test';

/** What a browser of a lane already knows, by how it is set: its cache, and the scripts that it has read. The page
 * beside the test's keeps the process alive in which they have been read. */
type Kept = Map<string, { context: BrowserContext; beside: Page; session: CDPSession }>;

/** Tests run side by side; each that runs at a time has gardens of its own: the demo, one that is
 * empty, and one that nothing else has been in before. */
export const test = base.extend<{ which: Which }, { kept: Kept }>({
  // eslint-disable-next-line no-empty-pattern -- the runner reads what is wanted from the pattern
  timezoneId: async ({}, provide, info) => {
    await provide(zoneOf(info.parallelIndex));
  },
  which: ['demo', { option: true }],
  baseURL: async ({ which }, provide, info) => {
    await provide(`http://127.0.0.1:${portOf(which, info.parallelIndex)}`);
  },
  kept: [
    // eslint-disable-next-line no-empty-pattern -- as above
    async ({}, provide) => {
      const kept: Kept = new Map();
      await provide(kept);
      for (const { context } of kept.values()) await context.close();
    },
    { scope: 'worker' },
  ],
  // A browser that starts from nothing reads every script anew, which takes longer than most tests. A keeper's
  // has read them long ago: so has that of a lane, which only forgets what the test before has left in it.
  context: async (
    { kept, browser, baseURL, viewport, hasTouch, locale, timezoneId, contextOptions },
    provide,
  ) => {
    const set = { ...contextOptions, baseURL, viewport, hasTouch, locale, timezoneId };
    const key = JSON.stringify(set);
    let lane = kept.get(key);
    if (lane === undefined) {
      const context = await browser.newContext(set);
      const beside = await context.newPage();
      await beside.goto('/api/ping');
      lane = { context, beside, session: await context.newCDPSession(beside) };
      kept.set(key, lane);
    }
    const { context, beside, session } = lane;
    for (const page of context.pages()) if (page !== beside) await page.close();
    await context.unrouteAll();
    await context.clearCookies();
    await session.send('Storage.clearDataForOrigin', {
      origin: baseURL ?? '',
      storageTypes: 'local_storage,indexeddb',
    });
    await provide(context);
  },
});
