/**
 * The demo's weather and its morning. Velmora is made up, and so is where it lies: wherever it is ten in the morning by
 * the sun when the demo begins. So its day is before those who look at it, and its made-up weather is the same each time.
 */
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { hourFloor, weatherDocSchema, type WeatherDoc } from '@lentum/core/weather';

/** The instant at which the demo file stands still. */
export const DEMO_ANCHOR = '2026-05-12T09:30:00.000Z';

/** By the sun, at the beginning. */
const MORNING_H = 10;
const LATITUDE_DEG = 20;
/** The rain of the afternoon comes so long after the beginning. */
const RAIN_AFTER_H = 6.5;

const utcHour = (at: Date): number => (at.getTime() % MS_PER_DAY) / MS_PER_HOUR;

/** A zone of whole hours in which it is between half past nine and half past ten. */
export function morningZone(at: Date): string {
  const ahead = Math.ceil(MORNING_H - 0.5 - utcHour(at));
  const offset = ahead < -12 ? ahead + 24 : ahead;
  if (offset === 0) return 'Etc/GMT';
  // These names count the hours the other way round.
  return offset > 0 ? `Etc/GMT-${offset}` : `Etc/GMT+${-offset}`;
}

/** East of Greenwich, such that it is ten by the sun. */
function morningLongitude(at: Date): number {
  const hours = MORNING_H - utcHour(at);
  return Number((15 * (hours < -12 ? hours + 24 : hours)).toFixed(4));
}

export const weatherAt = (at: Date): WeatherDoc =>
  weatherDocSchema.parse({
    place: { latitudeDeg: LATITUDE_DEG, longitudeDeg: morningLongitude(at) },
    service: 'simulated',
    simulated: {
      seed: 7,
      originAt: new Date(hourFloor(at.getTime())).toISOString(),
      frontAt: new Date(at.getTime() + RAIN_AFTER_H * MS_PER_HOUR).toISOString(),
      // No seasons: the demo's spring lasts.
      climate: { meanC: 17, seasonK: 0, dayK: 4.5, spreadK: 4.6, windMPerS: 3 },
    },
    crew: { people: 2 },
  });
