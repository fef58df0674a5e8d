import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('a dry crop is threshed, winnowed and dried by a closed jar, with each mistake refused at its field', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  const alert = (text: string) => page.getByRole('alert').filter({ hasText: text });
  const keep = () => page.getByRole('button', { name: /^Keep: / }).click();

  await test.step('a variety wants a crop', async () => {
    await page.goto('/plot/new');
    await page.getByRole('button', { name: 'Add a variety' }).click();
    await page.getByRole('button', { name: 'Add this variety' }).click();
    await expect(alert('Choose the crop.')).toBeVisible();
    await page.getByPlaceholder('Tomato, leek …').fill('Pea');
    await page.getByRole('option', { name: 'Pea, Pisum sativum' }).click();
    await keeper.fill({ 'Name of the variety': 'Neap Tide', 'What it is': 'a hybrid (F1)' });
    await expect(page.getByRole('note')).toContainText('Seed of a hybrid does not come true');
    await keeper.fill({ 'What it is': 'open-pollinated: comes true' });
    await page.getByRole('button', { name: 'Add this variety' }).click();
    await expect(page.getByText('Added Neap Tide')).toBeVisible();
  });

  await test.step('a sowing in the future is refused', async () => {
    await keeper.fill({ Plants: '60', Sown: '2026-12-01T10:00' });
    await keep();
    await expect(alert('is still to come')).toBeVisible();
    await expect(page.getByLabel('Plants *', { exact: true })).toHaveValue('60');
    await keeper.fill({ Sown: '2026-03-01T10:00' });
    await keep();
    await keeper.code('plot');
  });

  const lot = await test.step('a picking before the sowing is refused', async () => {
    await act(page, 'Pick seed: start a lot');
    await keeper.fill({ 'Plants that gave seed': '40', 'They weigh': '900', When: '2026-02-01T10:00' });
    await keep();
    await expect(alert('This planting was sown on 1 March 2026')).toBeVisible();
    await keeper.fill({ When: '2026-07-05T10:00' });
    await keeper.keeps();
    return keeper.code('bench');
  });

  await test.step('threshing and winnowing only take away', async () => {
    await act(page, 'Threshed');
    await expect(page.getByRole('note')).toContainText('with a mask');
    await keeper.fill({ 'Seed and chaff weigh': '950', When: '2026-07-20T10:00' });
    await keep();
    await expect(alert('cannot be 950 g: only 900 g were picked')).toBeVisible();
    await expect(page.getByLabel('Seed and chaff weigh')).toBeFocused();
    await keeper.fill({ 'Seed and chaff weigh': '500' });
    await keeper.keeps();
    await keeper.records('Winnowed', { 'Clean seed weighs': '420', When: '2026-07-20T11:00' });
  });

  await test.step('a steady weight asks for a closed jar, and the jar tells the moisture', async () => {
    await keeper.records('Spread to dry', {
      Spread: 'on a tray',
      'It weighs': '420',
      When: '2026-07-21T09:00',
    });
    await keeper.code('racks');
    await expect(page.getByText('No moisture is known yet', { exact: false })).toBeVisible();
    await keeper.records('Weigh', { 'It weighs': '402', When: '2026-07-25T09:00' });
    await act(page, 'Weigh');
    await keeper.fill({ 'It weighs': '-4', When: '2026-07-28T09:00' });
    await keep();
    await expect(alert('must be from 0.001')).toBeVisible();
    await keeper.fill({ 'It weighs': '401,5' });
    await keeper.keeps();
    await expect(page.getByText('Close a sample in a jar with a hygrometer for a day').first()).toBeVisible();
    await keeper.records('Read a closed jar', {
      'Humidity in the jar': '34',
      'Temperature of the jar': '20',
      When: '2026-07-29T09:00',
    });
    // 34 % RH, 20 °C, as measured of peas: 9.22 %, worked out in R.
    await expect(keeper.section('Drying')).toContainText(
      /Dry enough for a jar: 9\.2\s%; 9\.3\s% or less is, for pea/,
    );
  });

  await test.step('a new place for it is added on the way', async () => {
    await act(page, 'Put away');
    await page.getByLabel('Where', { exact: true }).first().click();
    await page.getByRole('option', { name: 'Add another place …' }).click();
    await keeper.fill({ Place: 'Cellar shelf', Temperature: '150', Humidity: '65' });
    await page.getByRole('button', { name: 'Add this place' }).click();
    await expect(alert('from -30 to 45 °C')).toBeVisible();
    await keeper.fill({ Temperature: '12,5' });
    await page.getByRole('button', { name: 'Add this place' }).click();
    await expect(page.getByRole('combobox', { name: 'Where' })).toContainText('Cellar shelf');
    // It was weighed on the racks, and is not asked for again; what went in weighs a little less.
    await keeper.fill({ 'It weighs': '401', When: '2026-07-30T09:00' });
    await keeper.keeps();
    await keeper.code('store');
    await expect(keeper.section('In store')).toContainText('12.5 °C, 65 % RH outside the container');
  });

  await test.step('seed counted out by weight is said to be about so many, until samples are weighed', async () => {
    await expect(keeper.section('In store')).toContainText(/about 2\s000\sseeds/);
    await keeper.records('Count and weigh samples', {
      'Sample weighs 1': '24.8',
      'Sample weighs 2': '25',
      'Sample weighs 3': '25.2',
      When: '2026-08-01T09:00',
    });
    await expect(keeper.section('In store')).toContainText(/about 1\s600\sseeds/);
    await expect(page.getByText('250 g', { exact: true })).toBeVisible();
  });

  await test.step('the journal holds all of it', async () => {
    await page.goto('/books/journal');
    const sample = page.getByRole('main').getByText('samples of 100 seeds');
    for (let older = 0; older < 9 && !(await sample.first().isVisible()); older++) {
      const newest = () => page.getByRole('main').getByRole('listitem').first().textContent();
      const before = await newest();
      await page.getByRole('button', { name: 'Older' }).click();
      await expect.poll(newest).not.toBe(before);
    }
    await expect(page).toHaveURL(/before=/);
    await page
      .getByRole('listitem')
      .filter({ hasText: 'samples of 100 seeds' })
      .getByRole('link', { name: new RegExp(`^${lot} `) })
      .click();
    await keeper.code('store');
  });
});

test('one who sends the same form twice keeps one entry', async ({ page }) => {
  await page.goto('/bench/L15');
  await act(page, 'Note');
  await page.getByRole('textbox', { name: 'Note' }).fill('Sent twice');
  // The answer to the first sending is lost on the way.
  let lost = 0;
  await page.route('**/entries', async (route) => {
    if (lost++ === 0) {
      await route.fetch();
      await route.abort();
    } else {
      await route.continue();
    }
  });
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'The server cannot be reached.' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Sent twice');
  // It is sent again by itself.
  await expect(page.getByText(/^Kept\. L15: note, Sent twice/)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Sent twice' })).toHaveCount(1);
});
