import {
  expect as playwrightExpect,
  test as base,
  type BrowserContext,
  type CDPSession,
  type ExpectMatcherState,
  type Locator,
  type Page,
} from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { portOf, zoneOf, type Which } from '../playwright.config';

type Looks = ReturnType<typeof playwrightExpect<Locator>>;

/** What is not there yet is waited for first. Playwright's own looks write down the whole page each time they find
 * nothing, and meanwhile the page cannot go on: a tenth of all that the browser did. */
const onceThere = <Expected extends unknown[]>(look: (at: Looks, ...expected: Expected) => Promise<void>) =>
  async function (this: ExpectMatcherState, locator: Locator, ...expected: Expected) {
    const came = await locator
      .first()
      .waitFor({ state: 'attached', timeout: this.timeout })
      .then(
        () => true,
        () => false,
      );
    const at = playwrightExpect.configure({ timeout: came ? this.timeout : 1 })(locator);
    await look(this.isNot ? at.not : at, ...expected);

    return { pass: !this.isNot, message: () => '' };
  };

export const expect = playwrightExpect.extend({
  toBeVisible: onceThere((at) => at.toBeVisible()),
  toContainText: onceThere((at, text: string | RegExp) => at.toContainText(text)),
  toHaveText: onceThere((at, text: string | RegExp) => at.toHaveText(text)),
  toHaveValue: onceThere((at, value: string | RegExp) => at.toHaveValue(value)),
});

/** What a browser of a lane already knows, by how it is set: its cache, and the scripts that it has read. The page
 * beside the test's keeps the process alive in which they have been read. */
type Kept = Map<string, { context: BrowserContext; beside: Page; session: CDPSession }>;

/** As SQLite itself puts one file in another's place: the server and its worker have it open all the while. */
const PUT_BACK = `
  $to = new SQLite3($argv[1]);
  $to->busyTimeout(20000);
  (new SQLite3($argv[2], SQLITE3_OPEN_READONLY))->backup($to) || exit(1);
`;

/** A garden of a lane as it was laid out: what a first try has left in it would be in the way of the second. */
export function layAnew(which: Which, lane: number) {
  const at = `../storage/framework/e2e-${which}-${portOf(which, lane)}`;
  execFileSync('php', ['-r', PUT_BACK, '--', `${at}.sqlite`, `${at}.laid`]);
}

/** Tests run side by side; each that runs at a time has gardens of its own: the demo, one that is
 * empty, and one that nothing else has been in before. */
export const test = base.extend<{ which: Which; anew: undefined }, { kept: Kept }>({
  // eslint-disable-next-line no-empty-pattern -- the runner reads what is wanted from the pattern
  timezoneId: async ({}, provide, info) => {
    await provide(zoneOf(info.parallelIndex));
  },
  which: ['demo', { option: true }],
  baseURL: async ({ which }, provide, info) => {
    await provide(`http://127.0.0.1:${portOf(which, info.parallelIndex)}`);
  },
  anew: [
    async ({ which }, provide, info) => {
      if (info.retry > 0) layAnew(which, info.parallelIndex);
      await provide(undefined);
    },
    { auto: true },
  ],
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
