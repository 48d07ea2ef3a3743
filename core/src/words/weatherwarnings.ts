/** What to mind about the hours that are known of a job's weather, in sentences. */
import { MS_PER_HOUR } from '../units/index.ts';
import { distanceKm, zoneAhead, type WeatherDoc, type WeatherSeries } from '../weather/index.ts';
import { COMMON } from '../practice/index.ts';

const DEGREES_PER_HOUR = 360 / 24;

export interface WeatherFactsToMind {
  readonly doc: Pick<WeatherDoc, 'place'>;
  readonly series: readonly Pick<WeatherSeries, 'kind' | 'source' | 'issuedAt' | 'place'>[];
  readonly timeZone: string;
  readonly nowMs: number;
}

/** Hours since the newest forecast was made, where that is too long; undefined else. */
export function staleHours({
  series,
  nowMs,
}: Pick<WeatherFactsToMind, 'series' | 'nowMs'>): number | undefined {
  const made = series.filter((s) => s.kind === 'forecast').map((s) => Date.parse(s.issuedAt));
  const age = (nowMs - Math.max(...made)) / MS_PER_HOUR;
  return made.length > 0 && age > COMMON.staleForecast.value ? Math.round(age) : undefined;
}

const ahead = (hours: number): string => {
  const rounded = Math.abs(Math.round(hours * 10) / 10);
  return rounded === 0 ? 'with UTC' : `${rounded} h ${hours > 0 ? 'ahead of' : 'behind'} UTC`;
};

/** The clock of the job and the sun over it, where they cannot both be right. */
function clockAgainstSun({ doc: { place }, timeZone, nowMs }: WeatherFactsToMind): string[] {
  if (!place) return [];
  const clock = zoneAhead(nowMs, timeZone) / MS_PER_HOUR;
  const sun = place.longitudeDeg / DEGREES_PER_HOUR;
  // A day is round: 12 h behind and 12 h ahead are the same noon.
  const apart = Math.abs(((((clock - sun + 12) % 24) + 24) % 24) - 12);
  if (apart <= COMMON.clockFromSun.value) return [];
  return [
    `The job’s clock (${timeZone}) is ${ahead(clock)}, but where it lies the sun is ${ahead(sun)}: the time zone or the place is wrong, and dusk and dew are told at wrong hours.`,
  ];
}

function fromElsewhere({ doc: { place }, series }: WeatherFactsToMind): string[] {
  if (!place) return [];
  const far = new Map<string, number>();
  for (const s of series) {
    // A year for the season may be of the nearest station that has one: its panel says how far that is.
    if (s.kind === 'climate') continue;
    const km = s.place ? distanceKm(s.place, place) : 0;
    if (km > COMMON.farWeather.value) far.set(s.source, Math.max(km, far.get(s.source) ?? 0));
  }
  return [...far].map(
    ([source, km]) =>
      `The hours of ${source} are of a place ${Math.round(km)} km from here: withdraw them, or put the place right.`,
  );
}

/** The most important first; empty where there is nothing to mind. */
export function weatherWarnings(facts: WeatherFactsToMind): string[] {
  const stale = staleHours(facts);
  return [
    ...clockAgainstSun(facts),
    ...fromElsewhere(facts),
    ...(stale === undefined
      ? []
      : [`The newest forecast is ${stale} h old: what it says of today may be wrong.`]),
    ...(facts.series.length > 0 && !facts.series.some((s) => s.kind === 'forecast')
      ? ['No forecast: nothing is known of the hours to come, and no window is told.']
      : []),
  ];
}
