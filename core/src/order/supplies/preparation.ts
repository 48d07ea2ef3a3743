/** What the preparation of a zone takes: wash, cleaner, mortar, filler, primer on bared metal. */
import { cited, isCoat, type BuildUp } from '../../buildup/index.ts';
import type { Figure } from '../../figures/index.ts';
import type { Problem } from '../../problems/index.ts';
import type { PrepStep, StepKey } from '../../readiness/index.ts';
import type { Zone } from '../../survey/index.ts';
import type { Part } from '../parts.ts';
import { itemOfSupply, SUPPLIES, type SupplyKey } from './kinds.ts';
import type { SupplyRates } from './rates.ts';

/** What a step takes, and for how much of it. */
interface Takes {
  readonly supply: SupplyKey;
  /** Quantity of the step that it goes by; a step that was not measured is asked about. */
  readonly amount: (step: Figure, rates: SupplyRates, buildUp: BuildUp, zone: Zone) => Figure;
}

const times = (
  supply: SupplyKey,
  rate: (rates: SupplyRates, zone: Zone) => ReturnType<typeof cited>,
  from: string,
): Takes => ({
  supply,
  amount: (step, rates, _, zone) => {
    const each = rate(rates, zone);
    return {
      label: step.label,
      value: step.value * each.value,
      quantity: SUPPLIES[supply].quantity,
      formula: '{step} × {each}',
      inputs: { step, each },
      from,
    };
  },
});

/** Litres of a hollow as mass of what fills it, with what is lost. */
const hollow = (supply: SupplyKey, density: 'repairMortarKgPerL' | 'fillerKgPerL'): Takes => ({
  supply,
  amount: (step, rates) => {
    const each = cited('density', rates[density], 'density');
    const more = cited('lost on trowel and bucket', rates.mortarMorePct, 'percent');
    return {
      label: step.label,
      value: step.value * each.value * (1 + more.value / 100),
      quantity: 'mass',
      formula: '{step} × {density} × (1 + {more} / 100)',
      inputs: { step, density: each, more },
      from: 'volume of the hollows by density',
    };
  },
});

const TAKES: Partial<Record<StepKey, Takes>> = {
  wash: times('wash', (r) => cited('concentrate', r.washLPerM2, 'rateVolume'), 'area by what a m² takes'),
  degrease: times(
    'degreaser',
    (r) => cited('degreaser', r.degreaserLPerM2, 'rateVolume'),
    'area by what a m² takes',
  ),
  spalls: hollow('repair mortar', 'repairMortarKgPerL'),
  voids: hollow('fine filler', 'fillerKgPerL'),
  level: times(
    'levelling mix',
    (_, zone) => cited('density of the mix', { value: zone.levels.mixKgPerL, source: 'chosen' }, 'density'),
    'volume by density',
  ),
  'renew-fasteners': {
    supply: 'screws',
    amount: (step) => ({ ...step, quantity: 'count' }),
  },
};

/** Primer on metal that rust was taken off, where the build-up has no coat of its own for it. */
function onRust(step: PrepStep, buildUp: BuildUp): Takes | undefined {
  if (step.key !== 'rust' || buildUp.layers.some((l) => isCoat(l) && l.treats === 'rust')) return undefined;
  return {
    supply: 'rust primer',
    amount: (area) => {
      const rate = cited('primer on metal', RUST_PRIMER, 'rateMass');
      return {
        label: area.label,
        value: area.value * rate.value,
        quantity: 'mass',
        formula: '{area} × {rate}',
        inputs: { area, rate },
        from: 'area that was bared, primed the same day',
      };
    },
  };
}
const RUST_PRIMER = { value: 0.12, source: 'typical' } as const;

export interface Prepared {
  readonly parts: Part[];
  /** Steps that take something, and that nobody has measured. */
  readonly unmeasured: Problem[];
}

export function preparationParts(
  zone: Zone,
  buildUp: BuildUp,
  steps: readonly PrepStep[],
  rates: SupplyRates,
): Prepared {
  const parts: Part[] = [];
  const unmeasured: Problem[] = [];
  for (const step of steps) {
    const takes = TAKES[step.key] ?? onRust(step, buildUp);
    if (!takes) continue;
    if (!step.quantity) {
      unmeasured.push({
        kind: 'missing',
        field: 'findings',
        label: `${zone.name}, ${step.what.toLowerCase()}`,
        actual: '',
        expected: `how much of it there is, in the inspection: no ${SUPPLIES[takes.supply].name.toLowerCase()} is ordered for it until then`,
      });
      continue;
    }
    const amount = takes.amount(step.quantity, rates, buildUp, zone);
    if (amount.value <= 0) continue;
    parts.push({
      item: itemOfSupply(takes.supply, buildUp.currency),
      layer: undefined,
      buildUp,
      zoneId: zone.id,
      zoneName: zone.name,
      of: 'preparation',
      sprayed: false,
      amount,
    });
  }
  return { parts, unmeasured };
}
