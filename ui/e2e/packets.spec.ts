import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import encodeQR from 'qr';
import { launch } from '../browser.js';
import { expect, test } from './garden';
import { act, Keeper } from './keeper';

test('a lot is parted over eight years, one packet goes to the plan, and the reserve stops the hand', async ({
  page,
}) => {
  const keeper = new Keeper(page);
  // Its first test is over: while it runs nobody knows how many seeds a packet wants.
  await page.goto('/store/L11');
  await expect(page.getByText(/No forecast while its first test runs/)).toBeVisible();
  await page.evaluate(async () => {
    const lot = (await (await fetch('/api/lots/L11')).json()) as {
      id: string;
      tasks: { kind: string; about: string }[];
    };
    const test = lot.tasks.find(({ kind }) => kind === 'count_test')?.about;
    const draft = (kind: string, at: string, payload: object) => ({
      id: crypto.randomUUID(),
      about: { subject: 'lot', id: lot.id },
      kind,
      happened_at: `2026-09-14T${at}`,
      payload: { test, ...payload },
    });
    await fetch('/api/entries', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
      body: JSON.stringify({
        drafts: [
          draft('test_counted', '08:00', { normal: [10, 10], abnormal: [0, 0] }),
          draft('test_ended', '08:30', {}),
        ],
      }),
    });
  });
  await page.goto('/store/L11');
  await act(page, 'Part it into packets');
  const packets = page.getByRole('list', { name: 'Packets to make' });
  await expect(packets.getByRole('listitem')).toHaveCount(5);
  await keeper.fill({ 'Plants wanted of each sowing': '12', Packets: '8', 'Kept in reserve': '1500' });
  await expect(packets.getByRole('listitem')).toHaveCount(8);
  await expect(packets.getByRole('listitem').first()).toContainText(/2027.*\d+\sseeds for 12\splants/);
  // What cannot be is said at its field, and what was reckoned stays in sight.
  await keeper.fill({ Packets: '80' });
  await expect(page.getByText(/must be .*1 to 50/).first()).toBeVisible();
  await keeper.fill({ Packets: '8' });
  await expect(packets.getByRole('listitem')).toHaveCount(8);
  await page.getByRole('button', { name: 'Keep: the packets' }).click();
  await expect(page.getByText(/^Kept\. L11: parted into packets/)).toBeVisible();
  const made = page.getByRole('list', { name: 'Packets', exact: true });
  await expect(made.getByRole('listitem')).toHaveCount(8);
  await expect(made.getByRole('listitem').last()).toContainText('L11-2034');
  await page.getByRole('link', { name: 'Sow L11-2030' }).click();
  await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(/Pilot Cutter/);
  await expect(page.getByLabel('Plants *')).toHaveValue('12');

  // One is taken for a sowing, by choosing it.
  await page.goto('/plot/new');
  await page.getByPlaceholder('Name of the variety or crop').fill('Pilot Cutter');
  await page.getByRole('option', { name: /Pilot Cutter/ }).click();
  await keeper.fill({ Plants: '12' });
  await keeper.chooses(page.getByLabel('Seed from', { exact: true }), 'L11', /^L11 Pilot Cutter/);
  await keeper.fill({ 'Out of': 'packet L11-2027' });
  await expect(page.getByLabel('Seeds taken')).not.toHaveValue('');
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  await keeper.code('plot');
  await page.goto('/store/L11');
  await expect(made.getByRole('listitem').first()).toContainText('used up');

  // A gift out of what is spare goes; one out of the reserve is asked about.
  await act(page, 'Take seed out');
  await keeper.fill({ 'Taken for': 'given away', Seeds: '400', 'To whom, or where': 'Tove' });
  await page.getByRole('button', { name: 'Keep: taken out' }).click();
  await expect(page.getByText(/of the 1 500 seeds kept in reserve/).first()).toBeVisible();
  await keeper.fill({ Seeds: '20' });
  await keeper.keeps();
  // So is a test that would eat it, with what a smaller one would tell.
  await act(page, 'Start a test');
  await keeper.fill({ Replicates: '10', 'Seeds in each': '100' });
  await page.getByRole('button', { name: 'Keep: set to germinate' }).click();
  await expect(page.getByText(/A test of \d+ would do: were \d+ of them to come up/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.goto('/books/people');
  await expect(page.getByRole('list', { name: 'What Tove has' })).toContainText('L11 Pilot Cutter');
});

test('the plan knows the packet that waits for it', async ({ page }) => {
  await page.goto('/plot/plan/2027');
  await page.getByRole('tab', { name: 'Work' }).click();
  await expect(page.getByText(/^Packet L2-2027 waits for it: \d+\sseeds, Old fridge\./)).toBeVisible();
  await page.getByRole('link', { name: /^Sow Sluice Gate.*: record it$/ }).click();
  await expect(page.getByPlaceholder('Name of the variety or crop')).toHaveValue(/Sluice Gate/);
  await expect(page.getByLabel('Seeds taken')).not.toHaveValue('');
  await expect(page.getByRole('combobox', { name: 'Out of' })).toContainText('packet L2-2027');
});

test('what may be swapped stands on a list, and a crossing calls back what was given', async ({ page }) => {
  await page.goto('/store');
  await page.getByRole('link', { name: 'To swap' }).click();
  const offered = page.getByRole('list', { name: 'To swap' });
  await expect(offered.getByRole('listitem').filter({ hasText: /· L2(?!\d)/ })).toContainText('92 % of 50');
  await expect(
    page
      .getByRole('list', { name: 'Kept back' })
      .getByRole('listitem')
      .filter({ hasText: /· L6(?!\d)/ }),
  ).toContainText('Crossed');
  await expect(page.getByText(/Ask where you live, and where it goes\.$/)).toBeVisible();
  await page.getByRole('link', { name: 'Who has seed of mine' }).click();
  const annick = page.getByRole('region', { name: 'Old Annick' });
  await expect(annick).toContainText('It turned out to be crossed: call it back.');
  await annick.getByRole('button', { name: 'Old Annick was told' }).click();
  await page.getByLabel('What became of it').fill('not sown yet');
  await page.getByRole('button', { name: 'Keep: called back' }).click();
  await expect(annick).toContainText('They were told of the crossing.');
});

test('somebody is forgotten, and what they had stays', async ({ page }) => {
  const keeper = new Keeper(page);
  await page.goto('/store?find=Great%20Buoy');
  await page.getByRole('link', { name: /Great Buoy/ }).click();
  await keeper.records('Take seed out', {
    'Taken for': 'given away',
    Seeds: '3',
    'To whom, or where': 'Ebba Forsgren',
  });
  await page.goto('/books/people');
  await page.getByRole('button', { name: 'Forget Ebba Forsgren' }).click();
  await expect(page.getByText('This cannot be taken back.')).toBeVisible();
  await page.getByRole('button', { name: 'Forget Ebba Forsgren for good' }).click();
  await expect(page.getByText(/^Forgotten: the name is gone from/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Ebba Forsgren' })).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'What somebody has' })).toContainText('Great Buoy');
});

test('tags are printed on sheets and rolls, and packets to fold', async ({ page }) => {
  await page.goto('/store/L2');
  await page.getByRole('link', { name: 'Print their tags' }).click();
  const tags = page.getByRole('article');
  await expect(tags.first()).toContainText('L2-2027');
  const count = await tags.count();
  expect(count).toBeGreaterThan(3);
  await page.getByRole('checkbox', { name: /^Outside/ }).click();
  await expect(tags).toHaveCount(count + 1);
  const printed = async () => {
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    const box = /\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf);
    return {
      pages: pdf.match(/\/Type \/Page\b(?!s)/g)?.length,
      mm: [box?.[1], box?.[2]].map((points) => Math.round((Number(points) * 25.4) / 72)),
    };
  };
  for (const [paper, pages, mm] of [
    ['A4, 8 to a sheet', Math.ceil((count + 1) / 8), [210, 297]],
    ['Letter, four packets to fold', Math.ceil((count + 1) / 4), [216, 279]],
    ['Roll, 62 mm wide', count + 1, [62, 50]],
  ] as const) {
    await new Keeper(page).fill({ 'Printed on': paper });
    await expect.poll(printed, paper).toEqual({ pages, mm });
    await expect(page.getByText('Fold this part up behind the tag.')).toHaveCount(
      paper.includes('fold') ? count + 1 : 0,
    );
  }
  // Hundreds at a time: all that lies in the store.
  await page.goto('/tags?place=store&sorts=outside');
  await expect(tags.nth(45)).toBeVisible();
});

/** A film of a mark, as a camera would see it: white paper, the mark in the middle, a few frames. */
function film(text: string): Buffer {
  const [width, height] = [640, 480];
  const rows = encodeQR(text, 'raw', { ecc: 'medium', border: 0 });
  const each = 8;
  const left = Math.floor((width - rows.length * each) / 2);
  const top = Math.floor((height - rows.length * each) / 2);
  const light = Buffer.alloc(width * height, 235);
  rows.forEach((row, y) =>
    row.forEach((dark, x) => {
      for (let j = 0; dark && j < each; j++) {
        const at = (top + y * each + j) * width + left + x * each;
        light.fill(16, at, at + each);
      }
    }),
  );
  const frame = Buffer.concat([Buffer.from('FRAME\n'), light, Buffer.alloc((width * height) / 2, 128)]);
  return Buffer.concat([
    Buffer.from(`YUV4MPEG2 W${width} H${height} F10:1 Ip A1:1 C420jpeg\n`),
    ...Array.from({ length: 5 }, () => frame),
  ]);
}

test('a tag is read by the camera and by its code, and two that do not agree stop the hand', async ({
  page,
  baseURL,
}, info) => {
  const tag = (await (await page.request.get('/api/tags?codes=L2&sorts=outside')).json())[0] as {
    mark: string;
  };
  const seen = info.outputPath('tag.y4m');
  await writeFile(seen, film(tag.mark));
  const browser = await chromium.launch({
    ...launch,
    args: [
      ...launch.args,
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-video-capture=${seen}`,
    ],
  });
  try {
    const eye = await (await browser.newContext({ baseURL, permissions: ['camera'] })).newPage();
    await eye.goto('/read');
    await eye.getByRole('button', { name: 'Use the camera' }).click();
    await eye.waitForURL(/\/store\/L2$/);

    await eye.goto('/read/close?of=L2');
    const inside = eye.getByRole('region', { name: '1. The tag inside' });
    const outside = eye.getByRole('region', { name: '2. The tag outside' });
    await inside.getByRole('button', { name: 'Use the camera' }).click();
    await expect(inside).toContainText('L2, Sluice Gate');
    await outside.getByLabel('Code on the tag').fill('L4');
    await outside.getByRole('button', { name: 'Read it' }).click();
    await expect(
      eye.getByText(/The tag outside is of L4, .*and you are closing L2\. Stop and look\./),
    ).toBeVisible();
    await expect(eye.getByRole('button', { name: 'Keep: closed' })).toBeDisabled();
    await eye.getByRole('button', { name: 'Read them again' }).click();
    for (const half of [inside, outside]) {
      await half.getByLabel('Code on the tag').fill('L2');
      await half.getByRole('button', { name: 'Read it' }).click();
      await expect(half).toContainText('L2, Sluice Gate');
    }
    await eye.getByRole('button', { name: 'Keep: closed' }).click();
    await expect(eye.getByText(/^Kept\. L2: closed, both tags read/)).toBeVisible();
  } finally {
    await browser.close();
  }
});

test('where there is no camera, and where the tag is of another garden, that is said', async ({ page }) => {
  await page.goto('/read');
  await page.getByRole('button', { name: 'Use the camera' }).click();
  await expect(page.getByRole('alert')).toContainText(/camera/);
  await page.getByLabel('Code on the tag').fill(`MARROW1.G${'AB'.repeat(16)}.L${'CD'.repeat(16)}`);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(
    page.getByText('This tag is of another garden: what it is of is not known here.'),
  ).toBeVisible();
  await page.getByLabel('Code on the tag').fill('L999');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('There is no such lot in this garden.')).toBeVisible();
});

test('labels wait for a printer that does not answer, and what it prints is read again', async ({
  page,
}, info) => {
  const keeper = new Keeper(page);
  const folder = info.outputPath('labels');
  await mkdir(folder, { recursive: true });
  const port = 20_000 + Math.floor(Math.random() * 20_000);
  await page.goto('/books/settings');
  await page.getByRole('textbox', { name: 'Its address' }).fill(`127.0.0.1:${port}`);
  await page.getByRole('textbox', { name: 'Its address' }).press('Enter');
  await page.goto('/tags/L4?sorts=outside');
  await page.getByRole('button', { name: /1\slabel to the label printer/ }).click();
  await expect(
    page.getByText(/The printer at 127\.0\.0\.1:\d+ does not answer\. The labels wait/),
  ).toBeVisible();
  const printer = spawn('php', [
    '../artisan',
    'marrow:label-printer',
    `--port=${port}`,
    `--folder=${folder}`,
    '--jobs=1',
  ]);
  try {
    // By itself, as soon as it is there.
    await expect(page.getByText(/Sent to the printer/)).toBeVisible();
    const pictures = async () => (await readdir(folder)).filter((name) => name.endsWith('.png'));
    await expect.poll(pictures).toHaveLength(1);
    await page.goto('/read');
    const chosen = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'A picture of it' }).click();
    await (
      await chosen
    ).setFiles({
      name: 'label.png',
      mimeType: 'image/png',
      buffer: await readFile(join(folder, (await pictures())[0] ?? '')),
    });
    await page.waitForURL(/\/store\/L4$/);
    await page.goto('/books/settings');
    await keeper.fill({ 'Its address': '' });
    await page.getByRole('textbox', { name: 'Its address' }).press('Enter');
  } finally {
    printer.kill();
  }
});
