/** Build-ups by hand: made from a data sheet, put in order, released, chosen, compared, moved to a newer revision. */
import type { Page } from '@playwright/test';
import { anotherDevice, downloaded, expect, freshDemo, measure, saved, test } from './support.ts';

/** A data sheet of our own invention, as a very small PDF. */
const PDF = Buffer.from(
  '%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[]/Count 0>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n',
);

async function start(page: Page, name: string): Promise<string> {
  await page.goto('/build-ups');
  await page.getByRole('button', { name: 'Start a build-up' }).click();
  await page.getByLabel('What is it called?').fill(name);
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
  return new URL(page.url()).pathname.split('/').at(-1) ?? '';
}
const status = (page: Page) => page.locator('.head [role=status]');
async function kept(page: Page): Promise<void> {
  await expect(status(page)).toHaveText('saved');
}
async function pick(page: Page, label: string, option: string): Promise<void> {
  await page.locator('.el-select', { has: page.getByRole('combobox', { name: label, exact: true }) }).click();
  await page.getByRole('option', { name: option, exact: true }).click();
}
async function add(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a layer' }).click();
  await page.getByRole('menuitem', { name, exact: true }).click();
}
const order = (page: Page) => page.locator('.layers tbody .pick');

test('from nothing to a released build-up off a data sheet, its numbers citing the paper', async ({
  page,
}) => {
  const name = `Pier coat ${Date.now() % 100000}`;
  await start(page, name);

  // The paper first: what is typed from then on cites it.
  await page.getByRole('button', { name: 'File a paper' }).click();
  await page
    .getByLabel('File of the paper')
    .setInputFiles({ name: 'pier-coat.pdf', mimeType: 'application/pdf', buffer: PDF });
  await page.getByLabel('Title of the paper').fill('Pier coat data sheet');
  await page.getByLabel('Date of the paper').fill('2026-03-01');
  await page.locator('.about').getByText('Membrane coat').click();
  await page.getByRole('button', { name: 'File it' }).click();
  await expect(
    page.getByRole('link', { name: 'Pier coat data sheet, data sheet of 2026-03-01' }).first(),
  ).toBeVisible();
  await pick(page, 'What I type comes from', 'Pier coat data sheet, 2026-03-01');

  // The membrane: 1.6 kg/m² at 1.25 kg/L and 80 % is 1.28 mm wet, 1.02 mm dry.
  const rate = page.getByLabel('Membrane coat, rate in L/m²').first();
  await rate.fill('1.6 kg/m2');
  await rate.blur();
  await measure(page, 'Membrane coat, density', '1.25');
  await measure(page, 'Membrane coat, volume solids', '80');
  await measure(page, 'Membrane coat, dry film, as the sheet says', '1.5');
  await expect(page.locator('.verdict', { hasText: 'is said, but rate' })).toContainText('1.02');
  await measure(page, 'Membrane coat, dry film, as the sheet says', '1.02');
  await expect(page.locator('.verdict', { hasText: 'is said, but rate' })).toHaveCount(0);
  await expect(page.locator('.moves')).toContainText('Settled: Membrane coat:');
  await expect(page.locator('.moves')).toContainText('Changed:');
  await pick(page, 'Membrane coat, made of', 'polyurethane, aliphatic');

  // Times: a cell of the matrix, and one that runs backwards is refused until it is put right.
  await page.locator('summary', { hasText: 'When' }).click();
  await measure(page, 'overcoat until at 20\u00a0°C, hours', '2 d');
  await measure(page, 'touch-dry at 30\u00a0°C, hours', '9');
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved.' })).toContainText(
    'hours that do not grow as it gets warmer',
  );
  await measure(page, 'touch-dry at 30\u00a0°C, hours', '2');
  await kept(page);

  // A primer under it, fabric into it.
  await add(page, 'Fabric or mat, into the coat above it');
  await add(page, 'Primer');
  // It goes under the membrane by itself, and says so; from there it can be moved.
  await expect(page.getByText('Primer: put under Membrane coat, where it belongs.')).toBeVisible();
  await expect(order(page)).toHaveText(['Primer', 'Membrane coat', 'Fabric']);
  await page.getByRole('button', { name: /^Primer, layer 1 of 3/ }).press('ArrowDown');
  await expect(order(page)).toHaveText(['Membrane coat', 'Fabric', 'Primer']);
  await page.getByRole('button', { name: /^Primer, layer 3 of 3/ }).press('ArrowUp');
  await expect(order(page)).toHaveText(['Primer', 'Membrane coat', 'Fabric']);
  await expect(page.getByText('Primer is now layer 1 of 3.')).toBeAttached();
  await expect(page.locator('.verdict', { hasText: 'no time is given until which' })).toContainText(
    'Primer:',
  );
  await page.locator('.field', { hasText: 'May be overcoated at any later time' }).getByText('yes').click();
  await expect(page.locator('.verdict', { hasText: 'no time is given until which' })).toHaveCount(0);

  // A figure that cites the paper opens it.
  await page
    .getByRole('button', { name: /^Membrane coat, wet film: 1.28/ })
    .first()
    .click();
  const link = page
    .locator('.el-drawer')
    .getByRole('link', { name: /Pier coat data sheet/ })
    .first();
  await expect(link).toBeVisible();
  const opened = await page.request.get((await link.getAttribute('href')) ?? '');
  expect(opened.headers()['content-type']).toBe('application/pdf');
  await page.keyboard.press('Escape');

  await kept(page);
  await page.getByRole('button', { name: 'Release revision 1' }).click();
  await page.getByLabel('What changed, for those who use it').fill('First release');
  await page.getByRole('button', { name: 'Release it' }).click();
  await expect(page.getByText('Revision 1 is released.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Release revision 2' })).toBeDisabled();

  await page.goto('/build-ups');
  await page.getByLabel('Find a build-up').fill(name);
  await expect(page.locator('tr', { hasText: name })).toContainText('1.02');
});

test('layers are dragged and undone; options swap their layers', async ({ page }) => {
  await page.goto('/build-ups/vehicular-deck');
  await expect(order(page)).toHaveText([
    'Primer',
    'Membrane',
    'Wear coat',
    'Quartz sand',
    'Lock coat',
    'Low-modulus stripe',
  ]);
  await page.getByRole('button', { name: /^Copy$/ }).click();
  await expect(page.getByRole('heading', { name: /, copy$/ })).toBeVisible();
  // The wear coat goes below the membrane, and its sand with it.
  await page
    .locator('[data-grip=wear]')
    .dragTo(page.locator('[data-grip=membrane]'), { targetPosition: { x: 8, y: 4 } });
  await expect(order(page)).toHaveText([
    'Primer',
    'Wear coat',
    'Quartz sand',
    'Membrane',
    'Lock coat',
    'Low-modulus stripe',
  ]);
  await kept(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(order(page)).toHaveText([
    'Primer',
    'Membrane',
    'Wear coat',
    'Quartz sand',
    'Lock coat',
    'Low-modulus stripe',
  ]);
  await page.getByRole('button', { name: /Ramp and turns/ }).click();
  await expect(order(page)).toHaveText([
    'Primer',
    'Membrane',
    'Wear coat, ramp',
    'Hard grit',
    'Lock coat',
    'Low-modulus stripe',
  ]);
  await page.getByRole('button', { name: 'Wear coat, ramp', exact: true }).click();
  await page.getByRole('button', { name: 'Take out the wear coat, ramp' }).click();
  await expect(order(page)).toHaveText(['Primer', 'Membrane', 'Lock coat', 'Low-modulus stripe']);
  await kept(page);
});

test('every family of the library opens with its layers, section and cautions', async ({ page }) => {
  await page.goto('/build-ups');
  const links = await page
    .locator('table a')
    .evaluateAll((all) => all.map((a) => a.getAttribute('href') ?? ''));
  await expect(page.locator('.family')).toHaveCount(20);
  for (const href of links.filter((h) => !/-[0-9a-f]{6}$/.test(h))) {
    await page.goto(href);
    await expect(page.locator('.layers tbody tr').first()).toBeVisible();
    await expect(page.getByRole('img', { name: /^Section of/ })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Cautions' })).toContainText('Read the data sheet');
  }
});

test('chosen for a terrace by its reasons, and compared with another', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/build-up?zone=terrace`);
  await page.getByRole('button', { name: 'Choose another' }).click();
  const panel = page.locator('.choose');
  const row = (name: string) => panel.locator('.row', { hasText: name });
  await expect(row('Silicone, two coats over bleed block.')).toContainText(
    'It carries upkeep only, not foot traffic.',
  );
  await row('Methacrylate terrace').locator('.el-checkbox').click();
  await row('Pedestrian polyurethane deck.').locator('.el-checkbox').click();
  const table = panel.locator('.compare table');
  for (const what of [
    'Cost of material',
    'Material on the zone',
    'Weight laid',
    'Days until foot traffic',
    'Minimum surface temperature',
    'Longest without rain',
    'Recoats in 30 years',
    'Cautions',
  ])
    await expect(table.getByRole('rowheader', { name: what, exact: true })).toBeVisible();
  await expect(
    table.locator('tr', { hasText: 'Minimum surface temperature' }).locator('td').last(),
  ).toContainText('best');
  await measure(page, 'Coldest working day', '-3');
  await row('Pedestrian polyurethane deck.').getByRole('button', { name: 'All reasons' }).click();
  await expect(row('Pedestrian polyurethane deck.')).toContainText('days at −3.0');
  await row('Pedestrian polyurethane deck.').getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('heading', { name: 'Pedestrian polyurethane deck' })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Methacrylate terrace, coloured aggregate' })).toBeVisible();
});

test('a job keeps its revision until somebody moves it to the newer one, and sees what that changes', async ({
  page,
}) => {
  // A build-up of this test's own, so that others do not release it meanwhile.
  await page.goto('/build-ups/primed-polyurethane');
  await page.getByRole('button', { name: /^Copy$/ }).click();
  await expect(page.getByRole('heading', { name: 'Polyurethane, primer by schedule, copy' })).toBeVisible();
  const library = page.url();
  await page.getByText('As a whole').click();
  const name = `Schedule coat ${Date.now() % 100000}`;
  await page.getByLabel('Name of the build-up').fill(name);
  await page.getByLabel('Name of the build-up').blur();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
  await kept(page);
  const release = async (n: number): Promise<void> => {
    await page.getByRole('button', { name: `Release revision ${n}` }).click();
    await page.getByRole('button', { name: 'Release it' }).click();
    await expect(page.getByText(`Revision ${n} is released.`)).toBeVisible();
  };
  await release(1);
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/build-up?zone=deck`);
  await page.getByRole('button', { name: 'Choose another' }).click();
  await page.locator('.choose .row', { hasText: name }).getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('library revision 1')).toBeVisible();
  await saved(page);

  await page.goto(library);
  const rate = page.getByLabel('First coat, rate in kg/m²').first();
  await rate.fill('1.5');
  await rate.blur();
  await kept(page);
  await release(2);

  await page.goto(`/jobs/${id}/build-up?zone=deck`);
  await expect(page.getByText('The library has revision 2.')).toBeVisible();
  await expect(page.getByLabel('First coat, rate in kg/m²').first()).toHaveValue('1.25');
  await page.getByRole('button', { name: 'Show what differs' }).click();
  await expect(page.locator('.newer tr', { hasText: 'First coat' })).toContainText('1.25 kg/m²');
  await expect(page.locator('.newer tr', { hasText: 'First coat' })).toContainText('1.50 kg/m²');
  await expect(page.locator('.newer .moved')).toContainText('dry membrane');
  await page.getByRole('button', { name: 'Move this job to revision 2' }).click();
  await expect(page.getByText('library revision 2')).toBeVisible();
  await expect(page.getByLabel('First coat, rate in kg/m²').first()).toHaveValue('1.50');
  await saved(page);
});

test('one revision edited by two at once: the second chooses, nothing is lost', async ({ page, browser }) => {
  const name = `Twice ${Date.now() % 100000}`;
  await start(page, name);
  await kept(page);
  const device = await anotherDevice(browser);
  const other = await device.newPage();
  await other.goto(page.url());
  const mine = page.getByLabel('Membrane coat, rate in L/m²').first();
  const theirs = other.getByLabel('Membrane coat, rate in L/m²').first();
  await theirs.fill('0.9');
  await theirs.blur();
  await expect(other.locator('.head [role=status]')).toHaveText('saved');
  await mine.fill('0.8');
  await mine.blur();
  await expect(page.getByRole('dialog', { name: 'Somebody else saved the build-up first' })).toBeVisible();
  await page.getByRole('button', { name: 'All theirs' }).click();
  await expect(mine).toHaveValue('0.90');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(mine).toHaveValue('0.80');
  await kept(page);
  await device.close();
});

test('out as a file and in again; an edited file and a wrong table are refused in a sentence', async ({
  page,
}) => {
  await page.goto('/build-ups/methacrylate-terrace');
  const { text } = await downloaded(page, () =>
    page
      .getByRole('button', { name: 'Export' })
      .or(page.getByRole('link', { name: 'Export' }))
      .click(),
  );
  const file = JSON.parse(text) as { buildUp: Record<string, unknown> };
  await page.goto('/build-ups');
  const input = page.getByLabel('Build-up file or table of layers');
  const send = (fileName: string, content: string): Promise<void> =>
    input.setInputFiles({ name: fileName, mimeType: 'text/plain', buffer: Buffer.from(content) });
  await send('edited.json', JSON.stringify({ ...file, buildUp: { ...file.buildUp, colour: 'red' } }));
  await expect(page.getByRole('dialog', { name: 'A build-up out of edited.json' })).toContainText(
    'Nothing was taken',
  );
  await expect(page.getByRole('alert')).toContainText('expected no such entry as “colour”.');
  await send('layers.csv', 'Layer,Rate,Density\nBase,thick,1.2\n');
  await expect(page.getByRole('alert')).toContainText('Row 2, rate: “thick”');
  await send(
    'layers.csv',
    'Layer,Rate,Density,Volume solids\nEdge primer,0.2 L/m2,0.95,40 %\nSeal coat,90 ft2/gal,1.3,66 %\n',
  );
  await expect(page.getByRole('table', { name: 'Layers in the file' })).toContainText('Edge primer');
  await page.getByLabel('Its name').fill('Pier edge');
  await page.getByRole('button', { name: 'Add it to the library' }).click();
  await expect(page.getByRole('heading', { name: 'Pier edge' })).toBeVisible();
  await expect(order(page)).toHaveText(['Edge primer', 'Seal coat']);
  await page.goto('/build-ups');
  await send('whole.json', text);
  await expect(page.getByText('The library has this build-up')).toBeVisible();
  await page.getByRole('button', { name: 'Add it to the library' }).click();
  // A build-up of its own, at an address of its own.
  await expect(page).not.toHaveURL(/\/methacrylate-terrace$/);
  await expect(page.getByRole('heading', { name: 'Methacrylate terrace, coloured aggregate' })).toBeVisible();
});

test('a ply is logged on its bay, looked at, and the next layer follows', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=workshop&bay=workshop-3`);
  await expect(page.getByRole('heading', { name: 'Bay W3' })).toBeVisible();
  await page.getByRole('button', { name: 'Log the base sheet' }).click();
  const drawer = page.getByRole('dialog', { name: /Log the base sheet on W3/ });
  await drawer.getByRole('button', { name: 'Keep for W3' }).click();
  await expect(drawer.getByRole('alert')).toHaveText([
    'Base sheet, started is missing; expected a time.',
    'Base sheet, rolls used is missing; expected a figure.',
  ]);
  const finished = await drawer.getByLabel(/^Finished/).inputValue();
  await drawer.getByLabel(/^Started/).fill(`${finished.slice(0, 10)}T00:00`);
  await measure(page, 'Rolls used', '3');
  await drawer.getByLabel('Batch').fill('B-7703');
  await drawer.getByText('Laps rolled, edges and bond looked at').click();
  await drawer.getByRole('button', { name: 'Keep for W3' }).click();
  await expect(page.getByRole('button', { name: 'Log the cap sheet' })).toBeVisible();
  await page.goto(`/jobs/${id}/record?zone=workshop`);
  await expect(page.locator('tr', { hasText: 'B-7703' })).toContainText(
    'Base sheet laid, 3 used, batch B-7703, looked at',
  );
});
