import { chromium } from '@playwright/test';
const views = JSON.parse(process.argv[2]);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-background-networking'] });
for (const v of views) {
  const context = await browser.newContext({ viewport: { width: v.w ?? 1280, height: v.h ?? 800 }, locale: 'en-GB', hasTouch: (v.w ?? 1280) < 500 });
  const page = await context.newPage();
  page.on('console', (m) => m.type() === 'error' && console.log(v.name, m.text().slice(0, 300)));
  page.on('pageerror', (e) => console.log(v.name, 'ERR', String(e).slice(0, 300)));
  await page.goto('http://127.0.0.1:8320' + v.path, { waitUntil: 'networkidle' });
  for (const c of v.click ?? []) await page.getByRole('button', { name: c }).first().click();
  for (const [l, t] of Object.entries(v.fill ?? {})) await page.getByLabel(l).first().fill(t);
  for (const c of v.then ?? []) { await page.getByRole('button', { name: c }).first().click(); }
  await page.waitForTimeout(700);
  if (v.scroll) await page.evaluate((y) => window.scrollTo(0, y), v.scroll);
  await page.screenshot({ path: `/tmp/w/shots/${v.name}.png` });
  await context.close();
}
await browser.close();
