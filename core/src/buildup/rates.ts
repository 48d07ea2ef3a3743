/**
 * All forms of a rate follow from one: kg/m², L/m², wet film, dry film. One litre on a square metre is one
 * millimetre, by definition of the litre; the rest is density and solids.
 */
import { dryFigure, filmFromRate } from '../film/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { TOLERANCE, rateQuantity, type RateBasis } from '../units/index.ts';
import { CHEMISTRY_TRAITS } from './chemistry.ts';
import type { Coat } from './layers.ts';
import type { RateCondition, RateVariant } from './numbers.ts';

/** A given number that keeps its citation. */
export const cited = (
  label: string,
  number: { readonly value: number; readonly source: Given['source']; readonly cites?: string | undefined },
  quantity: Given['quantity'],
  note?: string,
): Given => ({
  ...given(label, number.value, quantity, number.source, note),
  ...(number.cites === undefined ? {} : { cites: number.cites }),
});

export const densityGiven = (coat: Coat): Given =>
  cited(`${coat.name}, density`, coat.densityKgPerL, 'density');

/**
 * Volume solids, 0 to 1: as given, or from mass solids w by VS = 1 − ρ (1 − w) / ρ of what leaves. Volumes are taken
 * to add up (common practice). Held at a thousandth where the figures contradict each other; `solidsFindings` says so.
 */
export function solidsOf(coat: Coat): Figure | Given {
  if (coat.volumeSolids) return cited(`${coat.name}, volume solids`, coat.volumeSolids, 'fraction');
  const mass = cited(
    `${coat.name}, mass solids`,
    coat.massSolids ?? { value: 1, source: 'assumed' },
    'fraction',
  );
  const volatile = cited(
    `${coat.name}, density of what leaves`,
    coat.volatileKgPerL ?? { value: 1, source: 'assumed' },
    'density',
  );
  const density = densityGiven(coat);
  const least = given('least that is calculated with', TOLERANCE.leastSolids, 'fraction', 'assumed');
  return {
    label: `${coat.name}, volume solids`,
    value: Math.max(least.value, 1 - (density.value * (1 - mass.value)) / volatile.value),
    quantity: 'fraction',
    formula: 'max({least}, 1 − {density} × (1 − {mass}) / {volatile})',
    inputs: { least, density, mass, volatile },
    from: 'what leaves, by mass, over its density is the volume that is lost; volumes taken to add up',
  };
}

const asGiven = (coat: Coat): Given =>
  cited(`${coat.name}, rate`, coat.rate, rateQuantity(coat.rate.basis), coat.because);

export interface LaidRate {
  readonly basis: 'mass' | 'volume';
  readonly rate: Figure | Given;
}

/** The rate as something to weigh or to pour: kg/m² or L/m². Films are turned into litres. */
export function laidRate(coat: Coat): LaidRate {
  const rate = asGiven(coat);
  switch (coat.rate.basis) {
    case 'mass':
      return { basis: 'mass', rate };
    case 'volume':
      return { basis: 'volume', rate };
    case 'wetFilm':
      return {
        basis: 'volume',
        rate: {
          label: `${coat.name}, rate`,
          value: rate.value,
          quantity: 'rateVolume',
          formula: '{film}',
          inputs: { film: rate },
          from: '1 mm is 1 L on 1 m², by definition of the litre',
        },
      };
    case 'dryFilm': {
      const solids = solidsOf(coat);
      return {
        basis: 'volume',
        rate: {
          label: `${coat.name}, rate`,
          value: rate.value / solids.value,
          quantity: 'rateVolume',
          formula: '{film} / {solids}',
          inputs: { film: rate, solids },
          from: 'dry film over volume solids is wet film; 1 mm is 1 L on 1 m²',
        },
      };
    }
  }
}

/** Wet film that the rate gives, mm. */
export function wetFilm(coat: Coat): Figure {
  const label = `${coat.name}, wet film`;
  const { basis, rate } = laidRate(coat);
  return { ...filmFromRate(rate, basis, densityGiven(coat)), label };
}

/** Dry film that stays of it, mm. */
export const dryFilm = (coat: Coat): Figure => ({
  ...dryFigure(wetFilm(coat), solidsOf(coat)),
  label: `${coat.name}, dry film`,
});

/** The rate in another of its forms; a round trip comes back within the bits of a double. */
export function rateAs(coat: Coat, basis: RateBasis): Figure | Given {
  if (basis === coat.rate.basis) return asGiven(coat);
  if (basis === 'wetFilm') return wetFilm(coat);
  if (basis === 'dryFilm') return dryFilm(coat);
  return basis === 'mass' ? massRate(coat) : volumeRate(coat);
}

/** Litres on a square metre. */
export const volumeRate = (coat: Coat): Figure => ({
  ...wetFilm(coat),
  label: `${coat.name}, volume laid`,
  quantity: 'rateVolume',
});

/** Mass of wet material on a square metre. */
export function massRate(coat: Coat): Figure {
  const { basis, rate } = laidRate(coat);
  const head = { label: `${coat.name}, mass laid`, quantity: 'rateMass' } as const;
  return basis === 'mass'
    ? { ...head, value: rate.value, formula: '{rate}', inputs: { rate }, from: 'the rate itself' }
    : {
        ...head,
        value: rate.value * coat.densityKgPerL.value,
        formula: '{rate} × {density}',
        inputs: { rate, density: densityGiven(coat) },
        from: 'volume times density is mass',
      };
}

export const variantOf = (coat: Coat, when: RateCondition): RateVariant | undefined =>
  coat.rate.variants?.find((v) => v.when === when);

/** The coat with another number for its rate, in the same form. */
const withRate = (
  coat: Coat,
  number: { value: number } & Partial<Pick<Sourced, 'source' | 'cites'>>,
): Coat => ({
  ...coat,
  rate: { ...coat.rate, ...number },
});

/** A bound of a rate in another form of it. */
const boundAs = <T extends { value: number } | undefined>(coat: Coat, bound: T, basis: RateBasis): T =>
  bound && { ...bound, value: rateAs(withRate(coat, bound), basis).value };

/** Its least and its most stay what they are, said in another form of the rate. */
const boundsAs = (coat: Coat, basis: RateBasis): Pick<Coat['rate'], 'least' | 'most'> => ({
  ...(coat.rate.least ? { least: boundAs(coat, coat.rate.least, basis) } : {}),
  ...(coat.rate.most ? { most: boundAs(coat, coat.rate.most, basis) } : {}),
});

/** The rate of a coat set anew, in whatever form: its least, its most and its other rates stay as they are. */
export function rateSet(
  coat: Coat,
  rate: Pick<Coat['rate'], 'basis' | 'value' | 'source' | 'cites' | 'range'>,
): Coat['rate'] {
  const { cites: _old, range: _range, ...rest } = coat.rate;
  return { ...rest, ...rate, ...boundsAs(coat, rate.basis) };
}

/** The coat with the rate of one condition, or itself where the condition asks for no other. */
export function coatWhen(coat: Coat, when: RateCondition): Coat {
  const variant = variantOf(coat, when);
  if (!variant) return coat;
  const { basis, value, source, cites } = variant;
  const { range, ...field } = coat.rate;
  const rate =
    basis === 'timesField'
      ? {
          ...field,
          ...(range ? { range: { from: range.from * value, to: range.to * value } } : {}),
          ...{ value: coat.rate.value * value, source, cites },
        }
      : {
          ...field,
          ...{ basis, value, source, cites },
          // The least and the most stay what they are, said in the form of this rate; its range is the field's.
          ...boundsAs(coat, basis),
        };
  return { ...coat, rate, because: `rate for ${when}${variant.note ? `: ${variant.note}` : ''}` };
}

/** Of the rates that the conditions of a zone ask for, the one that leaves the thickest film; else the field's. */
export function coatUnder(coat: Coat, conditions: readonly RateCondition[]): Coat {
  let best: Coat | undefined;
  for (const when of conditions) {
    if (!variantOf(coat, when)) continue;
    const other = coatWhen(coat, when);
    if (!best || wetFilm(other).value > wetFilm(best).value) best = other;
  }
  return best ?? coat;
}

/** What too thick does, by how a coat cures. Common practice, no source. */
const TOO_THICK = {
  humidity: [
    'mostFilmHumidity',
    'it cures from the skin down, slower by more than its thickness, and gas is caught in it',
  ],
  evaporation: ['mostFilmWater', 'it skins over, keeps its water or solvent, stays soft and cracks'],
  reaction: ['mostFilmReaction', 'it heats up, sags on slopes and costs'],
  cooling: ['mostFilmOther', 'it sags on slopes and costs'],
  made: ['mostFilmOther', 'it costs'],
} as const;

const tooThick = (coat: Coat) =>
  coat.role === 'primer'
    ? (['mostFilmPrimer', 'what stands in puddles does not cure'] as const)
    : TOO_THICK[coat.chemistry ? CHEMISTRY_TRAITS[coat.chemistry].cures : 'made'];

export interface MostFilm {
  readonly film: Figure;
  readonly why: string;
}

/**
 * The thickest wet film that a coat may have: its own; else a little over the range of its sheet; else so many times its
 * design, by what it is made of.
 */
export function mostOf(coat: Coat, practice: Practice = COMMON): MostFilm {
  const { most, range } = coat.rate;
  const label = `${coat.name}, most wet film`;
  if (most) return { film: { ...wetFilm(withRate(coat, most)), label }, why: most.why };
  const [key, why] = tooThick(coat);
  if (range) {
    const upper = wetFilm(withRate(coat, { value: range.to }));
    const over = practice.overRangePct;
    return {
      film: {
        label,
        value: upper.value * (1 + over.value / 100),
        quantity: 'film',
        formula: '{upper} × (1 + {over} / 100)',
        inputs: { upper: { ...upper, label: `${coat.name}, upper end of its range` }, over },
        from: 'the upper end of the range of its sheet, with what laying spreads',
      },
      why,
    };
  }
  const design = wetFilm(coat);
  const times = practice[key];
  return {
    film: {
      label,
      value: design.value * times.value,
      quantity: 'film',
      formula: '{design} × {times}',
      inputs: { design, times },
      from: 'so many times its design, as the layer names no most of its own',
    },
    why,
  };
}

/** The absolute minimum of a rate as a film, wet; undefined where none is said. */
export const leastOf = (coat: Coat): Figure | undefined =>
  coat.rate.least && wetFilm(withRate(coat, coat.rate.least));

export interface FilmRange {
  readonly from: Figure;
  readonly to: Figure;
}

/** The wet films between which the sheet's range lies; undefined where it prints a single rate. */
export function filmRangeOf(coat: Coat): FilmRange | undefined {
  const { range } = coat.rate;
  if (!range) return undefined;
  const film = (value: number, end: string): Figure => ({
    ...wetFilm(withRate(coat, { value })),
    label: `${coat.name}, ${end} end of its range, wet`,
  });
  return { from: film(range.from, 'lower'), to: film(range.to, 'upper') };
}

/** The wet film below which a coat is thin: the lower end of its range, else its design. */
export const owedFilm = (coat: Coat): Figure => filmRangeOf(coat)?.from ?? wetFilm(coat);
