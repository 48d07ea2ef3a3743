/** Hot work for now: the charge, how long it melts, the band it is laid in, how long it keeps, what it covers. */
import { areaCovered, cited, wetFilm, type Coat } from '../buildup/index.ts';
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';

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
}

/** Where the build-up says nothing: a kettle of the usual size. Typical. */
const USUAL_LOAD_KG = 300;
const USUAL_MELT_KG_PER_H = 100;

/**
 * The kettle card of a hot coat.
 * @param areaLeftM2 what is left to lay
 * @param holdsKg what this kettle holds; absent: as the build-up says
 * @returns a problem for a coat without a kettle, or with nothing left to lay
 */
export function kettleCard(coat: Coat, areaLeftM2: number, holdsKg?: number): Result<KettleCard> {
  const { kettle } = coat;
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
  const charge: Figure = {
    label: 'Charge',
    value: Math.min(load.value, area.value * film.value * density.value),
    quantity: 'mass',
    formula: 'min({load}, {area} × {film} × {density})',
    inputs: { load, area, film, density },
    from: 'what the area left takes, and no more than the kettle holds',
  };
  const rate = kettle.meltKgPerH
    ? cited('melts in an hour', kettle.meltKgPerH, 'mass')
    : given('melts in an hour', USUAL_MELT_KG_PER_H, 'mass', 'assumed');
  const covers = areaCovered(
    coat,
    given('charge', charge.value, 'mass', 'chosen'),
    'mass',
    'One charge covers',
  );
  const block = coat.containers.find((c) => c.basis === 'mass');
  const each = block && given(block.name, block.net, 'mass', 'data sheet', 'as on the label');
  const every = cited('one probe every', kettle.probeEveryM2, 'area');
  const from = cited('laid from', kettle.applyMinC, 'temperature');
  const most = cited('safe up to', kettle.safeMaxC, 'temperature');
  const keeps = cited('held hot at most', kettle.hoursAtHeat, 'hours');
  return ok({
    charge,
    blocks:
      block && each
        ? {
            name: block.name,
            count: {
              label: `${block.name}, pieces`,
              value: Math.ceil(charge.value / each.value),
              quantity: 'count',
              formula: 'ceil({charge} / {each})',
              inputs: { charge, each },
              from: 'whole blocks',
            },
          }
        : undefined,
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
        says: words`Permit, extinguisher and somebody at the kettle before it is lit; kettle and bottles stand level, clear of openings.`,
      },
      {
        says: words`Dry blocks only, a few at a time, slid in with the agitator stopped. A wet block makes the melt erupt.`,
      },
      {
        says: words`Oil jacket up slowly; the melt between ${from} and ${most}, never above, by its own thermometer.`,
      },
      {
        says: words`More blocks only while the melt stays above ${from}; from the first melting no longer than ${keeps} at heat. What is older is drawn off and thrown away.`,
      },
      { says: words`Draw into dry buckets, pour, pull to depth, probe while it is hot.` },
      {
        says: words`At the end: burner off, gas shut at the bottle, lid closed; a watch as the permit says, an hour at least by common rules.`,
      },
    ],
  });
}
