/**
 * Pockets: curb parts put together round a cluster of pipes so that each keeps its clearance, with the fewest parts;
 * what is poured is the inside less the penetrations. Millimetres.
 */
import type { Pieces } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';

type Part = Pieces['pieces'][number];

export interface Cluster {
  /** Round all pipes, mm. */
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly pipes: number;
  readonly pipeMm: number;
}

export interface Curb {
  readonly shape: 'round' | 'rounded rectangle';
  readonly parts: readonly { readonly part: Part; readonly count: number }[];
  /** Inside. */
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Of the corners; half the diameter of a round one. */
  readonly radiusMm: number;
  /** Nearest that a pipe may come to the curb. */
  readonly clearanceMm: number;
  readonly inside: Figure;
  readonly insideGirthMm: number;
}

/** Straights on one side: counts in the order of the parts, and their length. */
interface Side {
  readonly counts: readonly number[];
  readonly mm: number;
  readonly parts: number;
}

/** No side of a curb takes more straights of one kind: a longer one is made as a kerb. */
const MOST_STRAIGHTS = 12;

/** Sums of straights that reach a length, with the fewest parts for each sum; shortest sum first. */
function sides(straights: readonly Part[], leastMm: number): Side[] {
  const best = new Map<number, Side>();
  const visit = (i: number, counts: readonly number[], mm: number, parts: number): void => {
    const part = straights[i];
    if (!part) {
      const there = best.get(mm);
      if (mm >= leastMm && (!there || parts < there.parts)) best.set(mm, { counts, mm, parts });
      return;
    }
    for (let n = 0; n <= MOST_STRAIGHTS; n += 1)
      visit(i + 1, [...counts, n], mm + n * part.sizeMm.value, parts + n);
  };
  visit(0, [], 0, 0);
  return [...best.values()].sort((a, b) => a.mm - b.mm);
}

/** How near the corner of the cluster's box comes to a curb with rounded corners, inside length by width. */
export function clearanceIn(
  cluster: Pick<Cluster, 'lengthMm' | 'widthMm'>,
  inside: { readonly lengthMm: number; readonly widthMm: number; readonly radiusMm: number },
): number {
  const dx = (inside.lengthMm - cluster.lengthMm) / 2;
  const dy = (inside.widthMm - cluster.widthMm) / 2;
  const r = inside.radiusMm;
  // Inside the square of the corner the arc is nearer than the sides.
  const round = dx < r && dy < r ? r - Math.hypot(r - dx, r - dy) : Infinity;
  return Math.min(dx, dy, round);
}

const girthOf = (lengthMm: number, widthMm: number, r: number): number =>
  2 * (lengthMm + widthMm - 4 * r) + 2 * Math.PI * r;

function insideFigure(lengthMm: number, widthMm: number, radiusMm: number, round: boolean): Figure {
  const radius = given('radius of the corners', radiusMm, 'lap', 'data sheet');
  const length = given('inside length', lengthMm, 'lap', 'data sheet', 'of the parts put together');
  const width = given('inside width', widthMm, 'lap', 'data sheet', 'of the parts put together');
  return {
    label: 'Inside area of the curb',
    value: (lengthMm * widthMm - (4 - Math.PI) * radiusMm ** 2) / 1e6,
    quantity: 'area',
    formula: '({length} × {width} − (4 − 4 × atan(1)) × {radius} × {radius}) / 1000000',
    inputs: { length, width, radius },
    from: round ? 'a circle' : 'a rectangle less its four rounded corners',
  };
}

/**
 * The curb with the fewest parts that keeps the clearance round a cluster; of those, the one that takes least to pour.
 * @returns a problem when the parts on sale cannot close round it
 */
export function fitCurb(cluster: Cluster, curb: Pieces, label: string): Result<Curb> {
  const clear = curb.clearanceMm.value;
  const found: Curb[] = [];
  const diagonal = Math.hypot(cluster.lengthMm, cluster.widthMm);
  // One pipe is round itself; several are taken by their box.
  const across = cluster.pipes === 1 ? Math.max(cluster.lengthMm, cluster.widthMm) : diagonal;
  for (const part of curb.pieces.filter((p) => p.shape === 'round')) {
    const d = part.sizeMm.value;
    const clearanceMm = (d - across) / 2;
    if (clearanceMm < clear) continue;
    found.push({
      shape: 'round',
      parts: [{ part, count: 1 }],
      lengthMm: d,
      widthMm: d,
      radiusMm: d / 2,
      clearanceMm,
      inside: insideFigure(d, d, d / 2, true),
      insideGirthMm: Math.PI * d,
    });
  }
  const straights = curb.pieces.filter((p) => p.shape === 'straight');
  for (const cornerPart of curb.pieces.filter((p) => p.shape === 'rounded corner')) {
    const r = cornerPart.sizeMm.value;
    const longs = sides(straights, cluster.lengthMm + 2 * clear - 2 * r);
    const wides = sides(straights, cluster.widthMm + 2 * clear - 2 * r);
    for (const long of longs) {
      for (const wide of wides) {
        const inside = { lengthMm: long.mm + 2 * r, widthMm: wide.mm + 2 * r, radiusMm: r };
        const clearanceMm = clearanceIn(cluster, inside);
        if (clearanceMm < clear) continue;
        const counts = straights.map((part, i) => ({
          part,
          count: 2 * ((long.counts[i] ?? 0) + (wide.counts[i] ?? 0)),
        }));
        found.push({
          shape: 'rounded rectangle',
          parts: [{ part: cornerPart, count: 4 }, ...counts.filter((c) => c.count > 0)],
          ...inside,
          clearanceMm,
          inside: insideFigure(inside.lengthMm, inside.widthMm, r, false),
          insideGirthMm: girthOf(inside.lengthMm, inside.widthMm, r),
        });
      }
    }
  }
  const number = (c: Curb): number => c.parts.reduce((sum, p) => sum + p.count, 0);
  const best = found.reduce<Curb | undefined>(
    (a, b) =>
      !a || number(b) < number(a) || (number(b) === number(a) && b.inside.value < a.inside.value) ? b : a,
    undefined,
  );
  if (best) return ok(best);
  const names = curb.pieces.map((p) => p.name.toLowerCase()).join(', ');
  return fail({
    kind: 'outOfRange',
    field: 'pieces',
    label,
    actual: `${Math.round(cluster.lengthMm)} × ${Math.round(cluster.widthMm)} mm with ${clear} mm all round`,
    expected: `a cluster that the curb parts can close round (${names}): longer straights in the build-up, or a kerb made on site`,
  });
}

/**
 * What is poured into a curb, L: inside area times depth, less what goes through it.
 * @returns a problem when the pipes fill the curb
 */
export function pourVolume(curb: Curb, cluster: Cluster, depthMm: number, label: string): Result<Figure> {
  const pipes = given('pipes', cluster.pipes, 'count', 'measured');
  const pipe = given('diameter of each', cluster.pipeMm, 'lap', 'measured');
  const depth = given('depth of the fill', depthMm, 'lap', 'data sheet');
  const through: Figure = {
    label: 'Section of the penetrations',
    value: (cluster.pipes * Math.PI * cluster.pipeMm ** 2) / 4 / 1e6,
    quantity: 'area',
    formula: '{pipes} × atan(1) × {pipe} × {pipe} / 1000000',
    inputs: { pipes, pipe },
    from: 'circles; atan(1) is a quarter of π',
  };
  if (through.value >= curb.inside.value) {
    return fail({
      kind: 'outOfRange',
      field: 'sizes',
      label,
      actual: `${cluster.pipes} pipes of ${cluster.pipeMm} mm`,
      expected:
        'pipes that fit into the cluster as measured: number, diameter, length and width in the survey',
    });
  }
  return ok({
    label: 'Pour',
    value: (curb.inside.value - through.value) * depthMm,
    quantity: 'volume',
    formula: '({inside} − {through}) × {depth}',
    inputs: { inside: curb.inside, through, depth },
    from: 'inside area less the penetrations, times depth; 1 mm on 1 m² is a litre',
  });
}
