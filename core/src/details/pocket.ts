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
  readonly shape: 'round' | 'oval' | 'rounded rectangle';
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

/** Sums of straights from a length to another, with the fewest parts for each sum; by the number of parts, shortest first. */
function sides(straights: readonly Part[], leastMm: number, mostMm: number): Side[][] {
  let best = new Map<number, Side>([[0, { counts: straights.map(() => 0), mm: 0, parts: 0 }]]);
  straights.forEach((part, i) => {
    const next = new Map<number, Side>();
    for (const side of best.values())
      for (let n = 0; n <= MOST_STRAIGHTS; n += 1) {
        const mm = side.mm + n * part.sizeMm.value;
        if (mm > mostMm) break;
        const there = next.get(mm);
        if (!there || side.parts + n < there.parts)
          next.set(mm, { counts: side.counts.with(i, n), mm, parts: side.parts + n });
      }
    best = next;
  });
  const byParts: Side[][] = [];
  for (const side of [...best.values()].sort((x, y) => x.mm - y.mm))
    if (side.mm >= leastMm) (byParts[side.parts] ??= []).push(side);
  return byParts;
}

/** The first of a row for which a condition holds that holds for all after it. */
function firstThat<T>(row: readonly T[], holds: (item: T) => boolean): T | undefined {
  let [low, high] = [0, row.length];
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    const item = row[middle];
    if (item !== undefined && holds(item)) high = middle;
    else low = middle + 1;
  }
  return row[low];
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

/** The two sides of a curb with rounded corners: the fewest straights, and of those the least inside. */
function closest(
  cluster: Cluster,
  straights: readonly Part[],
  r: number,
  clear: number,
): { long: Side; wide: Side } | undefined {
  const longest = Math.max(0, ...straights.map((p) => p.sizeMm.value));
  // From here on the corners are clear of the box as well; one straight more is never needed.
  const enough = (mm: number): number => Math.max(0, mm + 2 * clear) + longest;
  const reach = (mm: number): Side[][] => sides(straights, mm + 2 * clear - 2 * r, enough(mm));
  const [longs, wides] = [reach(cluster.lengthMm), reach(cluster.widthMm)];
  let best: { long: Side; wide: Side; parts: number; area: number } | undefined;
  for (const long of longs.flat()) {
    wides.forEach((row, parts) => {
      if (best && long.parts + parts > best.parts) return;
      // More length never brings the box nearer to the curb.
      const wide = firstThat(
        row,
        (w) =>
          clearanceIn(cluster, { lengthMm: long.mm + 2 * r, widthMm: w.mm + 2 * r, radiusMm: r }) >= clear,
      );
      if (!wide) return;
      const area = (long.mm + 2 * r) * (wide.mm + 2 * r);
      const total = long.parts + parts;
      if (!best || total < best.parts || (total === best.parts && area < best.area))
        best = { long, wide, parts: total, area };
    });
  }
  return best;
}

/** An oval: the halves of a round with straights between them, along the longer side of the cluster. */
function ovalRound(
  cluster: Cluster,
  round: Part,
  straights: readonly Part[],
  clear: number,
): Curb | undefined {
  const d = round.sizeMm.value;
  const along = cluster.lengthMm >= cluster.widthMm;
  const [long, wide] = along ? [cluster.lengthMm, cluster.widthMm] : [cluster.widthMm, cluster.lengthMm];
  const longest = Math.max(0, ...straights.map((p) => p.sizeMm.value));
  const boxed = { lengthMm: long, widthMm: wide };
  const insideOf = (mm: number) => ({ lengthMm: d + mm, widthMm: d, radiusMm: d / 2 });
  const wanted = sides(straights, 1, long + 2 * clear + longest)
    .map((row) => firstThat(row, (s) => clearanceIn(boxed, insideOf(s.mm)) >= clear))
    .find((s) => s !== undefined);
  if (!wanted) return undefined;
  const inside = insideOf(wanted.mm);
  return {
    shape: 'oval',
    parts: [
      { part: round, count: 1 },
      ...straights
        .map((part, i) => ({ part, count: 2 * (wanted.counts[i] ?? 0) }))
        .filter((c) => c.count > 0),
    ],
    ...(along ? inside : { ...inside, lengthMm: inside.widthMm, widthMm: inside.lengthMm }),
    clearanceMm: clearanceIn(boxed, inside),
    inside: insideFigure(inside.lengthMm, inside.widthMm, inside.radiusMm, false),
    insideGirthMm: girthOf(inside.lengthMm, inside.widthMm, inside.radiusMm),
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
  for (const part of curb.pieces.filter((p) => p.shape === 'round')) {
    const oval = ovalRound(cluster, part, straights, clear);
    if (oval) found.push(oval);
  }
  for (const cornerPart of curb.pieces.filter((p) => p.shape === 'rounded corner')) {
    const r = cornerPart.sizeMm.value;
    const wanted = closest(cluster, straights, r, clear);
    if (!wanted) continue;
    const { long, wide } = wanted;
    const inside = { lengthMm: long.mm + 2 * r, widthMm: wide.mm + 2 * r, radiusMm: r };
    const counts = straights.map((part, i) => ({
      part,
      count: 2 * ((long.counts[i] ?? 0) + (wide.counts[i] ?? 0)),
    }));
    found.push({
      shape: 'rounded rectangle',
      parts: [{ part: cornerPart, count: 4 }, ...counts.filter((c) => c.count > 0)],
      ...inside,
      clearanceMm: clearanceIn(cluster, inside),
      inside: insideFigure(inside.lengthMm, inside.widthMm, r, false),
      insideGirthMm: girthOf(inside.lengthMm, inside.widthMm, r),
    });
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
