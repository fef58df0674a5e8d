import { expect, test } from './garden';
import { act } from './keeper';

test('a day picked on the belt shows every place as it will stand then, and home returns', async ({
  page,
}) => {
  await page.goto('/today');
  const due = page.getByRole('region', { name: 'Due now' });
  await expect(due.getByText('Pour off before', { exact: false })).toBeVisible();

  const week = page.getByRole('button', { name: /^Week of 14 Sep.*this week$/ });
  await week.hover();
  await expect(page.getByRole('tooltip')).toContainText(/Week of 14 Sep.*: L\d+ /s);
  await page.getByRole('button', { name: /^Week of 21 Sep/ }).hover();
  await expect(page.getByRole('tooltip')).toContainText('Week of 21 Sep');
  await week.press('ArrowRight');
  await expect(page.getByRole('button', { name: /^Week of 21 Sep/ })).toBeFocused();
  await week.click();
  await page.getByRole('button', { name: /Fri 18 Sep/ }).click();
  await expect(page).toHaveURL(/on=2026-09-18/);
  await expect(page.getByRole('status')).toContainText('Looking ahead to Friday 18 September 2026');
  await expect(
    page.getByRole('region', { name: 'Due by that day' }).getByText('Pour off at once'),
  ).toBeVisible();

  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page).toHaveURL(/\/bench\?on=2026-09-18/);
  await page.getByRole('link', { name: /^L13/ }).click();
  await expect(page).toHaveURL(/\/bench\/L13\?on=/);
  await expect(page.getByText('Pour off at once').last()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Poured off' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Strike/ })).toHaveCount(0);

  await page.keyboard.press('Home');
  await expect(page).not.toHaveURL(/on=/);
  await expect(page.getByRole('button', { name: 'Poured off' })).toBeVisible();
});

test('places, finding and the list of keys are reached from the keyboard', async ({ page }) => {
  await page.goto('/today');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Back to today from a look ahead');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('/');
  await page.keyboard.type('capstan 2024');
  await page.getByRole('option', { name: /L1 Capstan/ }).waitFor();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/store\/L1$/);

  // A lot is opened where it lies: this one is on the bench, and what can be done with it stands first.
  await page.getByRole('combobox', { name: /^Find/ }).fill('l13');
  await page.getByRole('option', { name: /L13 Sluice Gate/ }).click();
  await expect(page).toHaveURL(/\/bench\/L13$/);
  await expect(page.getByRole('button', { name: 'Poured off' })).toBeVisible();

  // What is no seed is found too: a page of the handbook, a setting, a word.
  await page.getByRole('combobox', { name: /^Find/ }).fill('last frost');
  await page.getByRole('option', { name: /Last frost in spring/ }).click();
  await expect(page).toHaveURL(/\/books\/settings#last_frost$/);
  await expect(page.getByRole('textbox', { name: 'Last frost in spring' })).toBeInViewport();
  await page.getByRole('combobox', { name: /^Find/ }).fill('vernal');
  await page.getByRole('option', { name: /weeks of cold/ }).click();
  await expect(page.getByText('The weeks of cold that a crop needs before it flowers.')).toBeInViewport();
});

test('a narrowed list stays in the address, and the back button returns to it', async ({ page }) => {
  await page.goto('/store');
  await page.getByLabel('Only those with').fill('fridge');
  await expect(page).toHaveURL(/find=fridge/);
  await expect(page.getByRole('link', { name: /^L1 / })).toHaveCount(0);
  await page.getByRole('link', { name: /^L2/ }).click();
  await expect(page).toHaveURL(/\/store\/L2\?find=fridge/);
  await page.goBack();
  await expect(page).toHaveURL(/\/store\?find=fridge/);
  await page.reload();
  await expect(page.getByLabel('Only those with')).toHaveValue('fridge');
});

test('beside an open sheet the list is a line each, and the tag is that of the open one', async ({
  page,
}) => {
  await page.goto('/store/L1');
  const list = page
    .getByRole('main')
    .getByRole('listitem')
    .filter({ has: page.locator('a[href^="/store/L"]') });
  await expect(list.filter({ has: page.locator('[aria-current]') })).toContainText('L1');
  const heights = await list.evaluateAll((lines) =>
    lines
      .map((line) => line.getBoundingClientRect())
      .filter(({ bottom }) => bottom <= window.innerHeight)
      .map(({ height }) => Math.round(height)),
  );
  expect(heights.length).toBeGreaterThanOrEqual(12);
  expect(Math.min(...heights)).toBeGreaterThanOrEqual(24);

  // The last of them by when it ends: it is brought into view, and the page stays where it is.
  await page.goto('/store/L2');
  await expect(list.filter({ has: page.locator('[aria-current]') })).toBeInViewport({ ratio: 1 });
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
});

test('what can be recorded is found by a few letters, and Escape leaves it with what was typed', async ({
  page,
}) => {
  await page.goto('/racks/L10');
  await page.getByRole('button', { name: 'Record something else …' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('form', { name: 'What can be recorded' })).toBeVisible();
  await page.keyboard.type('note');
  await page.keyboard.press('Enter');
  const note = page.getByRole('form', { name: 'Note', exact: true });
  await expect(note).toBeFocused();
  await note.getByRole('textbox').first().fill('Smells of straw');
  await page.keyboard.press('Escape');
  await expect(note).toHaveCount(0);
  await act(page, 'Note');
  await expect(note.getByText('This was typed before and is not kept.')).toBeVisible();
  await expect(note.getByRole('textbox').first()).toHaveValue('Smells of straw');
});

test('whatever can be recorded of anything is reached by the one button', async ({ page }) => {
  await page.goto('/today');
  type Of = { at: string; offers: { kind: string; act: string }[] };
  const sheets = await page.evaluate(async () => {
    const read = async <T>(path: string) => (await (await fetch(`/api/${path}`)).json()) as T;
    const found: Of[] = [];
    for (const place of ['plot', 'bench', 'racks', 'trays', 'store']) {
      const { items } = await read<{ items: { tag: { code: string } }[] }>(`places/${place}`);
      for (const { code } of items.map(({ tag }) => tag)) {
        const of = place === 'plot' ? 'plantings' : 'lots';
        const { offers } = await read<Of>(`${of}/${code}`);
        found.push({ at: `/${place}/${code}`, offers });
      }
    }
    for (const { id } of await read<{ id: string }[]>('holders')) {
      const { offers } = await read<Of>(`holders/${id}`);
      found.push({ at: `/store/where/${id}`, offers });
    }
    return found;
  });
  const seen = new Set<string>();
  for (const { at, offers } of sheets) {
    if (offers.every(({ kind }) => seen.has(kind))) continue;
    await page.goto(at);
    // Where there are no more than can stand at once, they do.
    const rest = page.getByRole('button', { name: 'Record something else …' });
    if (offers.length > 2) await rest.click();
    const all = offers.length > 2 ? page.getByRole('form', { name: 'What can be recorded' }) : page;
    for (const { kind, act } of offers) {
      await expect(all.getByRole('button', { name: act, exact: true }), `${at}: ${kind}`).toHaveCount(1);
      seen.add(kind);
    }
  }
  expect(seen.size).toBeGreaterThan(25);
});
