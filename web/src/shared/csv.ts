/** Tables as CSV: for programs, or for a spreadsheet that writes a decimal comma. */
import Papa from 'papaparse';
import { usePreferences } from '../app/preferences.ts';
import { saveFile } from './savefile.ts';

/** A point for decimals and commas between cells, or a comma for decimals and semicolons between cells. */
export type CsvForm = 'point' | 'comma';

/** Such a spreadsheet takes the file for UTF-8 by this mark alone. */
const MARK = '\uFEFF';

/** Text that a spreadsheet would take for a formula is written as text. */
export function csvText(rows: readonly (readonly unknown[])[], form: CsvForm = 'point'): string {
  const comma = form === 'comma';
  const cells = comma
    ? rows.map((row) => row.map((c) => (typeof c === 'number' ? String(c).replace('.', ',') : c)))
    : (rows as unknown[][]);
  // A number below nought that has become a text is no formula.
  const escapeFormulae = comma ? /^(?!-\d+(,\d+)?(e-?\d+)?$)[=+\-@\t\r].*$/i : true;
  const text = Papa.unparse(cells, { newline: '\r\n', escapeFormulae, delimiter: comma ? ';' : ',' });
  return `${comma ? MARK : ''}${text}\r\n`;
}

/** In the form that this device asks for. */
export const saveCsvFile = (rows: readonly (readonly unknown[])[], name: string): void =>
  saveFile(csvText(rows, usePreferences().csv), name, 'text/csv');
