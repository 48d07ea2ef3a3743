/**
 * How long preparation takes, for one person: outputs by step, typical and of our own.
 */
import type { Broadcast } from '../buildup/index.ts';
import type { PrepStep, StepKey } from '../readiness/index.ts';
import type { ProgrammeDoc } from './schema.ts';

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

/** Steps that are heard far. */
export const LOUD: readonly StepKey[] = ['strip', 'cut-wet', 'cut-cracks', 'grind', 'profile', 'rust'];

/** Minutes of one person for a step on a share of its zone; those of the programme go before the usual ones. */
export function stepMinutes(
  { key, quantity }: PrepStep,
  share: number,
  own: ProgrammeDoc['times']['stepMin'] = {},
): number {
  if (WAITS.includes(key)) return 0;
  return (own[key]?.value ?? STEP_MIN_EACH[key] ?? 0) * (quantity?.value ?? 1) * share;
}

/** Minutes of one person to rinse a square metre of film. */
export const rinseMinPerM2 = (own: ProgrammeDoc['times']['stepMin'] = {}): number =>
  own.rewash?.value ?? STEP_MIN_EACH.rewash ?? 0;

/** Minutes of one person for a square metre that is thrown over. Common practice, no source. */
export const THROW_MIN_PER_M2: Readonly<Record<Broadcast['method'], number>> = {
  light: 0.2,
  'at a rate': 0.4,
  'to refusal': 0.6,
};
/** To sweep off what is loose, and to rub down fibres, for a square metre. Common practice, no source. */
export const SWEEP_MIN_PER_M2 = 0.5;
export const FIBRES_MIN_PER_M2 = 1;

/** To plug, fill and look after it; and to read it and let it off: minutes of one person. Common practice, no source. */
export const FLOOD_FILL_MIN = 120;
export const FLOOD_READ_MIN = 60;
