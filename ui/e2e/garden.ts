import { test as base } from '@playwright/test';
import { portOf, type Which } from '../playwright.config';

export { expect } from '@playwright/test';

/** Tests run side by side; each that runs at a time has gardens of its own: the demo, one that is
 * empty, and one that nothing else has been in before. */
export const test = base.extend<{ which: Which }>({
  which: ['demo', { option: true }],
  baseURL: async ({ which }, provide, info) => {
    await provide(`http://127.0.0.1:${portOf(which, info.parallelIndex)}`);
  },
});
