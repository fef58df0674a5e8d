import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test } from './garden';

test.use({ which: 'empty' });

/** Crop as it is begun to be typed, variety, year, amount; and where the bag, the giver or the place changes, that. */
type Packet = [crop: string, variety: string, year: string, amount: string, carried?: Record<string, string>];

const CUPBOARD: Packet[] = [
  ['tom', 'Sluice Gate', '22', '40', { from: 'A. Hale', container: 'env', place: 'Hall cupboard' }],
  ['leek', 'Towpath', '24', '2 g'],
  ['let', 'Quarry', '23', '300'],
  ['run', 'Long Hedge', '21', '25'],
  ['fre', 'Old Ferry', '21', '60', { from: 'Swap' }],
  ['pea', 'Dry Dock', '24', '90'],
  ['carr', 'Red Mile', '23', 'some'],
  ['pars', 'Longshore', '25', 'some'],
  ['beet', 'Black Barge', '22', '120', { from: 'Seed shop', container: 'foil', place: 'Old fridge' }],
  ['rad', 'Pebble', '25', '400'],
  ['cucum', 'Weir F1', '24', '8'],
  ['swed', 'Harbour', '23', '2 g', { from: 'Odile' }],
  ['pars', 'Eel Root', '', 'some'],
  ['dill', 'Tide', '24', '3 g'],
  ['cori', 'Marsh', '23', '5 g', { from: 'Mother' }],
  ['basil', 'Lock', '25', 'some'],
  ['fennel', 'Spit', '22', '1 g', { container: 'jar', place: 'Shed' }],
  ['sunf', 'Lamp', '24', '30'],
  ['corn pop', 'Red Edge', '', 'some', { from: 'Found' }],
  ['borag', 'Blue Line', '23', '50'],
];

const tally = (page: Page) => page.getByRole('status', { name: 'Tally' });

/** Types as hands do, and counts. */
class Hands {
  keys = 0;

  constructor(readonly page: Page) {}

  async type(text: string) {
    await this.page.keyboard.type(text);
    this.keys += text.length;
  }

  async press(key: string, times = 1) {
    for (let i = 0; i < times; i++) await this.page.keyboard.press(key);
    this.keys += times;
  }
}

test('twenty packets are written with hands on the keys alone, and what follows is said', async ({
  page,
}) => {
  await page.goto('/store/stock');
  await expect(page.getByLabel('Crop', { exact: true })).toBeFocused();
  const hands = new Hands(page);
  for (const [i, [crop, variety, year, amount, carried]] of CUPBOARD.entries()) {
    await hands.type(crop);
    // The hand goes on when the eye has seen what is marked.
    await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
    await hands.press('Tab');
    await hands.type(variety);
    await hands.press('Tab');
    await hands.type(year);
    await hands.press('Tab');
    await hands.type(amount);
    let at = 0;
    for (const [n, key] of ['from', 'container', 'place'].entries()) {
      const text = carried?.[key];
      if (text === undefined) continue;
      await hands.press('Tab', n + 1 - at);
      at = n + 1;
      if (i > 0) await hands.press('ControlOrMeta+a');
      await hands.type(text);
    }
    await hands.press('Enter');
    await expect(tally(page)).toContainText(i === 0 ? '1 packet' : `${i + 1} packets`);
    await expect(page.getByLabel('Crop', { exact: true })).toBeFocused();
  }
  const perPacket = hands.keys / CUPBOARD.length;
  console.log(`keys a packet, Tab and Enter counted: ${perPacket.toFixed(1)}; forms a packet: 1`);
  expect(perPacket).toBeLessThanOrEqual(25);
  await expect(tally(page)).toHaveText('20 packets · 19 crops');
  await expect(page.getByRole('listitem').filter({ hasText: 'Weir F1' })).toContainText('Old fridge');

  // What was typed is there still when the browser was shut.
  await page.reload();
  await expect(tally(page)).toContainText('20 packets');
  await page.getByRole('group', { name: 'Hall cupboard' }).getByLabel('Temperature').fill('18');
  await page.getByRole('group', { name: 'Hall cupboard' }).getByLabel('Humidity').fill('55');
  await page.getByRole('button', { name: 'Keep 20 packets' }).click();
  await expect(page.getByText(/^20\slots, 14 September 2026$/)).toBeVisible();
  await expect(page.getByRole('region', { name: '1 is a hybrid' })).toContainText('Weir F1');
  await expect(page.getByRole('region', { name: /last of (its|their) kind/ })).toBeVisible();
  await page.getByRole('link', { name: 'To the store' }).click();
  await expect(page.getByRole('link', { name: /Black Barge/ }).first()).toBeVisible();
});

test('a list from a spreadsheet is pasted, what is doubtful is mended, and it is kept', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/store/stock');
  await expect(page.getByLabel('Crop', { exact: true })).toBeFocused();
  const list = [
    'Vegetable\tCultivar\tHarvested\tWeight (oz)\tKept',
    'Squash\tOld Harbour\t2024\t½\tHall cupboard',
    'Squash\tLow Tide\t2023\t1\tHall cupboard',
    'Tomatoe\tMillrace\t2031\t\tHall cupboard',
  ].join('\n');
  await page.evaluate((text) => navigator.clipboard.writeText(text), list);
  await page.keyboard.press('ControlOrMeta+v');
  const step = page.getByRole('group', { name: 'The columns of What you pasted' });
  await expect(step.getByLabel('Column 1, “Vegetable”')).toHaveValue('crop');
  await expect(step.getByLabel('Column 4, “Weight (oz)”')).toHaveValue('mass_g');
  await step.getByLabel('Column 5, “Kept”').selectOption('Place');
  await step.getByRole('button', { name: 'Look at 3 lines' }).click();
  await expect(tally(page)).toContainText('3 cannot be kept so');
  await expect(page.getByRole('button', { name: /^Keep / })).toBeDisabled();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'In all 2 lines that say so:' })
    .getByRole('button', { name: 'Squash and courgette', exact: true })
    .first()
    .click();
  await expect(tally(page)).toContainText('1 cannot be kept so');
  await expect(page.getByText('seed cannot have ripened in 2031')).toBeVisible();
  await page.getByRole('button', { name: '2026', exact: true }).click();
  await expect(tally(page)).not.toContainText('cannot be kept');
  await expect(page.getByRole('listitem').filter({ hasText: 'Old Harbour' })).toContainText(/14\.2\sg/);
  await expect(page.getByRole('listitem').filter({ hasText: 'Millrace' })).toContainText(
    '“Tomatoe” is taken as Tomato.',
  );
  await page.getByRole('button', { name: 'Keep 3 packets' }).click();
  await expect(page.getByText(/^3\slots, /)).toBeVisible();
});

test('a file is brought in, is taken back as one, and what is no list is refused in words', async ({
  page,
}) => {
  await page.goto('/store/stock');
  const file = page.getByLabel('A list of seed, CSV or XLSX');
  await file.setInputFiles({
    name: 'photo.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([137, 80, 0, 0, 1]),
  });
  await expect(page.getByText('This file holds no text')).toBeVisible();
  const lines = [
    'Crop;Variety;Year;Amount;Germ %;Notes',
    ...Array.from(
      { length: 120 },
      (_, i) =>
        `Lettuce;Bay ${i + 1};${2015 + (i % 10)};${50 + i};${i % 3 === 0 ? '85,5' : ''};"=1+1; see ""book"""`,
    ),
  ];
  await file.setInputFiles({
    name: 'bay.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(lines.join('\r\n')),
  });
  await page.getByRole('button', { name: 'Look at 120 lines' }).click();
  await expect(tally(page)).toHaveText('120 packets · 1 crop');
  await page.getByRole('button', { name: 'Keep 120 packets' }).click();
  await expect(page.getByRole('heading', { name: 'bay.csv' })).toBeVisible();
  await expect(page.getByText(/^120\slots, /)).toBeVisible();
  await page.goto('/bench?find=Bay%20120');
  await expect(page.getByRole('link', { name: /Bay 120/ })).toBeVisible();
  await page.getByRole('link', { name: /Bay 120/ }).click();
  await expect(page.getByRole('main')).toContainText('=1+1; see "book"');

  await page.goto('/store/stock');
  await page.getByRole('link', { name: 'bay.csv' }).click();
  await page.getByRole('button', { name: 'Take all of it back' }).click();
  await page
    .getByRole('group', { name: 'Take all of it back' })
    .getByRole('button', { name: 'Take all of it back' })
    .click();
  await expect(page.getByText(/taken back 14 September 2026/)).toBeVisible();
  await page.goto('/bench?find=Bay%20120');
  await expect(page.getByText('Nothing here is like that.')).toBeVisible();
});

test('a template comes as a file that comes in again', async ({ page }) => {
  await page.goto('/store/stock');
  for (const kind of ['CSV', 'XLSX']) {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: `Template, ${kind}` }).click();
    const path = await (await download).path();
    await page
      .getByLabel('A list of seed, CSV or XLSX')
      .setInputFiles({ name: `t.${kind.toLowerCase()}`, mimeType: '', buffer: await readFile(path) });
    await page.getByRole('button', { name: 'Look at 2 lines' }).click();
    await expect(tally(page)).toContainText('2 packets · 2 crops');
    await expect(tally(page)).not.toContainText('cannot');
    await page.getByRole('button', { name: 'Begin anew …' }).click();
    await expect(page.getByText('That throws 2 lines away that nobody has kept.')).toBeVisible();
    await page.getByRole('button', { name: 'Throw them away' }).click();
  }
});
