/** Prices by supplier: a request goes out as a file, two answers come back, one is chosen, the order counts with it. */
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { downloadBy, expect, freshDemo, saved, test } from './support.ts';

type Row = string[];
const rowsOf = (text: string): Row[] => Papa.parse<Row>(text, { skipEmptyLines: 'greedy' }).data;

test('suppliers: asked by a file, answered by two, compared, and the order counts with one', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/order?part=suppliers`);
  await expect(page.getByRole('heading', { name: 'Suppliers and prices' })).toBeVisible();
  const request = rowsOf(await downloadBy(page, 'Request, CSV'));
  const [head, ...rows] = request as [Row, ...Row[]];
  const at = (name: string): number => head.indexOf(name);
  expect(rows.length).toBeGreaterThan(20);
  const answer = (price: (row: Row, i: number) => string): string =>
    Papa.unparse([
      head,
      ...rows.map((r, i) => r.map((c, n) => (n === at('price of a pack') ? price(r, i) : c))),
    ]);
  const give = async (supplier: string, text: string): Promise<void> => {
    await page.getByLabel('Supplier', { exact: true }).fill(supplier);
    await page
      .getByLabel('Its answer, CSV or spreadsheet')
      .setInputFiles({ name: 'answer.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  const keep = (): Promise<void> => page.getByRole('button', { name: 'Keep these prices' }).click();
  await give(
    '',
    answer(() => '10'),
  );
  await expect(page.getByRole('alert')).toContainText('Supplier is missing; expected a name');
  // The request itself as a spreadsheet is read, and has no price in it.
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Request, spreadsheet' }).click();
  await page.getByLabel('Supplier', { exact: true }).fill('Harbour Supply');
  await page.getByLabel('Its answer, CSV or spreadsheet').setInputFiles({
    name: 'request.xlsx',
    mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    buffer: readFileSync(await (await coming).path()),
  });
  const prices = page.getByRole('dialog', { name: 'Prices out of request.xlsx' });
  await expect(prices.getByRole('alert')).toHaveText('No row of the file has a price that can be taken.');
  await expect(page.getByRole('button', { name: 'Keep these prices' })).toBeDisabled();
  await prices.getByRole('button', { name: 'Cancel' }).click();
  await give(
    'Harbour Supply',
    answer(() => '12,50 €'),
  );
  await expect(page.getByRole('table', { name: 'Prices in the file' })).toContainText('12.50');
  await keep();
  await expect(page.getByText(/prices of Harbour Supply are kept/)).toBeVisible();
  // The second prices all but the first product, one of them in a way that reads two ways.
  const [first] = rows;
  await give(
    'Pier Trade',
    answer((r, i) => (r[at('item')] === first![at('item')] ? '' : i === rows.length - 1 ? '1,234' : '11')),
  );
  await expect(page.getByRole('alert')).toContainText('can be read in two ways');
  await keep();
  const table = page.getByRole('region', { name: 'Suppliers side by side' });
  await expect(table.getByRole('columnheader', { name: /Harbour Supply/ })).toBeVisible();
  await expect(table).toContainText('nothing: it is the whole order');
  await expect(table.getByText('not offered').first()).toBeVisible();
  await expect(page.getByText('Each line from whoever is cheapest')).toBeVisible();
  await page.getByLabel('Tax, per cent').fill('19');
  await page.getByLabel('Tax, per cent').blur();
  await saved(page);
  await page
    .locator('.el-select', {
      has: page.getByRole('combobox', { name: 'The order counts with the prices of' }),
    })
    .click();
  await page.getByRole('option', { name: 'Pier Trade' }).click();
  await saved(page);
  await page.goto(`/jobs/${id}/order`);
  await expect(page.getByText('At the prices of Pier Trade')).toBeVisible();
  await expect(page.getByText(/at those of the build-ups: .*/)).toBeVisible();
});
