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
export { dryFilms, shimOff, type DryFilms, type DryReadings, type Shim } from './dryfilm.ts';
export {
  GAUGE_FILE_UNITS,
  gaugeFileKey,
  guessGaugeColumns,
  headRow,
  readGaugeFile,
  type GaugeBatch,
  type GaugeColumns,
  type GaugeFileUnit,
} from './gaugefile.ts';
export {
  filmFromReadings,
  GAUGE_IDS,
  GAUGES,
  isProbe,
  meanOf,
  middleMm,
  readingFromTooth,
  teethOf,
  type FilmFromReadings,
  type GaugeId,
  type Reading,
} from './gauge.ts';
export {
  binomialCdf,
  meanAtLeast,
  MOST_READINGS,
  normalCdf,
  planFromReadings,
  readingsForShare,
  SAMPLING,
  samplingPlan,
  studentCdf,
  studentQuantile,
  type SamplingPlan,
} from './sampling.ts';
