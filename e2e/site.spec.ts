import { chosenZone, expect, freshDemo, measure, test } from './support.ts';

test('a bay is held with a reason, released, and every step stays in the record', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-11`);
  await page.getByRole('button', { name: 'Hold', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Hold bay H11' })).toBeDisabled();
  await page.getByLabel('Why is it held?').fill('ladder blocked');
  await page.getByRole('button', { name: 'Hold bay H11' }).click();
  await expect(page.getByLabel('Bay H11 held')).toBeVisible();
  await expect(page.getByText('Held by Ines: ladder blocked.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Release the hold' }).click();
  await expect(page.getByLabel('Bay H11 detailed')).toBeVisible();
  await page.goto(`/jobs/${id}/record?zone=hall`);
  await expect(page.locator('tr', { hasText: 'H11 · held: ladder blocked' })).toBeVisible();
  await expect(page.locator('tr', { hasText: 'H11 · released' })).toBeVisible();
});

test('a thin wet bay: more is rolled, added to the coat, and the verdict turns', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-4`);
  await expect(
    page.getByText(/Roll 1\.0\sL more over the thin places while it is still wet/).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Rolled more: add to the coat' }).click();
  await measure(page, 'Left over', '10.4');
  for (let i = 0; i < 6; i += 1) await page.getByRole('button', { name: /Take back reading 1,/ }).click();
  for (const tooth of ['0.90', '0.80', '0.90', '0.90'])
    await page.getByRole('button', { name: `Last wet tooth ${tooth} mm` }).click();
  await page.getByRole('button', { name: 'Keep the correction' }).click();
  await expect(page.locator('section.card').getByText('Enough:')).toBeVisible();
  await page.goto(`/jobs/${id}/record?zone=hall&bay=hall-4`);
  await expect(page.locator('tr.gone', { hasText: 'H4 · Second coat' })).toContainText('corrected by');
});

test('bad coats get a sentence before anything is sent', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-11`);
  await page.getByRole('button', { name: 'Log a coat' }).click();
  await measure(page, 'Left over', '40');
  await expect(
    page
      .getByText(/Coat, left over: 40\.0\skg of 25\.0\skg opened; expected no more than was opened\./)
      .first(),
  ).toBeVisible();
  await measure(page, 'Left over', '1');
  const start = await page.locator('#coat-start').inputValue();
  await page.locator('#coat-end').fill(`${Number(start.slice(0, 4)) - 1}${start.slice(4)}`);
  await expect(
    page
      .getByText(/Coat, finish: .* is not after the start .*; expected a finish later than the start\./)
      .first(),
  ).toBeVisible();
  const before = (await (await page.request.get(`/api/v1/jobs/${id}/record-check`)).json()) as {
    entries: number;
  };
  await page.getByRole('button', { name: 'Keep for H11' }).click();
  const after = (await (await page.request.get(`/api/v1/jobs/${id}/record-check`)).json()) as {
    entries: number;
  };
  expect(after.entries).toBe(before.entries);
});

test('an entry is withdrawn with a reason and stays, struck through', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/record?zone=hall&bay=hall-3`);
  const check = await page.request.get(`/api/v1/jobs/${id}/record-check`);
  const { entries: before } = (await check.json()) as { entries: number };
  const coats = page.locator('article.coat');
  await expect(coats).toHaveCount(3);
  await coats.first().getByRole('button', { name: 'Withdraw' }).click();
  await page.getByLabel('Reason').fill('logged on the wrong bay');
  await page.getByRole('dialog').getByRole('button', { name: 'Withdraw' }).click();
  await expect(coats).toHaveCount(2);
  await expect(page.locator('tr.gone', { hasText: 'H3 · Second coat' })).toContainText(
    `withdrawn by ${before + 1}`,
  );
});

test('files that are no job are refused in a sentence, and the theme stays with the device', async ({
  page,
}) => {
  const id = await freshDemo(page);
  const file = await (await page.request.get(`/api/v1/jobs/${id}/file`)).text();
  await page.goto('/jobs');
  const pick = (text: string) =>
    page
      .getByLabel('Job file')
      .setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  const sent: string[] = [];
  page.on('request', (r) => r.method() !== 'GET' && sent.push(r.url()));
  for (const [text, words] of [
    [file.slice(0, 4000), 'job.json was not imported. The job file is cut short: it ends with'],
    [
      '{"type":"Polygon"}',
      'job.json was not imported. The job file, format: “none” does not fit; expected “lentum-job”',
    ],
    [file.replace('Velmora ferry', 'Other ferry'), 'the file was changed after it was written'],
  ] as const) {
    await pick(text);
    await expect(page.getByRole('alert')).toContainText(words);
  }
  // Nothing was sent, so nothing can have been half stored.
  expect(sent).toEqual([]);
  await page.goto('/settings');
  await page.getByText('Bright sun').click();
  await page.reload();
  expect(await page.evaluate(() => document.documentElement.dataset['theme'])).toBe('sun');
});

test('what somebody else changes is on screen at once', async ({ page }) => {
  const id = await freshDemo(page);
  const open = page.waitForRequest(`**/api/v1/jobs/${id}/live`);
  await page.goto(`/jobs/${id}/survey?zone=hall`);
  await expect(chosenZone(page)).toHaveText('H Booking hall roof');
  await open;
  const was = await page.request.get(`/api/v1/jobs/${id}/survey`);
  const survey = (await was.json()) as { zones: { id: string; name: string }[] };
  const zones = survey.zones.map((z) => (z.id === 'hall' ? { ...z, name: 'Hall of departures' } : z));
  const put = await page.request.put(`/api/v1/jobs/${id}/survey`, {
    headers: { 'If-Match': was.headers()['etag'] ?? '' },
    data: { ...survey, zones },
  });
  expect(put.status()).toBe(200);
  // Sooner than the look now and then, which comes every twenty seconds.
  await expect(page.getByRole('button', { name: 'Hall of departures' }).first()).toBeVisible({
    timeout: 5000,
  });
});

test.describe('with a clock of its own', () => {
  test.use({ ownProfile: true });
  test('what somebody else enters arrives by itself', async ({ page }) => {
    const id = await freshDemo(page);
    await page.clock.install();
    await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-12`);
    await expect(page.getByLabel('Bay H12 bare')).toBeVisible();
    const at = new Date().toISOString();
    const entry = {
      kind: 'step',
      id: 'from-elsewhere',
      madeAt: at,
      who: 'Marek',
      bayId: 'hall-12',
      step: 'prepared',
      at,
      note: '',
    };
    expect((await page.request.put(`/api/v1/jobs/${id}/record/${entry.id}`, { data: entry })).status()).toBe(
      201,
    );
    // The page asks every twenty seconds.
    await page.clock.fastForward(20_500);
    await expect(page.getByLabel('Bay H12 prepared')).toBeVisible();
  });
});
