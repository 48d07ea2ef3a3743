/** Tables as CSV. */
import Papa from 'papaparse';
import { saveFile } from './savefile.ts';

/** Text that a spreadsheet would take for a formula is written as text. */
export const csvText = (rows: readonly (readonly unknown[])[]): string =>
  `${Papa.unparse(rows as unknown[][], { newline: '\r\n', escapeFormulae: true })}\r\n`;

export const saveCsvFile = (rows: readonly (readonly unknown[])[], name: string): void =>
  saveFile(csvText(rows), name, 'text/csv');
