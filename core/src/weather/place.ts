/** Where on the globe something lies, and how far that is from somewhere else. */
import { z } from 'zod';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Place } from './sun.ts';

export const placeSchema = z.strictObject({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
});

/** Mean radius of the earth, km (IUGG). */
const EARTH_KM = 6371.0088;
const rad = (deg: number): number => deg / DEGREES_PER_RADIAN;

/** Along a great circle, km (haversine). */
export function distanceKm(a: Place, b: Place): number {
  const half = (x: number): number => Math.sin(x / 2) ** 2;
  const h =
    half(rad(b.latitudeDeg - a.latitudeDeg)) +
    Math.cos(rad(a.latitudeDeg)) * Math.cos(rad(b.latitudeDeg)) * half(rad(b.longitudeDeg - a.longitudeDeg));
  return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(h)));
}
