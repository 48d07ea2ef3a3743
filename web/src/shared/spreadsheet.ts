/** Tables as a spreadsheet: numbers as numbers, sums as formulas. The writer is fetched when it is asked for. */
import type { Printout } from '@lentum/core/printout';
import { saveFile } from './savefile.ts';

type SheetCell = string | number;

export interface Sheet {
  /** Above the table; without it the first row is the head, as programs that read it back expect. */
  readonly title?: string;
  /** Lines below the title: whose it is, and from when. */
  readonly says?: readonly string[];
  readonly columns: readonly string[];
  readonly rows: readonly (readonly SheetCell[])[];
  /** Columns that hold money, by number. */
  readonly money?: readonly number[];
  /** Columns that are added up below the table, by number, and what that line is called. */
  readonly sums?: { readonly name: string; readonly of: readonly number[] };
  /** Rows at the end that are told apart from the others. */
  readonly strong?: number;
}

/** Widths in characters: as wide as what stands in it, within reason. */
const [LEAST, MOST] = [6, 46];
const NUMBER = '#,##0.###';
const MONEY = '#,##0.00';

/** The letters of a column, A to Z, then AA on. */
export const columnName = (at: number): string =>
  (at >= 26 ? columnName(Math.floor(at / 26) - 1) : '') + String.fromCharCode(65 + (at % 26));

const shown = (value: SheetCell): string =>
  typeof value === 'number' ? value.toLocaleString('en-GB', { maximumFractionDigits: 3 }) : value;

function widths({ columns, rows }: Sheet): { width: number }[] {
  return columns.map((name, i) => {
    const texts = [name, ...rows.map((row) => shown(row[i] ?? ''))];
    return { width: Math.min(MOST, Math.max(LEAST, ...texts.map((t) => t.length + 2))) };
  });
}

/** What stands above the table of something that goes on paper too. */
export const headOf = ({
  title,
  job,
  made,
}: Pick<Printout, 'title' | 'job' | 'made'>): Pick<Sheet, 'title' | 'says'> => ({ title, says: [job, made] });

/** @returns the file of a sheet */
export async function sheetFile(sheet: Sheet): Promise<Blob> {
  const { default: write } = await import('write-excel-file/browser');
  const { title, says = [], columns, rows, money = [], sums, strong = 0 } = sheet;
  const above = [
    ...(title === undefined ? [] : [[{ value: title, fontWeight: 'bold' as const, fontSize: 14 }]]),
    ...says.map((value) => [{ value }]),
    ...(title === undefined && says.length === 0 ? [] : [[]]),
  ];
  const isNumber = columns.map((_, i) => rows.some((row) => typeof row[i] === 'number'));
  const head = columns.map((value, i) => ({
    ...{ value, fontWeight: 'bold' as const, wrap: true, bottomBorderStyle: 'thin' as const },
    align: isNumber[i] ? ('right' as const) : ('left' as const),
  }));
  const body = rows.map((row, r) => {
    const weight = r >= rows.length - strong ? { fontWeight: 'bold' as const } : {};
    return row.map((value, i) => {
      if (value === '') return null;
      if (typeof value === 'number')
        return { type: Number, value, format: money.includes(i) ? MONEY : NUMBER, ...weight };
      return { type: String, value, wrap: value.length > MOST, alignVertical: 'top' as const, ...weight };
    });
  });
  const from = above.length + 2;
  const to = from + rows.length - 1;
  const total = columns.map((_, i) => {
    const style = { fontWeight: 'bold' as const, topBorderStyle: 'thin' as const };
    if (i === 0) return { type: String, value: sums?.name ?? '', ...style };
    if (!sums?.of.includes(i)) return { type: String, value: '', ...style };
    const name = columnName(i);
    return {
      ...{ type: 'Formula' as const, value: `SUM(${name}${from}:${name}${to})` },
      ...{ format: money.includes(i) ? MONEY : NUMBER, ...style },
    };
  });
  const data = [...above, head, ...body, ...(sums && rows.length > 0 ? [total] : [])];
  return write(data, { columns: widths(sheet), stickyRowsCount: above.length + 1 }).toBlob();
}

export async function saveSpreadsheet(sheet: Sheet, name: string): Promise<void> {
  const blob = await sheetFile(sheet);
  saveFile(blob, name, blob.type);
}
