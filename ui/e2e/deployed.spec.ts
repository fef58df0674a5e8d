import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './garden';
import { Keeper } from './keeper';

/** Behind nginx and php-fpm, by the files that an installation copies. */
const root = join(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'marrow-nginx-'));
const garden = join(folder, 'garden.sqlite');
const environment = {
  ...process.env,
  DB_DATABASE: garden,
  MARROW_COPIES: join(folder, 'copies'),
  MARROW_NOW: '2026-09-14T10:00',
};
let served: ChildProcess | undefined;
let port = 0;

test.beforeAll(async () => {
  const { createServer } = await import('node:net');
  const probe = createServer().listen(0, '127.0.0.1');
  await new Promise((resolve) => probe.once('listening', resolve));
  port = (probe.address() as { port: number }).port;
  await new Promise((resolve) => probe.close(resolve));
  writeFileSync(garden, '');
  execFileSync('php', ['artisan', 'marrow:ready', '--name', 'Harbour Row'], { cwd: root, env: environment });
  served = spawn('bin/serve-deployed', [String(port), folder, '127.0.0.1', 'localhost'], {
    cwd: root,
    env: environment,
    stdio: 'ignore',
  });
  await expect(async () => {
    expect((await fetch(`http://127.0.0.1:${port}/api/ping`)).status).toBe(200);
  }).toPass();
});

test.afterAll(async () => {
  const ended = new Promise((resolve) => served?.once('exit', resolve));
  served?.kill('SIGTERM');
  await ended;
  rmSync(folder, { recursive: true, force: true });
});

for (const name of ['127.0.0.1', 'localhost']) {
  test.describe(`by the name ${name}`, () => {
    test.use({
      // eslint-disable-next-line no-empty-pattern -- the runner reads what is wanted from the pattern
      baseURL: async ({}, provide) => {
        await provide(`http://${name}:${port}`);
      },
    });

    test('a keeper adds a variety, sows it and writes a note', async ({ page }) => {
      const keeper = new Keeper(page);
      await keeper.addsVariety('Leek', `Row by ${name}`);
      await keeper.fill({ Plants: '24', Sown: '2025-03-20T10:00' });
      await page.getByRole('button', { name: 'Keep: sown' }).click();
      await keeper.code('plot');
      await keeper.records('Note', { Note: 'Rust on the outer leaves' });
      await page.reload();
      await expect(page.getByText('Rust on the outer leaves')).toBeVisible();
    });
  });
}
