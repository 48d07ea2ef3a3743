/** Days without a signal: the application opens, computes and takes what is entered; later all of it arrives, once. */
import type { BrowserContext, Page } from '@playwright/test';
import { expect, freshDemo, saved, test } from './support.ts';

test.use({ ownProfile: true, ownWorkers: true });

const kinds = async (page: Page, id: string): Promise<string[]> => {
  const r = await page.request.get(`/api/v1/jobs/${id}/record?limit=2000`);
  return ((await r.json()) as { entries: { entry: { kind: string } }[] }).entries.map((s) => s.entry.kind);
};
/** The application is on the device, and the job was opened. */
async function ready(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await saved(page);
}
/** What the device has of drafts, as text. */
const drafts = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((go) => {
        const opened = indexedDB.open('lentum');
        opened.onsuccess = () => {
          const all = opened.result.transaction('drafts').objectStore('drafts').getAll();
          all.onsuccess = () => {
            opened.result.close();
            go(JSON.stringify(all.result));
          };
        };
      }),
  );
const signal = async (context: BrowserContext, there: boolean): Promise<void> => context.setOffline(!there);

test('reloaded, closed and opened again without a signal; every stage stands; all arrives once', async ({
  page,
  context,
}) => {
  // Ten pages are opened whole, one after the other.
  const id = await freshDemo(page);
  const before = (await kinds(page, id)).length;
  await page.setViewportSize({ width: 390, height: 844 });
  await ready(page, `/jobs/${id}/site?part=bays&zone=terrace`);
  await signal(context, false);
  await page.reload();
  await expect(page.getByText(/^no signal · as of /)).toBeVisible();
  await page.getByRole('button', { name: 'Prepared, 3 bays' }).click();
  await expect(page.getByLabel('Bay T14 prepared')).toBeVisible();
  await expect(page.getByText(/no signal · as of .* · 1 kept here/)).toBeVisible();

  // The phone closes the tab; it is opened again, still without a signal.
  await page.close();
  const again = await context.newPage();
  await again.setViewportSize({ width: 390, height: 844 });
  await again.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-13`);
  await expect(again.getByLabel('Bay T14 prepared')).toBeVisible();
  await expect(again.getByText('1 entry of it is kept here and not yet sent.')).toBeVisible();
  for (const [stage, sign] of [
    ['survey', 'Upper passenger terrace'],
    ['build-up', 'Upper passenger terrace'],
    ['details', 'Upper passenger terrace'],
    ['order', 'Coloured quartz'],
    ['record', 'kept here'],
  ] as const) {
    await again.goto(`/jobs/${id}/${stage}?zone=terrace`);
    await expect(again.getByText(sign).first()).toBeVisible();
  }
  // A document that is changed meanwhile waits as well.
  await again.goto(`/jobs/${id}/survey?zone=terrace`);
  const name = again.getByRole('textbox', { name: 'Zone', exact: true });
  await name.fill('Terrace of the day');
  await expect(again.getByText(/^no signal/)).toBeVisible();
  await expect.poll(() => drafts(again)).toContain('Terrace of the day');
  await again.close();
  const third = await context.newPage();
  await third.goto(`/jobs/${id}/survey?zone=terrace`);
  await expect(third.getByRole('textbox', { name: 'Zone', exact: true })).toHaveValue('Terrace of the day');

  await signal(context, true);
  await saved(third);
  await expect
    .poll(async () => (await kinds(third, id)).slice(before), { timeout: 20_000 })
    .toEqual(['preparation']);
  const survey = await third.request.get(`/api/v1/jobs/${id}/survey`);
  expect(await survey.text()).toContain('Terrace of the day');
});

test('two tabs without a signal: each entry of both arrives once, also when one of them is closed', async ({
  page,
  context,
}) => {
  const id = await freshDemo(page);
  const before = (await kinds(page, id)).length;
  await ready(page, `/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-13`);
  const other = await context.newPage();
  await other.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-12`);
  await expect(other.getByRole('heading', { name: 'Bay H12' })).toBeVisible();
  await signal(context, false);
  await page.getByRole('button', { name: 'Prepared', exact: true }).click();
  await other.getByRole('button', { name: 'Prepared', exact: true }).click();
  await expect(page.getByText('2 kept here')).toBeVisible();
  await expect(other.getByText('2 kept here')).toBeVisible();
  await other.close();
  await signal(context, true);
  await saved(page);
  await expect.poll(async () => (await kinds(page, id)).length - before, { timeout: 20_000 }).toBe(2);
});
