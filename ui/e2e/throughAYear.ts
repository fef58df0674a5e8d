import type { Page } from '@playwright/test';
import { expect } from './garden';
import { Keeper } from './keeper';

/** What happened to the one lot there is between its picking and its packets, told at once: put in store, weighed by the hundred and tested. */
async function storedAndTested(page: Page, at: string, hundred: number) {
  const kept = await page.evaluate(
    async ([on, grams]) => {
      const lot = (await (await fetch('/api/lots/L1')).json()) as { id: string };
      const draft = (kind: string, hour: string, payload: object) => ({
        id: crypto.randomUUID(),
        about: { subject: 'lot', id: lot.id },
        kind,
        happened_at: `${on}T${hour}`,
        even_so: true,
        payload,
      });
      const answer = await fetch('/api/entries', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
        body: JSON.stringify({
          drafts: [
            draft('threshed', '08:00', { mass_g: 80, how: 'hands' }),
            draft('winnowed', '09:00', { mass_g: 60 }),
            draft('stored', '10:00', {
              container: 'paper_envelope',
              place: 'Cupboard',
              temperature_c: 18,
              rh: 45,
              mass_g: 60,
            }),
            draft('sample_weighed', '10:10', { counted: 100, masses_g: [grams] }),
            draft('test_result', '11:00', { test: 'a', seeds: 50, up: 46 }),
          ],
        }),
      });
      return (await answer.json()) as { answers: { status: string }[] };
    },
    [at, hundred] as const,
  );
  expect(kept.answers.map(({ status }) => status)).toEqual(Array(5).fill('kept'));
}

/** A row of the year before is picked, parted into packets for the seasons to come, and the next season's plan begun from this one's. */
export async function throughAYear(
  page: Page,
  told: {
    crop: string;
    variety: string;
    sown: string;
    picked: string;
    stored: string;
    hundred: number;
    packet: string;
    plan: [string, string];
  },
) {
  const keeper = new Keeper(page);
  await keeper.addsVariety(told.crop, told.variety);
  await keeper.fill({ Plants: '12', Sown: told.sown });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await keeper.code('plot');
  await keeper.records('Pick seed: start a lot', {
    'Plants that gave seed': '10',
    'They weigh': '400',
    When: told.picked,
  });
  expect(await keeper.code('bench')).toBe('L1');
  await storedAndTested(page, told.stored, told.hundred);
  const place = await page.request.post('/api/store-places', {
    data: { id: crypto.randomUUID(), name: 'Hall cupboard', temperature: '18', rh: '45' },
    headers: { Accept: 'application/json' },
  });
  expect(place.ok()).toBe(true);
  await page.goto('/store/portion/L1');
  const packets = page.getByRole('list', { name: 'Packets to make' });
  await expect(packets.getByRole('listitem').first()).toContainText(told.packet);
  await keeper.fill({ Packets: '2', 'Where they will lie': 'Hall cupboard' });
  await expect(packets.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Keep: the packets' }).click();
  const made = page.getByRole('list', { name: 'Packets', exact: true });
  await expect(made.getByRole('listitem').first()).toContainText(told.packet);

  await page.goto('/plot/plan/2026');
  await page.getByRole('link', { name: `Plan ${told.plan[1]} …` }).click();
  await page.getByRole('button', { name: `Start from the garden of ${told.plan[0]}` }).click();
  await expect(page.getByRole('heading', { name: `Plan for ${told.plan[1]}` })).toBeVisible();
  await expect(page.getByRole('link', { name: told.plan[0], exact: true })).toBeVisible();
}
