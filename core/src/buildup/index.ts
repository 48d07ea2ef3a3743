export { catalogue, shippedPocket } from './catalogue/index.ts';
export { CHEMISTRIES, CHEMISTRY_TRAITS, POLYURETHANES, type Chemistry } from './chemistry.ts';
export {
  limitsSchema,
  MISSABLE,
  safeEnd,
  STAGES,
  type Cure,
  type CureTable,
  type Limits,
  type Missable,
  type Stage,
} from './conditions.ts';
export {
  amountFor,
  areaCovered,
  inBasis,
  litresOf,
  sumOf,
  thicknessOf,
  totals,
  weightOfLayer,
  weightOn,
  type BuildUpTotals,
} from './films.ts';
export {
  BONDING,
  COAT_ROLES,
  inField,
  isCoat,
  isDetailCoat,
  isFieldCoat,
  isSheet,
  isWorkLayer,
  layerSchema,
  OFFSETS,
  type Broadcast,
  type Coat,
  type CoatRole,
  type Fabric,
  type Fasteners,
  type Layer,
  type LayerKind,
  type Pieces,
  type Protection,
  type Sheet,
  type WorkLayer,
} from './layers.ts';
export {
  apartCost,
  areaPerContainer,
  boughtApart,
  mixedFrom,
  mixedLitres,
  shareHeld,
  shareOfPart,
  type ApartPart,
} from './apart.ts';
export { batchDensity, batchOf, catalystAt, thickenerAt, type Batch, type MixedPart } from './mix.ts';
export { notchFilm, notchOf } from './notch.ts';
export {
  CLEANERS,
  HAZARDS,
  RATE_BASES,
  RATE_CONDITIONS,
  ZONE_CONDITIONS,
  type Container,
  type Hazard,
  type Rate,
  type RateCondition,
  type ZoneCondition,
} from './numbers.ts';
export {
  cited,
  coatUnder,
  coatWhen,
  densityGiven,
  dryFilm,
  laidRate,
  filmRangeOf,
  leastOf,
  mostOf,
  owedFilm,
  type FilmRange,
  type MostFilm,
  massRate,
  rateAs,
  rateSet,
  solidsOf,
  variantOf,
  volumeRate,
  wetFilm,
  type LaidRate,
} from './rates.ts';
export {
  buildUpDocSchema,
  buildUpSchema,
  EMPTY_BUILD_UPS,
  PAPER_KINDS,
  paperSchema,
  type BuildUp,
  type BuildUpDoc,
  type Choice,
  type Paper,
  type ZoneBuildUp,
} from './schema.ts';
export { papersOf, sourceCounts, withoutPaper, type SourceCounts } from './sources.ts';
export { buildUpDocProblems, buildUpProblems } from './validate.ts';
export {
  buildUpOfZone,
  ZoneBuildUps,
  findBuildUp,
  isTaken,
  optionOf,
  resolve,
  firstPrimer,
  termsOfZone,
  waysToLay,
  type Terms,
} from './zone.ts';
export { COMPAT_RULES, type CompatRule } from './compat.ts';
export { buildUpFindings, type Finding, type Ground } from './findings.ts';
export { USUAL_MEMBRANE_MM } from './ranges.ts';
export { costOfLayer, costs, type Costs } from './costs.ts';
export { BLOCKS, blankBuildUp, blankHot, blankLayer } from './blank.ts';
export { isAsked } from './asked.ts';
export {
  FIELD_GROUPS,
  FIELDS,
  MISSED_NAMES,
  setAt,
  STAGE_NAMES,
  valueAt,
  type Field,
  type FieldGroup,
} from './fields.ts';
export { whenMissed, type WhenMissed } from './practice.ts';
export { REMEDY_DOES, stepsText, type Remedies, type RemedyStep } from './remedies.ts';
export {
  DIRECTIONS,
  NOTCH_SHAPES,
  PART_KINDS,
  toolSchema,
  type Kettle,
  type Tool,
  type ToolKind,
} from './mixing.ts';
export { freshLayerId, insertInOrder, insertLayer, moveLayer, nudgeLayer, removeLayer } from './arrange.ts';
export { fabricFills } from './fabricfindings.ts';
export { rolledSize, type Rolled } from './rolls.ts';
export { DETAIL_KINDS, DETAILS, detailFacts, type DetailKind } from './detailkinds.ts';
export {
  cutsPieces,
  DETAIL_FORMS,
  fits,
  FORM_WORDS,
  ownWayOf,
  pastOf,
  stripeOf,
  timesLaid,
  type DetailForm,
  type DetailWay,
  type OwnWay,
} from './detailways.ts';
export {
  DETAIL_RULE_FIELDS,
  detailRulesOf,
  TYPICAL_SUNDRIES,
  detailRulesSchema,
  DOUBLED,
  SUNDRIES,
  SUNDRY_KEYS,
  typicalDetails,
  type DetailRules,
  type Sundry,
  type SundryKey,
} from './detailrules.ts';
export { bridgedCrack } from './stretch.ts';
