/**
 * How long preparation takes, for one person: outputs by step, typical and of our own.
 */
import type { PrepStep, StepKey } from '../readiness/index.ts';

/** Minutes of one person for one unit of the step's own quantity: m², m, kg, litre or piece. Common practice, no source. */
export const STEP_MIN_EACH: Readonly<Partial<Record<StepKey, number>>> = {
  strip: 4,
  'cut-wet': 30,
  outlets: 60,
  blisters: 20,
  splits: 8,
  'renew-fasteners': 1,
  'cut-cracks': 6,
  grind: 3,
  profile: 3,
  rust: 4,
  degrease: 2,
  broom: 0.4,
  wash: 1.2,
  spalls: 3,
  voids: 3,
  'fill-cracks': 20,
  level: 2,
  fillets: 4,
  fibres: 1,
  rewash: 1,
  growth: 1,
};

/** Steps that are a wait, and no work. */
export const WAITS: readonly StepKey[] = ['dry', 'dry-again'];

/** Minutes of one person for a step on a share of its zone. */
export function stepMinutes({ key, quantity }: PrepStep, share: number): number {
  if (WAITS.includes(key)) return 0;
  return (STEP_MIN_EACH[key] ?? 0) * (quantity?.value ?? 1) * share;
}
