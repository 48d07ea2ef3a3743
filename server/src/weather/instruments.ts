/**
 * A station on site and an infrared thermometer, simulated: they read the made-up weather as it really is, with the
 * scatter of real instruments. A real one would stand behind the same answer.
 */
import { createHash } from 'node:crypto';
import { roofSurface, type Ground } from '@lentum/core/programme';
import { MS_PER_HOUR } from '@lentum/core/units';
import {
  climateOf,
  hourFloor,
  roofClimate,
  SimulatedWeather,
  sunOver,
  timelineOf,
  type WeatherDoc,
} from '@lentum/core/weather';

export interface SiteReading {
  readonly instrument: string;
  readonly simulated: boolean;
  readonly at: string;
  readonly airC: number | undefined;
  readonly humidityPct: number | undefined;
  readonly windMPerS: number | undefined;
  readonly surfaceC: number | undefined;
  /** Why it could not be read again since. */
  readonly problem?: string;
}

/** Before the hour: long enough for a slab to have forgotten where the calculation began. */
const BACK_H = 48;

/** From −1 to 1, of its own for each text. */
const scatter = (text: string): number =>
  createHash('sha256').update(text).digest().readUInt32BE(0) / 2 ** 31 - 1;

/** @returns undefined where the job has no instruments */
export function readInstruments(
  doc: WeatherDoc,
  now: Date,
  zone?: { id: string; substrate: Ground | undefined },
): SiteReading | undefined {
  const climate = climateOf(doc);
  if (!climate) return undefined;
  const startMs = hourFloor(now.getTime()) - BACK_H * MS_PER_HOUR;
  const hours = BACK_H + 2;
  const instant = new Date(startMs).toISOString();
  const line = timelineOf(
    [
      {
        id: 'truth',
        kind: 'observed',
        source: 'truth',
        simulated: true,
        issuedAt: instant,
        startAt: instant,
        hours,
        columns: new SimulatedWeather(climate).columns(startMs, hours),
      },
    ],
    startMs,
    hours,
    startMs + hours * MS_PER_HOUR,
  );
  // The value of an hour is its middle: between the middles of two hours as far along as the clock is.
  const past = (now.getTime() - hourFloor(now.getTime())) / MS_PER_HOUR - 0.5;
  const first = BACK_H + Math.floor(past);
  const along = past - Math.floor(past);
  const between = (column: Float64Array): number =>
    (column[first] ?? 0) * (1 - along) + (column[first + 1] ?? 0) * along;
  const minute = now.toISOString().slice(0, 16);
  const read = (value: number, name: string, spread: number, digits: number): number =>
    Number((value + spread * scatter(`${minute} ${name}`)).toFixed(digits));
  const roof = zone && roofClimate(line, sunOver(line, climate.place), roofSurface(zone.substrate));
  return {
    instrument: 'Site station and infrared thermometer (simulated)',
    simulated: true,
    at: now.toISOString(),
    airC: read(between(line.values.airC), 'air', 0.2, 1),
    humidityPct: Math.min(100, Math.max(1, read(between(line.values.humidityPct), 'humidity', 1.5, 0))),
    windMPerS: Math.max(0, read(between(line.values.windMPerS), 'wind', 0.4, 1)),
    surfaceC: roof && read(between(roof.surfaceC), `surface ${zone.id}`, 0.4, 1),
  };
}
