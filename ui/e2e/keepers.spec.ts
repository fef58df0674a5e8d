import { expect, layAnew, test } from './garden';
import { act, Keeper } from './keeper';

test.use({ which: 'new' });

const PASSWORD = 'four words in a row';

// Whoever comes after finds a garden where nobody signs in.
test.afterEach(({ which }, info) => layAnew(which, info.parallelIndex));

test('the first becomes the owner, invites a helper, and a lost phone is signed out', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.goto('/books/keepers');
  await page.getByLabel('Your name').fill('Maren');
  await page.getByLabel('Password').fill('too short');
  await page.getByRole('button', { name: 'Become the owner' }).click();
  await expect(page.getByText(/^A password of 10 letters or more/)).toBeVisible();
  await expect(page.getByLabel('Your name')).toHaveValue('Maren');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Become the owner' }).click();
  await expect(page.getByText('Maren (you)')).toBeVisible();

  await page.getByLabel('Their name').fill('Tove');
  await new Keeper(page).fill({
    As: 'Helper: records, takes back only what was their own, and sets nothing',
  });
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('group', { name: 'The link' }).locator('code').innerText();
  await expect(page.getByText(/from another the link leads nowhere/)).toBeVisible();

  // Tove's phone comes in by it, once.
  const phone = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
  try {
    const tove = await phone.newPage();
    await tove.goto('/today');
    await expect(tove.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await expect(tove.getByText('Harbour Row')).toHaveCount(0);
    await tove.goto(link);
    await expect(tove.getByLabel('Your name')).toHaveValue('Tove');
    await tove.getByLabel('Password').fill(PASSWORD);
    await tove.getByRole('button', { name: 'Come in' }).click();
    await expect(tove.getByText('Harbour Row')).toBeVisible();
    // She records, and it stands there by her name; what she may not set says so.
    const helper = new Keeper(tove);
    await helper.addsVariety('Tomato', 'Bell Buoy');
    await helper.fill({ Plants: '6', Sown: '2026-04-01T10:00' });
    await tove.getByRole('button', { name: 'Keep: sown' }).click();
    await helper.code('plot');
    await tove.goto(link);
    await expect(tove.getByRole('heading', { name: 'This link leads nowhere' })).toBeVisible();

    await page.goto('/books/journal');
    await expect(page.getByText('Tove', { exact: false }).first()).toBeVisible();
    await page.goto('/books/keepers');
    await expect(page.getByText('Tove came by an invitation')).toBeVisible();
    await page.getByRole('button', { name: 'Change what Tove may do' }).click();
    // Who only looks is offered nothing to do, and is refused at the door besides.
    await new Keeper(page).fill({ 'Tove is': 'Reader: looks, and records nothing' });
    await expect(page.getByText('Tove is a reader now.')).toBeVisible();
    await tove.goto('/plot/P1');
    await expect(tove.getByRole('heading', { name: /^P1/ })).toBeVisible();
    await expect(tove.getByRole('region', { name: 'Journal' })).toBeVisible();
    await expect(tove.getByRole('button', { name: 'Record something else …' })).toHaveCount(0);
    await tove.getByRole('combobox', { name: /^Find/ }).fill('note P1 slugs');
    await tove.getByRole('option', { name: /^Keep: P1: note, slugs/ }).click();
    await expect(
      tove.getByText('You may look at this garden. To record in it, ask its owner.'),
    ).toBeVisible();
    await tove.goto('/plot/new');
    await expect(
      tove.getByText('You may look at this garden. To record in it, ask its owner.'),
    ).toBeVisible();
    await tove.goto('/plot');
    await expect(tove.getByRole('link', { name: 'This evening' })).toBeVisible();
    await expect(tove.getByRole('link', { name: 'New planting' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Sign Tove out everywhere' }).click();
    await expect(page.getByText('Tove is out everywhere.')).toBeVisible();

    await tove.goto('/today');
    await expect(tove.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await tove.getByLabel('Your name').fill('tove');
    await tove.getByLabel('Password').fill('four words in a raw');
    await tove.getByRole('button', { name: 'Sign in' }).click();
    await expect(tove.getByText(/^Name or password is another/)).toBeVisible();
    await tove.getByLabel('Password').fill(PASSWORD);
    await tove.getByRole('button', { name: 'Sign in' }).click();
    await expect(tove.getByText('Harbour Row')).toBeVisible();
  } finally {
    await phone.close();
  }
});

test('what was pressed while nobody was signed in waits, and goes when the same one is', async ({
  page,
  request,
}) => {
  await page.goto('/books/keepers');
  await page.getByLabel('Your name').fill('Maren');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Become the owner' }).click();
  await expect(page.getByText('Maren (you)')).toBeVisible();
  const keeper = new Keeper(page);
  await keeper.addsVariety('Tomato', 'Bell Buoy');
  await keeper.fill({ Plants: '6', Sown: '2026-04-01T10:00' });
  await page.getByRole('button', { name: 'Keep: sown' }).click();
  const code = await keeper.code('plot');

  // Signed out from elsewhere while the page stands open.
  await act(page, 'Note');
  await keeper.fill({ Note: 'slugs again' });
  await page.context().clearCookies();
  await page.getByRole('button', { name: 'Keep: note' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  expect((await request.get('/api/frame')).status()).toBe(401);
  await page.getByLabel('Your name').fill('Maren');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Harbour Row')).toBeVisible();
  await page.goto(`/plot/${code}`);
  await expect(keeper.section('Journal').getByText('slugs again')).toHaveCount(1);
});
