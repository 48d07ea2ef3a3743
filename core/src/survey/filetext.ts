/** What files of text share: an optional heading of tables, JSON that may be cut off, and problems that name the file. */
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { readNumber } from '../units/index.ts';

export const fileProblem = (
  kind: Problem['kind'],
  label: string,
  actual: string,
  expected: string,
): Problem => ({ kind, field: 'file', label, actual, expected });

export interface CsvTable {
  /** Headings in small letters; empty without one. */
  readonly names: readonly string[];
  readonly body: readonly (readonly string[])[];
  /** Line in the file of a row of the body. */
  readonly lineOf: (row: number) => number;
}

/** Rows that say something, with their heading apart: a first row without a single number. */
export function csvTable(rows: readonly (readonly string[])[]): CsvTable {
  const filled = rows.filter((row) => row.some((cell) => cell.trim() !== ''));
  const first = filled[0];
  const headed = first !== undefined && first.every((cell) => !readNumber(cell).ok);
  return {
    names: headed ? first.map((c) => c.trim().toLowerCase()) : [],
    body: filled.slice(headed ? 1 : 0),
    lineOf: (row) => row + (headed ? 2 : 1),
  };
}

/** JSON text to data; a cut-off file is told from a broken one. */
export function readJson(text: string, label: string): Result<unknown> {
  try {
    return ok(JSON.parse(text) as unknown);
  } catch {
    const trimmed = text.trimEnd();
    const ended = /[}\]]$/.test(trimmed);
    return fail(
      trimmed.startsWith('{') && !ended
        ? fileProblem(
            'truncated',
            label,
            `it ends with “${short(trimmed.slice(-24))}”`,
            'the whole file, ending with }',
          )
        : fileProblem('malformed', label, `it begins with “${short(trimmed.slice(0, 24))}”`, 'JSON text'),
    );
  }
}
