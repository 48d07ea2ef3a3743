/** Measuring a roof as it is measured on site: by tape alone, from a drawing, on the plan; its falls and its readiness. */
import { fileURLToPath } from 'node:url';
import type { Locator, Page } from '@playwright/test';
import {
  chooseZone,
  chosenZone,
  downloaded,
  emptyJob,
  expect,
  freshDemo,
  hasZone,
  measure,
  newZone,
  onPlan,
  rectangle,
  saved,
  test,
} from './support.ts';

const large = (page: Page) => page.locator('section.figures .large');

test('an L-shaped roof with two roof lights from tape measures alone', async ({ page }) => {
  const id = await emptyJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: 'L', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Tape measures' })).toBeVisible();
  for (const [i, length] of ['10', '4', '6', '5', '4', '9'].entries())
    await measure(page, `Side ${i + 1}, length`, length);
  const advice = page.locator('.advice');
  await expect(advice).toContainText('Not fixed yet: 3 more measures are needed. Tape the diagonal');
  await expect(large(page)).toHaveCount(0);

  // The diagonals that are asked for, one after the other; the last one checks the others.
  const at = [
    [0, 0],
    [10, 0],
    [10, 4],
    [4, 4],
    [4, 9],
    [0, 9],
  ] as const;
  for (let n = 1; n <= 4; n += 1) {
    await page.getByRole('button', { name: 'Add a diagonal' }).click();
    await expect(page.getByRole('textbox', { name: `Diagonal ${n}, length` })).toBeVisible();
    const survey = (await (async () => {
      await saved(page);
      return (await page.request.get(`/api/v1/jobs/${id}/survey`)).json();
    })()) as { zones: { outline: { diagonals: { from: number; to: number }[] } }[] };
    const d = survey.zones[0]!.outline.diagonals[n - 1]!;
    const [a, b] = [at[d.from]!, at[d.to]!];
    await measure(page, `Diagonal ${n}, length`, Math.hypot(a[0] - b[0], a[1] - b[1]).toFixed(3));
  }
  await expect(advice).toContainText('The shape is fixed. 1 measure to spare, and all agree.');
  await expect(large(page)).toHaveText('60.00 m²');

  // A slip of half a metre is named; put right, everything agrees again.
  await measure(page, 'Side 1, length', '10.5');
  await expect(advice).toContainText('The measures disagree. Most likely wrong:');
  await expect(large(page)).toHaveCount(0);
  await measure(page, 'Side 1, length', '10');
  await expect(large(page)).toHaveText('60.00 m²');

  await page.getByRole('button', { name: 'Add a roof light' }).click();
  await rectangle(page, 'Roof light 1', ['1', '1', '1', '1', '150']);
  await page.getByRole('button', { name: 'Add a round one' }).click();
  await measure(page, 'Roof light 2, middle along side 1', '7');
  await measure(page, 'Roof light 2, middle into the zone', '2');
  await measure(page, 'Roof light 2, diameter', '1');
  // It is no opening before all of it is measured, and what is missing is said.
  await page.getByRole('button', { name: 'Add it', exact: true }).click();
  await expect(page.getByText('Roof light 2, kerb height: it is missing')).toBeVisible();
  await expect(large(page)).toHaveText('59.00 m²');
  await measure(page, 'Roof light 2, kerb height', '150');
  await page.getByRole('button', { name: 'Add it', exact: true }).click();
  await expect(large(page)).toHaveText('58.21 m²');
  await page.getByRole('button', { name: 'Edges', exact: true }).click();
  await page.getByRole('combobox', { name: 'Side 1, kind of edge' }).click({ force: true });
  await page.getByRole('option', { name: 'Upstand' }).click();
  await page.getByRole('button', { name: 'All like side 1' }).click();
  await expect(page.getByRole('button', { name: /^Internal corners: 5,/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^External corners: 5,/ })).toBeVisible();
  await saved(page);
});

const line = (x1: number, y1: number, x2: number, y2: number): string =>
  `0\nLINE\n8\nROOF\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
const dxf = (entities: string): string => `0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
const CURVED = dxf(
  `${line(0, 0, 10000, 0)}0\nARC\n8\nROOF\n10\n10000\n20\n4000\n40\n4000\n50\n270\n51\n90\n${line(10000, 8000, 0, 8000)}${line(0, 8000, 0, 0)}0\nTEXT\n8\nNOTES\n10\n0\n20\n0\n40\n1\n1\nRoof\n`,
);

test('a drawing with a curved parapet: layers, a unit that has to be confirmed, arcs; open lines are reported', async ({
  page,
}) => {
  const id = await emptyJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: 'Import an outline' }).click();
  const pick = (text: string) =>
    page
      .getByLabel('File with the outline')
      .setInputFiles({ name: 'roof.dxf', mimeType: 'image/vnd.dxf', buffer: Buffer.from(text) });
  await pick(dxf(line(0, 0, 9, 0) + line(9, 0, 9, 6)));
  await expect(page.getByText('Not taken: an open line of 2 pieces')).toBeVisible();
  await pick(CURVED);
  await expect(page.getByText('roof.dxf does not say its unit. It is drawn in')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add the zone' })).toBeDisabled();
  await expect(page.getByText('1 × text')).toBeVisible();
  await page.getByRole('dialog').getByText('mm', { exact: true }).click();
  await expect(page.getByText('with arcs')).toBeVisible();
  await page.getByRole('button', { name: 'Add the zone' }).click();
  // 10 × 8 m and a half disc of 4 m: 80 + 8π, less what straight pieces within a millimetre leave out.
  await expect(large(page)).toHaveText('105.12 m²');
  await saved(page);
  const { name, text: out } = await downloaded(page, async () => {
    await page.getByRole('button', { name: 'Export' }).click();
    await page.getByRole('menuitem', { name: 'Plan as DXF' }).click();
  });
  expect(name).toBe('test-roof.dxf');
  await newZone(page, 'Import an outline');
  await pick(out);
  await expect(page.getByText('roof.dxf says that it is drawn in')).toBeVisible();
  await page.getByRole('button', { name: 'Add the zone' }).click();
  await expect(large(page)).toHaveText('105.12 m²');
});

test('reading a drawing of 300,000 lines can be stopped; what is there stays', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/survey`);
  await newZone(page, 'Import an outline');
  const lines = Array.from({ length: 300_000 }, (_, i) => line(i, 0, i, 1)).join('');
  await page
    .getByLabel('File with the outline')
    .setInputFiles({ name: 'huge.dxf', mimeType: 'image/vnd.dxf', buffer: Buffer.from(dxf(lines)) });
  await page.getByRole('button', { name: 'Stop reading' }).click();
  await expect(page.getByRole('button', { name: 'Stop reading' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(large(page)).toHaveText('153.08 m²');
});

test('drawn by lengths and directions, by clicks, dragged, split and joined', async ({ page }) => {
  const id = await emptyJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByText('Draw a zone').click();
  const field = page.getByRole('textbox', { name: 'Length of the next side' });
  for (const [arrow, length] of [
    ['ArrowRight', '8'],
    ['ArrowUp', '5'],
    ['ArrowLeft', '8'],
  ] as const) {
    await field.press(arrow);
    await field.fill(length);
    await field.press('Enter');
  }
  await page.getByRole('button', { name: 'Close the outline' }).click();
  await expect(large(page)).toHaveText('40.00 m²');

  // A side typed over; a corner moved by arrow keys; undone.
  await measure(page, 'Side 1, length', '10');
  await expect(large(page)).toHaveText('50.00 m²');
  await page.getByText('Move corners').click();
  await page.getByRole('button', { name: /^corner 2:/ }).click();
  await page.locator('[data-plan]').focus();
  for (let i = 0; i < 10; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(large(page)).toHaveText('52.50 m²');
  for (let i = 0; i < 10; i += 1) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(large(page)).toHaveText('50.00 m²');

  // The same corner dragged by pointer.
  const from = await onPlan(page, 10, 0);
  const to = await onPlan(page, 11, 0);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, from.y, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
  await expect(large(page)).toHaveText('52.50 m²');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(large(page)).toHaveText('50.00 m²');
  await saved(page);

  // A second zone clicked beside it, snapped to its corners.
  await page.getByText('Draw a zone').click();
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: 'Zoom out' }).click();
  for (const [x, y] of [
    [10, 0],
    [12, 0],
    [12, 5],
    [10, 5],
    [10, 0],
  ] as const) {
    const p = await onPlan(page, x, y);
    await page.mouse.click(p.x + 2, p.y - 2);
  }
  await expect(chosenZone(page)).toHaveText('B Zone 2');
  await chooseZone(page, 'A Zone 1');
  await page.getByRole('button', { name: 'Edges', exact: true }).click();
  await expect(page.getByText('5.00 m shared with Zone 2')).toBeVisible();

  // Split across, and joined again.
  await page.getByLabel('On the plan').getByText('Split', { exact: true }).click();
  for (const [x, y] of [
    [4, -0.6],
    [4, 5.6],
  ] as const) {
    const p = await onPlan(page, x, y);
    await page.mouse.click(p.x, p.y);
  }
  await hasZone(page, 'Zone 1, part 2');
  await page.getByRole('button', { name: 'Shape', exact: true }).click();
  await page.getByRole('button', { name: 'Join with Zone 1, part 2' }).click();
  await expect(large(page)).toHaveText('50.00 m²');

  // Without a pointer: from corner to corner.
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  await expect(large(page)).toHaveText('25.00 m²');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(large(page)).toHaveText('50.00 m²');
  await saved(page);
});

test('a picture is scaled by two points and a known length', async ({ page }) => {
  const id = await emptyJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: 'Trace a picture' }).click();
  const picture = fileURLToPath(new URL('../docs/screenshots/order.png', import.meta.url));
  await page.locator('#underlay-file').setInputFiles(picture);
  await page.getByRole('button', { name: 'Scale by two points' }).click();
  for (const [x, y] of [
    [2, 2],
    [12, 2],
  ] as const) {
    const p = await onPlan(page, x, y);
    await page.mouse.click(p.x, p.y);
  }
  await expect(page.getByText(/shown as (9\.9|10\.0)/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Known length' }).fill('5');
  await page.getByRole('textbox', { name: 'Known length' }).blur();
  await page.getByRole('button', { name: 'Scale it' }).click();
  await saved(page);
  const { underlay } = (await (await page.request.get(`/api/v1/jobs/${id}/survey`)).json()) as {
    underlay: { metresPerPx: number; widthPx: number };
  };
  expect(underlay.metresPerPx * underlay.widthPx).toBeCloseTo(10, 0);
  // The job as a file takes the picture along.
  const file = (await (await page.request.get(`/api/v1/jobs/${id}/file`)).json()) as {
    content: { pictures: unknown[] };
  };
  expect(file.content.pictures.length).toBe(1);
  await page.locator('#underlay-file').waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Take the picture away' }).click();
  await saved(page);
});

async function matched(page: Page, seen: Locator, list: string, choice: string): Promise<void> {
  await seen.getByRole('combobox', { name: list, exact: true }).press('Enter');
  await page.getByRole('option', { name: choice, exact: true }).click();
}
const matchAs = (page: Page, seen: Locator, column: string, as: string): Promise<void> =>
  matched(page, seen, `What ${column} is`, as);
const matchUnit = (page: Page, seen: Locator, column: string, unit: string): Promise<void> =>
  matched(page, seen, `Unit of ${column}`, unit);

test('levels: a pond with its depth, the mix to level it, a file that fails half-way', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/survey?zone=workshop&part=levels`);
  await expect(page.getByRole('heading', { name: 'Falls and standing water' })).toBeVisible();
  await expect(page.locator('tr', { hasText: 'Pond 1' })).toContainText('20.4 mm');
  await expect(page.getByText('Outlet by the parapet stands 8.0 mm proud')).toBeVisible();
  await page.getByRole('button', { name: /, levelling mix: .* show working/ }).click();
  await expect(page.getByText('area that is raised × mean thickness over it × 1000')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('30 read')).toBeVisible();
  await page.getByText('From a file').click();
  const pick = (text: string) =>
    page
      .getByLabel('File with levels')
      .setInputFiles({ name: 'l.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await pick('along,into,height\n1,1,0.2\n2,2,wet\n');
  const seen = page.getByRole('dialog', { name: 'Out of l.csv' });
  await expect(seen.getByText('The CSV file, line 3: “wet” is not a number')).toBeVisible();
  await expect(seen.getByRole('button', { name: 'Take them' })).toBeDisabled();
  await seen.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('30 read')).toBeVisible();
  // Another order, and millimetres: said once, and known again.
  await pick('no,mm above,along,into\n1,130,2,8\n2,140,6,1\n');
  await expect(seen.getByText('No column is height; expected one of each.')).toBeVisible();
  await matchAs(page, seen, 'no', 'not used');
  await matchAs(page, seen, 'mm above', 'height');
  await matchUnit(page, seen, 'mm above', 'mm');
  await expect(seen.getByText('2 of them, 0.130 m to 0.140 m')).toBeVisible();
  await seen.getByRole('button', { name: 'Take 2' }).click();
  await expect(page.getByText('32 read')).toBeVisible();
  await saved(page);
  await pick('along,into,height\n20,8,0.130\n');
  await seen.getByRole('button', { name: 'Take 1' }).click();
  await expect(page.getByText('Not saved.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('one zone held for moisture, one refused for silicone, with the reasons on screen', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/survey?zone=deck&part=readiness`);
  const headline = page.locator('.headline');
  await expect(headline).toContainText(
    'Hold: moisture: 8.0 % is above 6.0 %, the primer’s own limit (typical).',
  );
  await expect(headline).toContainText(
    'Dry it and measure again, or a primer that is sold for this reading.',
  );
  await chooseZone(page, 'B Staff balcony');
  await expect(headline).toContainText('Not with Pedestrian polyurethane deck');
  await expect(headline).toContainText('nothing but silicone bonds to silicone');
  await chooseZone(page, 'O Old ticket office');
  await expect(headline).toContainText('Can be coated with Restoration of gravel or old felt after');
  await expect(page.getByText('Sweep up loose gravel')).toBeVisible();

  // Bad readings get a sentence; the meter reads; the verdict moves with it.
  await chooseZone(page, 'D Vehicle');
  await measure(page, 'Value of the test', '45');
  await expect(
    page.getByText('Value of the test: 45 is out of range; expected at least 0 % and at most 25 %.'),
  ).toBeVisible();
  await measure(page, 'Value of the test', '4.1');
  await measure(page, 'Test, along side 1', '12.8');
  await measure(page, 'Test, into the zone', '1.2');
  await page.getByRole('button', { name: 'Enter the test' }).click();
  await expect(headline).toContainText('Can be coated with Vehicular deck after');
  await page.getByRole('button', { name: 'Read with Moisture meter (simulated)' }).click();
  await expect(
    page.getByText(/Moisture meter \(simulated\), scale of the meter, 12.80.m along/),
  ).toBeVisible();
  await saved(page);
});
