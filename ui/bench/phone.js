/* global caches, crypto, fetch, indexedDB, localStorage, navigator, structuredClone -- of the page */
// Prints how long a slow phone takes from nothing cached until Today can be used, and when it comes again; how much it takes
// along for where there is no network; and how long a walk's worth of entries takes to be sent: node bench/phone.js ADDRESS
import { chromium } from '@playwright/test';
import { launch } from '../browser.js';

const ROUNDS = 3;
const WALK = 200;
/** A processor four times slower, 1.6 Mbit/s, 150 ms. */
const SLOWER = 4;
const NETWORK = {
  offline: false,
  latency: 150,
  downloadThroughput: 1.6e6 / 8,
  uploadThroughput: 0.75e6 / 8,
};
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

const address = process.argv[2] ?? 'http://127.0.0.1:8320';
const browser = await chromium.launch(launch);
const middle = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;
const seconds = (ms) => (ms / 1000).toFixed(1);

const first = [];
const again = [];
let bytes = 0;
for (let round = 0; round < ROUNDS; round++) {
  const context = await browser.newContext(PHONE);
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', NETWORK);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const usable = async () => {
    const start = performance.now();
    await page.goto(`${address}/today`, { waitUntil: 'commit' });
    // By selectors alone: to look by roles takes a slow processor longer than to draw the page.
    await page.waitForSelector('main[aria-busy="false"] button[aria-label^="Not now"]');
    return performance.now() - start;
  };
  bytes = 0;
  const count = (event) => (bytes += event.encodedDataLength);
  session.on('Network.loadingFinished', count);
  first.push(await usable());
  session.off('Network.loadingFinished', count);
  // Until the worker has what there is to open without network.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.waitForTimeout(2_000);
  again.push(await usable());
  await context.close();
}
console.log(
  `A slow phone: ${seconds(middle(first))} s until Today can be used, ${Math.round(bytes / 1000)} kB; ${seconds(middle(again))} s when it comes again`,
);

const context = await browser.newContext({ ...PHONE, baseURL: address });
const page = await context.newPage();
await page.goto('/today');
await page.waitForFunction(() => localStorage.getItem('marrow:along') !== null, undefined, {
  timeout: 300_000,
});
const taken = await page.evaluate(async () => {
  let size = 0;
  for (const name of await caches.keys()) {
    const cache = await caches.open(name);
    for (const request of await cache.keys())
      size += (await (await cache.match(request, { ignoreVary: true }))?.blob())?.size ?? 0;
  }
  return size;
});
console.log(`Taken along: ${(taken / 1e6).toFixed(1)} MB`);

// One note that waits, and as many more like it as a walk makes.
const { lots } = JSON.parse(await page.evaluate(async () => (await fetch('/api/along')).text()));
await context.setOffline(true);
await page.goto(`/lots/${lots[0]}`);
await page.getByRole('button', { name: 'Record something else …' }).first().click();
await page.getByRole('button', { name: 'Note', exact: true }).click();
await page.getByRole('textbox', { name: 'Note' }).first().fill('On a walk');
await page.getByRole('button', { name: 'Keep: note' }).click();
const waits = page.getByRole('region', { name: 'Waits to be sent' });
await waits.waitFor();
await page.evaluate(async (many) => {
  const done = (request) =>
    new Promise((resolve) => request.addEventListener('success', () => resolve(request.result)));
  const shelf = (await done(indexedDB.open('marrow')))
    .transaction('outbox', 'readwrite')
    .objectStore('outbox');
  const [one] = await done(shelf.getAll());
  const id = () => crypto.randomUUID().replace(/-4/, '-7');
  for (let i = 1; i < many; i++) {
    const copy = structuredClone(one);
    const [{ state }] = copy.mutations;
    state.submittedAt += i;
    state.variables.press = id();
    state.variables.drafts[0].id = id();
    await done(shelf.put(copy, state.variables.press));
  }
}, WALK);
await page.reload();
await waits.getByText(`${WALK} entries wait`).waitFor();
const start = performance.now();
await context.setOffline(false);
await waits.waitFor({ state: 'detached', timeout: 120_000 });
console.log(`${WALK} entries that waited: ${seconds(performance.now() - start)} s until all are kept`);
await browser.close();
