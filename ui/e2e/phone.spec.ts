import type { Locator } from '@playwright/test';
import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a thumb walks from what is due to the list, the worksheet and a kept entry', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/today');
  await page.getByRole('link', { name: /^L10/ }).first().tap();
  await keeper.code('racks');
  await act(page, 'Weigh');
  await keeper.fill({ 'It weighs': '19,9' });
  await page.getByRole('button', { name: /^Keep: / }).tap();
  const said = page.getByText(/Kept\. L10: weighed, 19\.9\sg/);
  await expect(said).toBeVisible();
  // At the top: the next thing that a thumb presses is not under it.
  expect((await said.boundingBox())?.y).toBeLessThan(80);
  await page.getByRole('button', { name: 'Take it back' }).tap();
  await expect(page.getByText('Taken back.', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the racks' }).tap();
  await expect(page.getByRole('heading', { name: 'Racks' })).toBeVisible();
});

test('on the plan a number says which planting it is, and what is tapped is opened', async ({ page }) => {
  await page.goto('/plot/plan/2027');
  const names = page.getByRole('list', { name: 'What the numbers are' });
  const squash = names.getByRole('listitem').filter({ hasText: 'Bell Buoy' });
  const number = (await squash.locator('b').textContent()) ?? '';
  const onMap = page.getByRole('button', { name: /^Bell Buoy, \d+ plants, would cross/ });
  await expect(onMap).toHaveText(number);
  // As high as a line of text, on the screen and not on some drawing board.
  const letter = await onMap.locator('text').evaluate((text) => text.getBoundingClientRect().height);
  expect(letter).toBeGreaterThan(11);
  await squash.getByRole('button').tap();
  await expect(page.getByRole('form', { name: 'Bell Buoy' })).toBeVisible();
});

test('a sheet opens on what is known of the seed and its acts, over a foot of one row', async ({ page }) => {
  await page.goto('/store/L2');
  const places = page.getByRole('navigation', { name: 'Places' });
  const tops = await places
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => Math.round(link.getBoundingClientRect().top)));
  expect(tops).toHaveLength(7);
  expect(new Set(tops).size).toBe(1);
  const foot = tops[0] ?? 0;
  expect(844 - foot).toBeLessThanOrEqual(64);
  const bottomOf = async (what: Locator) => {
    const box = await what.first().boundingBox();
    return (box?.y ?? 844) + (box?.height ?? 0);
  };
  const said = page.getByText(/^Sow it as usual: \d+\s%/);
  const first = page.getByRole('button', { name: 'Take seed out' });
  expect(await bottomOf(said)).toBeLessThan(await bottomOf(first));
  // All the rest, and what is known in store, begin on the first screen.
  expect(await bottomOf(page.getByRole('button', { name: 'Record something else …' }))).toBeLessThan(foot);
  expect(await bottomOf(page.getByRole('heading', { name: 'In store' }))).toBeLessThan(foot);
  // What opens comes from below, its first line in reach of a thumb.
  await page.getByRole('button', { name: 'Record something else …' }).tap();
  const all = page.getByRole('form', { name: 'What can be recorded' });
  await expect(all).toBeInViewport();
  await expect.poll(() => bottomOf(all)).toBeGreaterThan(800);
  await all.getByLabel('Which of them').fill('note');
  await all.getByRole('button', { name: 'Note', exact: true }).tap();
  await expect(page.getByRole('form', { name: 'Note', exact: true })).toBeVisible();
});
