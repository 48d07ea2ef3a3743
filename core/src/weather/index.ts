export {
  AIR_RANGE,
  checkAir,
  dewMarginFigure,
  dewPoint,
  dewPointFigure,
  dewPointOf,
  humidityFromDew,
  MAGNUS,
  saturationHPa,
  vapourHPa,
  wetBulb,
} from './humidair.ts';
export {
  clearSkyWPerM2,
  HORIZON_DEG,
  isNight,
  sunOnLevelWPerM2,
  sunPosition,
  throughCloud,
  type Place,
  type SunPosition,
} from './sun.ts';
export { distanceKm, placeSchema } from './place.ts';
export {
  balance,
  convection,
  dryingMmPerH,
  nextHour,
  skyEmissivity,
  STEFAN_BOLTZMANN,
  type SkyHour,
  type SurfaceKind,
  type SurfaceState,
} from './surface.ts';
export {
  COLUMN_KEYS,
  COLUMNS,
  columnsSchema,
  fullHour,
  MOST_HOURS,
  weatherSeriesSchema,
  type Column,
  type Columns,
  type WeatherSeries,
} from './series.ts';
export { at, hourFloor, hourOf, keptSeries, msOf, sunOver, timelineOf, type Timeline } from './timeline.ts';
export {
  BIAS_FADES_H,
  climateSteps,
  roofClimate,
  warmedBetween,
  wetnessOf,
  type RoofClimate,
  type SurfaceReading,
} from './roofclimate.ts';
export { surfaceFigure, wetnessFigure, type Said } from './surfacefigures.ts';
export { middleOf, MILD_COAST, SimulatedWeather, type Climate, type View } from './simulated.ts';
export { climateOf, DEFAULT_WEATHER, SERVICES, weatherDocSchema, type WeatherDoc } from './doc.ts';
export { readHours, readRows, tableColumnName, type ReadHours } from './readhours.ts';
export { guessMap, TABLE_UNITS, type TableColumn, type TableMap } from './tablemap.ts';
export { readClock, type DayOrder } from './tableclock.ts';
export { readEpw, type EpwFile } from './readepw.ts';
export { carriedOn, knownTo, seasonIn, type CarriedTerms } from './carriedon.ts';
export {
  clockText,
  dayAndMonth,
  fullTime,
  instantsOf,
  utcOffset,
  weekdayOf,
  zoneAhead,
} from './localtime.ts';
