/**
 * The demo's weather and its morning. Velmora is made up, and so is where it lies: wherever it is seven in the morning
 * when the demo begins. So its day is before those who look at it, and its made-up weather is the same each time, hour by
 * hour.
 */
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { roofSurface } from '@lentum/core/programme';
import type { Survey } from '@lentum/core/survey';
import {
  climateOf,
  hourFloor,
  roofClimate,
  SimulatedWeather,
  sunOver,
  timelineOf,
  weatherDocSchema,
  type RoofClimate,
  type WeatherDoc,
} from '@lentum/core/weather';

/** The instant at which the demo file stands still. */
export const DEMO_ANCHOR = '2026-05-12T09:30:00.000Z';

/** By the sun and by the clock when the hour begins in which the demo begins. */
const SUN_H = 6.6;
const CLOCK_H = 7;
/** So near the equator that its mornings are alike all year. */
const LATITUDE_DEG = 3;
/** The rain of the afternoon comes so long after the beginning of that hour. */
const RAIN_AFTER_H = 8.5;

const hourBegun = (at: Date): number => hourFloor(at.getTime());
const utcHour = (at: Date): number => (hourBegun(at) % MS_PER_DAY) / MS_PER_HOUR;
/** The same time of day, from half a day behind to half a day ahead. */
const within = (hours: number): number => (hours < -12 ? hours + 24 : hours);

/** A zone of whole hours in which it is seven. */
export function morningZone(at: Date): string {
  const offset = within(CLOCK_H - utcHour(at));
  if (offset === 0) return 'Etc/GMT';
  // These names count the hours the other way round.
  return offset > 0 ? `Etc/GMT-${offset}` : `Etc/GMT+${-offset}`;
}

const DEGREES_PER_HOUR = 360 / 24;
/** East of Greenwich, such that the sun is up as in the early morning. */
const morningLongitude = (at: Date): number =>
  Number((DEGREES_PER_HOUR * within(SUN_H - utcHour(at))).toFixed(4));

export const weatherAt = (at: Date): WeatherDoc =>
  weatherDocSchema.parse({
    place: { latitudeDeg: LATITUDE_DEG, longitudeDeg: morningLongitude(at) },
    service: 'simulated',
    simulated: {
      seed: 21,
      originAt: new Date(hourBegun(at)).toISOString(),
      frontAt: new Date(hourBegun(at) + RAIN_AFTER_H * MS_PER_HOUR).toISOString(),
      dryBefore: true,
      // No seasons: the demo's spring lasts.
      climate: { meanC: 17, seasonK: 0, dayK: 4.5, spreadK: 7, windMPerS: 3 },
    },
    crew: { people: 2, method: 'sprayed' },
  });

const BACK_H = 24 * 6;
const AHEAD_H = 24;

export interface Read {
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC: number;
}

/** What instruments would have read on a zone, so many hours after the beginning (before it: negative). */
export function skyOver(survey: Survey, at: Date): (zoneId: string, hours: number) => Read {
  const climate = climateOf(weatherAt(at));
  if (!climate) throw new Error('the demo has a climate');
  const startMs = hourFloor(at.getTime()) - BACK_H * MS_PER_HOUR;
  const hours = BACK_H + AHEAD_H;
  const columns = new SimulatedWeather(climate).columns(startMs, hours);
  const instant = new Date(startMs).toISOString();
  const line = timelineOf(
    [
      {
        id: 'made-up',
        kind: 'observed',
        source: 'made up',
        simulated: true,
        issuedAt: instant,
        startAt: instant,
        hours,
        columns,
      },
    ],
    startMs,
    hours,
    startMs + hours * MS_PER_HOUR,
  );
  const sun = sunOver(line, climate.place);
  const roofs = new Map<string, RoofClimate>();
  return (zoneId, after) => {
    let roof = roofs.get(zoneId);
    if (!roof) {
      const substrate = survey.zones.find((z) => z.id === zoneId)?.substrate;
      roofs.set(zoneId, (roof = roofClimate(line, sun, roofSurface(substrate))));
    }
    const hour = Math.floor((at.getTime() + after * MS_PER_HOUR - startMs) / MS_PER_HOUR);
    const read = (column: Float64Array | undefined): number => Number((column?.[hour] ?? 0).toFixed(1));
    return {
      airC: read(line.values.airC),
      humidityPct: Math.round(read(line.values.humidityPct)),
      surfaceC: read(roof.surfaceC),
    };
  };
}
