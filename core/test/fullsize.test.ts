/** Pieces at their true size from the roll of a plotter: as they are cut, on pages that the roll and a PDF have. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { velmora } from '@lentum/demo';
import { signedArea } from '../src/geometry/index.ts';
import {
  cutLists,
  detailSchedule,
  flatOutline,
  patternBox,
  plotted,
  PLOTTER_ROLLS_MM,
  plotterBlocks,
  tilesFor,
} from '../src/details/index.ts';
import {
  insidePage,
  LONGEST_PAGE_MM,
  printoutLines,
  printoutSchema,
  tellingOf,
  type Drawing,
} from '../src/printout/index.ts';

const box = fc.record({
  widthMm: fc.double({ min: 20, max: 9000, noNaN: true }),
  heightMm: fc.double({ min: 20, max: 9000, noNaN: true }),
});

describe('pages of a plotter', () => {
  it('widths of rolls are whole inches: 24, 36 and 42', () => {
    for (const [i, mm] of [609.6, 914.4, 1066.8].entries()) expect(PLOTTER_ROLLS_MM[i]).toBeCloseTo(mm, 9);
  });

  it('no page is wider than the roll or longer than a PDF has it, and together they show all of a piece', () => {
    fc.assert(
      fc.property(box, fc.constantFrom(...PLOTTER_ROLLS_MM), (size, rollMm) => {
        const { page, tiles, turned } = plotted(size, rollMm);
        expect(page.widthMm).toBeLessThanOrEqual(rollMm);
        expect(page.heightMm).toBeLessThanOrEqual(LONGEST_PAGE_MM);
        const [w, h] = turned ? [size.heightMm, size.widthMm] : [size.widthMm, size.heightMm];
        expect((tiles.columns - 1) * tiles.stepXMm + tiles.widthMm).toBeGreaterThanOrEqual(w);
        expect((tiles.rows - 1) * tiles.stepYMm + tiles.heightMm).toBeGreaterThanOrEqual(h);
        expect(tiles.widthMm).toBeCloseTo(insidePage(page).widthMm, 9);
      }),
    );
  });

  it.each([
    // A piece that fits across the roll or along it has one page.
    [{ widthMm: 880, heightMm: 4000 }, 914.4, 1],
    [{ widthMm: 4000, heightMm: 880 }, 914.4, 1],
    // The 2,950 by 6,711 mm that no stack of sheets shows: two lengths of four strips, or more on a narrower roll.
    [{ widthMm: 2950, heightMm: 6711 }, 914.4, 8],
    [{ widthMm: 100, heightMm: 100 }, 609.6, 1],
  ])('%j on a roll of %d mm takes %d', (size, rollMm, pages) => {
    const { tiles } = plotted(size, rollMm);
    expect(tiles.columns * tiles.rows).toBe(pages);
  });

  it('takes no more pages than sheets of A3 do', () => {
    fc.assert(
      fc.property(box, (size) => {
        const roll = plotted(size, 609.6).tiles;
        const sheets = tilesFor(size, { size: 'A3', landscape: false });
        expect(roll.columns * roll.rows).toBeLessThanOrEqual(sheets.columns * sheets.rows);
      }),
    );
  });
});

describe('pieces of the demo for a plotter', () => {
  const job = velmora(new Date('2026-05-12T09:00:00Z'));
  const t = tellingOf({ units: 'metric', timeZone: 'UTC' });
  const lists = cutLists(detailSchedule(job.survey, job.buildUp));
  it.each(lists.map((l, i) => [`${i + 1}: ${l.roll.name}`, l] as const))('%s', (_name, list) => {
    for (const rollMm of PLOTTER_ROLLS_MM) {
      const blocks = plotterBlocks(list.groups, rollMm, t);
      const printout = printoutSchema.parse({ title: 't', job: 'j', made: 'm', blocks });
      const said = printoutLines(printout).join(' ');
      for (const g of list.groups) expect(said).toContain(g.label);
      const drawings = blocks.flatMap((b) =>
        b.kind === 'group' ? b.blocks.filter((x): x is Drawing => x.kind === 'drawing') : [],
      );
      // A millimetre of the frame is a millimetre on paper.
      for (const d of drawings) expect(d.widthMm).toBe(d.frame[2]);
      expect(blocks.filter((b) => b.kind === 'break').every((b) => b.page !== undefined)).toBe(true);
    }
  });

  it('each outline is as large as the piece, and none is mirrored, turned or not', () => {
    const cut = lists
      .flatMap((l) => l.groups)
      .map((g) => ({ g, blocks: plotterBlocks([g], 609.6, t) }))
      .filter(({ blocks }) => blocks.some((b) => b.kind === 'break'));
    expect(cut.some(({ g }) => plotted(patternBox(g.piece.pattern), 609.6).turned)).toBe(true);
    for (const { g, blocks } of cut) {
      const drawing = blocks
        .flatMap((b) => (b.kind === 'group' ? b.blocks : []))
        .find((b): b is Drawing => b.kind === 'drawing');
      const shape = drawing?.shapes.find((x) => x.kind === 'path' && x.closed);
      const outer = flatOutline(g.piece.pattern)[0]?.outer ?? [];
      // On paper y runs down: what goes round one way is drawn the other.
      const drawn = signedArea(shape?.kind === 'path' ? shape.points : []);
      expect(drawn / -signedArea(outer)).toBeCloseTo(1, 3);
    }
  });
});
