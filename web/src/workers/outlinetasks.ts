/** Outlines out of a file: opened once, and taken as often as somebody chooses other layers or another unit. */
import {
  findOutlines,
  guessUnit,
  readDxfInSteps,
  type Drawing,
  type DrawingUnit,
  type FoundOutlines,
} from '@lentum/core/drawings';
import {
  readCsvPoints,
  readGeoJson,
  type GeoJsonRead,
  type ImportedOutline,
} from '@lentum/core/outlinefiles';
import type { Result } from '@lentum/core/problems';
import { metresPer } from '@lentum/core/units';
import { readDrawing } from '../shared/drawingtext.ts';
import { readText, rowsOf } from '../shared/tables/tablefile.ts';
import { inHalves } from './inhalves.ts';

/** What is known of a drawing beside its lines, which stay in the worker: they can be far larger than what is asked of them. */
export type DrawingFacts = Omit<Drawing, 'paths'> & { readonly guess: DrawingUnit };
/** By its name a file is one of these. */
export type SeenOutlines =
  | { readonly kind: 'DXF'; readonly read: Result<DrawingFacts> }
  | { readonly kind: 'CSV' }
  | { readonly kind: 'GeoJSON'; readonly read: Result<GeoJsonRead> };

function read(text: string, progress: (share: number) => void): Result<Drawing> {
  const steps = readDxfInSteps(text);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    progress(step.value);
  }
}

export const outlineTasks = () => {
  let drawing: Drawing | undefined;
  let rows: string[][] = [];
  return {
    /** @param progress is told the share that is done, 0 to 1 */
    open: async (file: Blob, name: string, progress: (share: number) => void): Promise<SeenOutlines> => {
      const { bytes, content } = inHalves(progress);
      if (/\.dxf$/i.test(name)) {
        const found = read(await readDrawing(file, bytes), content);
        if (!found.ok) return { kind: 'DXF', read: found };
        drawing = found.value;
        const { paths: _left, ...facts } = drawing;
        return { kind: 'DXF', read: { ok: true, value: { ...facts, guess: guessUnit(drawing) } } };
      }
      const text = await readText(file, bytes);
      if (!/\.(csv|txt)$/i.test(name)) return { kind: 'GeoJSON', read: readGeoJson(text) };
      rows = rowsOf(text, content);
      return { kind: 'CSV' };
    },
    /** Of a drawing: the outlines on layers of it. */
    onLayers: (layers: readonly string[], unit: DrawingUnit): FoundOutlines =>
      drawing ? findOutlines(drawing, layers, unit) : { outlines: [], loose: [], tooMany: false },
    /** Of a table: the outline round its corners. */
    byCorners: (unit: DrawingUnit): Result<ImportedOutline> => readCsvPoints(rows, metresPer(unit)),
  };
};
export type OutlineTasks = ReturnType<typeof outlineTasks>;
