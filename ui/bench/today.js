// Prints how long Today takes in Chromium from nothing cached until it can be used: node bench/today.js ADDRESS
import { chromium } from '@playwright/test';
import { launch } from '../browser.js';

const ROUNDS = 5;
const address = process.argv[2] ?? 'http://127.0.0.1:8320';
const browser = await chromium.launch(launch);
const times = [];
for (let round = 0; round < ROUNDS; round++) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const start = performance.now();
  await page.goto(`${address}/today`);
  await page.locator('main[aria-busy=false]').waitFor();
  times.push(performance.now() - start);
  await context.close();
}
await browser.close();
times.sort((a, b) => a - b);
console.log(
  `Today in Chromium, nothing cached: ${Math.round(times[Math.floor(ROUNDS / 2)] ?? 0)} ms until it can be used`,
);
