import type { Page } from '@playwright/test';
import { expect, layAnew, test } from './garden';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** A search ends by itself, and is found again by whoever asks for the same. */
const SEARCH = { timeout: 60_000 };

async function found(page: Page) {
  await expect(page.getByText(/Looking for the best years|Still looking/)).toHaveCount(0, SEARCH);
}

async function tested(page: Page, code: string, seeds: number, up: number) {
  const lot = await (await page.request.get(`/api/lots/${code}`)).json();
  const answer = await page.request.post('/api/entries', {
    data: {
      drafts: [
        {
          id: crypto.randomUUID(),
          about: { subject: 'lot', id: lot.id },
          kind: 'test_result',
          happened_at: '2026-09-14T10:00',
          payload: { test: crypto.randomUUID(), seeds, up },
        },
      ],
    },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
}

// Each looks for a rota two or three times, seconds each, on whatever machine this is.
test.beforeEach(() => test.slow());
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('a failing test brings a line onto next year’s list, and one press into the plan', async ({ page }) => {
  await page.setViewportSize(desk);
  await page.goto('/plot');
  await page.getByRole('link', { name: 'Over the years' }).first().click();
  await found(page);
  const waiting = page.getByRole('list', { name: 'Can wait' });
  await expect(waiting.getByText('Port Light')).toBeVisible();

  await tested(page, 'L30', 25, 6);
  await page.reload();
  await found(page);
  const now = page.getByRole('list', { name: 'To be grown' });
  const line = now.getByRole('listitem').filter({ hasText: 'Port Light' });
  await expect(line).toContainText(/By 2028 .* can renew it with \d+.%|can still renew it with \d+.%/);
  await line.getByRole('button', { name: 'Port Light into the plan of 2027' }).click();
  await found(page);
  await line.getByRole('link', { name: 'In the plan of 2027' }).click();
  await expect(page.getByRole('heading', { name: 'Plan for 2027' })).toBeVisible();
  await expect(page.getByText('Port Light').first()).toBeVisible();
});

test('what is pinned does not go together: a way out is taken, and a growing dragged back says what it would break', async ({
  page,
}) => {
  await page.setViewportSize(desk);
  await page.goto('/plot/rota/years');
  await found(page);
  await expect(
    page.getByText(
      'Anchor Hole, beetroot; Groyne, parsnip; and Keelson, parsnip need 3 cages in 2028, and there are 2 cages.',
    ),
  ).toBeVisible();
  await page.getByRole('button', { name: /^All \d+ ways out$/ }).click();
  await page.getByRole('button', { name: 'Do so: Sow Groyne, parsnip in another year than 2027' }).click();
  await expect(page.getByText('What is pinned does not go together')).toHaveCount(0, SEARCH);
  await found(page);

  const row = page.getByRole('row').filter({ hasText: 'Groyne' });
  const growing = row.getByRole('button', { name: /^Groyne grown in/ }).first();
  const from = await growing.boundingBox();
  const first = await row.locator('td').first().boundingBox();
  if (from === null || first === null) throw new Error('Groyne is not grown.');
  await growing.hover();
  await page.mouse.down();
  await page.mouse.move(first.x + 20, from.y + from.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('heading', { name: /^Groyne in 2027, not in / })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'in 2028, and there are 2 cages' })).toBeVisible(
    SEARCH,
  );
  await expect(page.getByRole('list', { name: 'What could be given up' })).toBeVisible(SEARCH);
  await page.getByRole('button', { name: 'As it was' }).click();
  await expect(page.getByRole('heading', { name: /^Groyne in 2027/ })).toHaveCount(0);

  // The same by keys; what fits has a price and is kept.
  const pea = page.getByRole('button', { name: /^Hawser grown in/ }).last();
  await pea.focus();
  await page.keyboard.press('ArrowRight');
  const told = page.getByRole('region', { name: /^Hawser in 20/ });
  await expect(told.getByText(/As dear as|Saves as much as|Costs nothing more/)).toBeVisible(SEARCH);
  await told.getByRole('button', { name: 'Keep it there' }).click();
  await found(page);
  await expect(page.getByRole('button', { name: /^Hawser grown in \d+, pinned$/ })).toBeVisible(SEARCH);
});

test('a line is sent to another keeper, and has no part in the rota', async ({ page }) => {
  await page.setViewportSize(desk);
  await page.goto('/plot/rota/years');
  await found(page);
  await page.getByRole('button', { name: 'Keelson, parsnip', exact: true }).click();
  await page.getByRole('button', { name: 'What you want of it' }).click();
  // What is wrong stands above what is in view, and is gone to; what was typed stays.
  const notBefore = page.getByRole('textbox', { name: 'Not before' });
  await notBefore.fill('soon');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(notBefore).toBeFocused();
  await expect(notBefore).toHaveValue('soon');
  await notBefore.fill('');
  await page.getByRole('textbox', { name: 'Grown by another keeper' }).fill('Orla Fennimore');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await found(page);
  await expect(page.getByText('Grown by Orla Fennimore.')).toBeVisible(SEARCH);
  await expect(page.getByRole('button', { name: 'Keelson, parsnip', exact: true })).toHaveCount(0);
});

test('on a phone the list and the years are told in words, and the chances are played', async ({ page }) => {
  await page.setViewportSize(phone);
  await page.goto('/plot/rota');
  await found(page);
  await expect(page.getByRole('heading', { name: 'To be grown for seed in 2027' })).toBeVisible();
  const row = page.getByRole('list', { name: 'To be grown' }).getByRole('listitem').first();
  await expect(row.getByRole('link', { name: /^L\d+$/ })).toBeVisible();
  await page.getByRole('tab', { name: 'The years' }).click();
  const words = page.getByRole('list', { name: 'When each line is grown for seed' });
  await words.getByRole('button', { name: /^Fog Signal, maize is sown for seed in/ }).click();
  await expect(words.getByRole('button', { name: '2028', exact: true })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await page.getByRole('tab', { name: 'How sure' }).click();
  await page.getByRole('button', { name: 'Play it a thousand times' }).click();
  await expect(
    page.getByText(/^By 2037, of \d+ lines [\d.]+ are lost with the rota, [\d.]+ without it\.$/),
  ).toBeVisible(SEARCH);
});
