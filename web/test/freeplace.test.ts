/** Labels on a drawing: on nothing that must be read, where there is room for that. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freePlace, isFree, roundCircle, sharedArea, turnedBox, type Box } from '../src/shared/freeplace.ts';

const DRAWING = { width: 400, height: 300 };
const box = (x: number, y: number, width = 80, height = 16): Box => ({ x, y, width, height });

describe('a label', () => {
  it.each<[string, Box[], number]>([
    ['below, where nothing is', [], 0],
    ['above, where a plate lies below', [box(160, 160, 60, 30)], 1],
    ['to the right, where both are taken', [box(160, 160, 90, 30), box(160, 100, 90, 30)], 2],
    ['to the left, where nothing else is free', [box(160, 100, 90, 90), box(215, 130, 90, 30)], 3],
  ])('goes %s', (_, taken, which) => {
    const choices = roundCircle([200, 150], 12, { width: 80, height: 16 });
    expect(freePlace(choices, taken, DRAWING)).toEqual(choices[which]);
  });
  it('lies in the drawing, and covers no more than any other choice would', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: -50, max: 450, noNaN: true }),
            fc.double({ min: -50, max: 350, noNaN: true }),
          ),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.array(
          fc.tuple(
            fc.double({ min: 0, max: 380, noNaN: true }),
            fc.double({ min: 0, max: 280, noNaN: true }),
          ),
          { maxLength: 12 },
        ),
        (places, plates) => {
          const [first, ...rest] = places.map(([x, y]) => box(x, y));
          const taken = plates.map(([x, y]) => box(x, y, 34, 20));
          const at = freePlace([first!, ...rest], taken, DRAWING);
          expect(at.x >= 0 && at.x + at.width <= 400 && at.y >= 0 && at.y + at.height <= 300).toBe(true);
          const covers = (b: Box) => taken.reduce((sum, t) => sum + sharedArea(b, t), 0);
          for (const c of [first!, ...rest]) {
            const inside = box(Math.max(0, Math.min(320, c.x)), Math.max(0, Math.min(284, c.y)));
            expect(covers(at)).toBeLessThanOrEqual(covers(inside) + 1e-9);
          }
        },
      ),
      { numRuns: 200, seed: 4 },
    ));
});

describe('the box round a turned text', () => {
  it.each([
    [0, 80, 16],
    [90, 16, 80],
    [180, 80, 16],
    [-90, 16, 80],
    // By hand: 80 · cos 30° + 16 · sin 30°, and the other way round.
    [30, 77.28, 53.86],
  ])('by %d°', (degrees, width, height) => {
    const box = turnedBox([100, 50], { width: 80, height: 16 }, degrees);
    expect([box.width, box.height]).toEqual([expect.closeTo(width, 2), expect.closeTo(height, 2)]);
    expect([box.x + box.width / 2, box.y + box.height / 2]).toEqual([
      expect.closeTo(100),
      expect.closeTo(50),
    ]);
  });
});

it('boxes that only touch leave each other free', () => {
  expect(isFree(box(0, 0), [box(80, 0), box(0, 16)])).toBe(true);
  expect(isFree(box(0, 0), [box(79, 0)])).toBe(false);
});
