import type { Browser, BrowserContext, Locator, Page } from '@playwright/test';
import { expect } from './garden';

/** Presses what can be recorded: where it stands by itself, else behind the one button for all the rest. */
export async function act(page: Page, name: string) {
  const alone = page.getByRole('main').getByRole('button', { name, exact: true });
  const rest = page
    .getByRole('main')
    .getByRole('button', { name: /^Record (something else|what was done) …$/ });
  const all = page.getByRole('form', { name: 'What can be recorded' });
  const among = all.getByRole('button', { name, exact: true });
  // What was kept just before may yet change what can be recorded, and where it stands: it is looked for anew, and pressed once.
  await expect(async () => {
    if (!(await all.isVisible()) && (await alone.count()) === 0) await rest.first().click({ timeout: 5_000 });
    const there = await ((await all.isVisible()) ? among : alone).count();
    if (there === 0) await page.keyboard.press('Escape');
    expect(there).toBeGreaterThan(0);
  }).toPass({ timeout: 20_000 });
  await ((await all.isVisible()) ? among : alone).first().click();
}

/** A phone that has been there once, with network, and has taken along what it needs. */
export async function carriedPhone(browser: Browser, baseURL?: string): Promise<[BrowserContext, Page]> {
  const context = await browser.newContext({
    baseURL,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    reducedMotion: 'reduce',
    serviceWorkers: 'allow',
    locale: 'en-GB',
  });
  const page = await context.newPage();
  await page.goto('/today');
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.waitForFunction(() => localStorage.getItem('marrow:along') !== null, undefined, {
    timeout: 80_000,
  });
  return [context, page];
}

/** Does in the browser what a keeper does, by the words on the screen. */
export class Keeper {
  constructor(readonly page: Page) {}

  /** Fills the form that is open; a value of a choice is the words of the choice. */
  async fill(fields: Record<string, string>) {
    for (const [label, value] of Object.entries(fields)) {
      // A form can go by the same name as its only field.
      const field = this.page
        .getByLabel(label, { exact: true })
        .or(this.page.getByLabel(`${label} *`, { exact: true }))
        .and(this.page.locator('input, textarea, [role="combobox"]'));
      if (
        (await field.first().getAttribute('role')) === 'combobox' &&
        (await field.first().evaluate((e) => e.tagName)) !== 'INPUT'
      ) {
        await field.first().click();
        await this.page.getByRole('option', { name: value }).first().click();
      } else {
        await field.first().fill(value);
      }
    }
  }

  /** Types what is meant into a field that proposes, and takes it from what is proposed; types it anew where the page took it away. */
  async chooses(field: Locator, typed: string, option: RegExp) {
    await expect(async () => {
      await field.fill(typed);
      await this.page.getByRole('option', { name: option }).first().click({ timeout: 5_000 });
    }).toPass({ timeout: 30_000 });
  }

  /** Presses what can be recorded, fills its form and keeps it. */
  async records(what: string, fields: Record<string, string>) {
    await act(this.page, what);
    await this.fill(fields);
    await this.keeps();
  }

  async keeps() {
    await this.page.getByRole('button', { name: /^Keep: / }).click();
    await expect(this.page.getByText(/^Kept\. /)).toBeVisible();
    // While it is sent it says so; what an entry before had answered may still stand there.
    await expect(this.page.getByRole('button', { name: /^Keep(: |ing)/ })).toHaveCount(0);
  }

  async addsVariety(crop: string, name: string) {
    await this.page.goto('/plot/new');
    await this.page.getByRole('button', { name: 'Add a variety' }).click();
    await this.page.getByPlaceholder('Tomato, leek …').fill(crop);
    await this.page.getByRole('option', { name: crop }).first().click();
    await this.fill({ 'Name of the variety': name });
    await this.page.getByRole('button', { name: 'Add this variety' }).click();
    await expect(this.page.getByPlaceholder('Name of the variety or crop')).toHaveValue(new RegExp(name));
  }

  /** @returns the code in the address */
  async code(place: string): Promise<string> {
    await this.page.waitForURL(new RegExp(`/${place}/[LP]\\d+`));
    // The address changes a moment before the page does; what is pressed then would be pressed on the old page.
    await expect(this.page.locator(`nav a[aria-current="page"][href^="/${place}"]`)).toBeVisible();
    return this.page.url().match(/[LP]\d+/)?.[0] ?? '';
  }

  section(title: string | RegExp) {
    return this.page.getByRole('region', { name: title });
  }
}
