import type { Page } from '@playwright/test';
import { expect, test } from './garden';
import { Keeper } from './keeper';

const ticked = (page: Page) => page.getByRole('region', { name: 'What is ticked' });
const boxes = (page: Page) => page.getByRole('checkbox', { name: /^Tick L\d+$/ });

/** Chooses one of what can be recorded of all that is ticked. */
async function chooses(page: Page, act: string) {
  await ticked(page).getByRole('button', { name: 'Record of them …' }).click();
  await page.getByRole('form', { name: 'What can be recorded' }).getByRole('button', { name: act }).click();
}

test('twenty lots are ticked and moved as one, and taken back as one', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store?sort=code');
  await boxes(page).nth(3).click();
  await boxes(page)
    .nth(22)
    .click({ modifiers: ['Shift'] });
  await expect(ticked(page).getByRole('status')).toHaveText('20 ticked');
  const [first, last] = await Promise.all(
    [3, 22].map(async (at) => (await boxes(page).nth(at).getAttribute('aria-label'))?.replace('Tick ', '')),
  );
  await chooses(page, 'Move it');
  await keeper.fill({ Where: 'Old fridge, 5 °C' });
  await page.getByRole('button', { name: 'Keep: move it, 20 at once' }).click();
  await expect(page.getByText(new RegExp(`^Kept\\. Stored: ${first}, .* and 16 more$`))).toBeVisible();
  await expect(ticked(page)).toHaveCount(0);
  const moved = page.getByRole('row').filter({ hasText: `${last} ` });
  await expect(moved).toContainText('Old fridge');

  await page.goto('/books/journal');
  const line = page.getByRole('main').getByRole('listitem').filter({ hasText: '20 lots' }).first();
  await expect(line).toContainText('Old fridge');
  await line.getByRole('link').click();
  await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'Stored' })).toHaveCount(20);
  await page.getByRole('button', { name: 'Take all of it back' }).click();
  await expect(page.getByText('20 lots, taken back, at once')).toBeVisible();
  // Taken back it can be brought back, and again.
  await page.getByRole('button', { name: 'Bring all of it back' }).click();
  await expect(page.getByText('20 lots, at once')).toBeVisible();
  await page.getByRole('button', { name: 'Take all of it back' }).click();
  await expect(page.getByText('20 lots, taken back, at once')).toBeVisible();
  await page.goto(`/store?sort=code`);
  await expect(moved).not.toContainText('Old fridge');
});

test('a reading for three is typed once; where they differ each is typed after the other', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/racks');
  // The first stands in a jar with gel, whose air says nothing of the seed.
  for (const at of [1, 2, 3]) await boxes(page).nth(at).check();
  await chooses(page, 'Read a closed jar');
  await keeper.fill({ 'Humidity in the jar': '38', 'Temperature of the jar': '19' });
  await page.getByRole('button', { name: 'Keep: read a closed jar, 3 at once' }).click();
  await expect(page.getByText(/^Kept\. Jar humidity read: L\d+, L\d+, L\d+$/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('Taken back.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('Brought back.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('Taken back.', { exact: false })).toBeVisible();

  // Half of them cannot be so: those stay, each with the reason, the others are kept.
  await page.goto('/racks');
  for (const at of [1, 2, 3, 4]) await boxes(page).nth(at).check();
  await chooses(page, 'Read a closed jar');
  await page.getByRole('checkbox', { name: /^Of each by itself: humidity in the jar/ }).check();
  const rows = page.getByRole('group', { name: 'Each by itself' });
  await rows.getByRole('textbox').first().focus();
  for (const rh of ['38', '138', '41', '141']) {
    await page.keyboard.type(rh);
    await page.keyboard.press('Enter');
    // The temperature stands there already.
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/^Kept\. Jar humidity read: L\d+, L\d+; 2 not kept$/)).toBeVisible();
  await expect(rows.getByRole('alert')).toHaveCount(2);
  await expect(rows.getByRole('textbox').first()).toHaveValue('138');
  await expect(ticked(page).getByRole('status')).toHaveText('2 ticked');
  await rows.getByRole('textbox').nth(0).fill('39');
  await rows.getByRole('textbox').nth(2).fill('42');
  await page.getByRole('button', { name: 'Keep: read a closed jar, 2 at once' }).click();
  await expect(ticked(page)).toHaveCount(0);
  await page.goto('/books/journal');
  const line = page.getByRole('main').getByRole('listitem').filter({ hasText: '4 lots' }).first();
  await expect(line).toContainText('of each its own besides');
  await line.getByRole('link').click();
  await page.getByRole('button', { name: 'Take all of it back' }).click();
  await expect(page.getByText('4 lots, taken back, at once')).toBeVisible();
});

test('by keyboard alone lines are ticked, and a note that is left is not lost', async ({ page }) => {
  await page.goto('/racks');
  await boxes(page).first().focus();
  await page.keyboard.press('Space');
  await boxes(page).nth(1).focus();
  await page.keyboard.press('Space');
  await expect(ticked(page).getByRole('status')).toHaveText('2 ticked');
  const open = ticked(page).getByRole('button', { name: 'Record of them …' });
  await open.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Which of them' })).toBeFocused();
  await page.keyboard.type('note');
  await expect(
    page.getByRole('form', { name: 'What can be recorded' }).getByRole('button').first(),
  ).toBeVisible();
  await page.keyboard.press('Enter');
  const form = page.getByRole('form', { name: /^Write a note|^Note/ });
  await expect(form).toBeVisible();
  // What was typed is there again after Escape.
  await form.getByRole('textbox').first().fill('smells of mice');
  await page.keyboard.press('Escape');
  await expect(form).toHaveCount(0);
  await expect(page.getByText(/^Not kept yet:/)).toBeVisible();
  await page.getByRole('button', { name: /^Drop: / }).click();
  await expect(ticked(page).getByRole('status')).toHaveText('2 ticked');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('lines are ticked when that is asked for, and their tags are one press away', async ({ page }) => {
    await page.goto('/store');
    await expect(page.getByRole('link', { name: /^L53/ })).toBeVisible();
    await expect(boxes(page)).toHaveCount(0);
    await page.getByRole('button', { name: 'More', exact: true }).tap();
    await page.getByRole('button', { name: 'Tick', exact: true }).tap();
    await boxes(page).nth(1).tap();
    await page.getByRole('button', { name: 'All up to …' }).tap();
    await boxes(page).nth(4).tap();
    await expect(ticked(page).getByRole('status')).toHaveText('4 ticked');
    // In reach of a thumb, over the places.
    expect((await ticked(page).boundingBox())?.y).toBeGreaterThan(600);
    await page.getByRole('link', { name: 'Their tags' }).tap();
    await expect(page.getByRole('heading', { name: 'Tags' })).toBeVisible();
    await expect(page.getByRole('group', { name: 'Which tags' })).toBeVisible();
  });
});
