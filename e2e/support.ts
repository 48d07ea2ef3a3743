import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import {
  chromium,
  expect,
  test as base,
  type Browser,
  type BrowserContext,
  type Locator,
  type Page,
} from '@playwright/test';
import { readJobFile, writeJobFile, type JobContent } from '@lentum/core/jobfile';
import { BROWSER } from '../scripts/lib/browser.mjs';
import { PAGES } from './playwright.config.ts';

interface OfATest {
  readonly quietConsole: undefined;
  /** A profile of its own, for tests that set the clock of the browser. */
  readonly ownProfile: boolean;
  /** With the application kept on the device, as a browser keeps it; in a profile of its own. */
  readonly ownWorkers: boolean;
}

/** A device of somebody else: the tabs of one share what is typed. */
export const anotherDevice = (browser: Browser): Promise<BrowserContext> =>
  browser.newContext({ ...PAGES, serviceWorkers: 'block' });

/**
 * Every test ends with a clean console: no errors, no warnings of Vue. The tests of a worker share the profile of a
 * browser, so that the interface is fetched and compiled once; what a test left in it is cleared.
 */
export const test = base.extend<OfATest, { readonly profile: BrowserContext }>({
  ownProfile: [false, { option: true }],
  ownWorkers: [false, { option: true }],
  profile: [
    async ({ browserName: _ }, use) => {
      const folder = mkdtempSync(path.join(tmpdir(), 'lentum-e2e-'));
      const profile = await chromium.launchPersistentContext(folder, { ...BROWSER, ...PAGES });
      await use(profile);
      await profile.close();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  context: async ({ browser, profile, ownProfile, ownWorkers, locale, hasTouch, viewport }, use) => {
    if (ownProfile || locale !== PAGES.locale) {
      const own = await browser.newContext({
        ...PAGES,
        ...(locale === undefined ? {} : { locale }),
        ...(hasTouch ? { hasTouch } : {}),
        viewport,
        serviceWorkers: ownWorkers ? 'allow' : 'block',
      });
      await use(own);
      await own.close();
      return;
    }
    await use(profile);
    await profile.setOffline(false);
    await profile.unrouteAll({ behavior: 'ignoreErrors' });
    const [blank, ...opened] = profile.pages();
    for (const page of opened) await page.close();
    if (!blank) throw new Error('the first page of the profile is gone');
    const devtools = await profile.newCDPSession(blank);
    await devtools.send('Storage.clearDataForOrigin', {
      origin: PAGES.baseURL,
      storageTypes: 'local_storage,indexeddb,cookies',
    });
    await devtools.detach();
  },
  quietConsole: [
    async ({ page }, use) => {
      const noise: string[] = [];
      page.on('console', (m) => {
        // Refusals that a test provokes are answers, not noise; nor is what a test keeps out on purpose.
        if (
          (m.type() === 'error' || m.type() === 'warning') &&
          !/status of 4\d\d|ERR_INTERNET_DISCONNECTED|Service Worker registration blocked/.test(m.text())
        )
          noise.push(m.text());
      });
      page.on('pageerror', (e) => noise.push(String(e)));
      await page.addInitScript(() => localStorage.setItem('lentum.who', 'Ines'));
      await use(undefined);
      expect(noise).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** A demo of its own for a test, so that tests do not stand in each other's way. */
export async function freshDemo(page: Page): Promise<string> {
  const id = randomUUID();
  const r = await page.request.put(`/api/v1/demo/${id}`);
  expect(r.status()).toBe(201);
  return id;
}

/** The demo as it may be changed, under an id that no other test puts away. */
export const ownDemo = async (page: Page, change: (demo: JobContent) => JobContent): Promise<string> =>
  changedJob(page, await freshDemo(page), change);

/** A job with something changed, under a new id. */
export async function changedJob(
  page: Page,
  from: string,
  change: (job: JobContent) => JobContent,
): Promise<string> {
  const file = await page.request.get(`/api/v1/jobs/${from}/file`);
  const read = readJobFile(await file.text());
  if (!read.ok) throw new Error('the job is not whole');
  const content = change({ ...read.value.content, job: { ...read.value.content.job, demo: false } });
  const id = randomUUID();
  const put = await page.request.put(`/api/v1/jobs/${id}/file`, {
    data: writeJobFile(content, new Date().toISOString()),
  });
  expect(put.status(), await put.text()).toBe(201);
  return id;
}

export async function saved(page: Page): Promise<void> {
  await expect(page.locator('.state', { hasText: /^\s*saved\s*$/ })).toBeVisible();
}

/** A picture point of the page for a place on the plan, metres. */
export async function onPlan(page: Page, x: number, y: number): Promise<{ x: number; y: number }> {
  const plan = page.locator('[data-plan]');
  const box = await plan.boundingBox();
  const [scale, left, top] = ((await plan.getAttribute('data-view')) ?? '').split(',').map(Number);
  return {
    x: (box?.x ?? 0) + (left ?? 0) + x * (scale ?? 1),
    y: (box?.y ?? 0) + (top ?? 0) - y * (scale ?? 1),
  };
}

/** The file that the browser is handed: its name, and what is in it. */
export async function downloaded(
  page: Page,
  act: () => Promise<unknown>,
): Promise<{ name: string; text: string }> {
  const coming = page.waitForEvent('download', { timeout: 60_000 });
  // Where the act itself fails, that is what is told.
  coming.catch(() => undefined);
  await act();
  const file = await coming;
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
}

/** The same by the button of a name. */
export const downloadBy = async (page: Page, button: string): Promise<string> =>
  (await downloaded(page, () => page.getByRole('button', { name: button, exact: true }).click())).text;

/** How far the page is wider than its window, px. */
export const sticksOut = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** A job with nothing in it. */
export async function emptyJob(page: Page, head: object = {}): Promise<string> {
  const id = randomUUID();
  const job = { name: 'Test roof', place: '', timeZone: 'Europe/Lisbon', units: 'metric', ...head };
  const r = await page.request.put(`/api/v1/jobs/${id}`, { data: job });
  expect(r.status()).toBe(201);
  return id;
}

/** The zone that the page is about, as the head of the job says it. */
export const chosenZone = (page: Page): Locator =>
  page
    .getByRole('group', { name: 'Zone' })
    .locator('.el-select__selected-item:not(.el-select__input-wrapper)');

/** The list of zones, narrowed to a name. */
async function lookForZone(page: Page, name: string): Promise<Locator> {
  const field = page.getByRole('combobox', { name: 'Zone', exact: true });
  await field.click();
  await field.fill(name);
  const found = page.getByRole('option', { name: new RegExp(name) });
  await expect(found).toBeVisible();
  return found;
}

/** Another zone, found by typing its name. */
export async function chooseZone(page: Page, name: string): Promise<void> {
  const found = await lookForZone(page, name);
  await found.click();
  await expect(found).toBeHidden();
}

/** A zone of that name is in the list. */
export async function hasZone(page: Page, name: string): Promise<void> {
  const found = await lookForZone(page, name);
  // Escape lets go of what was typed first; leaving the field closes the list.
  await page.keyboard.press('Tab');
  await expect(found).toBeHidden();
}

/** One of the ways to begin a further zone. */
export async function newZone(page: Page, way: string): Promise<void> {
  await page.getByRole('button', { name: 'New zone' }).click();
  await page.getByRole('menuitem', { name: way, exact: true }).click();
}

/** Types into a measuring field and leaves it. */
export async function measure(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(text);
  await field.blur();
}

/** Measures a new opening with corners, and adds it: along, in, length, width, kerb height. */
export async function rectangle(page: Page, name: string, measures: readonly string[]): Promise<void> {
  const fields = ['along side 1', 'into the zone', 'length', 'width', 'kerb height'];
  for (const [i, field] of fields.entries()) await measure(page, `${name}, ${field}`, measures[i] ?? '');
  await page.getByRole('button', { name: 'Add it', exact: true }).click();
}
