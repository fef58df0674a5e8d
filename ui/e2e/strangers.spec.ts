import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from './garden';

let stranger: Server;
let address: string;

test.beforeAll(async () => {
  stranger = createServer((_, answer) => {
    answer.setHeader('Content-Type', 'text/html');
    answer.end('<!doctype html><title>Another site</title><h1>Win a wheelbarrow</h1>');
  });
  await new Promise<void>((ready) => stranger.listen(0, '127.0.0.1', ready));
  address = `http://localhost:${(stranger.address() as AddressInfo).port}`;
});

test.afterAll(() => new Promise<void>((closed) => void stranger.close(() => closed())));

test('a page of another site can neither write here, nor read, nor frame us', async ({
  page,
  request,
  baseURL,
}) => {
  const lot = (await (await request.get('/api/lots/L1')).json()) as { id: string };
  await page.goto(address);
  const tried = await page.evaluate(
    async ({ baseURL, id }) => {
      const draft = {
        id: crypto.randomUUID(),
        about: { subject: 'lot', id },
        kind: 'noted',
        happened_at: '2026-09-01',
        payload: { text: 'written by another page' },
      };
      const body = JSON.stringify({ drafts: [draft] });
      const types = [
        'text/plain; a=/json',
        'text/plain;a=+json',
        'application/x-www-form-urlencoded; a=/json',
        'application/json',
      ];
      const outcomes: string[] = [];
      for (const type of types) {
        for (const mode of ['no-cors', 'cors'] as const) {
          try {
            const answer = await fetch(`${baseURL}/api/entries`, {
              method: 'POST',
              mode,
              headers: { 'Content-Type': type },
              body,
            });
            outcomes.push(`${answer.type} ${answer.status}`);
          } catch {
            outcomes.push('blocked');
          }
        }
      }
      await fetch(`${baseURL}/api/crops/pea/figures?_method=PUT`, {
        method: 'POST',
        mode: 'no-cors',
        headers: { 'Content-Type': 'text/plain; a=/json' },
        body: JSON.stringify({ path: 'isolation.home', value: '1' }),
      }).then(
        (answer) => outcomes.push(`${answer.type} ${answer.status}`),
        () => outcomes.push('blocked'),
      );
      const read = await fetch(`${baseURL}/api/journal`).then(
        () => 'read',
        () => 'blocked',
      );
      return { outcomes, read };
    },
    { baseURL, id: lot.id },
  );
  expect(tried.outcomes).toHaveLength(9);
  // What the stranger is let see of an answer is nothing; whether it did anything is looked at here.
  expect(tried.outcomes.filter((outcome) => !['blocked', 'opaque 0'].includes(outcome))).toEqual([]);
  expect(tried.read).toBe('blocked');
  const journal = await (await request.get('/api/journal')).text();
  expect(journal).not.toContain('written by another page');
  const figures = (await (await request.get('/api/crops/pea/figures')).json()) as { own: boolean }[];
  expect(figures.length).toBeGreaterThan(10);
  expect(figures.filter(({ own }) => own)).toEqual([]);

  await page.setContent(`<iframe src="${baseURL}/today" width="800" height="600"></iframe>`);
  await page.waitForTimeout(1500);
  await expect(page.frameLocator('iframe').getByText("Keepers' Acre")).toHaveCount(0);
});

test('nothing that slips into a page is run, and the pages themselves ask for nothing that is forbidden', async ({
  page,
}) => {
  const complaints: string[] = [];
  page.on('console', (message) => {
    if (message.text().includes('Content Security Policy')) complaints.push(message.text());
  });
  for (const path of [
    '/today',
    '/store/L2',
    '/plot/plan/2027',
    '/books/reckoners/ferment.window',
    '/tags/L2',
    '/read',
  ]) {
    const answer = await page.goto(path);
    expect(answer?.headers()['content-security-policy']).toContain("script-src 'self'");
    await expect(page.locator('main[aria-busy="false"]')).toBeVisible();
  }
  expect(complaints).toEqual([]);
  const ran = await page.evaluate(async () => {
    const script = document.createElement('script');
    script.textContent = 'window.slippedIn = true';
    document.body.append(script);
    const image = document.createElement('img');
    image.setAttribute('onerror', 'window.slippedIn = true');
    image.src = 'data:image/png;base64,broken';
    document.body.append(image);
    await new Promise((after) => setTimeout(after, 500));
    return 'slippedIn' in window;
  });
  expect(ran).toBe(false);
  expect(complaints.length).toBeGreaterThan(0);
});
