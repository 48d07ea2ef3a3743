export {
  adviceOf,
  brokenIn,
  GATE_GROUPS,
  stands,
  unknownIn,
  type Advice,
  type Gate,
  type GateGroup,
  type Settle,
  type TakenOver,
} from './gate.ts';
export { gatesOf, liesOpenSince, type GateTerms } from './gates.ts';
export { groundTerms } from './ground.ts';
export { comesAfterDetails, detailsOn, detailsToMake } from './details.ts';
export { stepsBefore } from './preparation.ts';
export { missKey } from './missed.ts';
export { floodLoad, openingGates, type OpenedTo } from './openings.ts';
export { isFresh, isFreshForMix, WeatherGates } from './weather.ts';
