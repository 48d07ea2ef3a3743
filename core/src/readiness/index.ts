export { FIXED_ITEMS, inspectionFor } from './inspection.ts';
export { familiesVerdicts } from './families.ts';
export { familiesFor, readiness, readinessVerdict, type ReadinessInput } from './judge.ts';
export type {
  Fillet,
  InspectionItem,
  NextLayer,
  PrepStep,
  Primer,
  Readiness,
  Reason,
  StepKey,
  Weight,
} from './types.ts';
export { STEP_KEYS } from './types.ts';
export { oldRoof, type OldRoof, type Removed } from './removed.ts';
