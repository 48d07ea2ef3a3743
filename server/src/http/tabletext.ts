/** Tables as CSV: a line a row, ends of lines as RFC 4180 has them; what a spreadsheet would take for a formula is text. */
import Papa from 'papaparse';

export type Cell = string | number;

export const csvOf = (head: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  `${Papa.unparse([[...head], ...rows.map((row) => [...row])], { newline: '\r\n', escapeFormulae: true })}\r\n`;
