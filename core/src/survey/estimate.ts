/**
 * A zone before anybody has measured it: a rectangle of the area that was said, as long round as it is said or as is
 * usual. Everything that follows from it is marked as assumed.
 */
import { isFigure, type Figure, type Given } from '../figures/index.ts';
import type { Ring } from '../geometry/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import type { System } from '../units/index.ts';
import { edgeOf, type Side } from './edges.ts';
import { typicalSizes, type Feature } from './features.ts';
import type { EstimatedOutline, Zone } from './schema.ts';

/** Roofs are usually longer round than a square by so much. Common practice, no source: a rectangle of 1 to 2.4. */
const USUAL_TIMES = 1.1;

const squareM = (areaM2: number): number => 4 * Math.sqrt(areaM2);

/** How long it is round, as said or as is usual, m. */
export const perimeterOf = ({ areaM2, perimeterM }: EstimatedOutline): number =>
  perimeterM ?? USUAL_TIMES * squareM(areaM2);

/** How much of that goes up, m: all of it where nobody said. */
export const risingOf = (outline: EstimatedOutline): number =>
  Math.min(outline.risingM ?? perimeterOf(outline), perimeterOf(outline));

/** Length and width of the rectangle, and how many of its sides go up before the one that does so in part. */
function rectangle(outline: EstimatedOutline): { lengthM: number; widthM: number } {
  const half = perimeterOf(outline) / 2;
  const root = Math.sqrt(Math.max(0, half * half - 4 * outline.areaM2));
  return { lengthM: (half + root) / 2, widthM: (half - root) / 2 };
}

/** Where along the outline what goes up ends, if that is inside a side: the side and how far along it, m. */
function endOfRise(outline: EstimatedOutline): { sides: number; restM: number } {
  const { lengthM, widthM } = rectangle(outline);
  let restM = risingOf(outline);
  let sides = 0;
  for (const side of [lengthM, widthM, lengthM, widthM]) {
    if (restM < side - LEAST_PIECE_M) break;
    restM -= side;
    sides += 1;
  }
  return { sides, restM: restM < LEAST_PIECE_M || sides === 4 ? 0 : restM };
}
const LEAST_PIECE_M = 0.01;

/** The corners; one more where a side goes up in part. */
export function estimatedRing(outline: EstimatedOutline, field: string, label: string): Result<Ring> {
  const least = squareM(outline.areaM2);
  if (perimeterOf(outline) < least * (1 - 1e-9))
    return fail({
      kind: 'unfinished',
      field,
      label,
      actual: `${perimeterOf(outline).toFixed(1)} m round ${outline.areaM2.toFixed(1)} m²`,
      expected: `at least ${least.toFixed(1)} m, as a square is`,
    });
  const { lengthM: l, widthM: w } = rectangle(outline);
  const corners: [number, number][] = [
    [0, 0],
    [l, 0],
    [l, w],
    [0, w],
  ];
  const { sides, restM } = endOfRise(outline);
  const from = corners[sides];
  const to = corners[(sides + 1) % 4];
  if (restM > 0 && from && to) {
    const share = restM / Math.hypot(to[0] - from[0], to[1] - from[1]);
    corners.splice(sides + 1, 0, [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])]);
  }
  return ok(corners);
}

/** Its sides: so much of it goes up so far, the rest ends at a drip edge. */
function estimatedSides(outline: EstimatedOutline, heightMm: number): Side[] {
  const { sides, restM } = endOfRise(outline);
  const up = sides + (restM > 0 ? 1 : 0);
  const count = restM > 0 ? 5 : 4;
  return Array.from({ length: count }, (_, i) => ({
    edge: i < up && heightMm > 0 ? ({ ...edgeOf('upstand'), heightMm } as Side['edge']) : edgeOf('drip'),
    riseM: 0,
  }));
}

/** A figure whose measures are assumptions. */
export function assumed(figure: Figure): Figure {
  const of = (part: Figure | Given): Figure | Given =>
    isFigure(part) ? assumed(part) : part.source === 'measured' ? { ...part, source: 'assumed' } : part;
  return {
    ...figure,
    inputs: Object.fromEntries(Object.entries(figure.inputs).map(([k, v]) => [k, of(v)])),
  };
}

/** Fittings that an estimate counts, and m² of roof for each where nobody has counted. Common practice, no source. */
export const ESTIMATED_FITTINGS = { outlet: 150, pipe: 100 } as const;
export type EstimatedFitting = keyof typeof ESTIMATED_FITTINGS;

export const usualCount = (kind: EstimatedFitting, areaM2: number): number =>
  Math.ceil(areaM2 / ESTIMATED_FITTINGS[kind]);

const fittingId = (zone: Zone, kind: EstimatedFitting): string => `${zone.id}-some-${kind}`;

/** How many of a fitting an estimated zone counts. */
export const estimatedCount = (zone: Zone, kind: EstimatedFitting): number =>
  zone.features.find((f) => f.id === fittingId(zone, kind))?.count ?? 0;

/** How far up it goes where it goes up, mm. */
export const estimatedHeight = (zone: Zone): number =>
  Math.max(0, ...zone.sides.map((s) => (s.edge.kind === 'upstand' ? s.edge.heightMm : 0)));

/** An estimated zone as it is said: outline, sides and counted fittings together; all else stays. */
export function withEstimate(
  zone: Zone,
  outline: EstimatedOutline,
  heightMm: number,
  counts: Readonly<Record<EstimatedFitting, number>>,
  system: System = 'metric',
): Zone {
  const { lengthM, widthM } = rectangle(outline);
  const kinds = Object.keys(ESTIMATED_FITTINGS) as EstimatedFitting[];
  const mine = new Set(kinds.map((kind) => fittingId(zone, kind)));
  const fittings = kinds.flatMap((kind, i): Feature[] =>
    counts[kind] > 0
      ? [
          {
            id: fittingId(zone, kind),
            kind,
            count: counts[kind],
            at: { alongM: (lengthM * (i + 1)) / (kinds.length + 1), acrossM: widthM / 2 },
            sizes: typicalSizes(kind, system),
            note: '',
          },
        ]
      : [],
  );
  return {
    ...zone,
    outline,
    sides: estimatedSides(outline, heightMm),
    features: [...zone.features.filter((f) => !mine.has(f.id)), ...fittings],
  };
}
