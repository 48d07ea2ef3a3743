/** A table out of a file: opened once, and read as often as somebody says anew which column is what. Its rows stay here. */
import {
  gaugeFileKey,
  guessGaugeColumns,
  headRow,
  readGaugeFile,
  type GaugeColumns,
} from '@lentum/core/film';
import { placedTable, readPlacedRows, type PlacedMap } from '@lentum/core/survey';
import { metresPer } from '@lentum/core/units';
import { readEpw, readHours, type TableMap } from '@lentum/core/weather';
import { readText, rowsOf } from '../shared/tables/tablefile.ts';
import { inHalves } from './inhalves.ts';

/** So many lines of a table are shown. */
const SHOWN = 6;

/** What is known of a table before anybody has said what its columns are. */
export interface SeenTable {
  readonly first: readonly (readonly string[])[];
  readonly isClimate: boolean;
  readonly placed: {
    readonly key: string;
    readonly heads: readonly string[];
    readonly example: readonly string[];
  };
  readonly gauge: {
    readonly key: string;
    readonly head: readonly string[];
    readonly width: number;
    readonly guess: GaugeColumns | undefined;
  };
}

export const tableTasks = () => {
  let rows: string[][] = [];
  let text = '';
  return {
    /** @param progress is told the share that is done, 0 to 1 */
    open: async (file: Blob, name: string, progress: (share: number) => void): Promise<SeenTable> => {
      const { bytes, content } = inHalves(progress);
      text = await readText(file, bytes);
      const isClimate = /\.epw$/i.test(name) || text.startsWith('LOCATION');
      rows = isClimate ? [] : rowsOf(text, content);
      if (!isClimate) text = '';
      const { key, heads, body } = placedTable(rows);
      return {
        first: rows.slice(0, SHOWN),
        isClimate,
        placed: { key, heads, example: body[0] ?? [] },
        gauge: {
          key: gaugeFileKey(rows),
          head: rows[headRow(rows)] ?? [],
          width: rows.reduce((most, r) => Math.max(most, r.length), 0),
          guess: guessGaugeColumns(rows),
        },
      };
    },
    /** @param isLength the value is one, in the unit of its column; else it is as it stands */
    placed: (word: string, map: PlacedMap, isLength: boolean) =>
      readPlacedRows(rows, word, map, (unit, kind) => (kind === 'value' && !isLength ? 1 : metresPer(unit))),
    gauge: (columns: GaugeColumns) => readGaugeFile(rows, columns),
    hours: (map: TableMap) => readHours(rows, 1, map),
    climate: (year: number) => readEpw(text, year),
  };
};
export type TableTasks = ReturnType<typeof tableTasks>;
