import type { Page } from '@playwright/test';
import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** Sown in spring and picked in autumn, off one plant where it has a mark: what is told of another day in this journey is told elsewhere. */
async function grownOut(page: Page, code: string, year: number, mother: string) {
  const lot = await (await page.request.get(`/api/lots/${code}`)).json();
  const send = async (draft: object) => {
    const answer = await page.request.post('/api/entries', {
      data: { drafts: [{ id: crypto.randomUUID(), ...draft }] },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
    return (await answer.json()).answers[0].code as string;
  };
  const [planting, picked] = [crypto.randomUUID(), crypto.randomUUID()];
  await send({
    about: { subject: 'planting', id: planting },
    begins: { variety: lot.variety },
    kind: 'sown',
    happened_at: `${year}-03-20T10:00`,
    payload: { plants: 12, lot: lot.id },
  });
  const next = await send({
    about: { subject: 'lot', id: picked },
    begins: { planting },
    kind: 'picked',
    happened_at: `${year}-08-28T10:00`,
    payload: { plants: mother === '' ? 4 : 1, fruits: 8, mother },
  });
  await page.goto(`/bench/${next}`);
  return next;
}

test.describe('in the demo garden', () => {
  test('a line of ten years is drawn and told, with what its pickings cost and what would help', async ({
    page,
  }) => {
    await page.setViewportSize(desk);
    await page.goto('/store/L80');
    const family = page.getByRole('region', { name: 'Its family' });
    await family.getByText('Where it came from, back to the first, and what came of it').click();
    await expect(family.getByText(/^Fourth own generation/).first()).toBeVisible();
    await expect(
      family.getByText(/The picking of L78 in 2020 off 3.plants cost the most of it/),
    ).toBeVisible();
    const drawn = family.getByRole('group', { name: 'The family of L80' });
    for (const [code, mark] of [
      ['L78', 'few parents, used up'],
      ['L77', ''],
    ])
      await expect(
        drawn.getByRole('link', { name: new RegExp(`^${code}, Sandspit${mark === '' ? '$' : `, ${mark}`}`) }),
      ).toBeVisible();
    await expect(drawn.getByText('Harbour Seeds').first()).toBeVisible();
    // The list beneath says the same.
    await expect(family.getByRole('list', { name: 'Came from' }).getByRole('listitem')).toHaveCount(4);
    await family.getByRole('combobox', { name: 'How is it related to' }).fill('L77');
    await page.getByRole('option', { name: /^L77 / }).click();
    await expect(family.getByRole('status')).toContainText('L80 came of L77 in 3');
    await drawn.getByRole('link', { name: /^L78/ }).click();
    await expect(page).toHaveURL(/L78/);
  });

  test('a crossing tells what it touches and which lots to go back to, on a phone too', async ({ page }) => {
    for (const size of [desk, phone]) {
      await page.setViewportSize(size);
      await page.goto('/store/L6');
      const back = page.getByRole('region', { name: 'Going back before the crossing' });
      await expect(back.getByRole('list', { name: 'Lots that it does not touch' })).toContainText('L16');
      await expect(
        page.getByRole('region', { name: 'What the crossing touches' }).getByRole('link', { name: /L6/ }),
      ).toBeVisible();
    }
  });

  test('a day last July stands as it was known then, and leads to the things themselves', async ({
    page,
  }) => {
    await page.setViewportSize(desk);
    await page.goto('/today');
    await page
      .getByRole('navigation', { name: 'The year in weeks' })
      .getByRole('button', { name: /^Week of .*Aug/ })
      .first()
      .click();
    await page
      .getByRole('button', { name: /as it was/ })
      .first()
      .click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('As it was on');
    await page.getByLabel('The day', { exact: true }).fill('14 July 2025');
    await page.getByRole('button', { name: 'Show it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('As it was on 14 July 2025');
    const store = page.getByRole('list', { name: 'Store' });
    const parsnip = store.getByRole('listitem').filter({ hasText: 'L77' });
    await expect(parsnip).toContainText('Never tested');
    await expect(parsnip).toContainText('Known now: The next test, of February 2026, found 62');
    // What is no day is said, and nothing is lost.
    await page.getByLabel('The day', { exact: true }).fill('tomorrow week');
    await page.getByRole('button', { name: 'Show it' }).click();
    await expect(page.getByRole('alert')).toBeVisible();
    await page.setViewportSize(phone);
    await page.goto('/then/2025-07-14');
    await parsnip.getByRole('link', { name: /L77/ }).click();
    await expect(page).toHaveURL(/L77/);
  });
});

test.describe('in an empty garden', () => {
  test.use({ which: 'empty' });
  test.beforeEach(({ which }, info) => layAnew(which, info.parallelIndex));
  test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

  for (const [where, viewport] of [
    ['at a desk', desk],
    ['on a phone', phone],
  ] as const)
    test(`${where} two tomatoes are crossed, followed to the F4, and what is stable is released`, async ({
      page,
    }) => {
      test.setTimeout(150_000);
      await page.setViewportSize(viewport);
      const keeper = new Keeper(page);
      await keeper.addsVariety('Tomato', 'Amber Beacon');
      await keeper.fill({ Plants: '6', Sown: '20 March 2022' });
      await page.getByRole('button', { name: 'Keep: sown' }).click();
      await keeper.code('plot');
      await keeper.addsVariety('Tomato', 'Cork Float');
      await keeper.fill({ Plants: '6', Sown: '20 March 2022' });
      await page.getByRole('button', { name: 'Keep: sown' }).click();
      await keeper.code('plot');
      await act(page, 'Pick the seed of a cross');
      await keeper.chooses(
        page.getByRole('combobox', { name: 'Pollen of the planting' }),
        'Amber',
        /Amber Beacon/,
      );
      await keeper.fill({
        'What the cross is called': 'Riding Light',
        'How many mother plants': '1',
        'Fruits, pods or heads': '3',
        When: '2022-08-30T10:00',
      });
      await keeper.keeps();
      let code = await keeper.code('bench');
      const head = page.getByRole('main');
      await expect(head.getByText('Riding Light F1 2022').filter({ visible: true }).first()).toBeVisible();
      await keeper.records('Name what you look for', {
        Trait: 'Colour of the fruit',
        'What is wanted of it': 'yellow',
        'What is wanted is': 'hidden by the other (recessive)',
        'It shows in': 'its fruit or pods',
        When: '2022-09-01T10:00',
      });
      const road = page.getByRole('region', { name: 'Towards a line of its own' });
      await expect(road).toContainText('Of the F2 grow 11');
      for (const [year, generation] of [
        [2023, 'F2'],
        [2024, 'F3 7'],
        [2025, 'F4 7-7'],
      ] as const) {
        code = await grownOut(page, code, year, generation === 'F2' ? '' : '7');
        await expect(
          head
            .getByText(new RegExp(`Riding Light ${generation} ${year}`))
            .filter({ visible: true })
            .first(),
        ).toBeVisible();
      }
      await expect(road).toContainText('about 13');
      await act(page, 'Release it as a variety');
      await keeper.fill({ 'What the variety is called': 'Night Ferry', When: '2026-02-01T10:00' });
      await page.getByRole('button', { name: /^Keep: / }).click();
      await expect(page.getByText(/Release it all the same\?/)).toBeVisible();
      await page.getByRole('button', { name: 'It was so all the same' }).click();
      await expect(head.getByText('Night Ferry 2025').filter({ visible: true }).first()).toBeVisible();
      await expect(road).toHaveCount(0);
    });

  for (const [where, viewport] of [
    ['at a desk', desk],
    ['on a phone', phone],
  ] as const)
    test(`${where} a hybrid is begun to be made true, with what it takes said first`, async ({ page }) => {
      await page.setViewportSize(viewport);
      const [, bought] = await received(page, 'tomato', 'Harbour Queen', 'hybrid', 12);
      await page.goto(`/store/${bought}`);
      const road = page.getByRole('region', { name: 'Towards a line of its own' });
      await expect(road).toContainText('About 5 years: 5');
      await expect(road).toContainText('seed enough for ten years');
      await grownOut(page, bought, 2025, '1');
      const head = page.getByRole('main');
      await expect(head.getByText('Harbour Queen F2 2025').filter({ visible: true }).first()).toBeVisible();
      await act(page, 'Make a line of it');
      const keeper = new Keeper(page);
      // The name is the keeper's to give, and not another variety's.
      await keeper.fill({ 'What the line is called': 'Harbour Queen', When: '2025-11-01T10:00' });
      await page.getByRole('button', { name: /^Keep: / }).click();
      await expect(
        page.getByText(/There is a variety of this crop called Harbour Queen already/),
      ).toBeVisible();
      await keeper.fill({ 'What the line is called': 'Slip Rope' });
      await keeper.keeps();
      await expect(head.getByText('Slip Rope F2 2025').filter({ visible: true }).first()).toBeVisible();
    });

  test('two lots are mixed once it was said what they would be, and the mixture says of what it is', async ({
    page,
  }) => {
    await page.setViewportSize(desk);
    const [variety, one] = await received(page, 'runner-bean', 'All Hands', 'landrace', 60, 2016);
    const [, other] = await received(page, 'runner-bean', 'All Hands', 'landrace', 40, 2020, variety);
    const keeper = new Keeper(page);
    await page.goto(`/store/new?variety=${variety}`);
    await keeper.fill({ 'How it begins': 'Two lots poured together' });
    await keeper.chooses(page.getByRole('combobox', { name: 'The one lot' }), one, new RegExp(`^${one} `));
    await keeper.chooses(
      page.getByRole('combobox', { name: 'The other lot' }),
      other,
      new RegExp(`^${other} `),
    );
    const ahead = page.getByRole('group', { name: 'What they would be together' });
    await expect(ahead).toContainText('no forebear in common');
    await expect(ahead).toContainText('2016 and 2020 cannot be told apart again');
    await page.getByRole('button', { name: /^Keep: poured together/ }).click();
    await page.waitForURL(/\/L3/);
    const family = page.getByRole('region', { name: 'Its family' });
    await family.getByText('Where it came from, back to the first, and what came of it').click();
    await expect(family).toContainText('made of 60');
    await expect(
      family.getByRole('group', { name: 'The family of L3' }).getByRole('link', { name: /mixed/ }),
    ).toBeVisible();
  });
});

/** @returns the id of the variety, and the code of a lot of it that came from elsewhere */
async function received(
  page: Page,
  crop: string,
  name: string,
  type: string,
  seeds: number,
  year = 2022,
  known?: string,
): Promise<[string, string]> {
  const variety = known ?? crypto.randomUUID();
  if (known === undefined) {
    const added = await page.request.post('/api/varieties', { data: { id: variety, crop, name, type } });
    expect(added.ok(), await added.text()).toBe(true);
  }
  const answer = await page.request.post('/api/entries', {
    data: {
      drafts: [
        {
          id: crypto.randomUUID(),
          about: { subject: 'lot', id: crypto.randomUUID() },
          begins: { variety },
          kind: 'received',
          happened_at: `${year + 1}-02-01T10:00`,
          payload: { how: 'given', from: 'Tove', year, seeds },
        },
      ],
    },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  return [variety, (await answer.json()).answers[0].code as string];
}
