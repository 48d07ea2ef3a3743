/** Details, order, mixes, bays and the bench, through the interface. */
import { downloadBy, downloaded, expect, freshDemo, measure, saved, test } from './support.ts';

test('details: every zone has its schedule; a piece measured on the drawing has the size that the card says', async ({
  page,
}) => {
  const id = await freshDemo(page);
  for (const zone of ['hall', 'terrace', 'canopy', 'deck', 'workshop', 'balcony', 'garden', 'office']) {
    await page.goto(`/jobs/${id}/details?zone=${zone}`);
    await expect(page.locator('.card h2')).toBeVisible();
    await expect(page.locator('.problem')).toHaveCount(0);
  }
  await page.goto(`/jobs/${id}/details?zone=hall&detail=corner-1`);
  const card = page.locator('.card');
  await expect(card.getByRole('heading', { name: 'Internal corner, corner 1' })).toBeVisible();
  await expect(card).toContainText('arms 150 mm, height 200 mm, lap 50 mm, 90°');
  await expect(card.locator('figcaption').first()).toContainText('H-08');
  const svg = await downloadBy(page, 'Pieces, SVG');
  const size = await page.evaluate((text) => {
    const host = document.createElement('div');
    host.innerHTML = text.slice(text.indexOf('<svg'));
    document.body.append(host);
    const path = host.querySelector<SVGPathElement>('#H-08 path.cut');
    const box = path?.getBBox();
    const svgElement = host.querySelector('svg');
    const perMm =
      (svgElement?.viewBox.baseVal.width ?? 0) / parseFloat(svgElement?.getAttribute('width') ?? '1');
    host.remove();
    return box && { width: box.width / perMm, height: box.height / perMm };
  }, svg);
  // Arms of 150 and walls of 200; the flap of 50 lies in the square between them.
  expect(size?.width).toBeCloseTo(350, 3);
  expect(size?.height).toBeCloseTo(350, 3);
  expect(await downloadBy(page, 'Pieces, DXF')).toContain('FOLD');
});

test('a pocket: parts that keep the clearance, the pour, and the wait before filling', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/details?zone=hall&detail=hall-f6`);
  const card = page.locator('.card');
  await expect(card).toContainText('500 mm × 350 mm');
  await expect(card.locator('tr', { hasText: 'Rounded corner' })).toContainText('4');
  await expect(card).toContainText('Wait 60 min');
  await card.getByRole('button', { name: /^Pourable sealer, pour: 8\.0 L/ }).click();
  await expect(page.getByRole('dialog')).toContainText(/Pour × clusters alike= 8\.02/);
});

test('a detail is made by one, refused by another with a reason, and the record keeps both', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/details?zone=hall&detail=hall-f5`);
  const card = page.locator('.card');
  // A slow line: what is typed before the answer comes stays.
  let answer = (): void => undefined;
  const slow = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/v1/jobs/*/record/*', async (route) => {
    await slow;
    await route.continue();
  });
  const stored = page.waitForResponse((r) => r.request().method() === 'PUT' && /\/record\//.test(r.url()));
  await card.getByRole('button', { name: 'It is made' }).click();
  await expect(card).toContainText('Made by Ines');
  await card.getByRole('button', { name: 'Refuse it' }).click();
  await card.getByLabel('Why is it refused?').fill('pinholes at the foot');
  answer();
  await stored;
  await card.getByRole('button', { name: 'Refuse it, with this reason' }).click();
  await expect(card).toContainText('Refused by Ines');
  await page.goto(`/jobs/${id}/record?zone=hall`);
  await expect(page.locator('tr', { hasText: 'Pipe, Pipe 3: refused, pinholes at the foot' })).toBeVisible();
});

test('cutting: on a roll, with what no cutting can beat, as a list for the roof', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/details?zone=hall&part=cutting`);
  await expect(page.getByText(/No cutting takes less than/)).toBeVisible();
  const csv = await downloadBy(page, 'Cut list as CSV');
  expect(csv.split('\r\n')[0]).toBe('roll,along_mm,across_mm,long_mm,wide_mm,piece,what,turned');
  expect(csv).toContain('Pipe wrap');
  // The ends of the rolls that the courses of the field opened are cut first.
  await page.goto(`/jobs/${id}/details?zone=terrace&part=cutting`);
  await expect(page.getByText(/that the courses of the field leave over/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /End of roll \d+ of the field/ }).first()).toBeVisible();
  expect(await downloadBy(page, 'Cut list as CSV')).toMatch(/^end of \d+,/m);
});

test('rules for details belong to the build-up: a longer foot makes longer pieces', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/build-up?zone=deck`);
  await page.locator('summary', { hasText: 'How its details are made' }).click();
  await measure(page, 'Foot on the field', '200');
  await saved(page);
  await page.goto(`/jobs/${id}/details?zone=deck&detail=side-2-upstand`);
  await expect(page.locator('figcaption').first()).toContainText('on the roof 200 mm');
});

test('a product of its own makes a detail: a stripe on the deck, then one added for outlets, ordered and told', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/details?zone=deck`);
  await page.getByRole('button', { name: 'Static crack 1' }).first().click();
  const card = page.locator('.card');
  await expect(card).toContainText('Made with Low-modulus stripe');
  await expect(card).toContainText('Once cured, abrade it');
  await page.goto(`/jobs/${id}/build-up?zone=hall`);
  await page.locator('summary', { hasText: 'Details with products of their own' }).click();
  await page.getByRole('button', { name: 'Add a product for details' }).click();
  await page.locator('.way .kinds .el-select__wrapper').click();
  await page.getByRole('option', { name: 'Outlet', exact: true }).click();
  await page.getByRole('option', { name: 'Upstand', exact: true }).click();
  await page.keyboard.press('Escape');
  await page.getByLabel('How it is made, row 1').press('Enter');
  await page.getByRole('option', { name: 'coats alone' }).click();
  await saved(page);
  await page.goto(`/jobs/${id}/details?zone=hall`);
  await page.getByRole('button', { name: 'Outlet 1' }).first().click();
  await expect(card).toContainText('Made with Detail grade: coats by brush');
  await page.goto(`/jobs/${id}/order`);
  await expect(page.getByRole('row', { name: /Detail grade/ }).first()).toBeVisible();
});

test('the order: down to tins, one line followed to the survey, stock first, what if, undone', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/order`);
  const resin = page.locator('tr', { hasText: 'Polyurethane resin' }).first();
  await expect(resin).toContainText('First coat, Second coat');
  await expect(resin).toContainText('89.0 kg');
  // Laps drink resin too: the figure stands once the courses are laid out.
  await expect(page.getByText('Courses are being laid out')).toHaveCount(0);
  const before = await resin.locator('strong').innerText();
  expect(before).toMatch(/^\d+ × 25 kg pail/);
  await measure(page, 'Waste, liquids', '20');
  await expect(resin.locator('strong')).not.toHaveText(before);
  await measure(page, 'Waste, liquids', '120');
  await expect(
    page.getByText('Waste, liquids: 120 is out of range; expected at least 0 % and at most 100 %'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(resin.locator('strong')).toHaveText(before);

  // To the corners of the survey: gross, laid, the zone, its area, the outline.
  await resin.getByRole('button', { name: /^Polyurethane resin, net/ }).click();
  const working = page.getByRole('dialog');
  await expect(working).toContainText('Booking hall roof, First coat, net');
  await expect(working).toContainText('under the pieces, side 1');
  await page.keyboard.press('Escape');

  // What if there were a tenth more field: other tins, and a price.
  await measure(page, 'More or less area to compare with', '10');
  await expect(page.locator('.what-if')).toContainText('instead of');
  await expect(page.locator('.what-if tr', { hasText: 'Polyurethane resin' })).toBeVisible();

  // By delivery: what lies too long, and zones that nobody has ordered for.
  await page.locator('.el-select', { has: page.getByRole('combobox', { name: 'Ordered for' }) }).click();
  await page.getByRole('option', { name: 'by delivery' }).click();
  await expect(page.getByRole('heading', { name: 'First lorry' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Not in a delivery yet' })).toBeVisible();
  await saved(page);
  const csv = await downloadBy(page, 'CSV');
  expect(csv.split('\r\n')[0]).toContain('for,product,zones,net,gross,from stock,to buy');
  const sheet = await downloaded(page, () => page.getByRole('button', { name: 'Spreadsheet' }).click());
  expect(sheet.name).toBe('order-velmora-ferry-terminal.xlsx');
});

test('a mix card at three temperatures, one refused', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=terrace&bay=terrace-9`);
  await page.getByRole('button', { name: 'Mix card' }).click();
  const drawer = page.getByRole('dialog');
  const large = drawer.locator('p.large');
  // Nothing is dosed or timed before both were read.
  await expect(drawer.getByRole('status').filter({ hasText: 'Temperature of the resin' })).toBeVisible();
  await expect(large).toHaveCount(0);
  await expect(drawer.getByText(/^Peroxide catalyst: goggles and gloves/)).toBeVisible();
  const both = async (value: string): Promise<void> => {
    await measure(page, 'Temperature of the resin', value);
    await measure(page, 'Temperature of the surface', value);
  };
  await both('5');
  const cold = await drawer.locator('tr', { hasText: 'Catalyst, last' }).innerText();
  await both('25');
  await expect(large).toBeVisible();
  expect(await drawer.locator('tr', { hasText: 'Catalyst, last' }).innerText()).not.toBe(cold);
  await both('60');
  await expect(drawer.getByRole('alert')).toContainText('outside it nothing is mixed');
  await expect(large).toHaveCount(0);
});

test('hot work has a kettle card with its charges and what is minded; a sheet has one by its bonding', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=garden&bay=garden-1`);
  await page.getByRole('button', { name: 'Kettle card' }).click();
  const drawer = page.getByRole('dialog');
  await expect(drawer.getByRole('region', { name: 'Before it is lit' })).toContainText('stays at the kettle');
  await expect(drawer.getByRole('region', { name: 'If it catches fire' })).toContainText('Never water');
  await expect(drawer.getByRole('region', { name: 'If somebody is burnt' })).toContainText(
    'do not peel it off',
  );
  // 59.7 m² of 3 mm: twelve blocks of 18 kg in one charge; a kettle of 100 kg takes five, and several charges.
  await expect(drawer.locator('p.large')).toHaveText(/216\.0\skg/);
  await measure(page, 'Kettle holds', '100');
  await expect(drawer.locator('p.large')).toHaveText(/90\.0\skg/);
  await expect(drawer.locator('tbody tr')).toHaveCount(3);
  await drawer.getByRole('button', { name: 'Log the charge' }).click();
  await expect(page.getByRole('textbox', { name: 'In the kettle', exact: true })).toHaveValue('90');

  await page.goto(`/jobs/${id}/site?zone=workshop&bay=workshop-3`);
  await page.getByRole('button', { name: 'Course card' }).click();
  await expect(page.getByRole('dialog')).toContainText('never a flame');
});

test('what the deck may carry is an engineer’s word: loads are held against it, and the substances have one sheet', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/survey?zone=hall&part=readiness`);
  const loads = page.getByRole('region', { name: 'Loads on the deck' });
  await expect(loads).toContainText('what it may carry is not known');
  await measure(page, 'What the deck may still carry', '400');
  await expect(loads).toContainText('nobody is named for it');
  const who = page.getByLabel('Who says what the deck may carry, and when');
  await who.fill('the engineer, letter of 3 May');
  await who.blur();
  await expect(loads.locator('tr', { hasText: 'Flood test' })).toContainText('within');
  await expect(loads.locator('tr', { hasText: 'A pallet' })).toContainText(/too heavy; spread it over/);
  await page.goto(`/jobs/${id}/order?part=substances`);
  const sheet = page.getByRole('region', { name: 'Substances of this job' });
  await expect(sheet.locator('article', { hasText: 'Membrane' }).first()).toContainText(
    'Peroxide that is left goes back to the supplier',
  );
});

test('bays are cut across the fall, shown with an order, and played to the last one', async ({ page }) => {
  const id = await freshDemo(page);
  // Nothing lies on the deck yet: it may be cut again.
  await page.goto(`/jobs/${id}/site?part=bays&zone=deck`);
  await page.getByRole('button', { name: 'Cut again' }).click();
  await page.getByRole('button', { name: 'Cut into bays' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'In which order?' }).click();
  const said = page.locator('.walk [role=status]');
  await expect(said).toContainText(/^1 of \d+: bay D\d+, left over .* to the access\.$/);
  await page.getByRole('slider', { name: 'Bays laid so far' }).press('End');
  await expect(said).toContainText('the last one is left at the access');
  await measure(page, 'Access, along side 1', '3');
  await saved(page);
});

test('the bench answers with working, refuses in a sentence, and sends into a job', async ({ page }) => {
  const id = await freshDemo(page);
  // The job does not arrive until the bench is open: what is sent still goes into it.
  let letJobArrive = () => {};
  const jobArrives = new Promise<void>((done) => (letJobArrive = done));
  await page.route(`**/api/v1/jobs/${id}`, async (asked) => {
    await jobArrives;
    await asked.continue();
  });
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('button', { name: 'Sealant joint' }).click();
  letJobArrive();
  await measure(page, 'Width of the joint', '25');
  await expect(page.getByRole('button', { name: /^Depth of the sealant: 12\.5 mm/ })).toBeVisible();
  await page.getByLabel('What it is for').fill('Joint at the ramp');
  await page.getByRole('button', { name: 'Send into this job' }).click();
  await expect(page.getByText('It is kept with Velmora ferry terminal, below its order.')).toBeVisible();
  await page.goto(`/jobs/${id}/order`);
  await expect(page.locator('tr', { hasText: 'Joint at the ramp' })).toContainText('12.5 mm');
});
