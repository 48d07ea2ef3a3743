/** A field cut in slices: how far it reaches along the courses between two heights. Quick, as it is asked thousands of times. */
import { corner, type Area } from '../geometry/index.ts';
import { CHALK_M } from './field.ts';

interface Edge {
  readonly v1: number;
  readonly u1: number;
  readonly v2: number;
  readonly u2: number;
}

/** A stretch of field along the courses, and how high it goes. */
export interface Bit {
  fromM: number;
  toM: number;
  lowM: number;
  highM: number;
}

const uAt = (e: Edge, v: number): number => e.u1 + ((v - e.v1) / (e.v2 - e.v1)) * (e.u2 - e.u1);

export class Slices {
  private readonly edges: Edge[] = [];
  private readonly stops: number[];
  readonly highM: number;

  /** @param field in its frame */
  constructor(readonly field: Area) {
    const heights = new Set<number>();
    for (const ring of field.flatMap((p) => [p.outer, ...p.holes])) {
      ring.forEach((a, i) => {
        const b = corner(ring, i + 1);
        heights.add(a[1]);
        if (a[1] === b[1]) return;
        this.edges.push(
          a[1] < b[1]
            ? { v1: a[1], u1: a[0], v2: b[1], u2: b[0] }
            : { v1: b[1], u1: b[0], v2: a[1], u2: a[0] },
        );
      });
    }
    this.edges.sort((a, b) => a.v1 - b.v1);
    this.stops = [...heights].sort((a, b) => a - b);
    this.highM = this.stops.at(-1) ?? 0;
  }

  /** Heights of the field's corners. */
  get corners(): readonly number[] {
    return this.stops;
  }

  /** What of the field lies between two heights; what overlaps along the courses is one stretch. */
  between(from: number, to: number): Bit[] {
    const here = this.edges.filter((e) => e.v1 < to && e.v2 > from);
    const cuts = [from, ...this.stops.filter((v) => v > from && v < to), to];
    const bits: Bit[] = [];
    for (let i = 0; i + 1 < cuts.length; i += 1) {
      const [a, b] = [cuts[i] ?? 0, cuts[i + 1] ?? 0];
      if (b - a < 1e-9) continue;
      const lines = here
        .filter((e) => e.v1 <= a && e.v2 >= b)
        .map((e) => ({ at: uAt(e, (a + b) / 2), a: uAt(e, a), b: uAt(e, b) }))
        .sort((p, q) => p.at - q.at);
      for (let k = 0; k + 1 < lines.length; k += 2) {
        const [l, r] = [lines[k], lines[k + 1]];
        if (l && r) bits.push({ fromM: Math.min(l.a, l.b), toM: Math.max(r.a, r.b), lowM: a, highM: b });
      }
    }
    const merged: Bit[] = [];
    for (const bit of bits.sort((a, b) => a.fromM - b.fromM)) {
      const last = merged.at(-1);
      if (last && bit.fromM <= last.toM + CHALK_M) {
        last.toM = Math.max(last.toM, bit.toM);
        last.highM = Math.max(last.highM, bit.highM);
        last.lowM = Math.min(last.lowM, bit.lowM);
      } else merged.push({ ...bit });
    }
    return merged.filter((b) => b.toM - b.fromM > CHALK_M && b.highM - b.lowM > CHALK_M);
  }
}
