/**
 * Files as they come from elsewhere, odd and hostile: each is read by the reader of its folder, and the answer is the one in the
 * table beside them (`hostile/README.md`). What is refused is refused in a sentence; nothing hangs, nothing is guessed silently.
 */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { findOutlines } from '@lentum/core/drawings';
import { guessGaugeColumns, readGaugeFile } from '@lentum/core/film';
import { areaOf, type Point } from '@lentum/core/geometry';
import { readJobFile } from '@lentum/core/jobfile';
import { layersFromTable, readBuildUpFile } from '@lentum/core/library';
import { readCsvPoints, readGeoJson, toMetres, type ImportedOutline } from '@lentum/core/outlinefiles';
import { sentence, type Result } from '@lentum/core/problems';
import { guessMap, readEpw, readHours } from '@lentum/core/weather';
import { readDxf } from '@lentum/core/drawings';
import { daysOffIn } from '../src/programme/setup/readcalendar.ts';
import { rowsOf, textOfBytes } from '../src/shared/tables/tablefile.ts';
import { drawingText } from '../src/shared/drawingtext.ts';

const FOLDER = path.join(import.meta.dirname, 'hostile');
const TODAY = '2026-05-12';

const answer = <T>(read: Result<T>, says: (value: T) => string): string =>
  read.ok ? says(read.value) : `refused: ${read.problems.map(sentence).join(' ')}`;
const m2 = (outer: readonly Point[], holes: readonly (readonly Point[])[]): string =>
  `${areaOf([{ outer, holes }]).toFixed(1)} m²`;
const outlines = (all: readonly ImportedOutline[]): string =>
  all.map((o) => `${o.name} ${m2(o.outer, o.holes)}`.trim()).join(', ');

type Reader = (bytes: Uint8Array) => string | Promise<string>;
const READERS: Readonly<Record<string, Reader>> = {
  geojson: (bytes) =>
    answer(readGeoJson(textOfBytes(bytes)), ({ outlines: found, guess, frame, skipped }) =>
      [
        outlines(toMetres(found, guess)),
        frame ?? `taken as ${guess}, asked`,
        ...skipped.map((s) => `${s.count} ${s.what} left out`),
      ].join('; '),
    ),
  corners: (bytes) => answer(readCsvPoints(rowsOf(textOfBytes(bytes)), 1), (o) => outlines([o])),
  dxf: (bytes) =>
    answer(readDxf(drawingText(bytes)), (d) => {
      const layers = d.layers.map((l) => l.name);
      const found = findOutlines(d, layers, d.unit ?? 'm');
      return [
        found.outlines.map((o) => m2(o.outer, o.holes)).join(', ') || 'no outline',
        d.unit ?? (d.oddUnit === undefined ? 'unit asked' : `unit ${d.oddUnit}, asked`),
        ...d.leftOut.map((l) => `${l} left out`),
        ...found.loose.map((l) => l.says),
      ].join('; ');
    }),
  epw: (bytes) =>
    answer(readEpw(textOfBytes(bytes), 2026), (e) =>
      [`${e.hours} hours from ${new Date(e.startMs).toISOString()}`, ...e.notes].join('; '),
    ),
  hours: (bytes) => {
    const rows = rowsOf(textOfBytes(bytes));
    const map = guessMap(rows[0] ?? [], 'UTC');
    return answer(readHours(rows, 1, map), (h) =>
      [`${h.hours} hours from ${new Date(h.startMs).toISOString()}`, ...h.notes].join('; '),
    );
  },
  calendar: async (bytes) => {
    try {
      const days = await daysOffIn(textOfBytes(bytes), TODAY);
      return `days: ${days.length}${days[0] ? `, the first ${days[0].on} ${days[0].says}` : ''}`;
    } catch (error) {
      return `refused: ${(error as Error).message}`;
    }
  },
  job: (bytes) => answer(readJobFile(textOfBytes(bytes)), () => 'read'),
  'build-up': (bytes) => answer(readBuildUpFile(textOfBytes(bytes)), () => 'read'),
  layers: (bytes) =>
    answer(layersFromTable(rowsOf(textOfBytes(bytes)), 'metric'), (t) => `${t.layers.length} layers`),
  gauge: (bytes) => {
    const rows = rowsOf(textOfBytes(bytes));
    const columns = guessGaugeColumns(rows);
    if (!columns) return 'refused: no column of readings';
    return answer(readGaugeFile(rows, columns), (b) => b.map((x) => x.readingsUm.join(' ')).join(' / '));
  },
};

/** A cell of the table, as it is written. */
const cell = (text: string): string => text.replaceAll(/\s+/g, ' ').replaceAll('|', '\\|').trim();
const table = readFileSync(path.join(FOLDER, 'README.md'), 'utf8')
  .split('\n')
  .filter((l) => l.startsWith('| `'))
  .map((l) => l.split(/(?<!\\)\|/).map((c) => c.trim()))
  .map(([, file = '', from = '', says = '']) => ({ file: file.replaceAll('`', ''), from, says }));
const files = readdirSync(FOLDER, { recursive: true, withFileTypes: true })
  .filter((f) => f.isFile() && f.name !== 'README.md')
  .map((f) => path.relative(FOLDER, path.join(f.parentPath, f.name)))
  .sort();

describe('files of elsewhere', () => {
  it('are 60 or more, each in the table with where its shape comes from', () => {
    expect(files.length).toBeGreaterThanOrEqual(60);
    expect(table.map((r) => r.file).sort()).toEqual(files);
    for (const r of table) expect(r.from, r.file).not.toBe('');
  });

  it.each(table.map((r) => [r.file, r.says] as const))('%s', async (file, says) => {
    const reader = READERS[file.split('/')[0] ?? ''];
    const told = await reader?.(new Uint8Array(readFileSync(path.join(FOLDER, file))));
    expect(cell(told ?? 'no reader')).toBe(says);
  });
});
