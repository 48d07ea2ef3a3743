export { lainHours, overcoatedAmiss, type Overcoated } from './between.ts';
export {
  CALL_KINDS,
  callOf,
  inOrderOfCost,
  type Call,
  type CallKind,
  type GatesFor,
  type WindowsOf,
} from './call.ts';
export {
  jobWeather,
  readingsOn,
  SPAN_DAYS,
  topOf,
  type JobWeather,
  type Shade,
  type WeatherFacts,
} from './jobweather.ts';
export { remedyFor, type Remedy } from './remedy.ts';
