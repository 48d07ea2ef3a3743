/** Tables as CSV: a line a row, ends of lines as RFC 4180 has them; what a spreadsheet would take for a formula is text. */
import Papa from 'papaparse';

export type Cell = string | number;

/** The rows, without a line end after the last one. */
export const csvOf = (head: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  Papa.unparse([[...head], ...rows.map((row) => [...row])], { newline: '\r\n', escapeFormulae: true });

/** The same as a file that ends with its line. */
export const csvFile = (head: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  `${csvOf(head, rows)}\r\n`;
