import { createServer, type Server } from 'node:net';
import type { AddressInfo } from 'node:net';
import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

/** A scale on this machine that answers what it is told to. */
async function scale(answers: string[]): Promise<[string, Server]> {
  let asked = 0;
  const server = createServer((socket) =>
    socket.once('data', () => {
      socket.end(answers[Math.min(asked++, answers.length - 1)] ?? '');
    }),
  );
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  return [`127.0.0.1:${(server.address() as AddressInfo).port}`, server];
}

for (const [screen, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(screen, () => {
    test.use({ viewport });

    test('a weighing is filled by the scale, and what ails it is said', async ({ page }) => {
      const [address, server] = await scale(['moving 383.4 g\n', 'steady 383.21 g\n', '']);
      try {
        const keeper = new Keeper(page);
        await page.goto('/books/instruments');
        await page.getByRole('button', { name: 'Change Kitchen scale (stand-in)' }).click();
        await keeper.fill({ 'How it is reached': 'nowhere' });
        await page.getByRole('button', { name: /^Keep/ }).click();
        await expect(
          page.getByText('The scale is given as its address and its port: 192.168.1.40:9100.'),
        ).toBeVisible();
        await keeper.fill({ 'How it is reached': address });
        await page.getByRole('button', { name: /^Keep/ }).click();
        await expect(page.getByText('Changed Kitchen scale (stand-in)')).toBeVisible();

        await page.goto('/racks/L8');
        await act(page, 'Weigh');
        const mass = page.getByLabel(/^It weighs/).first();
        await page.getByRole('button', { name: 'Read by an instrument' }).click();
        await expect(page.getByText(/The scale is not steady yet: about 383.4 g/)).toBeVisible();
        await expect(mass).toHaveValue('');
        // By one key, in the field.
        await mass.press('=');
        await expect(mass).toHaveValue('383.21');
        await expect(page.getByText(/^Read by Kitchen scale \(stand-in\) ± 0\.05\sg/)).toBeVisible();
        // It drops out: what was read stays.
        await page.getByRole('button', { name: 'Read by an instrument' }).click();
        await expect(page.getByText('The scale says nothing.')).toBeVisible();
        await expect(mass).toHaveValue('383.21');
        await keeper.keeps();
        await expect(page.getByText(/383\.21\sg/).first()).toBeVisible();
      } finally {
        server.close();
      }
    });

    test('samples are weighed one after the other, each into its own field', async ({ page }) => {
      const [address, server] = await scale(['steady 2.9 g\n', 'steady 3.0 g\n', 'steady 2.8 g\n']);
      try {
        const [known] = await (await page.request.get('/api/instruments')).json();
        await page.request.put(`/api/instruments/${known.id}`, { data: { ...known.typed, address } });
        await page.goto('/racks/L12');
        await act(page, 'Count and weigh samples');
        const read = page.getByRole('button', { name: 'Read by an instrument' });
        for (const [n, grams] of ['2.9', '3', '2.8'].entries()) {
          await read.click();
          await expect(page.locator('fieldset input').nth(n)).toHaveValue(grams);
        }
      } finally {
        server.close();
      }
    });

    test('rain that is foretold stands before what must be in before it', async ({ page }) => {
      await page.goto('/today');
      const weather = page.getByRole('region', { name: 'The weather' });
      await expect(
        weather.getByText(/^Rain is likely tomorrow, 7 times in 10 by the forecast/),
      ).toBeVisible();
      await expect(weather.getByRole('link', { name: 'P20 Groyne, parsnip' })).toBeVisible();
      // The forecast is another by now.
      const [station] = (await (await page.request.get('/api/instruments')).json()).filter(
        ({ kind }: { kind: string }) => kind === 'weather',
      );
      const days = ['14', '15', '16', '17'].map((day) => ({
        day: `2026-09-${day}`,
        low_c: 9,
        rain_chance: 0.1,
      }));
      await page.request.post(`/api/instruments/${station.id}/readings`, { data: { forecast: days } });
      await page.goto('/today');
      await expect(page.getByRole('heading', { name: 'Due now' })).toBeVisible();
      await expect(weather).toHaveCount(0);
    });

    test('a year of a cupboard’s air is drawn, and how right the forecast has been is said', async ({
      page,
    }) => {
      await page.goto('/books/instruments');
      await expect(page.getByText(/with rain foretold the day before it rained on/)).toBeVisible();
      await page.getByRole('link', { name: 'Logger in the cupboard (stand-in)' }).click();
      await expect(page.getByRole('img', { name: /^Temperature, °C, 14 Sep/ })).toBeVisible();
      await expect(page.getByRole('img', { name: /^Humidity, % RH/ })).toBeVisible();
      await page.getByRole('button', { name: 'a month' }).click();
      await expect(page.getByRole('img', { name: /^Temperature, °C, 14 Aug/ })).toBeVisible();
    });
  });
}
