import { defineConfig } from '@playwright/test';
import { launch } from './browser.js';

const kinds = ['demo', 'empty', 'new'] as const;
export type Which = (typeof kinds)[number];

const first = Number(process.env['MARROW_E2E_PORT'] ?? 8398);
const workers = Number(process.env['MARROW_E2E_WORKERS'] ?? 2);

/** The port of a garden of one of those that run side by side. */
export const portOf = (which: Which, lane: number) => first + kinds.length * lane + kinds.indexOf(which);

/** Where the gardens of a lane lie, and whoever looks at them: days and hours must be the same anywhere. */
export const zoneOf = (lane: number) => (lane % 2 === 0 ? 'UTC' : 'Pacific/Auckland');

const gardens = Array.from({ length: workers }, (_, lane) => lane).flatMap((lane) =>
  kinds.map((which) => ({ port: portOf(which, lane), which, zone: zoneOf(lane) })),
);

export default defineConfig({
  testDir: 'e2e',
  workers,
  // Those of a file one after another, unless it says otherwise; each keeps to varieties of its own.
  fullyParallel: false,
  // Once more on a machine that is busy; bin/test says which needed it, so that they are looked at.
  retries: 1,
  forbidOnly: true,
  timeout: 90_000,
  // A machine that is busy with other things answers late.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: '../storage/framework/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // A trace of everything costs nearly half the time again: ask for one with --trace on when a test fails.
    screenshot: 'only-on-failure',
    // What is kept for when there is no network would answer in other tests' place: offline.spec.ts allows it for its own.
    contextOptions: { reducedMotion: 'reduce', serviceWorkers: 'block' },
    launchOptions: launch,
  },
  webServer: {
    command: `bash ../bin/serve-test ${gardens.map(({ port, which, zone }) => `${port} ${which} ${zone}`).join(' ')}`,
    url: `http://127.0.0.1:${gardens.at(-1)?.port}/api/ping`,
    reuseExistingServer: false,
    timeout: 90_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
  },
});
