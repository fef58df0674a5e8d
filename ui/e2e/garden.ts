import { test as base } from '@playwright/test';
import { portOf, zoneOf, type Which } from '../playwright.config';

export { expect } from '@playwright/test';

/** Tests run side by side; each that runs at a time has gardens of its own: the demo, one that is
 * empty, and one that nothing else has been in before. */
export const test = base.extend<{ which: Which }>({
  // eslint-disable-next-line no-empty-pattern -- the runner reads what is wanted from the pattern
  timezoneId: async ({}, provide, info) => {
    await provide(zoneOf(info.parallelIndex));
  },
  which: ['demo', { option: true }],
  baseURL: async ({ which }, provide, info) => {
    await provide(`http://127.0.0.1:${portOf(which, info.parallelIndex)}`);
  },
});
