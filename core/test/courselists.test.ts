/** What comes out of the courses: figures that add up, lists to work by, drawings in true size, and the order. */
import { describe, expect, it } from 'vitest';
import {
  coursesFigures,
  coursesOf,
  cornersCut,
  CUT_COLUMNS,
  cutLines,
  cutRows,
  DEFAULT_COURSES,
  howGood,
  LAY_COLUMNS,
  layLines,
  layoutDxf,
  layoutSvg,
  layRows,
  pieceRing,
  QUICK,
  setOutOf,
} from '@lentum/core/courses';
import { readDxf } from '@lentum/core/drawings';
import { insideArea } from '@lentum/core/geometry';
import { DEFAULT_ORDER, stockLengths, takeoff } from '@lentum/core/order';
import { evaluate } from './support/formula.ts';
import { built, docFor, roof } from './support/roofs.ts';
import { corners, rect } from './support/zones.ts';

const TWO_PLY = built('self-adhered-two-ply');
const zone = roof('z', corners(16, 9), [rect('Cooler', 3, 3, 2.4, 1.6)], [0, 0.02]);
const doc = docFor([zone], TWO_PLY);
const survey = { zones: [zone] };
const courses = coursesOf(survey, doc, DEFAULT_COURSES, QUICK);
const [base, cap] = courses.materials;
if (!base || !cap) throw new Error('two plies');
const layout = base.material.layouts[0]!;

describe('figures', () => {
  const figures = coursesFigures(base)!;
  it('give what their working gives', () => {
    for (const f of [
      figures.needed,
      figures.least,
      figures.sideLaps,
      figures.endLaps,
      figures.laps,
      figures.lapArea,
      figures.waste,
    ])
      expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
  it('say what is there: laps by the courses, roll by its length', () => {
    const rows = layout.planes[0]!.courses.courses;
    const pieces = base.pieces;
    // Every course but the first lies over the one below, for as long as both are there.
    const longest = rows.length * 16;
    expect(figures.sideLaps.value).toBeLessThan(longest);
    expect(figures.sideLaps.value).toBeGreaterThan((rows.length - 1) * 16 - 3 * 2.42);
    const last = rows.length - 1;
    const joints = pieces.filter((p) => p.lapLeft);
    // Both ends of a joint have a corner under another sheet, but at the low and the high edge of the field.
    expect(figures.cornerCuts).toBe(
      joints.reduce((sum, p) => sum + (p.course > 0 ? 1 : 0) + (p.course < last ? 1 : 0), 0),
    );
    expect(figures.cornerCuts).toBeGreaterThan(joints.length);
    // Wherever a corner is cut off three sheets would lie, by the rectangles alone.
    for (const corner of joints.flatMap((p) => cornersCut(layout, p))) {
      const middle: [number, number] = [
        (corner[0]![0] + corner[1]![0] + corner[2]![0]) / 3,
        (corner[0]![1] + corner[1]![1] + corner[2]![1]) / 3,
      ];
      const sheets = pieces.filter((p) => insideArea(middle, [{ outer: pieceRing(layout, p), holes: [] }]));
      expect(sheets).toHaveLength(3);
    }
    expect(figures.least.value).toBe(base.answer!.leastRolls);
    expect(howGood(base)).not.toBe('none');
  });
});

describe('lists', () => {
  it('the cut list goes along each roll without a gap', () => {
    const lines = cutLines(base);
    base.rolls.forEach((roll, i) => {
      let at = 0;
      for (const c of lines.filter((l) => l.roll === i + 1)) {
        expect(c.atM).toBeCloseTo(at, 6);
        at += c.lengthM;
        expect(c.leftM).toBeCloseTo(roll.lengthM - at, 6);
      }
    });
    expect(cutRows(base).every((r) => r.length === CUT_COLUMNS.length)).toBe(true);
  });
  it('rolls are taken in the order in which they are laid', () => {
    const first = base.rolls.map((_, i) => base.pieces.findIndex((p) => p.roll === i));
    expect(first).toEqual([...first].sort((a, b) => a - b));
  });
  it('the lay list has every piece, from the left and from the low edge up', () => {
    const lines = layLines(base, layout);
    expect(lines.flatMap((l) => l.pieces)).toHaveLength(base.pieces.length);
    expect(lines.map((l) => l.lowM)).toEqual([...lines.map((l) => l.lowM)].sort((a, b) => a - b));
    expect(layRows(base, layout).every((r) => r.length === LAY_COLUMNS.length)).toBe(true);
  });
  it('sets out the first piece from the first corner', () => {
    const first = base.pieces.find((p) => p.course === 0)!;
    const at = setOutOf(layout, first)!;
    // It falls toward y = 0: the first course begins at a corner on that side.
    expect(at.acrossM).toBeCloseTo(0, 6);
    expect([0, 16].some((x) => Math.abs(at.alongM - x) < 1e-6)).toBe(true);
  });
  it('a bare edge asks for its selvedge up the roof', () => {
    expect(layLines(cap, cap.material.layouts[0]!)[0]!.note).toContain('selvedge up the roof');
  });
});

describe('drawings', () => {
  it('DXF: read back, its outline is the zone, its pieces cover it', () => {
    const read = readDxf(layoutDxf(base, layout));
    if (!read.ok) throw new Error('unreadable');
    expect(read.value.layers.map((l) => l.name).sort()).toEqual(
      expect.arrayContaining(['FIELD', 'LAP', 'PIECE']),
    );
    const pieces = read.value.paths.filter((p) => p.layer === 'PIECE');
    expect(pieces.length).toBeGreaterThanOrEqual(base.pieces.length);
  });
  it('SVG: in millimetres, a label for each piece', () => {
    const svg = layoutSvg(base, layout);
    expect(svg).toContain('width="16400mm" height="9400mm"');
    for (const p of base.pieces) expect(svg).toContain(`${p.label}  ${(p.toM - p.fromM).toFixed(2)}`);
  });
});

describe('the order', () => {
  it('buys what the cut list takes', () => {
    const { lines } = takeoff(survey, doc, DEFAULT_ORDER, { courses });
    for (const m of [base, cap]) {
      const line = lines.find((l) => l.layers.some((x) => x.layer.id === m.material.layer.id))!;
      const rolls = line.buy.picks.reduce((s, p) => s + p.count, 0);
      const count = m.bought.reduce((s, b) => s + b.count, 0);
      // Details are cut from the same sheet, so it may be more.
      expect(rolls).toBeGreaterThanOrEqual(count);
      expect(rolls).toBeLessThanOrEqual(count + 8);
      expect(evaluate(line.gross)).toBeCloseTo(line.gross.value, 6);
    }
  });
  it('left-overs in the store are cut first, whole rolls counted out of their area', () => {
    const key = takeoff(survey, doc, DEFAULT_ORDER, { courses }).lines.find(
      (l) => l.item.name === 'Base sheet',
    )!.item.key;
    const order = {
      ...DEFAULT_ORDER,
      stock: [{ id: 's', item: key, name: 'Base sheet', amount: 36.4, opened: true }],
    };
    // 36.4 m² of 1 m: two rolls of 15 m and 6.4 m.
    expect(stockLengths(order)(layout.rolled.layer, layout).map((s) => Number(s.lengthM.toFixed(6)))).toEqual(
      [15, 15, 6.4],
    );
    const with_ = coursesOf(survey, doc, order.courses, QUICK, stockLengths(order)).materials[0]!;
    const before = base.bought[0]!.count;
    expect(with_.bought[0]!.count).toBeLessThanOrEqual(before - 2);
    expect(with_.rolls.filter((r) => r.stockId !== undefined).length).toBeGreaterThanOrEqual(2);
  });
  it('by area while the courses are being laid out', () => {
    const quick = takeoff(survey, doc, DEFAULT_ORDER, { courses: 'by area' }).lines.find(
      (l) => l.item.name === 'Base sheet',
    )!;
    // 140.16 m² at 80 and 150 mm of laps: each metre of roll covers 0.92 × 14.85 / 15.
    expect(quick.net.value).toBeGreaterThan((140.16 * 15) / (0.92 * 14.85) - 0.1);
  });
});
