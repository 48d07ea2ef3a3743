/** Films, coverage and weight of a build-up, each with its working. */
import { type Figure, type Given } from '../figures/index.ts';
import { allOver, isCoat, isSheet, type Coat, type Layer } from './layers.ts';
import { cited, densityGiven, dryFilm, laidRate, massRate } from './rates.ts';
import type { BuildUp } from './schema.ts';

/** Litres in one container (or in a mass) of a coat. */
export const litresOf = (coat: Coat, basis: 'mass' | 'volume', amount: number): number =>
  inBasis(coat, amount, basis, 'volume');

/** An amount of a coat, kg or L, in another basis. */
export function inBasis(coat: Coat, amount: number, from: 'mass' | 'volume', to: 'mass' | 'volume'): number {
  if (from === to) return amount;
  return from === 'mass' ? amount / coat.densityKgPerL.value : amount * coat.densityKgPerL.value;
}

/** Square metres that an amount (kg or L) covers at the rate. */
export function areaCovered(
  coat: Coat,
  net: Figure | Given,
  basis: 'mass' | 'volume',
  label: string,
): Figure {
  const laid = laidRate(coat);
  const { rate } = laid;
  const head = { label, quantity: 'area', from: 'content over rate' } as const;
  if (basis === laid.basis) {
    return { ...head, value: net.value / rate.value, formula: '{net} / {rate}', inputs: { net, rate } };
  }
  const density = densityGiven(coat);
  return basis === 'mass'
    ? {
        ...head,
        value: net.value / density.value / rate.value,
        formula: '{net} / {density} / {rate}',
        inputs: { net, density, rate },
      }
    : {
        ...head,
        value: (net.value * density.value) / rate.value,
        formula: '{net} × {density} / {rate}',
        inputs: { net, density, rate },
      };
}

/** Sum of parts with its working; nothing adds up to nothing. */
export function sumOf(
  label: string,
  quantity: Figure['quantity'],
  parts: readonly (Figure | Given)[],
  from: string,
): Figure {
  return {
    label,
    value: parts.reduce((total, p) => total + p.value, 0),
    quantity,
    formula: parts.map((_, i) => `{part${i + 1}}`).join(' + ') || '0',
    inputs: Object.fromEntries(parts.map((p, i) => [`part${i + 1}`, p])),
    from,
  };
}

export interface BuildUpTotals {
  /** Dry film of the membrane coats, or thickness of the plies: what keeps the water out. */
  readonly membraneDry: Figure;
  /** Dry film of every coat. */
  readonly dry: Figure;
  /** Thickness of all that is laid, with sheets, broadcast and protection. */
  readonly thickness: Figure;
  /** Wet material, fabric, sheets and retained aggregate on a square metre. */
  readonly weight: Figure;
}

/** Whether a coat counts toward the membrane: wear coats and clear finishes over aggregate do not. */
const seals = (buildUp: BuildUp, coat: Coat): boolean =>
  coat.role === 'membrane' || (coat.role === 'finish' && buildUp.family === 'SILICONE');

/** What a layer weighs on a square metre as laid; pieces stand only around penetrations and count as nothing. */
export function weightOfLayer(layer: Layer): Figure | Given | undefined {
  switch (layer.kind) {
    case 'coat':
      return massRate(layer);
    case 'broadcast':
      return cited(`${layer.name}, retained`, layer.retainedKgPerM2, 'rateMass');
    case 'sheet':
    case 'protection':
      return cited(`${layer.name}, weight`, layer.weightKgPerM2, 'rateMass');
    case 'pieces':
      return undefined;
    case 'fabric': {
      const weight = cited(`${layer.name}, weight`, layer.weightGPerM2, 'weightPerArea');
      return {
        label: `${layer.name}, weight`,
        value: weight.value / 1000,
        quantity: 'rateMass',
        formula: '{weight} / 1000',
        inputs: { weight },
        from: '1 kg is 1000 g',
      };
    }
  }
}

/** How thick a layer is once dry, mm; undefined where it takes no room of its own (fabric, aggregate sunk in). */
export function thicknessOf(layer: Layer): Figure | Given | undefined {
  switch (layer.kind) {
    case 'coat':
      return dryFilm(layer);
    case 'sheet':
    case 'protection':
      return cited(`${layer.name}, thickness`, layer.thicknessMm, 'film');
    case 'broadcast':
      return layer.standsMm && cited(`${layer.name}, stands above its coat`, layer.standsMm, 'film');
    default:
      return undefined;
  }
}

const present = <T>(value: T | undefined): T[] => (value === undefined ? [] : [value]);

/** Sums over the layers of a resolved build-up that go all over it. */
export function totals(buildUp: BuildUp): BuildUpTotals {
  const layers = buildUp.layers.filter(allOver);
  const coats = layers.filter(isCoat);
  const plies = layers.filter(isSheet).map((s) => cited(`${s.name}, thickness`, s.thicknessMm, 'film'));
  return {
    membraneDry: sumOf(
      'Membrane, dry',
      'film',
      [...coats.filter((c) => seals(buildUp, c)).map(dryFilm), ...plies],
      'sum of the membrane coats and plies',
    ),
    dry: sumOf('All coats, dry film', 'film', coats.map(dryFilm), 'sum of the coats'),
    thickness: sumOf(
      'Thickness, dry',
      'film',
      layers.flatMap((l) => present(thicknessOf(l))),
      'sum of the layers that go all over',
    ),
    weight: sumOf(
      'Weight laid',
      'rateMass',
      layers.flatMap((l) => present(weightOfLayer(l))),
      'sum of the layers that go all over, wet',
    ),
  };
}

/** Weight of a build-up on an area, wet, before anything dries. */
export const weightOn = (weight: Figure, area: Figure): Figure => ({
  label: 'Weight on the zone',
  value: weight.value * area.value,
  quantity: 'mass',
  formula: '{weight} × {area}',
  inputs: { weight, area },
  from: 'weight laid times area; wet, before it dries',
});

/** What a coat takes on an area at its rate: kg or L, by the basis of the rate. */
export function amountFor(coat: Coat, area: Figure): Figure {
  const { basis, rate } = laidRate(coat);
  return {
    label: `${coat.name}, net`,
    value: rate.value * area.value,
    quantity: basis === 'mass' ? 'mass' : 'volume',
    formula: '{rate} × {area}',
    inputs: { rate, area },
    from: 'coverage rate times area',
  };
}
