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

  // The offer, the notice and the table say what the plan says.
  await page.getByRole('button', { name: 'Print the offer' }).click();
  await expect(page.getByRole('dialog', { name: /^Print: Offer sheet/ })).toContainText(
    'Overheads and profit',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Notice', exact: true }).click();
  await expect(page.getByRole('dialog', { name: /^Print: Notice/ })).toContainText('Booking hall roof');
  await page.keyboard.press('Escape');
  const rows = (await downloadBy(page, 'Table')).trim().split('\r\n');
  expect(rows[0]).toBe('date,from,to,crew,roof,bay,work,amount,unit,overcoat from,overcoat until,by hand');
  expect(rows.length).toBeGreaterThan(150);

  const calendar = await downloadBy(page, 'Calendar');
  const events = new ICAL.Component(ICAL.parse(calendar) as unknown[]).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(40);
  expect(new Set(events.map((e) => e.getFirstPropertyValue('uid'))).size).toBe(events.length);
  for (const e of events.map((x) => new ICAL.Event(x))) {
    expect(e.endDate.toJSDate().getTime()).toBeGreaterThan(e.startDate.toJSDate().getTime());
    expect(e.description).toMatch(/^(Quay|Mole) crew\. /);
    // As the calendar of the server names it.
    expect(e.uid).toMatch(new RegExp(`^${id}-.*@lentum$`));
  }
});

test('crews, hours and dates are set, and what makes no sense is said', async ({ page }) => {
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

test('days off come from a calendar file, and what roofs ask for is said of the plan', async ({ page }) => {
  test.setTimeout(240_000);
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/programme?set=crews`);
  const drawer = page.getByRole('dialog', { name: 'What the plan goes by' });
  const file = drawer.getByLabel('days off from a calendar file (.ics)');
  await file.setInputFiles({ name: 'days.txt', mimeType: 'text/plain', buffer: Buffer.from('no calendar') });
  await expect(drawer.getByRole('alert')).toContainText('BEGIN:VCALENDAR');
  const soon = new Date(Date.now() + 8 * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '');
  const lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//made up//EN', 'BEGIN:VEVENT', 'UID:1'];
  lines.push(`DTSTART;VALUE=DATE:${soon}`, 'SUMMARY:Town day', 'END:VEVENT', 'END:VCALENDAR', '');
  const buffer = Buffer.from(lines.join('\r\n'));
  await file.setInputFiles({ name: 'days.ics', mimeType: 'text/calendar', buffer });
  await expect(drawer.getByText('1 whole days read from days.ics, 1 of them new.')).toBeVisible();

  await drawer.getByRole('combobox', { name: 'Roofs whose old covering is opened' }).press('Enter');
  await page.getByRole('option', { name: 'Booking hall roof' }).click();
  await page.keyboard.press('Escape');
  await drawer
    .getByRole('region', { name: 'Flood tests' })
    .getByRole('button', { name: 'Add a roof' })
    .click();
  await saved(page);
  const doc = (await (await page.request.get(`/api/v1/jobs/${id}/programme`)).json()) as {
    off: { says: string }[];
    opened: string[];
    floods: unknown[];
  };
  expect(doc.off.map((o) => o.says)).toContain('Town day');
  expect(doc.opened).toEqual(['hall']);
  expect(doc.floods).toHaveLength(1);
  await page.goto(`/jobs/${id}/programme`);
  await planned(page);
  await expect(page.getByText(/it cannot be opened and closed again/)).toBeVisible();
  await expect(page.getByText(/flood test not planned/)).toBeVisible();
});

test('a job without bays or weather says what to do first; on the phone the day comes first', async ({
  page,
}) => {
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
