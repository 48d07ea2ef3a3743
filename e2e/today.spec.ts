/** The morning on the roof: what can be done now, a start dragged into the evening, a reading that turns the call. */
import { readFileSync } from 'node:fs';
import { expect, freshDemo, measure, test } from './support.ts';

test('the morning: bays in the order of what missing costs; a start dragged into the evening turns the verdict', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site`);
  const list = page.getByRole('region', { name: 'Bays by what missing them costs' });
  const group = (name: string) =>
    list.locator('.group', { has: page.getByRole('heading', { name, exact: true }) });
  await expect(group('Can be done now')).toContainText('before the film is rain-safe');
  await expect(group('Opens later')).toContainText('above the dew point');
  await expect(group('At work')).toContainText('by the weather and its forecast');
  await expect(group('Overcoat time missed')).toContainText(
    'abrade, wipe clean and prime again. It takes about',
  );
  const names = await list.getByRole('heading').allTextContents();
  expect(names.indexOf('Overcoat time missed')).toBeLessThan(names.indexOf('Can be done now'));

  const card = page.getByRole('region', { name: 'Chosen bay' });
  await list.getByRole('button', { name: 'Choose bay H6', exact: true }).click();
  const film = card.getByRole('region', { name: 'The film that lies there' });
  await expect(film.locator('tr', { hasText: 'rain-safe' })).toContainText('100');
  await expect(film.locator('tr', { hasText: 'overcoat from' })).toContainText(/[89]\d/);
  await list.getByRole('button', { name: 'Choose bay C4', exact: true }).click();
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  await expect(card.getByText('every condition holds')).toBeVisible();
  await expect(card.getByText(/Chance that it holds/).first()).toBeVisible();
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
  // A figure opens to its working.
  await card
    .getByRole('button', { name: /^laying/ })
    .first()
    .click();
  await expect(page.locator('.el-drawer')).toContainText('area by output and crew');
});

test('a reading near the dew point shuts the canopy at once; more people lay it faster', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-4`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  const laying = card.getByRole('button', { name: /^laying/ }).first();
  const before = await laying.textContent();
  await card.getByRole('button', { name: '6 people' }).click();
  await expect(laying).not.toHaveText(before ?? '');
  await card.getByRole('button', { name: 'Take a reading' }).click();
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
  const year = ['time,temperature,wind'];
  for (let h = 0; h < 8760; h += 1) {
    const at = new Date(Date.UTC(2025, 0, 1, h)).toISOString().slice(0, 16).replace('T', ' ');
    const season = 12 - 9 * Math.cos((2 * Math.PI * h) / 8760);
    year.push(`${at},${(season + 4 * Math.sin((2 * Math.PI * (h - 9)) / 24)).toFixed(1)},2.5`);
  }
  await pick('year.csv', `${year.join('\n')}\n`);
  await expect(dialog.getByText('8760 hours')).toBeVisible();
  await dialog.getByRole('button', { name: 'Add the hours' }).click();
  const season = page.getByRole('region', { name: 'The season' });
  await expect(season).toContainText('The file says nothing of humidity and rain');
  await expect(season.locator('tbody tr')).toHaveCount(15);

  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-4`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await card.getByRole('button', { name: 'Take a reading' }).click();
  await card.getByRole('button', { name: 'From the instruments' }).click();
  await expect(card.getByRole('textbox', { name: 'Surface temperature' })).toHaveValue(/\d/);
  await card.getByRole('button', { name: 'Keep the reading' }).click();
  await expect(card.getByText(/^read /)).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Openings and closings, calendar file' }).click(),
  ]);
  const calendar = readFileSync(await file.path(), 'utf8');
  expect(calendar).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(calendar).toContain('SUMMARY:H7: overcoat time ends (first coat)');
  expect(calendar).toContain('BEGIN:VALARM');
});
