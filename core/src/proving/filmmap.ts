/** The film of a coat over a roof, or of all its coats dry: where it lies, where it is thin, and how well that is known. */
import { owedFilm, wetFilm, type BuildUp, type Coat } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { boxOf, distance, insideArea, unite, type Area, type Point } from '../geometry/index.ts';
import type { Practice } from '../practice/index.ts';
import type { BayStatus } from '../record/index.ts';
import type { ZoneQuantities } from '../survey/index.ts';
import { coatsRead, dryFilmOf, filmPoints, filmTerms, type FilmPoint } from './filmpoints.ts';
import { coveredShare, gridOver, middleOfSquare, squaresUnder, type FilmGrid } from './filmgrid.ts';
import { surfaceOf, type LeftOut, type Surface } from './surface.ts';

export interface ThinPatch {
  readonly bays: readonly string[];
  readonly middle: Point;
  readonly area: Figure | Given;
  readonly lowestMm: number;
  /** Wet, until it has the film of the design; of all coats together: of the last one. */
  readonly missing: Figure;
  /** It is thin even if the surface is off by its own error. */
  readonly isSure: boolean;
}

export interface FilmMap {
  readonly of: 'coat' | 'all';
  readonly name: string;
  readonly state: 'wet' | 'dry';
  readonly points: readonly FilmPoint[];
  readonly design: Given | Figure;
  /** No spot may lie under it. */
  readonly least: Figure;
  readonly mean: Figure;
  readonly lowest: Figure;
  readonly leftOut: LeftOut | undefined;
  readonly power: number | undefined;
  /** Undefined where readings are too few, or too far apart, for a surface. */
  readonly grid: FilmGrid | undefined;
  readonly patches: readonly ThinPatch[];
  /** Share of the laid area that has a colour. */
  readonly covered: number;
  /** Where the coat lies, or all of them. */
  readonly laid: Area;
  /** From where on each band begins, mm, rising. */
  readonly bands: readonly number[];
}

/** Smaller patches are between the readings and not on the roof. */
const LEAST_PATCH_M2 = 0.05;

interface PatchTerms {
  readonly design: number;
  readonly least: number;
  readonly error: number;
  /** What a wet litre leaves of itself: 1 on a wet map. */
  readonly leaves: number;
}

function patchesOf(
  grid: FilmGrid,
  bays: readonly BayStatus[],
  { design, least, error, leaves }: PatchTerms,
): ThinPatch[] {
  const square = grid.stepM * grid.stepM;
  return squaresUnder(grid, least)
    .filter((g) => g.length * square >= LEAST_PATCH_M2)
    .map((group): ThinPatch => {
      const values = group.map((i) => grid.values[i] ?? NaN);
      const places = group.map((i) => middleOfSquare(grid, i));
      const sum = places.reduce<[number, number]>(([x, y], p) => [x + p[0], y + p[1]], [0, 0]);
      const centre: Point = [sum[0] / places.length, sum[1] / places.length];
      const middle = places.reduce((a, b) => (distance(b, centre) < distance(a, centre) ? b : a));
      const meanMm = values.reduce((a, b) => a + b, 0) / values.length;
      const area = given('area of the patch', group.length * square, 'area', 'assumed', 'by the map');
      const film = given('mean film of the patch', meanMm, 'film', 'assumed', 'by the map');
      const wanted = given('film of the design', design, 'film', 'chosen');
      const left = given('what a wet film leaves of itself', leaves, 'fraction', 'data sheet');
      const wet = leaves === 1;
      return {
        bays: bays.filter((b) => places.some((p) => insideArea(p, b.bay.parts))).map((b) => b.bay.label),
        middle,
        area,
        lowestMm: Math.min(...values),
        missing: {
          label: 'Missing, wet',
          value: ((design - meanMm) * area.value) / leaves,
          quantity: 'volume',
          formula: wet ? '({wanted} − {film}) × {area}' : '({wanted} − {film}) × {area} / {left}',
          inputs: wet ? { wanted, film, area } : { wanted, film, area, left },
          from: '1 mm over 1 m² is 1 L, by definition of the litre; the film is that of the map between readings',
        },
        isSure: meanMm + error < least,
      };
    })
    .sort((a, b) => b.missing.value - a.missing.value);
}

const named = (values: readonly number[]) =>
  Object.fromEntries(values.map((v, i) => [`r${i + 1}`, given(`spot ${i + 1}`, v, 'film', 'measured')]));
const listed = (values: readonly number[], between: string): string =>
  values.map((_, i) => `{r${i + 1}}`).join(between);

const meanFigure = (values: readonly number[]): Figure => ({
  label: 'Mean of the spots read',
  value: values.reduce((a, b) => a + b, 0) / values.length,
  quantity: 'film',
  formula: `(${listed(values, ' + ')}) / ${values.length}`,
  inputs: named(values),
  from: 'readings at one place count once; those of a bay without places once for the bay',
});
const lowestFigure = (values: readonly number[]): Figure => ({
  label: 'Lowest spot',
  value: Math.min(...values),
  quantity: 'film',
  formula: `min(${listed(values, ', ')})`,
  inputs: named(values),
  from: 'of the spots read',
});

/** No spot may lie under it: the film owed, or a share of it, by the rule that the job accepts by. */
function leastFigure(owed: Figure | Given, rule: BuildUp['acceptance'], practice: Practice): Figure {
  const share =
    rule === 'minimum'
      ? given('share of it that no spot may lie under', 1, 'share', 'chosen', 'minimum everywhere')
      : practice.leastShare;
  return {
    label: 'No spot under',
    value: owed.value * share.value,
    quantity: 'film',
    formula: '{owed} × {share}',
    inputs: { owed, share },
    from: 'film owed, by the rule of acceptance of the build-up',
  };
}

/** From the least to the design in two steps, and on in steps as wide. */
function bandsOf(least: number, design: number): number[] {
  const step = Math.max((design - least) / 2, design * 0.075);
  return [least, ...[-1, 0, 1, 2].map((k) => design + k * step).filter((v) => v > least * (1 + 1e-9))];
}

const partsOf = (b: BayStatus): Area => b.bay.parts;

interface Surfaced {
  readonly points: readonly FilmPoint[];
  readonly surface: Surface | undefined;
}

const pointsAndSurface = (
  bays: readonly BayStatus[],
  coat: Coat,
  q: ZoneQuantities,
  reachM: number,
): Surfaced => {
  const points = filmPoints(bays, coat.id, q.shape);
  return {
    points,
    surface: surfaceOf(
      points.map(({ at, mm }) => ({ at, value: mm })),
      reachM,
    ),
  };
};

/**
 * The wet film of one coat.
 * @param bays of the zone, as they stand
 * @returns undefined where no film of it was read
 */
export function filmMap(
  bays: readonly BayStatus[],
  buildUp: BuildUp,
  coat: Coat,
  q: ZoneQuantities,
  practice: Practice,
): FilmMap | undefined {
  const laid = bays.filter((b) => b.laid.some((l) => l.coat.id === coat.id));
  const { points, surface } = pointsAndSurface(laid, coat, q, practice.filmMapReach.value);
  if (points.length === 0) return undefined;
  const { design, owed } = filmTerms(coat);
  const least = leastFigure(owed, buildUp.acceptance, practice);
  const grid = surface && gridOver(q.ring, laid.map(partsOf), surface.at);
  const spots = points.map((p) => p.mm);
  return {
    ...{ of: 'coat', name: coat.name, state: 'wet', points, design, least, grid },
    ...{ mean: meanFigure(spots), lowest: lowestFigure(spots) },
    ...{ leftOut: surface?.leftOut, power: surface?.power },
    patches: grid
      ? patchesOf(grid, laid, {
          ...{ design: design.value, least: least.value, leaves: 1 },
          error: surface.leftOut.surface,
        })
      : [],
    covered: grid ? coveredShare(grid) : 0,
    laid: unite(laid.flatMap(partsOf), []),
    bands: bandsOf(least.value, design.value),
  };
}

/**
 * The dry film of all coats that were read, one above the other. Only where each of them is known; what is not read, such as a
 * primer, is not in it.
 */
export function totalFilmMap(
  bays: readonly BayStatus[],
  buildUp: BuildUp,
  q: ZoneQuantities,
  practice: Practice,
): FilmMap | undefined {
  const coats = coatsRead(bays);
  const whole = bays.filter((b) => coats.every((c) => b.laid.some((l) => l.coat.id === c.id)));
  const last = coats.at(-1);
  if (coats.length < 2 || !last || whole.length === 0) return undefined;
  const parts = coats.map((coat) => ({
    ...filmTerms(coat),
    coat,
    ...pointsAndSurface(whole, coat, q, practice.filmMapReach.value),
  }));
  const valueAt = (p: Point): number | undefined => {
    let sum = 0;
    for (const { surface, dryShare } of parts) {
      const wet = surface?.at(p);
      if (wet === undefined) return undefined;
      sum += wet * dryShare;
    }
    return sum;
  };
  const design = dryFilmOf('Dry film of the design', coats, wetFilm);
  const least = leastFigure(dryFilmOf('Dry film owed', coats, owedFilm), buildUp.acceptance, practice);
  const isKnown = parts.every((p) => p.surface !== undefined);
  const grid = isKnown ? gridOver(q.ring, whole.map(partsOf), valueAt) : undefined;
  // Spots of the coat with the most of them, with what the others leave there.
  const most = parts.reduce((a, b) => (b.points.length > a.points.length ? b : a));
  const points = most.points.flatMap((p): FilmPoint[] => {
    const mm = valueAt(p.at);
    return mm === undefined
      ? []
      : [{ ...p, mm, atLeast: parts.some((x) => x.points.some((y) => y.atLeast)) }];
  });
  if (points.length === 0) return undefined;
  const spots = points.map((p) => p.mm);
  const together = (of: (l: LeftOut) => number): number =>
    Math.sqrt(parts.reduce((sum, p) => sum + (p.surface ? of(p.surface.leftOut) * p.dryShare : 0) ** 2, 0));
  const leftOut: LeftOut = {
    surface: together((l) => l.surface),
    nearest: together((l) => l.nearest),
    mean: together((l) => l.mean),
    count: Math.min(...parts.map((p) => p.surface?.leftOut.count ?? 0)),
  };
  return {
    ...{ of: 'all', name: coats.map((c) => c.name).join(', '), state: 'dry', points, design, least, grid },
    ...{ mean: meanFigure(spots), lowest: lowestFigure(spots), leftOut, power: undefined },
    patches: grid
      ? patchesOf(grid, whole, {
          ...{ design: design.value, least: least.value, error: leftOut.surface },
          leaves: filmTerms(last).dryShare,
        })
      : [],
    covered: grid ? coveredShare(grid) : 0,
    laid: unite(whole.flatMap(partsOf), []),
    bands: bandsOf(least.value, design.value),
  };
}

/**
 * Places to be read: on bays where the coat is still to be laid, so that each of so many spots has its own; round what may be
 * thin twice as close, which is then read dry. Hollow on the map.
 * @param toLay bays where the coat does not lie yet
 */
export function placesToRead(
  q: ZoneQuantities,
  toLay: readonly BayStatus[],
  { points, laid, patches }: Pick<FilmMap, 'points' | 'laid' | 'patches'>,
  practice: Practice,
): Point[] {
  const spacing = Math.sqrt(10 / practice.spotsPer10M2.value);
  const box = boxOf([q.ring]);
  const found: Point[] = [];
  const isFree = (p: Point, m: number): boolean =>
    !points.some((x) => x.by === 'place' && distance(x.at, p) < m) && !found.some((x) => distance(x, p) < m);
  const walk = (step: number, wanted: (p: Point) => boolean): void => {
    for (let y = box.minY + step / 2; y < box.maxY; y += step)
      for (let x = box.minX + step / 2; x < box.maxX; x += step) {
        const p: Point = [x, y];
        if (wanted(p) && isFree(p, step / 2)) found.push(p);
      }
  };
  walk(spacing, (p) => toLay.some((b) => insideArea(p, b.bay.parts)));
  walk(
    spacing / 2,
    (p) =>
      insideArea(p, laid) &&
      patches.some((t) => distance(p, t.middle) < Math.sqrt(t.area.value / Math.PI) + spacing / 2),
  );
  return found;
}
