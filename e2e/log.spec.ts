/** The book through the interface: one entry for a shift, what happens on a roof, and what is taken back. */
import type { Page } from '@playwright/test';
import { toBuffer } from 'bwip-js/node';
import { catalogue } from '@lentum/core/buildup';
import { emptyJob, expect, freshDemo, measure, sticksOut, test } from './support.ts';

const entriesOf = async (
  page: Page,
  id: string,
): Promise<{ kind: string; bays: unknown[]; body: Record<string, unknown> }[]> => {
  const r = await page.request.get(`/api/v1/jobs/${id}/record?limit=2000`);
  return ((await r.json()) as { entries: { entry: never }[] }).entries.map((s) => s.entry);
};
const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' });

test('bays of a line are prepared by one tap, and a mis-tap is taken back where it was made', async ({
  page,
}) => {
  const id = await freshDemo(page);
  const before = (await entriesOf(page, id)).length;
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace`);
  await button(page, 'Prepared, 3 bays').click();
  await expect(page.getByText('T13–T15: prepared')).toBeVisible();
  await expect(page.getByLabel('Bay T14 prepared')).toBeVisible();
  expect((await entriesOf(page, id)).slice(before).map((e) => [e.kind, e.bays.length])).toEqual([
    ['preparation', 3],
  ]);
  await button(page, 'Take it back').click();
  await expect(page.getByLabel('Bay T14 bare')).toBeVisible();
  await expect(page.getByText('T13–T15: prepared')).toHaveCount(0);
  await page.goto(`/jobs/${id}/record?zone=terrace`);
  await expect(page.locator('tr.gone', { hasText: 'T13–T15 · prepared' })).toContainText('taken back by');
});

test('a shift over three bays is one entry with a verdict for each, and is corrected as one', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-9`);
  await button(page, 'Log a coat').click();
  // By the keyboard, and by a tap on the plan.
  await button(page, 'Bay T10').press('Enter');
  await button(page, 'Bay T11').click();
  await expect(page.getByRole('heading', { name: 'Log a coat on T9–T11' })).toBeVisible();
  for (const bay of ['T9', 'T10', 'T11']) {
    await button(page, new RegExp(`^Readings on ${bay},`)).click();
    for (let i = 0; i < 3; i += 1) await button(page, 'Last wet tooth 2.00 mm').click();
  }
  const start = await page.locator('#coat-start').inputValue();
  await page.locator('#coat-start').fill(start.replace(/T.*/, 'T00:30'));
  await button(page, 'to now').click();
  // Three bays take two drums.
  await measure(page, 'Left over', '20');
  await expect(page.getByText('by area: T9 10.0 kg, T10 10.0 kg, T11 10.0 kg')).toBeVisible();
  await button(page, 'Keep for T9–T11').click();
  await expect(page.getByText('T9–T11: membrane, reinforced')).toBeVisible();
  const shift = (await entriesOf(page, id)).at(-1)!;
  expect([shift.kind, shift.bays.length]).toEqual(['coat', 3]);
  await page.goto(`/jobs/${id}/record?zone=terrace&bay=terrace-10`);
  const card = page.locator('article.coat', { hasText: 'T10 · membrane, reinforced.' });
  await expect(card).toContainText('shared with');
  await expect(card).toContainText('T9, T11');
  await card.getByRole('button', { name: 'Correct' }).click();
  await measure(page, 'Left over', '22');
  await button(page, 'Keep the correction').click();
  await expect(page.locator('tr.gone', { hasText: 'T9–T11 · Membrane, reinforced' })).toContainText(
    'corrected by',
  );
});

/** Made by another program than the one that reads it. */
const picture = async (
  bcid: string,
  text: string,
): Promise<{ name: string; mimeType: string; buffer: Buffer }> => ({
  name: 'code.png',
  mimeType: 'image/png',
  buffer: Buffer.from(
    await toBuffer({ bcid, text, scale: 4, paddingwidth: 12, paddingheight: 12, backgroundcolor: 'FFFFFF' }),
  ),
});

test('the batch is read from a picture of the code on the container', async ({ page }) => {
  const id = await freshDemo(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-9`);
  await button(page, 'Log a coat').click();
  const batch = page.getByRole('combobox', { name: 'Batch of container 1' });
  await expect(batch).toHaveValue('M-0902');
  await expect(page.getByText('as last time')).toBeVisible();
  const take = async (bcid: string, text: string): Promise<void> =>
    page.getByLabel('Picture of the code on container 1').setInputFiles(await picture(bcid, text));
  // A matrix with goods, batch and expiry; a bar code of the same; the batch alone; an address; no code at all.
  await take('gs1datamatrix', '(01)09506000134352(17)201231(10)M-1101');
  await expect(batch).toHaveValue('M-1101');
  await expect(page.getByText('Its code says: use by 31 Dec 2020. That day is past.')).toBeVisible();
  await take('gs1-128', '(01)09506000134352(10)M-1102');
  await expect(batch).toHaveValue('M-1102');
  await take('qrcode', 'M-1103');
  await expect(batch).toHaveValue('M-1103');
  await take('gs1qrcode', '(01)09506000134352(10)M-1104(21)7');
  await expect(batch).toHaveValue('M-1104');
  await take('qrcode', 'https://example.test/shop');
  await expect(
    page.getByText('The code says no batch. Read the batch from the label and type it.'),
  ).toBeVisible();
  await expect(batch).toHaveValue('M-1104');
  const white = await page.screenshot({ clip: { x: 0, y: 0, width: 60, height: 20 } });
  await page
    .getByLabel('Picture of the code on container 1')
    .setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: white });
  await expect(page.getByText('No code was found on the picture')).toBeVisible();
  // Those that came or were opened are offered.
  const list = page.locator(`datalist[id="${await batch.getAttribute('list')}"] option`);
  const offered = await list.evaluateAll((all) => all.map((o) => (o as HTMLOptionElement).value));
  expect(offered[0]).toBe('M-0902');
  expect(offered.length).toBeGreaterThan(5);
});

test('a kettle charge that got too hot is taken and said; permit, watch and stock stand beside it', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=garden`);
  await button(page, 'Log').click();
  await button(page, /^Permit for hot works/).click();
  await page.getByLabel('Number', { exact: true }).fill('44');
  await page.getByLabel('Work', { exact: true }).fill('kettle on the podium');
  await page.getByLabel('Issued by', { exact: true }).fill('Marek');
  await button(page, 'Keep it').click();
  await button(page, 'Log').click();
  await button(page, /^Kettle charge/).click();
  await measure(page, 'In the kettle', '288');
  await measure(page, 'Kettle, temperature 1', '231');
  await measure(page, 'Drawn', '200');
  await measure(page, 'Left in it', '100');
  await button(page, 'Keep it').click();
  await expect(page.getByRole('alert')).toHaveText(
    /Melt, drawn and left: 200\.0\skg and 100\.0\skg of 288\.0\skg charged; expected no more than was in the kettle\./,
  );
  await measure(page, 'Left in it', '88');
  await expect(page.getByText(/above the safe maximum of 200\.0\s°C: the charge is lost\./)).toBeVisible();
  await button(page, 'Keep it').click();
  await page.goto(`/jobs/${id}/record?zone=garden`);
  const row = page.locator('tr', { hasText: /charge \d of first hot layer.*up to 231/ });
  await expect(row).toContainText('the charge is lost');
  await expect(
    page.locator('tr', { hasText: 'permit 44 for kettle on the podium opened by Marek' }),
  ).toBeVisible();
  await expect(page.locator('tr', { hasText: 'fire watch by Ines' })).toBeVisible();
  await expect(
    page.locator('tr', { hasText: 'Rubberised bitumen in blocks came, 46 pieces, batch K-6610' }),
  ).toBeVisible();
});

test('aggregate is thrown, swept and stocked; rain on a wet coat is a miss until its steps are done', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-5`);
  await button(page, 'Log something else').click();
  await button(page, /^Aggregate/).click();
  await measure(page, 'Thrown', '75');
  await button(page, 'Keep for T5').click();
  await button(page, 'Log something else').click();
  await button(page, /^Aggregate/).click();
  const done = page.getByRole('combobox', { name: 'What was done', exact: true });
  await page.locator('.el-select', { has: done }).click();
  await page.getByRole('option', { name: 'swept off' }).click();
  await measure(page, 'Swept off', '40');
  await measure(page, 'Of that back into stock', '30');
  await button(page, 'Keep for T5').click();
  await expect.poll(async () => (await entriesOf(page, id)).at(-1)?.body['step']).toBe('swept');
  const [thrown, swept] = (await entriesOf(page, id)).slice(-2);
  expect([thrown!.body['thrownKg'], swept!.body['sweptKg'], swept!.body['backKg']]).toEqual([75, 40, 30]);

  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-4`);
  await button(page, 'Log something else').click();
  await button(page, /^Event/).click();
  await button(page, 'Keep for H4').click();
  const miss = page.getByLabel('Missed on H4');
  await expect(miss).toContainText('Rain on the second coat');
  await miss.getByText('Let it dry.').click();
  await miss.getByRole('button', { name: 'Log what is done' }).click();
  await expect(miss).toContainText('✓ Let it dry.');
  await miss.getByRole('button', { name: 'All steps' }).click();
  await miss.getByRole('button', { name: 'Log what is done' }).click();
  await expect(miss).toContainText('Mended');
  await miss.getByRole('button', { name: 'Judge it' }).click();
  await miss.getByLabel('What was found').fill('no marks');
  await miss.getByRole('button', { name: 'It is good' }).click();
  await expect(miss).toContainText('Accepted by Ines: no marks.');
  await page.goto(`/jobs/${id}/record?zone=hall`);
  await expect(page.getByRole('heading', { name: 'Missed, and what was done' })).toBeVisible();
  await expect(page.getByText('Rain on the second coat').first()).toBeVisible();
});

test('what was missed on a bay is mended step by step, and the bay goes on', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-8`);
  await expect(page.getByLabel(/^Bay H8 .*missed/)).toBeVisible();
  const miss = page.getByLabel('Missed on H8');
  await miss.getByRole('button', { name: 'All steps' }).click();
  await miss.getByRole('button', { name: 'Log what is done' }).click();
  await expect(page.getByLabel(/^Bay H8 .*(wet|curing)/)).toBeVisible();
  await expect(miss).toContainText('Mended');
});

/** A deck of 6,000 ft² in 57 bays under four coats: a shift of taps where it was one for each bay and coat. */
test('a deck of 57 bays under four coats is logged in a few dozen taps', async ({ page }) => {
  const id = await emptyJob(page);
  const buildUp = catalogue().find((b) => b.id === 'vehicular-deck')!;
  const [long, wide] = [57, 9.78];
  const put = async (kind: string, data: object): Promise<void> => {
    const r = await page.request.put(`/api/v1/jobs/${id}/${kind}`, { data, headers: { 'If-Match': '"1"' } });
    expect(await r.text()).toContain('version');
  };
  const legs = [long, wide, long, wide].map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'left' }));
  await put('survey', {
    zones: [
      {
        ...{
          id: 'deck',
          code: 'D',
          name: 'Deck',
          outline: { kind: 'walk', legs, adjustmentAccepted: false },
        },
        ...{ openings: [], note: '' },
      },
    ],
  });
  await put('build-up', {
    buildUps: [buildUp],
    zones: [{ zoneId: 'deck', buildUpId: buildUp.id, revision: 1, conditions: [], choices: {} }],
  });
  const strip = (i: number): [number, number][] => [
    [i, 0],
    [i + 1, 0],
    [i + 1, wide],
    [i, wide],
  ];
  await put('site', {
    bays: Array.from({ length: long }, (_, i) => ({
      ...{ id: `deck-${i + 1}`, zoneId: 'deck', label: `D${i + 1}` },
      parts: [{ outer: strip(i), holes: [] }],
    })),
    cuts: [],
  });
  await page.addInitScript(() => {
    const counter = window as unknown as { taps: number };
    counter.taps = 0;
    addEventListener('click', (e) => (counter.taps += e.isTrusted ? 1 : 0), true);
  });
  await page.goto(`/jobs/${id}/site?part=bays&zone=deck`);
  await button(page, 'Prepared, 57 bays').click();
  await expect(page.getByLabel('Bay D57 prepared')).toBeVisible();
  const coats = buildUp.layers.filter(
    (l) => l.kind === 'coat' && l.treats !== 'details' && l.only?.option !== 'ramp',
  );
  expect(coats.length).toBe(4);
  for (const coat of coats) {
    await button(page, 'Log a coat').click();
    await button(page, /^That wait for it: 57$/).click();
    const start = await page.locator('#coat-start').inputValue();
    await page.locator('#coat-start').fill(start.replace(/T.*/, 'T00:00'));
    await button(page, 'to now').click();
    await button(page, 'Empty').click();
    await button(page, 'Keep for D1–D57').click();
    await expect(page.getByText(`D1–D57: ${coat.name.toLowerCase()}`)).toBeVisible();
  }
  const taps = await page.evaluate(() => (window as unknown as { taps: number }).taps);
  const entries = await entriesOf(page, id);
  expect(entries.map((e) => [e.kind, e.bays.length])).toEqual([
    ['preparation', 57],
    ...coats.map(() => ['coat', 57]),
  ]);
  console.log(`57 bays, 4 coats: ${taps} taps, ${entries.length} entries`);
  // It was 57 taps and 228 forms.
  expect(taps).toBeLessThanOrEqual(24);
});

test('readings of a gauge come out of its file: its columns are said once, a foreign one is refused', async ({
  page,
}) => {
  const id = await freshDemo(page);
  const take = async (name: string, text: string): Promise<void> =>
    page
      .getByLabel('File of the gauge')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  const HEAD = 'No,Batch,Thickness (µm)';
  await page.goto(`/jobs/${id}/site?zone=canopy`);
  await page.getByRole('button', { name: 'Log', exact: true }).first().click();
  await page.getByRole('button', { name: /^Dry film/ }).click();
  await take('notes.txt', 'dear all\nno numbers here\n');
  await expect(page.getByText(/“notes.txt” has no column of numbers/)).toBeVisible();
  await take('canopy.csv', `${HEAD}\n1,C1,412\n2,C1,398\n3,C2,510\n`);
  const dialog = page.getByRole('dialog', { name: 'Readings out of canopy.csv' });
  await expect(dialog.getByText('this is asked once for files like it')).toBeVisible();
  await dialog.getByText('C1: 2 readings, mean 405 µm').click();
  await dialog.getByRole('button', { name: 'Take these readings' }).click();
  await expect(page.getByRole('textbox', { name: 'Readings' })).toHaveValue('412 398');
  await take('next.csv', `${HEAD}\n1,C3,OL\n2,C3,401\n`);
  const next = page.getByRole('dialog', { name: 'Readings out of next.csv' });
  await expect(next.getByText('Its columns are known from a file like it.')).toBeVisible();
  await expect(next.getByText(/row 2, column of readings: “OL” does not fit/)).toBeVisible();
  await expect(next.getByRole('button', { name: 'Take these readings' })).toBeDisabled();
});

test('the sheet of the log fits the phone, and its targets the glove', async ({ page }) => {
  const id = await freshDemo(page);
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-6`);
  await button(page, 'Log something else').click();
  const list = page.getByRole('dialog').getByRole('listitem').getByRole('button');
  for (const b of await list.all()) expect((await b.boundingBox())!.height).toBeGreaterThanOrEqual(48);
  await button(page, /^Preparation step/).click();
  for (const b of await button(page, /^Bay H\d+$/).all()) {
    const box = await b.boundingBox();
    expect(Math.min(box?.height ?? 0, box?.width ?? 0)).toBeGreaterThanOrEqual(48);
  }
  expect(await sticksOut(page)).toBe(0);
});

/** On a fresh demo three bays were prepared without a signal; nothing looks whether there is one again but a new start. */
async function preparedAway(page: Page): Promise<{ id: string; before: number }> {
  const id = await freshDemo(page);
  const before = (await entriesOf(page, id)).length;
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace`);
  await expect(button(page, 'Prepared, 3 bays')).toBeVisible();
  await page.context().setOffline(true);
  await button(page, 'Prepared, 3 bays').click();
  await expect(page.getByText('T13–T15: prepared')).toBeVisible();
  await page.context().setOffline(false);
  return { id, before };
}

test('an entry that waited goes out on the next start, on whatever page that is', async ({ page }) => {
  const { id, before } = await preparedAway(page);
  await page.goto('/settings');
  await expect.poll(async () => (await entriesOf(page, id)).length, { timeout: 15_000 }).toBe(before + 1);
});

test('an entry that goes out before the record is read hides nothing of it', async ({ page }) => {
  const { id, before } = await preparedAway(page);
  await page.route(`**/api/v1/jobs/${id}`, async (route) => {
    await expect.poll(async () => (await entriesOf(page, id)).length, { timeout: 15_000 }).toBe(before + 1);
    await route.continue();
  });
  await page.goto(`/jobs/${id}/record?zone=terrace`);
  await expect(page.locator('tr', { hasText: 'T13–T15 · prepared' })).toBeVisible();
  await expect(page.locator('tr', { hasText: 'T8 · Membrane, reinforced' }).first()).toBeVisible();
});
