import { defineConfig } from '@playwright/test';

const port = Number(process.env['MARROW_E2E_PORT'] ?? 8398);
export const emptyPort = port + 1;

export default defineConfig({
  testDir: 'e2e',
  // One garden for all tests, so one at a time; each keeps to varieties of its own.
  workers: 1,
  fullyParallel: false,
  retries: 0,
  forbidOnly: true,
  timeout: 60_000,
  // A machine that is busy with other things answers late.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: '../storage/framework/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
  },
  webServer: [
    { which: 'demo', at: port },
    { which: 'empty', at: emptyPort },
  ].map(({ which, at }) => ({
    command: `bash ../bin/serve-test ${at} ${which}`,
    url: `http://127.0.0.1:${at}/api/ping`,
    reuseExistingServer: false,
    timeout: 60_000,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5_000 },
  })),
});
