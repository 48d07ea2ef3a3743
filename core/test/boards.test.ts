/** Boards: rows covered, joints apart, counts held against brute force; fasteners by areas worked by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boardsOf, DEFAULT_COURSES, layBoardRows, type BoardSize } from '@lentum/core/courses';
import { built, L_SHAPE, roof } from './support/roofs.ts';
import { evaluate } from './support/formula.ts';
import { corners, rect } from './support/zones.ts';

const size: BoardSize = { lengthM: 2.4, widthM: 1.2, leastM: 0.3, staggerM: 0.3 };
const rowsOf = (lengths: readonly number[]) =>
  lengths.map((l, i) => ({ fromM: 0, toM: l, near: i === 0 ? [] : [i - 1] }));

/** Fewest boards over every start of every row on a grid of 0.3 m, offcuts put to use in every way. */
function bruteForce(lengths: readonly number[]): number {
  const board = 2.4;
  const starts = Array.from({ length: 8 }, (_, i) => ((i + 1) * board) / 8);
  let best = Infinity;
  const go = (row: number, before: number[], pool: number[], boards: number): void => {
    if (boards >= best) return;
    const length = lengths[row];
    if (length === undefined) {
      best = boards;
      return;
    }
    for (const start of starts) {
      const pieces: number[] = [];
      for (let at = 0, next = Math.min(start, length); at < length - 1e-9;) {
        pieces.push(next);
        at += next;
        next = Math.min(board, length - at);
      }
      if (pieces.some((p) => p < 0.3 - 1e-9)) continue;
      let at = 0;
      const joints = pieces.slice(0, -1).map((p) => (at += p));
      if (joints.some((j) => before.some((b) => Math.abs(j - b) < 0.3 - 1e-9))) continue;
      // Whole boards are new ones; the cut ones, at most two, take the tightest offcut or a new one, in either order.
      const cut = pieces.filter((p) => p < board - 1e-9);
      for (const order of [cut, [...cut].reverse()]) {
        const mine = [...pool];
        let fresh = pieces.length - cut.length;
        for (const p of order) {
          const k = mine
            .map((x, i) => ({ x, i }))
            .filter(({ x }) => x >= p - 1e-9)
            .sort((a, b) => a.x - b.x)[0];
          const from = k ? mine.splice(k.i, 1)[0]! : board;
          if (!k) fresh += 1;
          if (from - p >= 0.3 - 1e-9) mine.push(from - p);
        }
        go(row + 1, joints, mine, boards + fresh);
      }
    }
  };
  go(0, [], [], 0);
  return best;
}

describe('rows of boards', () => {
  const length = fc.integer({ min: 2, max: 24 }).map((n) => n * 0.3);
  it('take as few boards as brute force finds on small fields, or one more', () => {
    let over = 0;
    fc.assert(
      fc.property(fc.array(length, { minLength: 1, maxLength: 3 }), (lengths) => {
        const laid = layBoardRows(rowsOf(lengths), size);
        const best = bruteForce(lengths);
        expect(laid.boards).toBeGreaterThanOrEqual(
          Math.ceil(lengths.reduce((a, b) => a + b, 0) / 2.4 - 1e-9),
        );
        expect(laid.boards).toBeLessThanOrEqual(best + 1);
        if (laid.boards > best) over += 1;
      }),
      { numRuns: 60, seed: 3 },
    );
    expect(over).toBeLessThanOrEqual(6);
  });
  it('fill their rows, no piece too short, joints apart', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 30, max: 3000 }), { minLength: 1, maxLength: 12 }), (cm) => {
        const lengths = cm.map((c) => c / 100);
        const laid = layBoardRows(rowsOf(lengths), size);
        let before: number[] = [];
        laid.rows.forEach((row, i) => {
          expect(row.lengths.reduce((a, b) => a + b, 0)).toBeCloseTo(lengths[i]!, 9);
          for (const l of row.lengths) expect(l).toBeGreaterThanOrEqual(Math.min(0.3, lengths[i]!) - 1e-9);
          let at = 0;
          const joints = row.lengths.slice(0, -1).map((l) => (at += l));
          for (const j of joints)
            for (const b of before) expect(Math.abs(j - b)).toBeGreaterThanOrEqual(0.3 - 1e-6);
          before = joints;
        });
      }),
      { numRuns: 100 },
    );
  });
  it('worked by hand: four rows of 6 m take ten boards of 2.4 m', () => {
    // 24 m of row are ten boards exactly: each half left over begins the next row.
    expect(layBoardRows(rowsOf([6, 6, 6, 6]), size).boards).toBe(10);
  });
});

describe('boards of a zone', () => {
  const cover = built('self-adhered-two-ply', { cover: 'board' });
  it.each([
    ['a rectangle', corners(12, 6), []],
    ['an L with a roof light', L_SHAPE, [rect('r', 2, 2, 1.2, 1.6)]],
  ] as const)('%s: covered by its pieces', (_, points, holes) => {
    const [boards] = boardsOf(roof('z', [...points], [...holes]), cover, DEFAULT_COURSES);
    const field = boards!.planes.flatMap((p) => p.pieces);
    const area = field.reduce((s, p) => s + (p.toM - p.fromM) * p.widthM, 0);
    expect(area).toBeGreaterThanOrEqual(points === corners(12, 6) ? 72 : 60);
    expect(boards!.boards).toBeGreaterThanOrEqual(boards!.leastBoards);
    expect(boards!.boards * 1.2 * 2.4).toBeGreaterThanOrEqual(
      area - field.filter((p) => p.offcut).length * 2.88,
    );
  });
  it('fasteners on 12 × 6 m with an edge of 1 m: 40 m² field, 28 m² edge, 4 m² corners', () => {
    const [boards] = boardsOf(roof('z', corners(12, 6)), cover, DEFAULT_COURSES);
    const values = boards!.fasteners.map((f) => f.value);
    expect(values).toEqual([40 * 4, 28 * 6, 4 * 9, 40 * 4 + 28 * 6 + 4 * 9]);
    for (const f of boards!.fasteners) expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
});
