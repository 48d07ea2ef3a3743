/** What the printer gets, read back out of the browser's own PDF. */
import { readFileSync } from 'node:fs';
import { expect, freshDemo, measure, test } from './support.ts';
import { bare, readPdf, textOf } from '../scripts/lib/readpdf.ts';
import { visit } from './views.ts';

const MM = 72 / 25.4;
const SHEETS = [
  { name: 'A4', way: 'Across', widthMm: 297, heightMm: 210 },
  { name: 'Letter', way: 'Upright', widthMm: 215.9, heightMm: 279.4 },
  { name: 'A3', way: 'Upright', widthMm: 297, heightMm: 420 },
] as const;

test('the order on three sheets, out of the dark theme: all of it, as wide as the paper, its total once', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/order`);
  await page.evaluate(() => {
    document.documentElement.dataset['theme'] = 'dark';
  });
  await expect(page.getByText('Courses are being laid out')).toHaveCount(0, { timeout: 30_000 });
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Print: Order' });
  await expect(dialog.locator('.printout h1')).toHaveText('Order');
  const products = await dialog
    .locator('.printout tbody tr:not(.part):not(.total) td:first-child > span')
    .allInnerTexts();
  expect(products.length).toBeGreaterThan(30);
  const pick = async (list: string, option: string): Promise<void> => {
    await dialog.getByRole('combobox', { name: list }).press('Enter');
    await page.getByRole('option', { name: option, exact: true }).click();
  };
  for (const sheet of SHEETS) {
    await pick('Paper', sheet.name);
    await pick('Which way it lies', sheet.way);
    const pages = await readPdf(await page.pdf({ preferCSSPageSize: true }));
    expect(pages.length).toBeGreaterThan(1);
    const all = textOf(pages);
    for (const name of products) expect(all).toContain(bare(name));
    for (const [i, p] of pages.entries()) {
      expect(Math.abs(p.widthPt - sheet.widthMm * MM)).toBeLessThan(1);
      expect(Math.abs(p.heightPt - sheet.heightMm * MM)).toBeLessThan(1);
      expect(textOf([p])).toContain(bare(`page ${i + 1} of ${pages.length}`));
      expect(textOf([p])).toContain(bare('ProductNetGross'));
      // The paper's width is used.
      expect(Math.max(...p.runs.map((r) => r.x + r.width))).toBeGreaterThan((sheet.widthMm - 14) * MM - 12);
      // Nothing of the page behind it is there.
      expect(textOf([p])).not.toContain('Build-ups');
    }
    expect(all.split('palletsbyweight').length - 1).toBe(1);
  }
});

test('the handover of a roof: what is missing is said, and its PDF carries the head of the chain', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await visit(page, `/jobs/${id}/survey?zone=hall`);
  await expect(page.getByRole('heading', { name: 'Velmora ferry terminal' })).toBeVisible();
  await page.keyboard.press('Alt+8');
  await expect(page.getByRole('heading', { name: 'What is proven' })).toBeVisible();
  const film = page.locator('summary', { hasText: 'Film of each coat' });
  await expect(film).toContainText('8 of 10 bays');
  await expect(film).toContainText('failed');
  await film.click();
  await expect(page.getByText(/H3, H4, second coat, film, failed/)).toBeVisible();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF of this roof' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toBe('handover-booking-hall-roof.pdf');
  const chunks: Buffer[] = [];
  for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
  const pages = await readPdf(Buffer.concat(chunks));
  const head = await page.locator('code').innerText();
  for (const p of pages) expect(textOf([p])).toContain(bare(`head ${head}`));
  // On the first page in short, then line by line.
  expect(textOf(pages.slice(0, 1))).toContain(bare('every layer on record'));
  expect(textOf(pages.slice(0, 3))).toContain(bare('Every layer on record'));

  await page.getByRole('button', { name: 'Look and print' }).click();
  await expect(page.getByRole('dialog').locator('.printout h1')).toHaveText('Handover, Booking hall roof');
});

test('cards for the van: a mix at its temperatures, courses with their plan; pieces for a plotter in their own size', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?zone=terrace&bay=terrace-9`);
  await page.getByRole('button', { name: 'Mix card' }).click();
  const card = page.getByRole('button', { name: 'Print this card' });
  // Nothing is printed of a mix before both temperatures were read.
  await expect(card).toBeDisabled();
  await measure(page, 'Temperature of the resin', '18');
  await measure(page, 'Temperature of the surface', '17');
  const batch = await page.getByRole('dialog').locator('p.large').innerText();
  await card.click();
  const dialog = page.getByRole('dialog', { name: /^Print: Mix for bay T9/ });
  await expect(dialog.locator('.printout')).toContainText('Read them again before each mix');
  const mix = await readPdf(await page.pdf({ preferCSSPageSize: true }));
  for (const text of ['17.0 °C', '18.0 °C', batch, 'Catalyst, last', 'If it thickens or warms'])
    expect(textOf(mix)).toContain(bare(text));

  await page.goto(`/jobs/${id}/order?part=courses&zone=workshop`);
  await expect(page.getByRole('heading', { name: /^Cut list/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop the search' })).toHaveCount(0, { timeout: 20_000 });
  await page.getByRole('button', { name: 'Print', exact: true }).last().click();
  const courses = await readPdf(await page.pdf({ preferCSSPageSize: true }));
  for (const text of ['Plan: Workshop plant roof', 'W-A9 · 9.00 m', 'Cut list', 'Lay list'])
    expect(textOf(courses)).toContain(bare(text));
  await page.goto(`/jobs/${id}/details?zone=hall&part=cutting`);
  await page.getByRole('button', { name: 'PDF for a plotter' }).first().click();
  const coming = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Roll 914 mm wide' }).click();
  const pages = await readPdf(readFileSync(await (await coming).path()));
  expect(textOf(pages.slice(0, 1))).toContain(bare('Rectangles, measured with a tape'));
  const own = pages.slice(1);
  expect(own.length).toBeGreaterThan(5);
  for (const [i, p] of own.entries()) {
    expect(p.widthPt).toBeLessThan(914.4 * MM + 1);
    expect(textOf([p])).toMatch(/H-\d+×/);
    expect(textOf([p])).toContain(bare(`page ${i + 2} of ${pages.length}`));
  }
  // The pieces are of many sizes, and so are their pages.
  expect(new Set(own.map((p) => Math.round(p.widthPt))).size).toBeGreaterThan(3);
});
