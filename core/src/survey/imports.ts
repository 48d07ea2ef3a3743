/** Outlines from files. The caller reads the file; nothing is saved here. */
import { z } from 'zod';
import { boxOf, firstCrossing, toPlane, type Point, type Ring } from '../geometry/index.ts';
import { check, fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { readNumber } from '../units/index.ts';
import { csvTable, fileProblem } from './csvtable.ts';

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
const feature = z.looseObject({
  type: z.literal('Feature'),
  geometry,
  properties: z.record(z.string(), z.unknown()).nullish(),
});
const collection = z.looseObject({
  type: z.literal('FeatureCollection'),
  features: z.array(feature).min(1).max(200),
});

/** How the numbers of a GeoJSON file are to be read. RFC 7946 says degrees; drawings often hold metres. */
export type CoordinateKind = 'degrees' | 'metres';

/** A guess to offer, never to act on unasked: a roof is less than a tenth of a degree wide. */
export function guessCoordinates(points: readonly Point[]): CoordinateKind {
  const box = boxOf([points]);
  const small = box.maxX - box.minX < 0.1 && box.maxY - box.minY < 0.1;
  const onGlobe = box.minX >= -180 && box.maxX <= 180 && box.minY >= -90 && box.maxY <= 90;
  return small && onGlobe ? 'degrees' : 'metres';
}

/** JSON text to data; a cut-off file is told from a broken one. */
export function readJson(text: string, label: string): Result<unknown> {
  try {
    return ok(JSON.parse(text) as unknown);
  } catch {
    const trimmed = text.trimEnd();
    const ended = /[}\]]$/.test(trimmed);
    return fail(
      trimmed.startsWith('{') && !ended
        ? fileProblem(
            'truncated',
            label,
            `it ends with “${short(trimmed.slice(-24))}”`,
            'the whole file, ending with }',
          )
        : fileProblem('malformed', label, `it begins with “${short(trimmed.slice(0, 24))}”`, 'JSON text'),
    );
  }
}

const toRing = (positions: readonly number[][]): Ring =>
  positions.slice(0, -1).map((p) => [p[0] ?? 0, p[1] ?? 0] as const);

export interface GeoJsonRead {
  readonly outlines: readonly ImportedOutline[];
  readonly guess: CoordinateKind;
}

/**
 * Polygons of a GeoJSON text (Polygon, MultiPolygon, Feature or FeatureCollection), in the file's own numbers.
 * @returns a problem for anything that is not a closed polygon or that crosses itself
 */
export function readGeoJson(text: string): Result<GeoJsonRead> {
  const label = 'The GeoJSON file';
  const json = readJson(text, label);
  if (!json.ok) return json;
  const type = (json.value as { type?: unknown } | null)?.type;
  const schema = type === 'FeatureCollection' ? collection : type === 'Feature' ? feature : geometry;
  const parsed = check(schema, json.value, label);
  if (!parsed.ok) return parsed;
  const features =
    parsed.value.type === 'FeatureCollection'
      ? parsed.value.features
      : parsed.value.type === 'Feature'
        ? [parsed.value]
        : [{ geometry: parsed.value, properties: undefined }];
  const outlines: ImportedOutline[] = [];
  const problems: Problem[] = [];
  for (const [i, f] of features.entries()) {
    const named = f.properties?.['name'];
    const name =
      typeof named === 'string' && named.trim() !== '' ? named.trim().slice(0, 120) : `Outline ${i + 1}`;
    const parts = f.geometry.type === 'Polygon' ? [f.geometry.coordinates] : f.geometry.coordinates;
    for (const part of parts) {
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
      const [outer, ...holes] = part.map(toRing);
      if (!outer) continue;
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
  return ok({ outlines, guess: guessCoordinates(outlines.flatMap((o) => o.outer)) });
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
  const column = (name: string, otherwise: number): number => {
    const i = names.findIndex(
      (n) => n === name || n.startsWith(`${name} `) || n.startsWith(`${name}(`) || n.startsWith(`${name}_`),
    );
    return i < 0 ? otherwise : i;
  };
  const [cx, cy] = [column('x', 0), column('y', 1)];
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
