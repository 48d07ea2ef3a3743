/** What a build-up asks for over the years. */
import { costs, sumOf, costOfLayer, type BuildUp } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';

export interface Upkeep {
  readonly years: number;
  /** Times that it is coated again. */
  readonly recoats: Figure;
  /** Times that it is renewed as a whole. */
  readonly renewals: Figure;
  readonly inspections: Figure;
  /** Material for recoats and renewals on a square metre. */
  readonly costPerM2: Figure;
}

/** Over how many years upkeep is compared. */
export const UPKEEP_YEARS = 30;

/**
 * Recoats and renewals within some years from new. A recoat that would fall on a renewal, or on the last day, is not
 * made.
 */
export function upkeepOver(buildUp: BuildUp, years = UPKEEP_YEARS): Upkeep | undefined {
  const { upkeep } = buildUp;
  if (!upkeep) return undefined;
  const span = given('years looked at', years, 'years', 'definition');
  const life = given('lasts', upkeep.lifeYears.value, 'years', upkeep.lifeYears.source);
  const perYear = given(
    'inspections a year',
    upkeep.inspectPerYear.value,
    'count',
    upkeep.inspectPerYear.source,
  );
  const renewals: Figure = {
    label: `Renewals in ${years} years`,
    value: Math.ceil(years / life.value) - 1,
    quantity: 'count',
    formula: 'ceil({years} / {life}) − 1',
    inputs: { years: span, life },
    from: 'renewed when its life is over, not on the last day',
  };
  const every =
    upkeep.recoatYears &&
    given('coated again every', upkeep.recoatYears.value, 'years', upkeep.recoatYears.source);
  const lastLife: Figure = {
    label: 'Years since the last renewal',
    value: years - renewals.value * life.value,
    quantity: 'years',
    formula: '{years} − {renewals} × {life}',
    inputs: { years: span, renewals, life },
    from: 'what is left after whole lives',
  };
  const recoats: Figure = every
    ? {
        label: `Recoats in ${years} years`,
        value:
          renewals.value * (Math.ceil(life.value / every.value) - 1) +
          Math.ceil(lastLife.value / every.value) -
          1,
        quantity: 'count',
        formula: '{renewals} × (ceil({life} / {every}) − 1) + ceil({last} / {every}) − 1',
        inputs: { renewals, life, every, last: lastLife },
        from: 'in each life, coated again at its interval until it is renewed',
      }
    : {
        label: `Recoats in ${years} years`,
        value: 0,
        quantity: 'count',
        formula: '0',
        inputs: {},
        from: 'not coated again: it is renewed',
      };
  const whole = costs(buildUp).perM2;
  const again = sumOf(
    'Layers laid again',
    'pricePerArea',
    buildUp.layers
      .filter((l) => upkeep.recoatLayers.includes(l.id))
      .flatMap((l) => {
        const cost = costOfLayer(l);
        return cost ? [cost] : [];
      }),
    'sum of the layers that a recoat lays',
  );
  return {
    years,
    recoats,
    renewals,
    inspections: {
      label: `Inspections in ${years} years`,
      value: years * perYear.value,
      quantity: 'count',
      formula: '{years} × {perYear}',
      inputs: { years: span, perYear },
      from: 'looked at every year',
    },
    costPerM2: {
      label: `Material for upkeep, ${years} years`,
      value: renewals.value * whole.value + recoats.value * again.value,
      quantity: 'pricePerArea',
      formula: '{renewals} × {whole} + {recoats} × {again}',
      inputs: { renewals, whole, recoats, again },
      from: 'at today’s prices; no labour',
    },
  };
}
