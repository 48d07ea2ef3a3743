/** What a missed limit costs: the steps to do, and what each of them takes on a bay. */
import {
  amountFor,
  cited,
  isCoat,
  whenMissed,
  type BuildUp,
  type Coat,
  type Missable,
  type RemedyStep,
} from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { workArea, type Bay } from '../site/index.ts';
import type { Zone } from '../survey/index.ts';

interface Taken {
  readonly name: string;
  readonly amount: Figure;
}

export interface Remedy {
  readonly says: string;
  readonly steps: readonly RemedyStep[];
  /** What the steps take, of the coats that they lay again and of products of their own. */
  readonly takes: readonly Taken[];
}

function takenBy(step: RemedyStep, buildUp: BuildUp, area: Figure): Taken | undefined {
  const part = step.part ? cited('part of the bay', step.part, 'number') : undefined;
  const mended: Figure = part
    ? {
        label: 'Area to mend',
        value: area.value * part.value,
        quantity: 'area',
        formula: '{area} × {part}',
        inputs: { area, part },
        from: 'as much of the bay as the step takes',
      }
    : area;
  const coat = buildUp.layers.filter(isCoat).find((c) => c.id === step.layerId);
  if (coat) return { name: coat.name, amount: amountFor(coat, mended) };
  if (step.product === undefined || !step.rate) return undefined;
  const mass = step.rate.basis === 'mass';
  const rate = given('rate', step.rate.value, mass ? 'rateMass' : 'rateVolume', step.rate.source);
  return {
    name: step.product,
    amount: {
      label: step.product,
      value: mended.value * rate.value,
      quantity: mass ? 'mass' : 'volume',
      formula: '{area} × {rate}',
      inputs: { area: mended, rate },
      from: 'area by rate',
    },
  };
}

/**
 * What to do about a missed limit of a coat on a bay, and what it takes.
 * @param zone absent: a coat that keeps to edges or rust is calculated over the whole bay
 */
export function remedyFor(
  buildUp: BuildUp,
  missed: Coat,
  bay: Bay,
  limit: Missable = 'overcoatUntil',
  zone?: Zone,
): Remedy {
  const { says, steps } = whenMissed(missed, limit);
  const area = workArea(bay, missed, { zone, buildUp });
  return { says, steps, takes: steps.flatMap((s) => takenBy(s, buildUp, area) ?? []) };
}
