/** The morning on the roof: what can be done now, a start dragged into the evening, a reading that turns the call. */
import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import { downloadBy, expect, freshDemo, measure, sticksOut, test } from './support.ts';

const YEAR = new URL('../core/test/data/hourly-normals.csv', import.meta.url);
const HOUR = 3_600_000;
const LAST_MINUTE_MS = 60_000;
/** The demo's roofs open with the next hour: its morning is not begun in the last minute of one. */
test.beforeEach(async () => {
  const left = HOUR - (Date.now() % HOUR);
  if (left >= LAST_MINUTE_MS) return;
  // Waiting takes nothing off the time that the test has.
  test.setTimeout(2 * LAST_MINUTE_MS + left);
  await new Promise((done) => setTimeout(done, left + 1000));
});

test('the morning: bays in the order of what missing costs; a start dragged into the evening turns the verdict', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site`);
  const list = page.getByRole('region', { name: 'Bays by what missing them costs' });
  const group = (name: string) =>
    list.locator('.group', { has: page.getByRole('heading', { name, exact: true }) });
  await expect(group('Can be done now')).toContainText('before it is rain-safe');
  await expect(group('Opens later')).toContainText('above the dew point');
  await expect(group('At work')).toContainText('by the weather and its forecast');
  await expect(group('Overcoat window missed')).toContainText(
    'abrade until it is matt all over. Wipe clean. Prime again. It takes about',
  );
  const names = await list.getByRole('heading').allTextContents();
  expect(names.indexOf('Overcoat window missed')).toBeLessThan(names.indexOf('Can be done now'));

  const card = page.getByRole('region', { name: 'Chosen bay' });
  await list.getByRole('button', { name: 'Choose bay H6', exact: true }).click();
  const film = card.getByRole('region', { name: 'The film that lies there' });
  await expect(film.locator('tr', { hasText: 'rain-safe' })).toContainText('100');
  await expect(film.locator('tr', { hasText: 'overcoat from' })).toContainText(/[89]\d/);
  await list.getByRole('button', { name: 'Choose bay C4', exact: true }).click();
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  await expect(card.getByText('every condition holds')).toBeVisible();
  await expect(card.getByText(/Chance of staying within limits/).first()).toBeVisible();
  const handle = page.getByRole('slider', { name: 'Start of laying' });
  await handle.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('PageUp');
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText(/rain|wet/);
  await page.keyboard.press('Home');
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText('every condition holds');
  // By the mouse: the knob goes where it is drawn to.
  const knob = await handle.locator('.knob').boundingBox();
  if (!knob) throw new Error('no handle');
  await page.mouse.move(knob.x + 7, knob.y + 7);
  await page.mouse.down();
  await page.mouse.move(knob.x + 220, knob.y + 7, { steps: 5 });
  await page.mouse.up();
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText(/rain|wet/);
  // A stage opens to its hours at each temperature, a chance to its ways.
  await card.locator('dt', { hasText: 'Overcoat from' }).locator('+ dd').getByRole('button').first().click();
  const drawer = page.locator('.el-drawer');
  await expect(drawer).toContainText(/near \d+ °C/);
  await drawer.getByRole('button', { name: /^near/ }).first().click();
  await expect(drawer).toContainText(/hours near \d+ °C/);
  await page.keyboard.press('Escape');
  await card
    .getByRole('button', { name: /^chance that it holds/ })
    .first()
    .click();
  await expect(drawer).toContainText('ways that the forecast may go');
  await page.keyboard.press('Escape');
  // A figure opens to its working.
  await card
    .getByRole('button', { name: /^laying/ })
    .first()
    .click();
  await expect(page.locator('.el-drawer')).toContainText('area by output and crew');
});

test('more people lay it faster', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-7`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  const laying = card.getByRole('button', { name: /^laying/ }).first();
  const before = await laying.textContent();
  await card.getByRole('button', { name: '6 people' }).click();
  await expect(laying).not.toHaveText(before ?? '');
});

test('a reading near the dew point shuts the canopy at once', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-4`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  await card.getByRole('button', { name: 'Take a reading' }).click();
  // Nothing is kept that was not read; a tap on each scale is a reading, what lies beyond is typed.
  const keep = card.getByRole('button', { name: 'Keep the reading' });
  await expect(keep).toBeDisabled();
  for (const scale of ['Air temperature', 'Humidity', 'Surface temperature'])
    await card
      .getByRole('group', { name: `${scale}, by a tap` })
      .getByRole('button')
      .nth(3)
      .click();
  await expect(keep).toBeEnabled();
  await measure(page, 'Air temperature', '12');
  await measure(page, 'Humidity', '88');
  await measure(page, 'Surface temperature', '11.5');
  await card.getByRole('button', { name: 'Keep the reading' }).click();
  await expect(card.locator('.verdict').first()).toContainText('above the dew point');
  await expect(card.locator('.verdict').first()).toContainText('Hold');
});

test('hours from a file: Fahrenheit is asked, a year becomes the season; readings from the instruments; a calendar file', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=weather`);
  await page.getByRole('button', { name: 'Add hours from a file' }).click();
  const dialog = page.getByRole('dialog');
  const pick = (name: string, text: string) =>
    dialog
      .getByLabel('File with the weather')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await pick('hot.csv', 'time,temperature\n2026-01-05 09:00,68\n2026-01-05 10:00,71\n');
  await expect(dialog.getByRole('alert')).toContainText('°F as its unit');
  await dialog.getByRole('combobox', { name: 'Unit of temperature' }).click({ force: true });
  await page.getByRole('option', { name: '°F', exact: true }).click();
  await expect(dialog.getByText('2 hours')).toBeVisible();
  // A station's hourly normals of a year (public domain): no humidity, no rain.
  await pick('year.csv', readFileSync(YEAR, 'utf8'));
  await expect(dialog.getByText('8759 hours')).toBeVisible();
  await dialog.getByRole('button', { name: 'Add the hours' }).click();
  const season = page.getByRole('region', { name: 'The season' });
  await expect(season).toContainText('The file says nothing of humidity and rain');
  await expect(season.locator('tbody tr')).toHaveCount(20);
  await expect(season.getByRole('img', { name: /^Usable hours by month: / })).toBeVisible();
  await season.locator('label', { hasText: 'Elastomeric acrylic, base and top' }).click();
  await expect(season.getByRole('img', { name: /Elastomeric acrylic/ })).toBeVisible();
  // Its winter is too cold, its summer is not.
  const months = await season
    .locator('tr', { hasText: 'Elastomeric acrylic' })
    .locator('td')
    .allTextContents();
  expect(Number(months[0])).toBeLessThan(20);
  expect(Number(months[6])).toBeGreaterThan(200);
  // Tables go sideways by themselves on the narrowest phone.
  await page.setViewportSize({ width: 360, height: 800 });
  await expect.poll(() => sticksOut(page)).toBe(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  // The same heading is not matched twice.
  await page.getByRole('button', { name: 'Add hours from a file' }).click();
  await pick(
    'hot.csv',
    'date,pressure,temperature,wind\n2026-01-05 09:00,1000,8,2\n2026-01-05 10:00,1000,9,2\n',
  );
  await expect(dialog.getByText('2 hours')).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Withdraw the hours of year.csv' }).click();
  await page.getByRole('button', { name: 'Withdraw', exact: true }).click();
  await expect(season).toHaveCount(0);

  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-4`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await card.getByRole('button', { name: 'Take a reading' }).click();
  await card.getByRole('button', { name: 'From the instruments' }).click();
  await expect(card.getByRole('textbox', { name: 'Surface temperature' })).toHaveValue(/\d/);
  await card.getByRole('button', { name: 'Keep the reading' }).click();
  await expect(card.getByText(/^read [0-9:]+$/)).toBeVisible();
  const calendar = await downloadBy(page, 'Openings and closings, calendar file');
  expect(calendar).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(calendar).toContain('SUMMARY:H7: overcoat window closes (first coat)');
  // As an independent reader of RFC 5545 has it (ical.js): every event is ahead, under an id of its own.
  const events = new ICAL.Component(ICAL.parse(calendar) as unknown[]).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(20);
  const times = events.map((e) => new ICAL.Event(e).startDate.toJSDate().getTime());
  expect(Math.min(...times)).toBeGreaterThan(Date.now() - 60_000);
  expect(Math.max(...times)).toBeLessThan(Date.now() + 11 * 24 * HOUR);
  expect(new Set(events.map((e) => e.getFirstPropertyValue('uid'))).size).toBe(events.length);
  // What comes in the same minute rings once, an hour before, and the alarm names every bay of it.
  const together = new Map<string, { bays: string[]; alarms: string[] }>();
  for (const e of events) {
    const { startDate, summary } = new ICAL.Event(e);
    const [bay = '', what = ''] = summary.split(': ');
    const key = `${Math.round(startDate.toUnixTime() / 60)}/${what.split(' (')[0]}`;
    const group = together.get(key) ?? { bays: [], alarms: [] };
    group.bays.push(bay);
    for (const alarm of e.getAllSubcomponents('valarm')) {
      expect(String(alarm.getFirstPropertyValue('trigger'))).toMatch(/^-P(T1H|T60M|T3600S)$/);
      group.alarms.push(String(alarm.getFirstPropertyValue('description')));
    }
    together.set(key, group);
  }
  for (const { bays, alarms } of together.values()) {
    expect(alarms).toHaveLength(1);
    const named = (alarms[0] ?? '').split(': ')[1]?.split(', ') ?? [];
    expect(named.sort()).toEqual(bays.sort());
  }
  expect([...together.values()].some((g) => g.bays.length > 1)).toBe(true);
});

test('on a phone the morning is three screens: a line in a few words and its act, the rest on a sheet', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/site?part=today`);
  const list = page.getByRole('region', { name: 'Bays by what missing them costs' });
  await expect(list.getByRole('button', { name: 'Look at H4' })).toBeVisible();
  await expect(list).toContainText(/H4 · second coat\.\s*Thin: roll 1\.0\s+L more by \d\d:\d\d/);
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(3 * 844);
  for (const act of await list.getByRole('button', { name: /^(Look at|Log coat|Log it|Prepared)/ }).all()) {
    const box = await act.boundingBox();
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(48);
  }

  await list.getByRole('button', { name: 'Look at G1' }).click();
  const sheet = page.getByRole('dialog', { name: 'Quay garden podium' });
  await expect(sheet.getByRole('heading', { name: /^Bay G1/ })).toBeVisible();
  await expect(sheet).toContainText('Permit for hot works');
  await sheet.getByRole('button', { name: 'G2', exact: true }).click();
  await expect(sheet.getByRole('heading', { name: /^Bay G2/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await expect(page).not.toHaveURL(/bay=/);
  // A link to a bay shows its sheet at once.
  await page.goto(`/jobs/${id}/site?part=today&bay=hall-7`);
  await expect(page.getByRole('dialog', { name: 'Booking hall roof' })).toContainText('Bay H7');
});

test.describe('with a clock of its own', () => {
  test.use({ ownProfile: true });
  test('closings are said on every page; a job that moves is told the weather of its new place', async ({
    page,
  }) => {
    const id = await freshDemo(page);
    // The clock of the browser is the time: answers that told another would put it right.
    await page.route(/\/api\/v1\/(?!.*\/(live|stream)$)/, async (route) => {
      const response = await route.fetch();
      const { date: _, ...headers } = response.headers();
      await route.fulfill({ response, headers });
    });
    // Five hours on the window of the canopy closes before the rain.
    await page.clock.setFixedTime(new Date(Date.now() + 4.5 * HOUR));
    await page.goto(`/jobs/${id}/survey`);
    const banner = page.getByRole('status', { name: 'Closing within two hours' });
    await expect(banner).toContainText('window closes: C4, C5, C6');
    await banner.getByRole('link', { name: /^window closes: C4, C5, C6/ }).click();
    await expect(
      page.getByRole('region', { name: 'Chosen bay' }).getByRole('heading', { name: /Bay C4/ }),
    ).toBeVisible();
    await banner.getByRole('button', { name: 'Seen' }).click();
    await expect(banner).toHaveCount(0);
    await page.goto(`/jobs/${id}/order`);
    await expect(page.getByRole('heading', { name: 'Velmora ferry terminal' })).toBeVisible();
    await expect(banner).toHaveCount(0);

    await page.goto(`/jobs/${id}/site?part=weather`);
    const known = page.getByRole('region', { name: 'Hours that are known' });
    await expect(known).not.toContainText('the time zone or the place is wrong');
    const east = page.getByRole('spinbutton', { name: 'Longitude, degrees east' });
    const before = Number(await east.inputValue());
    const fetched = page.waitForResponse((r) => r.url().endsWith('/weather/fetch'));
    await east.fill(String(((before + 360) % 360) - 180));
    await east.press('Enter');
    await fetched;
    await expect(known).toContainText(
      'the time zone or the place is wrong, and dusk and dew are told at wrong hours',
    );
    // The clock is a choice of the job; moments stay.
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await page.getByRole('combobox', { name: 'Time zone' }).click({ force: true });
    await page.getByRole('combobox', { name: 'Time zone' }).fill('Africa/Maputo');
    await page.getByRole('option', { name: 'Africa/Maputo' }).click();
    await expect(
      page.getByText(/^What was logged, and the weather, keep their moments: \d\d:\d\d in Etc\/GMT/),
    ).toBeVisible();
    // What is still asked for when the page goes is nobody's answer.
    await page.unrouteAll({ behavior: 'ignoreErrors' });
  });
});
