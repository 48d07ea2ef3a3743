/** Maps on paper: their colours cover what the grid knows, band by band, and the moisture of the ground stands in the handover. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tellingOf, type Shape } from '@lentum/core/printout';
import { COMMON } from '@lentum/core/practice';
import type { FilmGrid } from '@lentum/core/proving';
import { zoneQuantities } from '@lentum/core/survey';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { bandStrips, sheetOf } from '../src/handover/mapshapes.ts';
import { moistureSection } from '../src/handover/moistureplan.ts';
import { bookOf } from './support/calls.ts';

const job = velmora(new Date(DEMO_ANCHOR));
const of = (id: string) => {
  const q = zoneQuantities(job.survey.zones.find((z) => z.id === id)!);
  if (!q.ok) throw new Error('it is measured');
  return q.value;
};
const hall = of('hall');
const INKS = ['damp0', 'damp1', 'damp2'] as const;

/** By the cross products of its corners. */
const areaOf = (points: readonly (readonly [number, number])[]): number =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [u, v] = points[(i + 1) % points.length]!;
      return sum + (x * v - u * y) / 2;
    }, 0),
  );

describe('the strips of a map', () => {
  it('cover each band by as much as it has squares, and nothing that is not known', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.array(
          fc.record({
            value: fc.oneof(fc.constant(NaN), fc.double({ min: 0, max: 9, noNaN: true })),
            laid: fc.boolean(),
          }),
          { minLength: 1, maxLength: 80 },
        ),
        (cols, squares) => {
          const rows = Math.ceil(squares.length / cols);
          const all = Array.from(
            { length: rows * cols },
            (_, i) => squares[i] ?? { value: NaN, laid: false },
          );
          const grid: FilmGrid = {
            ...{ origin: [1, 2], stepM: 0.5, cols, rows },
            values: Float64Array.from(all, (s) => s.value),
            laid: Uint8Array.from(all, (s) => (s.laid ? 1 : 0)),
          };
          const strips = bandStrips(grid, [3, 6], INKS, sheetOf(hall));
          const drawn = (ink: string): number =>
            strips.reduce((sum, s) => sum + (s.kind === 'path' && s.fill === ink ? areaOf(s.points) : 0), 0);
          const known = all.filter((s) => s.laid && !Number.isNaN(s.value));
          expect(drawn('damp0')).toBeCloseTo(known.filter((s) => s.value < 3).length / 4, 9);
          expect(drawn('damp1')).toBeCloseTo(known.filter((s) => s.value >= 3 && s.value < 6).length / 4, 9);
          expect(drawn('damp2')).toBeCloseTo(known.filter((s) => s.value >= 6).length / 4, 9);
        },
      ),
      { numRuns: 150, seed: 3 },
    ));
});

describe('the moisture of the ground in a handover', () => {
  const section = (zoneId: string, book = bookOf(job)) =>
    moistureSection(
      zoneId,
      of(zoneId),
      book,
      COMMON,
      tellingOf({ units: 'metric', timeZone: 'UTC', wording: 'uk' }),
    );
  const placed = job.survey.zones.filter((z) => section(z.id).length > 0);
  it('is drawn with each reading that has a place, where there is one', () => {
    expect(placed.length).toBeGreaterThan(0);
    for (const { id } of placed) {
      const [group] = section(id);
      if (group?.kind !== 'group') throw new Error('a heading, a drawing and a line');
      const drawing = group.blocks.find((b) => b.kind === 'drawing');
      const texts = (drawing?.shapes ?? []).filter((s): s is Shape & { kind: 'text' } => s.kind === 'text');
      const says = group.blocks.flatMap((b) => (b.kind === 'text' ? [b.text] : [])).join(' ');
      expect(says).toContain(`${texts.length} reading`);
      for (const { text } of texts) expect(text).toMatch(/^\d+(\.\d+)?\s%$/);
    }
  });
  it('is left out where nobody read it at a place', () =>
    expect(job.survey.zones.length).toBeGreaterThan(placed.length));
});
