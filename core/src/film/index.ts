export {
  ACCEPTANCE_RULES,
  judgeReadings,
  spots,
  type Acceptance,
  type AcceptanceOutcome,
  type AcceptanceReason,
  type AcceptanceRule,
} from './acceptance.ts';
export {
  dryFigure,
  dryFromWet,
  filmFromConsumption,
  filmFromRate,
  missingLitres,
  mixedVolumeL,
  wetFromDry,
  wetFromMassRate,
  wetFromVolumeRate,
} from './coverage.ts';
export {
  filmFromReadings,
  GAUGE_IDS,
  GAUGES,
  meanOf,
  middleMm,
  readingFromTooth,
  teethOf,
  type FilmFromReadings,
  type GaugeId,
  type Reading,
} from './gauge.ts';
