/** Small roofs on the globe: longitude and latitude to metres on the plane that touches WGS 84 at their middle. */
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Point } from './types.ts';

/** WGS 84: semi-major axis in metres and flattening (NIMA TR8350.2). */
const WGS84 = { a: 6378137, f: 1 / 298.257223563 } as const;

/** Metres for one radian of longitude and of latitude at an origin, by the two radii of curvature. */
function metresPerRadian(origin: Point): { east: number; north: number } {
  const phi = origin[1] / DEGREES_PER_RADIAN;
  const e2 = WGS84.f * (2 - WGS84.f);
  const w2 = 1 - e2 * Math.sin(phi) ** 2;
  return { east: (WGS84.a / Math.sqrt(w2)) * Math.cos(phi), north: (WGS84.a * (1 - e2)) / w2 ** 1.5 };
}

/**
 * Local plane coordinates. Good to a part in a million over a roof.
 * @param points longitude, latitude in degrees
 * @param origin the point that becomes (0, 0)
 */
export function toPlane(points: readonly Point[], origin: Point): Point[] {
  const { east, north } = metresPerRadian(origin);
  return points.map(([lon, lat]) => [
    ((lon - origin[0]) / DEGREES_PER_RADIAN) * east,
    ((lat - origin[1]) / DEGREES_PER_RADIAN) * north,
  ]);
}

/** The way back: metres about an origin to longitude and latitude in degrees. */
export function toGlobe(points: readonly Point[], origin: Point): Point[] {
  const { east, north } = metresPerRadian(origin);
  return points.map(([x, y]) => [
    origin[0] + (x / east) * DEGREES_PER_RADIAN,
    origin[1] + (y / north) * DEGREES_PER_RADIAN,
  ]);
}
