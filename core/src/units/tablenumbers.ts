/** Numbers in the cells of a table: where the separator of the cells settles it, a comma in a number is its decimal mark. */

/** "1,234" or "-0,5": one comma with digits on both sides, and nothing else. */
const COMMA_NUMBER = /^\s*[-\u2212]?\d+,\d+\s*$/;

/** "7.2E+00", as spreadsheets write narrow columns. */
const EXPONENT = /^\s*[-+\u2212]?\d+([.,]\d+)?[eE][-+]?\d{1,3}\s*$/;

/** A number with an exponent written out, where it is one of this world. */
function writtenOut(cell: string): string {
  if (!EXPONENT.test(cell)) return cell;
  const value = Number(cell.trim().replace(',', '.').replace('\u2212', '-'));
  return Math.abs(value) < 1e15 && (value === 0 || Math.abs(value) > 1e-6) ? String(value) : cell;
}

/**
 * Cells as their reader split them, with a point in place of a decimal comma where commas do not part the cells.
 * @param separator between the cells: where it is ",", commas stay as they are
 */
export const settledCells = (
  rows: readonly (readonly string[])[],
  separator: string,
): readonly (readonly string[])[] =>
  rows.map((row) =>
    row.map((cell) =>
      separator !== ',' && COMMA_NUMBER.test(cell) ? cell.replace(',', '.') : writtenOut(cell),
    ),
  );
