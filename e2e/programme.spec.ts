/** Days planned, moved by hand, kept, asked about, printed and read as a calendar. */
import ICAL from 'ical.js';
import type { Page } from '@playwright/test';
import { bare, readPdf, textOf } from '../scripts/lib/readpdf.ts';
import { downloadBy, expect, freshDemo, saved, test } from './support.ts';
import { visit } from './views.ts';

const PLANNED_MS = 90_000;
/** The search and its judging are over. */
const planned = (page: Page) =>
  expect(page.getByRole('button', { name: 'Keep this plan' })).toBeEnabled({ timeout: PLANNED_MS });

test('the demo is planned, says how sure it is, is moved by hand and kept', async ({ page }) => {
  test.setTimeout(240_000);
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/programme`);
  await expect(page.getByRole('heading', { name: 'What the plan says' })).toBeVisible({
    timeout: PLANNED_MS,
  });
  await planned(page);
  await expect(page.getByText(/of the ways the weather may go/).first()).toBeVisible();
  await expect(page.getByText(/H9, not planned:/)).toBeVisible();
  await expect(page.getByText(/B1, not planned:/)).toBeVisible();

  // A work of tomorrow or later, a day on by the keyboard.
  const board = page.getByRole('group', { name: 'Days of work on each roof' });
  const work = board.getByRole('button', { name: /second coat, Mole crew|second coat, Quay crew/ }).last();
  const before = (await work.getAttribute('aria-label')) ?? '';
  const bays = before.split(',')[0] ?? '';
  await work.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await saved(page);
  await planned(page);
  const pinned = await page.request.get(`/api/v1/jobs/${id}/programme`);
  const { pins } = (await pinned.json()) as { pins: { taskId: string; startAt: string }[] };
  expect(pins.length).toBeGreaterThan(0);
  // It stands there, and is kept there: a dot on it.
  await expect(board.locator('.work circle').first()).toBeVisible();
  const moved = board.getByRole('button', { name: new RegExp(`^${bays}.*second coat`) }).last();
  expect(await moved.getAttribute('aria-label')).not.toBe(before);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await saved(page);
  await planned(page);
  await expect(board.locator('.work circle')).toHaveCount(0);

  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await saved(page);
  await expect(page.getByText(/since then 0 works are done or gone/)).toBeVisible();
  const { kept } = (await (await page.request.get(`/api/v1/jobs/${id}/programme`)).json()) as {
    kept: { tasks: unknown[] };
  };
  expect(kept.tasks.length).toBeGreaterThan(100);

  // Asked beside the plan: both are made anew, and the answer is a sentence.
  await page.getByRole('combobox', { name: 'What if' }).press('Enter');
  await page.getByRole('option', { name: /is lost/ }).click();
  await expect(page.getByText(/is lost:.*the work ends/)).toBeVisible({ timeout: PLANNED_MS });
});

test('the sheet of a day on paper and the days as a calendar', async ({ page }) => {
  test.setTimeout(180_000);
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/programme`);
  await planned(page);
  const sheet = page.getByRole('region', { name: /^Day sheet/ });
  const works = await sheet.locator('li strong').allInnerTexts();
  expect(works.length).toBeGreaterThan(3);
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: /^Print: Day sheet/ });
  await expect(dialog).toBeVisible();
  const all = textOf(await readPdf(await page.pdf({ preferCSSPageSize: true })));
  for (const crew of ['Quay crew', 'Mole crew']) expect(all).toContain(bare(crew));
  expect(all).toContain(bare('A plan is no Go'));
  expect(all).toContain(bare('Bring, for all crews together'));
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);

  const calendar = await downloadBy(page, 'Calendar');
  const events = new ICAL.Component(ICAL.parse(calendar) as unknown[]).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(40);
  expect(new Set(events.map((e) => e.getFirstPropertyValue('uid'))).size).toBe(events.length);
  for (const e of events.map((x) => new ICAL.Event(x))) {
    expect(e.endDate.toJSDate().getTime()).toBeGreaterThan(e.startDate.toJSDate().getTime());
    expect(e.summary).toMatch(/^(Quay|Mole) crew: /);
  }
});

test('crews, hours and dates are set, and what makes no sense is said', async ({ page }) => {
  test.setTimeout(180_000);
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/programme?set=crews`);
  const drawer = page.getByRole('dialog', { name: 'What the plan goes by' });
  await expect(drawer).toBeVisible();
  await drawer.getByRole('button', { name: 'Add a crew' }).click();
  const name = drawer.getByRole('textbox', { name: 'Name of Crew A' });
  await name.fill('Quay crew');
  await name.blur();
  await expect(
    page.getByText('Crew: “Quay crew” is there twice; expected another one for each.').first(),
  ).toBeVisible();
  await drawer.getByRole('textbox', { name: 'Name of Quay crew' }).last().fill('Night crew');
  await drawer.getByRole('textbox', { name: 'Name of Quay crew' }).last().blur();
  await saved(page);
  await drawer.getByLabel('From', { exact: true }).count();
  await drawer.getByRole('button', { name: 'Add a date' }).click();
  await saved(page);
  const doc = (await (await page.request.get(`/api/v1/jobs/${id}/programme`)).json()) as {
    crews: { name: string }[];
    deadlines: unknown[];
  };
  expect(doc.crews.map((c) => c.name)).toEqual(['Quay crew', 'Mole crew', 'Night crew']);
  expect(doc.deadlines).toHaveLength(4);
});

test('a job without bays or weather says what to do first; on the phone the day comes first', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const id = await freshDemo(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await visit(page, `/jobs/${id}/programme`);
  await planned(page);
  const [sheet, board] = await Promise.all(
    [
      page.getByRole('region', { name: /^Day sheet/ }),
      page.getByRole('group', { name: 'Roofs by days' }),
    ].map(async (l) => (await l.boundingBox())?.y ?? 0),
  );
  expect(sheet).toBeLessThan(board ?? 0);
  const made = await page.request.put('/api/v1/jobs/bare-days', {
    data: { name: 'Bare', place: '', timeZone: 'UTC', units: 'metric' },
  });
  expect(made.ok()).toBe(true);
  await visit(page, '/jobs/bare-days/programme');
  await expect(page.getByText('Nothing to plan yet: it takes bays.')).toBeVisible();
});
