/** Hot work for now: the charge, how long it melts, the band it is laid in, how long it keeps, what it covers. */
import { areaCovered, cited, wetFilm, type Coat } from '../buildup/index.ts';
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import { hotCare, type HotCare, type HotTerms } from './hotcare.ts';

export interface KettleCard {
  readonly charge: Figure;
  readonly blocks: { readonly name: string; readonly count: Figure } | undefined;
  readonly melts: Figure;
  readonly from: Given;
  readonly most: Given;
  readonly keeps: Given;
  readonly covers: Figure;
  readonly film: Figure;
  readonly probes: Figure;
  readonly steps: readonly { readonly says: readonly Part[] }[];
  readonly care: HotCare;
}

export interface KettleTerms extends HotTerms {
  /** What this kettle holds; absent: as the build-up says. */
  readonly holdsKg?: number | undefined;
}

/** What goes in: whole blocks, no more than the kettle holds; without blocks, by the kilogram. */
function chargeOf(need: Figure, load: Given, each: Given | undefined): { charge: Figure; count?: Figure } {
  if (!each)
    return {
      charge: {
        label: 'Charge',
        value: Math.min(load.value, need.value),
        quantity: 'mass',
        formula: 'min({load}, {need})',
        inputs: { load, need },
        from: 'what the area left takes, and no more than the kettle holds',
      },
    };
  const count: Figure = {
    label: 'Blocks',
    value: Math.min(Math.ceil(need.value / each.value), Math.floor(load.value / each.value)),
    quantity: 'count',
    formula: 'min(ceil({need} / {each}), floor({load} / {each}))',
    inputs: { need, each, load },
    from: 'whole blocks for what the area left takes, and no more than the kettle holds',
  };
  return {
    count,
    charge: {
      label: 'Charge',
      value: count.value * each.value,
      quantity: 'mass',
      formula: '{blocks} × {each}',
      inputs: { blocks: count, each },
      from: 'the blocks that go in',
    },
  };
}

/** Where the build-up says nothing: a kettle of the usual size. Typical. */
const USUAL_LOAD_KG = 300;
const USUAL_MELT_KG_PER_H = 100;

/**
 * The kettle card of a hot coat.
 * @param areaLeftM2 what is left to lay
 * @returns a problem for a coat without a kettle, with nothing left to lay, or whose block the kettle does not hold
 */
export function kettleCard(coat: Coat, areaLeftM2: number, terms: KettleTerms = {}): Result<KettleCard> {
  const { kettle } = coat;
  const { holdsKg } = terms;
  if (!kettle) {
    return fail({
      kind: 'wrong',
      field: 'kettle',
      label: `${coat.name}, kettle`,
      actual: 'it is mixed cold',
      expected: 'a coat that is melted in a kettle',
    });
  }
  if (!(areaLeftM2 > 0)) {
    return fail({
      kind: 'outOfRange',
      field: 'areaLeftM2',
      label: `${coat.name}, area left`,
      actual: `${areaLeftM2} m²`,
      expected: 'an area above nothing',
    });
  }
  const load =
    holdsKg === undefined
      ? kettle.loadKg
        ? cited('kettle holds', kettle.loadKg, 'mass')
        : given('kettle holds', USUAL_LOAD_KG, 'mass', 'assumed')
      : given('kettle holds', holdsKg, 'mass', 'chosen');
  const area = given('area left', areaLeftM2, 'area', 'measured');
  const film = wetFilm(coat);
  const density = cited('density', coat.densityKgPerL, 'density');
  const need: Figure = {
    label: 'What the area takes',
    value: area.value * film.value * density.value,
    quantity: 'mass',
    formula: '{area} × {film} × {density}',
    inputs: { area, film, density },
    from: 'area by film by density',
  };
  const block = coat.containers.find((c) => c.basis === 'mass');
  const each = block && given(block.name, block.net, 'mass', 'data sheet', 'as on the label');
  if (each && each.value > load.value)
    return fail({
      kind: 'outOfRange',
      field: 'holdsKg',
      label: `${coat.name}, kettle`,
      actual: `it holds ${load.value} kg`,
      expected: `room for one block of ${each.value} kg`,
    });
  const { charge, count } = chargeOf(need, load, each);
  const rate = kettle.meltKgPerH
    ? cited('melts in an hour', kettle.meltKgPerH, 'mass')
    : given('melts in an hour', USUAL_MELT_KG_PER_H, 'mass', 'assumed');
  const covers = areaCovered(
    coat,
    given('charge', charge.value, 'mass', 'chosen'),
    'mass',
    'One charge covers',
  );
  const every = cited('one probe every', kettle.probeEveryM2, 'area');
  const from = cited('laid from', kettle.applyMinC, 'temperature');
  const most = cited('safe up to', kettle.safeMaxC, 'temperature');
  const keeps = cited('held hot at most', kettle.hoursAtHeat, 'hours');
  return ok({
    charge,
    blocks: block && count ? { name: block.name, count } : undefined,
    melts: {
      label: 'Melting takes',
      value: charge.value / rate.value,
      quantity: 'hours',
      formula: '{charge} / {rate}',
      inputs: { charge, rate },
      from: 'charge over what melts in an hour, from a cold kettle',
    },
    from,
    most,
    keeps,
    covers,
    film,
    probes: {
      label: 'Hot probes',
      value: Math.ceil(covers.value / every.value),
      quantity: 'count',
      formula: 'ceil({covers} / {every})',
      inputs: { covers, every },
      from: 'one for each so many square metres',
    },
    steps: [
      {
        says: words`Dry blocks only, a few at a time, slid in with the agitator stopped. A wet block makes the melt erupt.`,
      },
      {
        says: words`Oil jacket up slowly; the melt between ${from} and ${most}, never above, by its own thermometer.`,
      },
      {
        says: words`More blocks only while the melt stays above ${from}; from the first melting no longer than ${keeps} at heat. What is older is drawn off and thrown away.`,
      },
      {
        says: words`Draw into dry buckets, never over three quarters full; carry them low, nobody below. Pour, pull to depth, probe while it is hot.`,
      },
    ],
    care: hotCare(coat, terms) ?? { before: [], fire: [], burns: [], end: [] },
  });
}
