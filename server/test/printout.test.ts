/** Printouts as PDF, read back by an independent reader. */
import { writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  columns,
  facts,
  group,
  heading,
  insideMm,
  line,
  list,
  MARGINS_MM,
  PAGE_BREAK,
  PAPER_SIZES,
  printoutLines,
  printoutSchema,
  row,
  sheetMm,
  table,
  type Block,
  type Printout,
} from '@lentum/core/printout';
import { printoutPdf } from '../src/printout/pdf.ts';
import { bare, readPdf, textOf } from '../../scripts/lib/readpdf.ts';

const PT = 72 / 25.4;
const SAMPLE: Printout = printoutSchema.parse({
  title: 'Order',
  job: 'Ferry terminal, Velmora',
  made: 'Thu 12 Nov 2026, 08:40 (UTC+1)',
  seal: '3 entries, last 9f2c',
  blocks: [
    heading(1, 'What to buy'),
    line('Fleece and resin ≤ 5 °C → hold; Ελληνικά, Čeština, Łódź ✓', 'mind'),
    facts([
      ['Zone', 'Booking hall'],
      ['Area', '235.9 m²'],
    ]),
    table(
      columns('Product|40', '>Net', '>Price'),
      Array.from({ length: 90 }, (_, i) =>
        row([`Resin ${i + 1}`, `${i}.5 kg`, `${i * 3}.00 EUR`], i % 9 === 0 ? { notes: [`zone ${i}`] } : {}),
      ),
      ['Total', '', '12 015.00 EUR'],
    ),
    list(['Gloves on', 'Eyes shut']),
    group(heading(2, 'A drawing'), {
      kind: 'drawing',
      label: 'A square',
      frame: [0, 0, 40, 20],
      mostHeightMm: 60,
      shapes: [
        {
          kind: 'path',
          points: [
            [1, 1],
            [39, 1],
            [39, 19],
            [1, 19],
          ],
          closed: true,
          stroke: 'ink',
          fill: 'soft',
          width: 0.3,
        },
        { kind: 'text', at: [20, 10], text: '4.00 m', size: 3, align: 'middle', bold: false, fill: 'ink' },
      ],
    }),
    PAGE_BREAK,
    heading(1, 'Last page'),
  ],
});

describe('a printout as PDF', () => {
  it.each(PAPER_SIZES.flatMap((size) => [false, true].map((landscape) => ({ size, landscape }))))(
    'says all of it on $size, landscape $landscape, inside its margins',
    async (sheet) => {
      const bytes = await printoutPdf(SAMPLE, sheet);
      if (process.env['KEEP_PDF']) writeFileSync(`/tmp/sample-${sheet.size}-${sheet.landscape}.pdf`, bytes);
      const pages = await readPdf(bytes);
      const all = textOf(pages);
      for (const said of printoutLines(SAMPLE)) expect(all).toContain(bare(said));
      const { widthMm, heightMm } = sheetMm(sheet);
      pages.forEach((p, i) => {
        expect(p.widthPt).toBeCloseTo(widthMm * PT, 1);
        expect(p.heightPt).toBeCloseTo(heightMm * PT, 1);
        const page = textOf([p]);
        expect(page).toContain(bare(`page ${i + 1} of ${pages.length}`));
        expect(page).toContain(bare('3 entries, last 9f2c'));
        expect(page).toContain(bare('Ferry terminal, Velmora'));
        for (const r of p.runs) {
          expect(r.x).toBeGreaterThan(MARGINS_MM.left * PT - 1);
          expect(r.x + r.width).toBeLessThan((MARGINS_MM.left + insideMm(sheet).widthMm) * PT + 1);
        }
      });
      // Widths are used: something ends at the right margin.
      const right = Math.max(...pages.flatMap((p) => p.runs.map((r) => r.x + r.width)));
      expect(right).toBeGreaterThan((MARGINS_MM.left + insideMm(sheet).widthMm) * PT - 6);
      // The head of the table is on each page that has rows of it; its total once.
      for (const p of pages)
        if (p.runs.some((r) => /^Resin \d+$/.test(r.text))) expect(textOf([p])).toContain('ProductNetPrice');
      expect(all.split(bare('12 015.00 EUR')).length - 1).toBe(1);
      expect(textOf(pages.slice(-1))).toContain('Lastpage');
    },
  );

  it.each([
    ['facts', facts([])],
    ['list', list([])],
    ['a table of no rows', table(columns('Product', '>Net'), [])],
    ['a row of fewer cells than columns', table(columns('Product', '>Net'), [row(['Resin'])])],
    ['a group', group()],
    ['a drawing', { kind: 'drawing', label: 'nothing', frame: [0, 0, 40, 20], mostHeightMm: 60, shapes: [] }],
  ] as const satisfies readonly (readonly [string, Block])[])(
    'with nothing in it is drawn all the same: %s',
    async (_what, block) => {
      const pages = await readPdf(
        await printoutPdf({ ...SAMPLE, blocks: [block] }, { size: 'A4', landscape: false }),
      );
      expect(textOf(pages)).toContain(bare('page 1 of 1'));
    },
  );
});
