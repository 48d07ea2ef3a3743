/** Spreadsheets that are written: opened as the archives that they are, and read back by a reader. */
import { strFromU8, unzipSync } from 'fflate';
import { readSheet } from 'read-excel-file/node';
import { describe, expect, it } from 'vitest';
import { columnName, headOf, sheetFile, type Sheet } from '../src/shared/spreadsheet.ts';

const ORDER: Sheet = {
  ...headOf({ title: 'Order', job: 'Velmora ferry terminal', made: '1 December 2026, 08:00' }),
  columns: ['product', 'net', 'unit', 'price', 'weight kg'],
  rows: [
    ['Resin', 1234.5678, 'kg', 1980, 195],
    ['=1+2, a name that looks like a formula', 2, 'kg', 0.5, 1],
    ['Fleece', 53.9, 'm', '', 12.25],
  ],
  money: [3],
  sums: { name: 'Sum', of: [3, 4] },
};
const bytesOf = async (sheet: Sheet): Promise<Uint8Array> =>
  new Uint8Array(await (await sheetFile(sheet)).arrayBuffer());
async function partsOf(sheet: Sheet): Promise<{ sheet: string; styles: string }> {
  const files = unzipSync(await bytesOf(sheet));
  const of = (end: string): string => {
    const name = Object.keys(files).find((n) => n.endsWith(end));
    return name === undefined ? '' : strFromU8(files[name]!);
  };
  return { sheet: of('worksheets/sheet1.xml'), styles: of('styles.xml') };
}

describe('a spreadsheet', () => {
  it('has its title, whose it is and from when above the table; numbers are numbers', async () => {
    const rows = await readSheet(Buffer.from(await bytesOf(ORDER)));
    expect(rows.slice(0, 3).map((r) => r[0])).toEqual([
      'Order',
      'Velmora ferry terminal',
      '1 December 2026, 08:00',
    ]);
    const head = rows.findIndex((r) => r[0] === 'product');
    expect(rows[head]).toEqual(ORDER.columns);
    expect(rows[head + 1]).toEqual(['Resin', 1234.5678, 'kg', 1980, 195]);
    expect(rows[head + 2]![0]).toBe('=1+2, a name that looks like a formula');
    expect(rows[head + 3]![3]).toBeNull();
  });

  it('adds up by formulas over just its rows', async () => {
    const { sheet } = await partsOf(ORDER);
    const formulas = [...sheet.matchAll(/<f>([^<]*)<\/f>/g)].map(([, f]) => f);
    // Four lines above, the head in the fifth, three rows.
    expect(formulas).toEqual(['SUM(D6:D8)', 'SUM(E6:E8)']);
  });

  it('keeps its head in sight, has columns as wide as what is in them, and numbers with two kinds of places', async () => {
    const { sheet, styles } = await partsOf(ORDER);
    expect(sheet).toMatch(/<pane[^>]*ySplit="5"[^>]*state="frozen"/);
    const widths = [...sheet.matchAll(/<col [^>]*width="([\d.]+)"/g)].map(([, w]) => Number(w));
    expect(widths).toHaveLength(5);
    expect(widths[0]!).toBeGreaterThan(35);
    expect(widths[2]!).toBeLessThan(10);
    expect(styles).toContain('#,##0.###');
    expect(styles).toContain('#,##0.00');
  });

  it('that is read back by others begins with its head, and has nothing below its rows', async () => {
    const plain = { columns: ORDER.columns, rows: ORDER.rows };
    const rows = await readSheet(Buffer.from(await bytesOf(plain)));
    expect(rows[0]).toEqual(ORDER.columns);
    expect(rows).toHaveLength(4);
  });

  it.each([
    [0, 'A'],
    [25, 'Z'],
    [26, 'AA'],
    [51, 'AZ'],
    [52, 'BA'],
    [701, 'ZZ'],
    [702, 'AAA'],
  ])('column %i is %s', (at, name) => {
    expect(columnName(at)).toBe(name);
  });
});
