import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a row of twelve is walked, one is struck out and one is rare', async ({ page }) => {
    test.setTimeout(120_000);
    const keeper = new Keeper(page);
    await page.goto('/plot/new');
    await keeper.chooses(page.getByLabel('Variety'), 'Breakwater', /^Breakwater, Kale/);
    await keeper.fill({ Plants: '12', Where: 'Long bed', Sown: '20 May 2026' });
    await page.getByRole('button', { name: 'Keep: sown' }).click();
    await act(page, 'Say what it is chosen by');
    await keeper.fill({ Traits: 'vigour; leaf: flat, curled' });
    await keeper.keeps();
    await page.getByRole('link', { name: 'Walk the row' }).click();
    // A picture of a plant is drawn anew, small, before it is kept.
    const drawn = await page.evaluate(() => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [3000, 2000];
      canvas.getContext('2d')?.fillRect(0, 0, 1500, 1000);
      return canvas.toDataURL('image/png').split(',')[1] ?? '';
    });
    const camera = page.getByLabel('Photograph of plant 1');
    await camera.setInputFiles({
      name: 'plant.png',
      mimeType: 'image/png',
      buffer: Buffer.from('no picture'),
    });
    await expect(page.getByText('This is no photograph that can be read')).toBeVisible();
    await camera.setInputFiles({
      name: 'plant.png',
      mimeType: 'image/png',
      buffer: Buffer.from(drawn, 'base64'),
    });
    const picture = page.getByRole('img', { name: 'Plant 1, photograph 1' });
    await expect(picture).toBeVisible();
    expect(await picture.evaluate((one: HTMLImageElement) => [one.naturalWidth, one.naturalHeight])).toEqual([
      1200, 800,
    ]);
    for (let plant = 1; plant <= 12; plant++) {
      await expect(page.getByRole('heading', { name: `Plant ${plant} of 12` })).toBeVisible();
      if (plant === 4) {
        await page.getByRole('button', { name: 'Sick' }).click();
      } else {
        await page.getByRole('button', { name: `health ${(plant % 3) + 3}` }).click();
        await page.getByRole('button', { name: `vigour ${(plant % 5) + 1}` }).click();
        await page.getByRole('button', { name: plant % 2 === 0 ? 'leaf flat' : 'leaf curled' }).click();
      }
      if (plant === 9) await keeper.fill({ 'What few have': 'white stem' });
      await page.getByRole('button', { name: `Keep plant ${plant}` }).click();
    }
    const kept = keeper.section('Who is kept');
    await expect(kept).toContainText('Struck out: 4. No parent, whatever else it has.');
    await expect(kept).toContainText(
      /White stem: 1\splant of those that were looked at \(9\)\. Keep one in the mix/,
    );
    await expect(kept.getByRole('row').filter({ hasText: /^3/ })).toContainText(/26\stimes in 100/);
    await page.getByLabel('Keep plant 9 as a parent').check();
    await page.getByLabel('Keep plant 8 as a parent').check();
    await page.getByRole('button', { name: /^Keep: 2\sparents$/ }).click();
    await expect(kept).toContainText('fewer than the crop bears');
    await expect(kept).not.toContainText('White stem: 1');
  });
});

test('kale that is being chosen stands in its order, with what few or many parents gain and cost', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  await page.goto('/plot');
  await page
    .getByRole('link', { name: /Breakwater/ })
    .last()
    .click();
  await page.getByRole('link', { name: 'Walk the row' }).click();
  const kept = keeper.section('Who is kept');
  await expect(kept).toContainText('gain, mothers only');
  await expect(kept.getByRole('listitem').first()).toContainText(
    'health 5, vigour 5, stem height 62 cm, at a border or a gap',
  );
  expect((await page.pdf({ format: 'A4' })).subarray(0, 5).toString()).toBe('%PDF-');
});
