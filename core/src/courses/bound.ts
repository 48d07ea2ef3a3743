/**
 * What no start line can beat. Across the courses, a strip of the field needs so many widths less their laps, wherever
 * the courses begin; taken together along the field that is a length of roll.
 */
import { corner, type Area } from '../geometry/index.ts';
import { CHALK_M } from './field.ts';
import type { Strip } from './runs.ts';

interface Edge {
  readonly u1: number;
  readonly v1: number;
  readonly u2: number;
  readonly v2: number;
}

/** Strips that a field is looked at in; more make the bound a little better. */
const STRIPS = 240;

function edgesOf(field: Area): Edge[] {
  return field
    .flatMap((p) => [p.outer, ...p.holes])
    .flatMap((ring) =>
      ring.flatMap((a, i): Edge[] => {
        const b = corner(ring, i + 1);
        if (a[0] === b[0]) return [];
        return a[0] < b[0]
          ? [{ u1: a[0], v1: a[1], u2: b[0], v2: b[1] }]
          : [{ u1: b[0], v1: b[1], u2: a[0], v2: a[1] }];
      }),
    );
}

const at = (e: Edge, u: number): number => e.v1 + ((u - e.u1) / (e.u2 - e.u1)) * (e.v2 - e.v1);

/** Fewest roll widths, halves counted half, that cover so much in so many parts, each overlap as wide as the side lap. */
function widths(coverM: number, parts: number, { widthM, sideLapM }: Strip): number {
  if (coverM <= 0) return 0;
  const reach = (full: number, half: number): number =>
    full * widthM + (half * widthM) / 2 - Math.max(0, full + half - parts) * sideLapM;
  for (let halves = 1; ; halves += 1) {
    const full = Math.floor(halves / 2);
    const odd = halves % 2;
    // Two halves reach no further than a whole width with one lap less.
    if (reach(full, odd) >= coverM - 1e-9) return halves / 2;
  }
}

/**
 * Least length of roll for any start line, half widths counted half, m.
 * @param field in the frame of its courses
 */
export function leastRollM(field: Area, strip: Strip): number {
  const edges = edgesOf(field);
  const stops = [...new Set(edges.flatMap((e) => [e.u1, e.u2]))].sort((a, b) => a - b);
  const span = (stops.at(-1) ?? 0) - (stops[0] ?? 0);
  let total = 0;
  for (let k = 0; k + 1 < stops.length; k += 1) {
    const [from, to] = [stops[k] ?? 0, stops[k + 1] ?? 0];
    const parts = Math.max(1, Math.round((STRIPS * (to - from)) / span));
    const across = edges.filter((e) => e.u1 <= from && e.u2 >= to);
    for (let i = 0; i < parts; i += 1) {
      const [a, b] = [from + ((to - from) * i) / parts, from + ((to - from) * (i + 1)) / parts];
      const lines = across
        .map((e) => ({
          low: Math.min(at(e, a), at(e, b)),
          high: Math.max(at(e, a), at(e, b)),
          mid: at(e, (a + b) / 2),
        }))
        .sort((p, q) => p.mid - q.mid);
      let cover = 0;
      let chords = 0;
      for (let n = 0; n + 1 < lines.length; n += 2) {
        // Only what is field over the whole width of the strip.
        const length = (lines[n + 1]?.low ?? 0) - (lines[n]?.high ?? 0);
        if (length <= 0) continue;
        // What is no higher than a chalk line is not covered anywhere, at the low edge or the high one.
        cover += Math.max(0, length - 2 * CHALK_M);
        chords += 1;
      }
      total += widths(cover, chords, strip) * (b - a);
    }
  }
  return total;
}
