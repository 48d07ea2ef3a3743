/** The page model: sizes, drawings as SVG, tiles at full size, times with their dates, what a printout says. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { velmora } from '@lentum/demo';
import { cutLists, detailSchedule, patternBlocks, tilesFor } from '../src/details/index.ts';
import {
  columns,
  drawingSvg,
  drawnMm,
  group,
  heading,
  insideMm,
  line,
  PAPER_SIZES,
  printoutLines,
  printoutSchema,
  row,
  sheetMm,
  table,
  tellingOf,
  type Drawing,
} from '../src/printout/index.ts';
import { fullTime, utcOffset } from '../src/weather/index.ts';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

describe('sheets', () => {
  // ISO 216; Letter by ANSI/ASME Y14.1.
  it.each([
    ['A4', false, 210, 297],
    ['A4', true, 297, 210],
    ['A3', false, 297, 420],
    ['Letter', false, 215.9, 279.4],
    ['Letter', true, 279.4, 215.9],
  ] as const)('%s, across %s', (size, landscape, widthMm, heightMm) => {
    const sheet = sheetMm({ size, landscape });
    expect(sheet.widthMm).toBeCloseTo(widthMm, 9);
    expect(sheet.heightMm).toBeCloseTo(heightMm, 9);
  });
});

describe('times on paper', () => {
  it.each([
    ['2026-05-12T07:30:00Z', 'Europe/Lisbon', 'Tue 12 May 2026, 08:30', 'UTC+1'],
    ['2026-12-31T23:45:00Z', 'Asia/Kolkata', 'Fri 1 Jan 2027, 05:15', 'UTC+5:30'],
    ['2026-01-01T02:00:00Z', 'America/New_York', 'Wed 31 Dec 2025, 21:00', 'UTC−5'],
    ['2026-07-01T00:00:00Z', 'UTC', 'Wed 1 Jul 2026, 00:00', 'UTC+0'],
  ])('%s in %s', (instant, zone, time, offset) => {
    expect(plain(fullTime(Date.parse(instant), zone))).toBe(time);
    expect(utcOffset(Date.parse(instant), zone)).toBe(offset);
  });

  it('a span says its day once where it is one day', () => {
    const t = tellingOf({ units: 'metric', timeZone: 'Europe/Lisbon' });
    expect(plain(t.span('2026-05-12T07:30:00Z', '2026-05-12T08:10:00Z'))).toBe(
      'Tue 12 May 2026, 08:30 to 09:10',
    );
    expect(plain(t.span('2026-05-12T07:30:00Z', '2026-05-13T08:10:00Z'))).toBe(
      'Tue 12 May 2026, 08:30 to Wed 13 May 2026, 09:10',
    );
  });

  it('words, units and currency are those of the job', () => {
    const us = tellingOf({ units: 'us', timeZone: 'UTC', currency: 'USD' });
    expect(us.w('colour')).toBe('color');
    expect(plain(us.value(12, 'price'))).toBe('12.00 USD');
    expect(plain(us.value(1, 'length'))).toBe(`3' 3 3/8"`);
    expect(plain(us.time('2026-05-12T14:30:00Z'))).toBe('Tue May 12 2026, 2:30 PM');
  });
});

describe('tiles of a piece at full size', () => {
  const sheets = PAPER_SIZES.flatMap((size) => [false, true].map((landscape) => ({ size, landscape })));
  it('cover all of it, overlap by 15 mm, and no row or column is spare', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 8000, noNaN: true }),
        fc.double({ min: 5, max: 8000, noNaN: true }),
        fc.constantFrom(...sheets),
        (widthMm, heightMm, sheet) => {
          const t = tilesFor({ widthMm, heightMm }, sheet);
          expect(t.widthMm - t.stepXMm).toBeCloseTo(15, 9);
          expect(t.heightMm - t.stepYMm).toBeCloseTo(15, 9);
          // With 1 mm of white on each side.
          const reach = (n: number, step: number, of: number): number => (n - 1) * step + of;
          expect(reach(t.columns, t.stepXMm, t.widthMm)).toBeGreaterThanOrEqual(widthMm + 2 - 1e-9);
          expect(reach(t.rows, t.stepYMm, t.heightMm)).toBeGreaterThanOrEqual(heightMm + 2 - 1e-9);
          if (t.columns > 1) expect(reach(t.columns - 1, t.stepXMm, t.widthMm)).toBeLessThan(widthMm + 2);
          if (t.rows > 1) expect(reach(t.rows - 1, t.stepYMm, t.heightMm)).toBeLessThan(heightMm + 2);
          const paper = sheetMm(sheet);
          expect(t.widthMm).toBeLessThan(paper.widthMm);
          expect(t.heightMm).toBeLessThan(paper.heightMm);
        },
      ),
    );
  });
});

describe('pieces of the demo at full size', () => {
  const job = velmora(new Date('2026-05-12T09:00:00Z'));
  const t = tellingOf({ units: 'metric', timeZone: 'UTC' });
  const lists = cutLists(detailSchedule(job.survey, job.buildUp));
  it.each(lists.map((l, i) => [`${i + 1}: ${l.roll.name}`, l] as const))('%s', (_name, list) => {
    const sheet = { size: 'A4', landscape: true } as const;
    const blocks = patternBlocks(list.groups, sheet, t);
    expect(printoutSchema.safeParse({ title: 't', job: 'j', made: 'm', blocks }).success).toBe(true);
    const drawings = blocks.flatMap((b) =>
      b.kind === 'group' ? b.blocks.flatMap((x) => (x.kind === 'drawing' ? [x] : [])) : [],
    );
    const inside = insideMm(sheet);
    // A millimetre of the frame is a millimetre on paper, and each fits on its sheet.
    for (const d of drawings) {
      expect(d.widthMm).toBe(d.frame[2]);
      expect(drawnMm(d, inside).heightMm).toBeCloseTo(d.frame[3], 9);
      expect(d.widthMm).toBeLessThanOrEqual(inside.widthMm + 1e-9);
    }
    // Each piece is either drawn, a rectangle with its size, or said to be too large.
    const said = printoutLines(printoutSchema.parse({ title: 't', job: 'j', made: 'm', blocks })).join(' ');
    for (const g of list.groups) expect(said).toContain(g.label);
  });
});

const DRAWING: Drawing = {
  kind: 'drawing',
  label: 'A <roof> & "more"',
  frame: [0, 0, 40, 20],
  mostHeightMm: 60,
  shapes: [
    { kind: 'text', at: [1, 2], text: 'a < b & "c"', size: 3, align: 'end', bold: true, fill: 'ink' },
    { kind: 'dot', at: [3, 4], radius: 1, fill: 'stop' },
    {
      kind: 'path',
      points: [
        [0, 0],
        [1, 1],
      ],
      closed: false,
      stroke: 'ink',
      width: 0.2,
      dash: [1, 2],
    },
  ],
};

describe('drawings', () => {
  it('as SVG take any text, and nothing of it becomes a tag', () => {
    const svg = drawingSvg(DRAWING, 'Body');
    expect(svg).toContain('a &lt; b &amp; &quot;c&quot;');
    expect(svg).toContain('stroke-dasharray="1 2"');
    expect(svg).toContain('viewBox="0 0 40 20"');
  });
  it('fill the width, no higher than they may be', () => {
    expect(drawnMm(DRAWING, { widthMm: 100 })).toEqual({ widthMm: 100, heightMm: 50 });
    expect(drawnMm(DRAWING, { widthMm: 500 })).toEqual({ widthMm: 120, heightMm: 60 });
    expect(drawnMm({ ...DRAWING, widthMm: 40 }, { widthMm: 10 })).toEqual({ widthMm: 40, heightMm: 20 });
  });
});

describe('what a printout says', () => {
  const printout = printoutSchema.parse({
    title: 'Order',
    job: 'Job',
    made: 'now',
    blocks: [
      heading(1, 'Head'),
      group(line('Together'), DRAWING),
      table(columns('What|50', '>How much'), [row(['Sand', '5 kg'], { notes: ['dry'] })], ['Sum', '5 kg']),
    ],
  });
  it('is read in order, with its total and what is written in drawings', () => {
    expect(printoutLines(printout)).toEqual([
      'Order',
      'Head',
      'Together',
      'a < b & "c"',
      'What',
      'How much',
      'Sand',
      '5 kg',
      'dry',
      'Sum',
      '5 kg',
    ]);
  });
  it('columns say where they stand and how they share the width', () => {
    expect(columns('What|50', '>How much')).toEqual([
      { head: 'What', align: 'left', share: 50 },
      { head: 'How much', align: 'right', share: 0 },
    ]);
  });
  it.each([
    ['no title', { title: '', job: 'j', made: 'm', blocks: [] }],
    ['a block of no kind', { title: 't', job: 'j', made: 'm', blocks: [{ kind: 'poem', text: 'x' }] }],
    [
      'a number that is none',
      { title: 't', job: 'j', made: 'm', blocks: [{ ...DRAWING, frame: [0, 0, NaN, 1] }] },
    ],
    ['more than it knows', { title: 't', job: 'j', made: 'm', blocks: [], script: 'x' }],
  ])('is refused with %s', (_name, data) => {
    expect(printoutSchema.safeParse(data).success).toBe(false);
  });
});
