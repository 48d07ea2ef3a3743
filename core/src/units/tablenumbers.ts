/** Numbers in the cells of a table: where the separator of the cells settles it, a comma in a number is its decimal mark. */

/** "1,234" or "-0,5": one comma with digits on both sides, and nothing else. */
const COMMA_NUMBER = /^\s*[-\u2212]?\d+,\d+\s*$/;

/**
 * Cells as their reader split them, with a point in place of a decimal comma where commas do not part the cells.
 * @param separator between the cells: "," leaves everything as it is
 */
export const settledCells = (
  rows: readonly (readonly string[])[],
  separator: string,
): readonly (readonly string[])[] =>
  separator === ','
    ? rows
    : rows.map((row) => row.map((cell) => (COMMA_NUMBER.test(cell) ? cell.replace(',', '.') : cell)));
