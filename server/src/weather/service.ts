/**
 * Who can be asked for the weather. A real service stands behind the same interface as the one that ships, which makes
 * its weather up and says so.
 */
import { climateOf, SimulatedWeather, type Columns, type WeatherDoc } from '@lentum/core/weather';

interface Forecast {
  readonly columns: Columns;
  readonly members: readonly Columns[];
}

export interface WeatherService {
  readonly name: string;
  readonly simulated: boolean;
  /** Hours that have been, from a full hour on. */
  observed(fromMs: number, hours: number): Promise<Columns>;
  /** Hours from the one in which it is issued on. */
  forecast(issuedMs: number, fromMs: number, hours: number, members: number): Promise<Forecast>;
}

/** The name under which the stand-in that ships tells its weather. */
export const STAND_IN = 'Weather service (simulated)';

/** @returns undefined where the job asks for none, or does not say where it lies */
export function serviceOf(doc: WeatherDoc): WeatherService | undefined {
  const climate = climateOf(doc);
  if (!climate) return undefined;
  const weather = new SimulatedWeather(climate);
  return {
    name: STAND_IN,
    simulated: true,
    observed: (fromMs, hours) => Promise.resolve(weather.columns(fromMs, hours)),
    forecast: (issuedMs, fromMs, hours, members) => {
      const made = weather.forecast(issuedMs, fromMs, hours, members);
      // The sun follows from the clouds: it is not sent for every member.
      const slim = made.members.map(({ sunWPerM2: _sun, gustMPerS: _gust, ...rest }) => rest);
      return Promise.resolve({ columns: made.columns, members: slim });
    },
  };
}
