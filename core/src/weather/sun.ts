/**
 * Where the sun stands. Instants in ms since 1970 (UTC), places in degrees north and east, angles in degrees.
 * Low-precision formulae of the Astronomical Almanac, good to 0.01° from 1950 to 2050 (from memory).
 */
import { DEGREES_PER_RADIAN, MS_PER_DAY } from '../units/index.ts';

export interface Place {
  /** North of the equator, −90 to 90. */
  readonly latitudeDeg: number;
  /** East of Greenwich, −180 to 180. */
  readonly longitudeDeg: number;
}

export interface SunPosition {
  /** Above the horizon, without refraction; negative at night. */
  readonly elevationDeg: number;
  /** From north through east, 0 to 360. */
  readonly azimuthDeg: number;
}

/** 2000-01-01 12:00 UTC. */
const J2000_MS = 946_728_000_000;
const rad = (deg: number): number => deg / DEGREES_PER_RADIAN;
const turn = (deg: number): number => ((deg % 360) + 360) % 360;

/** @throws never; a place outside its ranges gives the position of the place that is meant by going on round */
export function sunPosition(atMs: number, { latitudeDeg, longitudeDeg }: Place): SunPosition {
  const days = (atMs - J2000_MS) / MS_PER_DAY;
  const meanLongitude = turn(280.46 + 0.9856474 * days);
  const anomaly = rad(turn(357.528 + 0.9856003 * days));
  const longitude = rad(meanLongitude + 1.915 * Math.sin(anomaly) + 0.02 * Math.sin(2 * anomaly));
  const obliquity = rad(23.439 - 0.0000004 * days);
  const ascension = Math.atan2(Math.cos(obliquity) * Math.sin(longitude), Math.cos(longitude));
  const declination = Math.asin(Math.sin(obliquity) * Math.sin(longitude));
  // Greenwich mean sidereal time, as an angle.
  const sidereal = turn(280.46062 + 360.98564737 * days);
  const hourAngle = rad(turn(sidereal + longitudeDeg)) - ascension;
  const latitude = rad(latitudeDeg);
  const up =
    Math.sin(latitude) * Math.sin(declination) +
    Math.cos(latitude) * Math.cos(declination) * Math.cos(hourAngle);
  const east = -Math.cos(declination) * Math.sin(hourAngle);
  const north =
    Math.cos(latitude) * Math.sin(declination) -
    Math.sin(latitude) * Math.cos(declination) * Math.cos(hourAngle);
  return {
    elevationDeg: Math.asin(Math.max(-1, Math.min(1, up))) * DEGREES_PER_RADIAN,
    azimuthDeg: turn(Math.atan2(east, north) * DEGREES_PER_RADIAN),
  };
}

/** Refraction and half the sun's disc: the sun rises and sets when its centre stands here (Astronomical Almanac). */
export const HORIZON_DEG = -0.833;
export const isNight = (atMs: number, place: Place): boolean =>
  sunPosition(atMs, place).elevationDeg < HORIZON_DEG;

/**
 * Sun and sky on a level surface under a clear sky, W/m² (Haurwitz 1945, as evaluated by Reno 2012; from memory).
 */
export function clearSkyWPerM2(elevationDeg: number): number {
  const up = Math.sin(rad(elevationDeg));
  return up <= 0 ? 0 : 1098 * up * Math.exp(-0.057 / up);
}

/** What clouds leave of it; `cloud` from 0 to 1 (Kasten and Czeplak 1980; from memory). */
export const throughCloud = (clearWPerM2: number, cloud: number): number =>
  clearWPerM2 * (1 - 0.75 * cloud ** 3.4);

/** The mean over the hour that begins at an instant: its middle stands for it. */
export function sunOnLevelWPerM2(hourMs: number, place: Place, cloud: number): number {
  return throughCloud(clearSkyWPerM2(sunPosition(hourMs + MS_PER_DAY / 48, place).elevationDeg), cloud);
}
