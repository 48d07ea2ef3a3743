/** Bands of equal film on a map: areas between isolines, and the same for other programs. */
import { contours } from 'd3-contour';
import { intersect, type Area, type Point, type Ring } from '../geometry/index.ts';
import { placeOnGlobe, placing, type Survey, type Zone } from '../survey/index.ts';
import type { FilmGrid } from './filmgrid.ts';
import type { FilmMap } from './filmmap.ts';

/** Everything at or above a value, in the coordinates of the zone; drawn one over the other they show the bands. */
export interface Band {
  /** Undefined: everything that is known. */
  readonly fromMm: number | undefined;
  readonly area: Area;
}

const ringOf = (ring: readonly (readonly number[])[], { origin, stepM }: FilmGrid): Ring =>
  ring.slice(0, -1).map(([x = 0, y = 0]): Point => [origin[0] + x * stepM, origin[1] + y * stepM]);

/**
 * @param laid nothing is drawn beyond it
 * @returns the lowest first
 */
export function bandAreas(grid: FilmGrid, bands: readonly number[], laid: Area): Band[] {
  const KNOWN = -1e9;
  const lines = contours().size([grid.cols, grid.rows]);
  const values = [...grid.values];
  return [KNOWN, ...bands].map((from) => ({
    fromMm: from === KNOWN ? undefined : from,
    area: intersect(
      lines.contour(values, from).coordinates.map(([outer = [], ...holes]) => ({
        outer: ringOf(outer, grid),
        holes: holes.map((h) => ringOf(h, grid)),
      })),
      laid,
    ),
  }));
}

/** Of the map of a zone, as good as a survey gets: a centimetre or so. */
const GEO_DIGITS = 7;

/**
 * Readings and bands as GeoJSON (RFC 7946), in degrees of WGS 84; undefined while nobody has said where the plan lies on the
 * globe: metres are no GeoJSON.
 */
export function filmGeoJson(map: FilmMap, zone: Zone, survey: Pick<Survey, 'origin'>): object | undefined {
  const onGlobe = placeOnGlobe(survey);
  if (!onGlobe) return undefined;
  const { toPlan } = placing(zone.plot);
  const place = (p: Point): number[] => onGlobe(toPlan(p)).map((v) => Number(v.toFixed(GEO_DIGITS)));
  const closed = (ring: Ring): number[][] => [...ring, ...ring.slice(0, 1)].map(place);
  const bands = map.grid ? bandAreas(map.grid, map.bands, map.laid) : [];
  return {
    type: 'FeatureCollection',
    name: `${zone.name}, film, ${map.name}, ${map.state}`,
    note: 'Each area holds all film from its value on.',
    features: [
      ...bands.map((b) => ({
        type: 'Feature',
        properties: { kind: 'band', from_mm: b.fromMm ?? null, state: map.state },
        geometry: {
          type: 'MultiPolygon',
          coordinates: b.area.map((p) => [closed(p.outer), ...p.holes.map(closed)]),
        },
      })),
      ...map.points.map((p) => ({
        type: 'Feature',
        properties: {
          ...{ kind: 'reading', bay: p.bay, film_mm: Number(p.mm.toFixed(3)), state: map.state },
          ...{ at_least: p.atLeast, place: p.by, readings: p.count },
        },
        geometry: { type: 'Point', coordinates: place(p.at) },
      })),
    ],
  };
}

export const FILM_COLUMNS = [
  'bay',
  'x_m',
  'y_m',
  'film_mm',
  'state',
  'at_least',
  'place',
  'readings',
] as const;

/** Readings as rows, in the order of `FILM_COLUMNS`. */
export const filmRows = (map: FilmMap): (string | number)[][] =>
  map.points.map((p) => [
    ...[p.bay, Number(p.at[0].toFixed(3)), Number(p.at[1].toFixed(3)), Number(p.mm.toFixed(3)), map.state],
    ...[p.atLeast ? 'yes' : 'no', p.by === 'place' ? 'tapped' : 'middle of the bay', p.count],
  ]);
