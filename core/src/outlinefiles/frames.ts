/**
 * Frames of reference that a GeoJSON file may name in its old `crs` member (GeoJSON 2008; RFC 7946 has degrees only). What
 * is understood becomes degrees of WGS 84, by proj4; everything else is refused, for metres and feet would be mixed up.
 */
import proj4 from 'proj4';
import type { Point } from '../geometry/index.ts';
import { fail, ok, short, type Result } from '../problems/index.ts';
import { fileProblem } from '../survey/index.ts';

export interface Frame {
  readonly name: string;
  readonly toDegrees: (p: Point) => Point;
}

/** A place that is there and back again is the same, m. */
const BACK_M = 0.01;

/** Definition of a code for proj4, as the EPSG registry has it; undefined for codes that are not here. */
function definitionOf(code: number): string | undefined {
  if (code === 3857 || code === 900913)
    return '+proj=merc +a=6378137 +b=6378137 +lat_ts=0 +lon_0=0 +x_0=0 +y_0=0 +k=1 +units=m +no_defs';
  // UTM: WGS 84 north and south, ETRS89, NAD83.
  const utm = (zone: number, more: string): string => `+proj=utm +zone=${zone} ${more} +units=m +no_defs`;
  if (code >= 32601 && code <= 32660) return utm(code - 32600, '+datum=WGS84');
  if (code >= 32701 && code <= 32760) return utm(code - 32700, '+south +datum=WGS84');
  if (code >= 25828 && code <= 25838) return utm(code - 25800, '+ellps=GRS80 +towgs84=0,0,0');
  if (code >= 26901 && code <= 26923) return utm(code - 26900, '+ellps=GRS80 +towgs84=0,0,0');
  return undefined;
}

const UNDERSTOOD =
  'degrees of WGS 84, EPSG 3857 or a UTM zone (EPSG 326xx, 327xx, 258xx, 269xx); others are put into degrees first';

/** The frame that a file names; undefined where it names none. */
export function frameOf(crs: unknown, label: string): Result<Frame | undefined> {
  if (crs === undefined || crs === null) return ok(undefined);
  const named = (crs as { properties?: { name?: unknown } }).properties?.name;
  const name = typeof named === 'string' ? named : '';
  const refused = (): Result<never> =>
    fail(
      fileProblem('unknown', `${label}, crs`, short(name === '' ? JSON.stringify(crs) : name), UNDERSTOOD),
    );
  if (/CRS84H?$/i.test(name)) return ok({ name: 'WGS 84', toDegrees: (p) => p });
  const code = Number(/EPSG:{1,2}(?:[\d.]*:)?(\d+)$/i.exec(name)?.[1] ?? NaN);
  // Files that say 4326 or 4258 hold longitude first all the same: GeoJSON's own order.
  if (code === 4326 || code === 4258) return ok({ name: `EPSG ${code}`, toDegrees: (p) => p });
  const definition = definitionOf(code);
  if (definition === undefined) return refused();
  const transform = proj4(definition, 'WGS84');
  return ok({
    name: `EPSG ${code}`,
    toDegrees: ([x, y]) => {
      const [lon = NaN, lat = NaN] = transform.forward([x, y]);
      // What lies outside the frame comes back as another place.
      const [bx = NaN, by = NaN] = transform.inverse([lon, lat]);
      return Math.hypot(bx - x, by - y) < BACK_M ? [lon, lat] : [NaN, NaN];
    },
  });
}
