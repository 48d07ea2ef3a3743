/** Sources that answer over HTTP: addresses with place and hours in them, and answers of any make matched to our columns. */
export {
  addressProblem,
  FILLINGS,
  filledAddress,
  hostOf,
  hostProblem,
  isStandIn,
  STAND_IN_SCHEME,
  type Asked,
} from './address.ts';
export { guessAnswerMap, likelyTable } from './guess.ts';
export { readAnswer, readMoment, type ReadAnswer, type ReadMoment } from './read.ts';
export {
  ANSWER_UNITS,
  answerMapSchema,
  JOB_ZONE,
  SOURCE_KINDS,
  sourceAskedSchema,
  USUAL_MINUTES,
  weatherSourceSchema,
  type AnswerColumn,
  type AnswerMap,
  type SourceKind,
  type WeatherSource,
} from './schema.ts';
export { headingsOf, tablesOf, type AnswerTable, type Heading } from './tables.ts';
