/** Outlines from files. The caller reads the file; nothing is saved here. */
import { z } from 'zod';
import { boxOf, firstCrossing, toPlane, type Point, type Ring } from '../geometry/index.ts';
import { check, fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { csvTable, fileProblem, readJson } from '../survey/index.ts';
import { readNumber } from '../units/index.ts';
import { frameOf } from './frames.ts';

export interface ImportedOutline {
  readonly name: string;
  readonly outer: Ring;
  readonly holes: readonly Ring[];
  /** Rise of each side's arc, outward positive; left out where all sides are straight. */
  readonly risesM?: readonly number[];
}

const position = z.array(z.number()).min(2);
const rings = z.array(z.array(position).min(4)).min(1);
const geometry = z.discriminatedUnion('type', [
  z.looseObject({ type: z.literal('Polygon'), coordinates: rings }),
  z.looseObject({ type: z.literal('MultiPolygon'), coordinates: z.array(rings).min(1) }),
]);
type Outlined = z.infer<typeof geometry>;
const feature = z.looseObject({
  type: z.literal('Feature'),
  geometry: z.looseObject({ type: z.string() }).nullable(),
  properties: z.record(z.string(), z.unknown()).nullish(),
});
const collection = z.looseObject({
  type: z.literal('FeatureCollection'),
  features: z.array(feature).max(20_000),
});
/** What a file may hold beside polygons: no outline of a roof. */
const OTHER_SHAPES = ['Point', 'MultiPoint', 'LineString', 'MultiLineString'];
const MOST_OUTLINES = 200;

/** How the numbers of a GeoJSON file are to be read. RFC 7946 says degrees; drawings often hold metres. */
export type CoordinateKind = 'degrees' | 'metres';

/** A guess to offer, never to act on unasked: a roof is less than a tenth of a degree wide. */
export function guessCoordinates(points: readonly Point[]): CoordinateKind {
  const box = boxOf([points]);
  const small = box.maxX - box.minX < 0.1 && box.maxY - box.minY < 0.1;
  const onGlobe = box.minX >= -180 && box.maxX <= 180 && box.minY >= -90 && box.maxY <= 90;
  return small && onGlobe ? 'degrees' : 'metres';
}

const toRing = (positions: readonly number[][]): Ring =>
  positions.slice(0, -1).map((p) => [p[0] ?? 0, p[1] ?? 0] as const);

export interface GeoJsonRead {
  readonly outlines: readonly ImportedOutline[];
  readonly guess: CoordinateKind;
  /** The file names its frame of reference: nobody needs to be asked. */
  readonly frame: string | undefined;
  /** What was left out, by its kind. */
  readonly skipped: readonly { readonly what: string; readonly count: number }[];
}

interface Shape {
  readonly geometry: Outlined;
  readonly properties: Readonly<Record<string, unknown>> | null | undefined;
}

/** Polygons of the file, one by one; everything else is counted. */
function shapesOf(data: unknown, label: string): Result<{ shapes: Shape[]; skipped: Map<string, number> }> {
  const type = (data as { type?: unknown } | null)?.type;
  const skipped = new Map<string, number>();
  const skip = (what: string): void => void skipped.set(what, (skipped.get(what) ?? 0) + 1);
  if (type !== 'FeatureCollection' && type !== 'Feature' && type !== 'GeometryCollection') {
    const parsed = check(geometry, data, label);
    return parsed.ok ? ok({ shapes: [{ geometry: parsed.value, properties: undefined }], skipped }) : parsed;
  }
  const parsed =
    type === 'FeatureCollection'
      ? check(collection, data, label)
      : type === 'Feature'
        ? check(feature, data, label)
        : ok({ type: 'Feature' as const, geometry: data as { type: string }, properties: undefined });
  if (!parsed.ok) return parsed;
  const features =
    'features' in parsed.value ? (parsed.value.features as z.infer<typeof feature>[]) : [parsed.value];
  const shapes: Shape[] = [];
  const problems: Problem[] = [];
  const take = (shape: { type: string } | null, properties: Shape['properties'], i: number): void => {
    if (shape === null) skip('no geometry');
    else if (OTHER_SHAPES.includes(shape.type)) skip(shape.type);
    else if (shape.type === 'GeometryCollection') {
      const parts = (shape as { geometries?: unknown }).geometries;
      if (Array.isArray(parts))
        for (const part of parts) take(part as { type: string } | null, properties, i);
    } else {
      const read = check(geometry, shape, `${label}, shape ${i + 1}`);
      if (read.ok) shapes.push({ geometry: read.value, properties });
      else problems.push(...read.problems);
    }
  };
  features.forEach((f, i) => take(f.geometry ?? null, f.properties, i));
  if (problems.length > 0) return fail(...problems.slice(0, 5));
  if (shapes.length === 0)
    return fail(
      fileProblem(
        'tooFew',
        label,
        skipped.size === 0 ? 'no shape at all' : [...skipped].map(([what, n]) => `${n} × ${what}`).join(', '),
        'at least one polygon',
      ),
    );
  if (shapes.length > MOST_OUTLINES)
    return fail(
      fileProblem('outOfRange', label, `${shapes.length} polygons`, `no more than ${MOST_OUTLINES}`),
    );
  return ok({ shapes, skipped });
}

/**
 * Polygons of a GeoJSON text (Polygon, MultiPolygon, Feature, FeatureCollection or GeometryCollection), in the file's own
 * numbers; where the file names a frame that is understood, in degrees of WGS 84.
 * @returns a problem for a frame that is not understood, and for anything that is not a closed polygon or crosses itself
 */
export function readGeoJson(text: string): Result<GeoJsonRead> {
  const label = 'The GeoJSON file';
  const json = readJson(text, label);
  if (!json.ok) return json;
  const framed = frameOf((json.value as { crs?: unknown } | null)?.crs, label);
  if (!framed.ok) return framed;
  const frame = framed.value;
  const found = shapesOf(json.value, label);
  if (!found.ok) return found;
  const features = found.value.shapes;
  const outlines: ImportedOutline[] = [];
  const problems: Problem[] = [];
  for (const [i, f] of features.entries()) {
    const named = f.properties?.['name'];
    const whole =
      typeof named === 'string' && named.trim() !== '' ? named.trim().slice(0, 120) : `Outline ${i + 1}`;
    const parts = f.geometry.type === 'Polygon' ? [f.geometry.coordinates] : f.geometry.coordinates;
    for (const [k, part] of parts.entries()) {
      const name = parts.length > 1 ? `${whole}, part ${k + 1}` : whole;
      for (const ring of part) {
        const [a, b] = [ring[0], ring[ring.length - 1]];
        if (a?.[0] !== b?.[0] || a?.[1] !== b?.[1]) {
          problems.push(
            fileProblem(
              'notClosed',
              name,
              'the first and last point differ',
              'a ring that ends where it began',
            ),
          );
        }
      }
      const [outer, ...holes] = part.map((r) => (frame ? toRing(r).map(frame.toDegrees) : toRing(r)));
      if (!outer) continue;
      if ([outer, ...holes].flat(2).some((v) => !Number.isFinite(v))) {
        problems.push(
          fileProblem(
            'outOfRange',
            name,
            'coordinates that lie nowhere',
            `places of ${frame?.name ?? 'the file'}`,
          ),
        );
        continue;
      }
      const crossing = firstCrossing(
        guessCoordinates(outer) === 'degrees' ? toPlane(outer, outer[0] ?? [0, 0]) : outer,
      );
      if (crossing) {
        const sides = `sides ${crossing[0] + 1} and ${crossing[1] + 1}`;
        problems.push(fileProblem('crossing', name, sides, 'sides that meet only at corners'));
      }
      outlines.push({ name, outer, holes });
    }
  }
  if (problems.length > 0) return fail(...problems);
  return ok({
    outlines,
    guess: frame ? 'degrees' : guessCoordinates(outlines.flatMap((o) => o.outer)),
    frame: frame?.name,
    skipped: [...found.value.skipped].map(([what, count]) => ({ what, count })),
  });
}

/**
 * Outlines in the file's own numbers to metres. They keep their places to each other; the first corner of the first one
 * becomes (0, 0).
 */
export function toMetres(outlines: readonly ImportedOutline[], kind: CoordinateKind): ImportedOutline[] {
  const origin = outlines[0]?.outer[0] ?? [0, 0];
  const move = (ring: Ring): Ring =>
    kind === 'degrees'
      ? toPlane(ring, origin)
      : ring.map(([x, y]) => [x - origin[0], y - origin[1]] as const);
  return outlines.map((o) => ({ ...o, outer: move(o.outer), holes: o.holes.map(move) }));
}

/** How columns of corners are headed. */
const ACROSS = ['x', 'east', 'easting', 'e'];
const UP = ['y', 'north', 'northing', 'n'];

/** Columns of x and y by their headings; without headings the first two, or those after a column that only counts. */
function columnsOfPoints(
  names: readonly string[],
  body: readonly (readonly string[])[],
): readonly [number | undefined, number | undefined] {
  if (names.length === 0) {
    const first = body.map((row) => readNumber(row[0] ?? ''));
    const start = first[0]?.ok ? first[0].value : NaN;
    const counts =
      body.length > 1 &&
      (start === 0 || start === 1) &&
      body.every((row) => row.length > 2) &&
      first.every((n, i) => n.ok && n.value === start + i);
    return counts ? [1, 2] : [0, 1];
  }
  const column = (words: readonly string[]): number | undefined => {
    const i = names.findIndex((n) => words.includes(n.split(/[\s(_[]/)[0] ?? ''));
    return i < 0 ? undefined : i;
  };
  return [column(ACROSS), column(UP)];
}

/**
 * A CSV of corners: two columns x and y (a heading is allowed), in order round the outline.
 * @param rows the cells, as a CSV reader gives them
 * @param metresPerUnit size of the file's unit, from the table of units
 */
export function readCsvPoints(
  rows: readonly (readonly string[])[],
  metresPerUnit: number,
): Result<ImportedOutline> {
  const label = 'The CSV file';
  const { names, body, lineOf } = csvTable(rows);
  const [cx, cy] = columnsOfPoints(names, body);
  if (cx === undefined || cy === undefined)
    return fail(
      fileProblem(
        'unknown',
        `${label}, heading`,
        short(names.join(', ')),
        'columns named x and y, or east and north',
      ),
    );
  const points: Point[] = [];
  const problems: Problem[] = [];
  body.forEach((row, i) => {
    const [x, y] = [readNumber(row[cx] ?? ''), readNumber(row[cy] ?? '')];
    if (!x.ok || !y.ok) {
      const bad = x.ok ? row[cy] : row[cx];
      problems.push({
        ...fileProblem('notANumber', `${label}, line ${lineOf(i)}`, short(bad ?? ''), 'two numbers, x and y'),
      });
    } else {
      points.push([x.value * metresPerUnit, y.value * metresPerUnit]);
    }
  });
  if (problems.length > 0) return fail(...problems.slice(0, 5));
  const [a, b] = [points[0], points[points.length - 1]];
  if (points.length > 3 && a && b && a[0] === b[0] && a[1] === b[1]) points.pop();
  if (points.length < 3)
    return fail(fileProblem('tooFew', label, `${points.length} points`, 'at least three corners'));
  const crossing = firstCrossing(points);
  if (crossing) {
    const sides = `sides ${crossing[0] + 1} and ${crossing[1] + 1}`;
    return fail(fileProblem('crossing', label, sides, 'corners in order round the outline'));
  }
  return ok({ name: 'Outline', outer: points, holes: [] });
}
