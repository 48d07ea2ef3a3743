/** The survey's own logic on the page: new zones, drawing, the picture below the plan. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance, solveTaped, type Point } from '@lentum/core/geometry';
import { planCorners, tapedShape, zoneQuantities, type Underlay } from '@lentum/core/survey';
import { newDrawn, newTaped, TAPED_FORMS, zonesFromOutlines, type TapedForm } from '../src/survey/newzone.ts';
import { useDraft } from '../src/survey/plan/drawingdraft.ts';
import { zoneMarks } from '../src/survey/plan/drawing.ts';
import { scaled } from '../src/survey/underlay.ts';
import { squareZone } from './walked.ts';

describe('new zones', () => {
  it('lie beside what is there', () => {
    const first = squareZone([]);
    const second = squareZone([first]);
    expect(second.code).toBe('B');
    const right = Math.max(...planCorners(first).map((p) => p[0]));
    expect(Math.min(...planCorners(second).map((p) => p[0]))).toBeGreaterThan(right);
  });
  it.each(Object.keys(TAPED_FORMS) as TapedForm[])(
    'form %s closes with its turns once it is taped',
    (form) => {
      const zone = newTaped([], form);
      if (zone.outline.kind !== 'taped') throw new Error('not taped');
      const n = zone.outline.corners.length;
      const left = zone.outline.corners.filter((c) => c.turn === 'left').length;
      // Right-angled forms have four left turns more than right ones; the others turn left throughout.
      expect(left - (n - left) === 4 || left === n).toBe(true);
      const s = solveTaped(tapedShape(zone.outline));
      expect(s.missing).toBe(2 * n - 3);
      expect(s.wanted.length).toBeGreaterThan(0);
    },
  );
  it('from a file keep their places to each other, their arcs and their openings', () => {
    const square = (x: number, y: number): Point[] => [
      [x, y],
      [x + 4, y],
      [x + 4, y + 4],
      [x, y + 4],
    ];
    const made = zonesFromOutlines(
      [
        {
          name: 'one',
          outer: square(100, 50),
          holes: [square(101, 51).map(([x, y]): Point => [100 + (x - 100) / 2, 50 + (y - 50) / 2])],
          risesM: [0, 1, 0, 0],
        },
        { name: 'two', outer: square(110, 53), holes: [] },
      ],
      'DXF',
      [squareZone([])],
    );
    const [a, b] = made.map((z) => planCorners(z)[0]!);
    expect([b![0] - a![0], b![1] - a![1]]).toEqual([10, 3]);
    expect(made[0]!.sides[1]!.riseM).toBe(1);
    const q = zoneQuantities(made[0]!);
    expect(q.ok && q.value.sides[1]!.lengthM).toBeGreaterThan(4);
    expect(made[0]!.openings.length).toBe(1);
  });
});

describe('drawing', () => {
  it('by lengths and directions, a corner taken back, closed', () => {
    const draft = useDraft();
    draft.addSide(6);
    draft.turnTo(90);
    draft.addSide(4);
    draft.turnTo(0);
    draft.addSide(2);
    expect(draft.points.value.at(-1)).toEqual([8, 4]);
    draft.back();
    draft.turnTo(180);
    expect(draft.closable.value).toBe(true);
    draft.addSide(6);
    const q = zoneQuantities(newDrawn([], draft.points.value));
    expect(q.ok && q.value.area.value).toBeCloseTo(24, 12);
  });
  it('sides that cross cannot be closed, and say which', () => {
    const draft = useDraft();
    for (const p of [
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ] as Point[])
      draft.add(p);
    expect(draft.closable.value).toBe(false);
    expect(draft.crossing.value).toEqual([0, 2]);
  });
  it('every side has its marks outside of the zone, whichever way round it goes', () => {
    for (const points of [
      [
        [0, 0],
        [6, 0],
        [6, 4],
        [0, 4],
      ],
      [
        [0, 4],
        [6, 4],
        [6, 0],
        [0, 0],
      ],
    ] as Point[][]) {
      for (const s of zoneMarks(newDrawn([], points)).sides) {
        const out: Point = [s.middle[0] + s.outward[0], s.middle[1] + s.outward[1]];
        const plan = planCorners(newDrawn([], points));
        const centre: Point = [
          plan.reduce((t, p) => t + p[0], 0) / 4,
          plan.reduce((t, p) => t + p[1], 0) / 4,
        ];
        expect(distance(out, centre)).toBeGreaterThan(distance(s.middle, centre));
      }
    }
  });
});

it('a picture scaled by two points keeps the first and makes the length true', () => {
  const coordinate = fc.double({ min: -50, max: 50, noNaN: true });
  fc.assert(
    fc.property(
      fc.tuple(coordinate, coordinate),
      fc.tuple(coordinate, coordinate),
      fc.double({ min: 0.5, max: 80, noNaN: true }),
      (a, b, length) => {
        fc.pre(distance(a, b) > 0.1);
        const before: Underlay = {
          fileId: 'x',
          name: 'x',
          widthPx: 1000,
          heightPx: 800,
          metresPerPx: 0.02,
          xM: 3,
          yM: -2,
          opacity: 0.5,
        };
        const after = scaled(before, a, b, length);
        // The same spots of the picture, on the plan after scaling.
        const pixel = (p: Point): Point => [
          (p[0] - before.xM) / before.metresPerPx,
          (p[1] - before.yM) / before.metresPerPx,
        ];
        const plan = ([x, y]: Point): Point => [
          after.xM + x * after.metresPerPx,
          after.yM + y * after.metresPerPx,
        ];
        expect(distance(plan(pixel(a)), a)).toBeLessThan(1e-6);
        expect(distance(plan(pixel(a)), plan(pixel(b)))).toBeCloseTo(length, 6);
      },
    ),
  );
});
