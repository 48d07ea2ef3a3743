/** Points in order of arrival, by squares as wide as a reach: those near a spot are found without looking at all. */
import { corner } from './measure.ts';
import type { Point } from './types.ts';

export class SpotGrid {
  private readonly cells = new Map<string, number[]>();
  private readonly points: Point[] = [];
  private readonly reachM: number;

  constructor(reachM: number) {
    this.reachM = reachM;
  }

  private cell([x, y]: Point): [number, number] {
    return [Math.round(x / this.reachM), Math.round(y / this.reachM)];
  }

  /** Numbers of every point within reach, and of some that lie a little further: the caller measures. */
  near(p: Point): number[] {
    const [cx, cy] = this.cell(p);
    return [-1, 0, 1].flatMap((dx) =>
      [-1, 0, 1].flatMap((dy) => this.cells.get(`${cx + dx},${cy + dy}`) ?? []),
    );
  }

  /** @returns the number of the point, counted from 0 */
  add(p: Point): number {
    const key = this.cell(p).join();
    const there = this.cells.get(key);
    if (there) there.push(this.points.length);
    else this.cells.set(key, [this.points.length]);
    return this.points.push(p) - 1;
  }

  at(i: number): Point {
    return corner(this.points, i);
  }

  get all(): readonly Point[] {
    return this.points;
  }
}
