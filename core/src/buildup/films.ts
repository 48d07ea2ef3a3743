/** Films, coverage and weight of a build-up, each with its working. */
import { dryFigure, filmFromRate } from '../film/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { isCoat, type BuildUp, type Coat, type Container } from './schema.ts';

export const rateGiven = (coat: Coat): Given =>
  given(
    `${coat.name}, rate`,
    coat.rate.value,
    coat.rate.basis === 'mass' ? 'rateMass' : 'rateVolume',
    coat.rate.source,
  );

export const densityGiven = (coat: Coat): Given =>
  given(`${coat.name}, density`, coat.densityKgPerL.value, 'density', coat.densityKgPerL.source);

/** Wet film that the rate gives. */
export function wetFilm(coat: Coat): Figure {
  const figure = filmFromRate(rateGiven(coat), coat.rate.basis, densityGiven(coat));
  if (!figure) throw new Error('a coat always has a density');
  return { ...figure, label: `${coat.name}, wet film` };
}

/** Dry film that stays of it. */
export function dryFilm(coat: Coat): Figure {
  const solids = given(
    `${coat.name}, volume solids`,
    coat.volumeSolids.value,
    'fraction',
    coat.volumeSolids.source,
  );
  return { ...dryFigure(wetFilm(coat), solids), label: `${coat.name}, dry film` };
}

/** Mass of wet material on a square metre. */
export function massRate(coat: Coat): Figure {
  const rate = rateGiven(coat);
  const head = { label: `${coat.name}, mass laid`, quantity: 'rateMass' } as const;
  return coat.rate.basis === 'mass'
    ? { ...head, value: rate.value, formula: '{rate}', inputs: { rate }, from: 'the rate itself' }
    : {
        ...head,
        value: rate.value * coat.densityKgPerL.value,
        formula: '{rate} × {density}',
        inputs: { rate, density: densityGiven(coat) },
        from: 'volume times density is mass',
      };
}

/** Litres in one container (or in a mass) of a coat. */
export const litresOf = (coat: Coat, basis: 'mass' | 'volume', amount: number): number =>
  basis === 'volume' ? amount : amount / coat.densityKgPerL.value;

/** Square metres that one container covers at the rate. */
export function areaPerContainer(coat: Coat, container: Container): Figure {
  const net = given(
    container.name,
    container.net,
    container.basis === 'mass' ? 'mass' : 'volume',
    'data sheet',
    'as on the label',
  );
  return areaCovered(coat, net, container.basis, `One ${container.name} covers`);
}

/** Square metres that an amount (kg or L) covers at the rate. */
export function areaCovered(coat: Coat, net: Given, basis: 'mass' | 'volume', label: string): Figure {
  const rate = rateGiven(coat);
  const head = { label, quantity: 'area', from: 'content over rate' } as const;
  if (basis === coat.rate.basis) {
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

export interface BuildUpTotals {
  /** Dry film of the membrane coats: what keeps the water out. */
  readonly membraneDry: Figure;
  /** Dry film of every coat. */
  readonly dry: Figure;
  /** Wet material, fabric and retained aggregate on a square metre. */
  readonly weight: Figure;
}

function sum(
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

/** Whether a coat counts toward the membrane: wear coats and clear finishes over aggregate do not. */
const seals = (buildUp: BuildUp, coat: Coat): boolean =>
  coat.role === 'membrane' || (coat.role === 'finish' && buildUp.family === 'SILICONE');

export function totals(buildUp: BuildUp): BuildUpTotals {
  const coats = buildUp.layers.filter(isCoat);
  const weights = buildUp.layers.map((layer): Figure | Given => {
    if (layer.kind === 'coat') return massRate(layer);
    if (layer.kind === 'broadcast') {
      return given(
        `${layer.name}, retained`,
        layer.retainedKgPerM2.value,
        'rateMass',
        layer.retainedKgPerM2.source,
      );
    }
    const weight = given(
      `${layer.name}, weight`,
      layer.weightGPerM2.value,
      'weightPerArea',
      layer.weightGPerM2.source,
    );
    return {
      label: `${layer.name}, weight`,
      value: weight.value / 1000,
      quantity: 'rateMass',
      formula: '{weight} / 1000',
      inputs: { weight },
      from: '1 kg is 1000 g',
    };
  });
  return {
    membraneDry: sum(
      'Membrane, dry film',
      'film',
      coats.filter((c) => seals(buildUp, c)).map(dryFilm),
      'sum of the membrane coats',
    ),
    dry: sum('All coats, dry film', 'film', coats.map(dryFilm), 'sum of the coats'),
    weight: sum('Weight laid', 'rateMass', weights, 'sum of the layers, wet'),
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
  const rate = rateGiven(coat);
  return {
    label: `${coat.name}, net`,
    value: rate.value * area.value,
    quantity: coat.rate.basis === 'mass' ? 'mass' : 'volume',
    formula: '{rate} × {area}',
    inputs: { rate, area },
    from: 'coverage rate times area',
  };
}

/** How many of a build-up's numbers come from where. */
export function sourceCounts(buildUp: BuildUp): { readonly typical: number; readonly total: number } {
  let typical = 0;
  let total = 0;
  const visit = (node: unknown): void => {
    if (node === null || typeof node !== 'object') return;
    const source = (node as { source?: unknown }).source;
    if (typeof source === 'string') {
      total += 1;
      if (source === 'typical') typical += 1;
      return;
    }
    for (const child of Object.values(node)) visit(child);
  };
  visit(buildUp);
  return { typical, total };
}
