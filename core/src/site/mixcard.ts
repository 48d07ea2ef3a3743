/**
 * The mix for now: how much may be mixed in one go, of what, how it is stirred, and what it gives. No more than is laid
 * in its pot life, than the area left takes, than the maker mixes at once.
 */
import {
  areaCovered,
  batchOf,
  catalystAt,
  cited,
  densityGiven,
  inBasis,
  massRate,
  thickenerAt,
  wetFilm,
  type Coat,
  type MixedPart,
} from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { mixPotLife, readingProblems, type MixReadings } from './mixreadings.ts';
import { inMixingOrder, mixSteps, type MixStep } from './mixsteps.ts';

export interface MixTerms extends MixReadings {
  readonly slopePct: number;
  /** What is left to lay, m². */
  readonly areaLeftM2: number;
  /** How many people lay; outputs are those of two. */
  readonly people: number;
  /** What two people lay in an hour with the tool at hand, m²; absent: as the layer says. */
  readonly outputM2PerH?: number | undefined;
  readonly practice?: Practice | undefined;
}

interface MixLimit {
  readonly name: string;
  readonly mass: Figure;
}

export interface MixCard {
  readonly batch: Figure;
  /** From the tightest to the loosest. */
  readonly limits: readonly MixLimit[];
  readonly parts: readonly MixedPart[];
  readonly catalyst: { readonly percent: Given; readonly mass: Figure } | undefined;
  readonly thickener: { readonly percent: Given; readonly mass: Figure; readonly trial: Given } | undefined;
  readonly thinner: { readonly name: string; readonly most: Given; readonly volume: Figure } | undefined;
  readonly volume: Figure;
  readonly covers: Figure;
  readonly film: Figure;
  readonly potLife: Figure;
  /** Of one kit or container, the share that is mixed. */
  readonly kit: { readonly name: string; readonly share: Figure } | undefined;
  readonly steps: readonly MixStep[];
}

function placeable(coat: Coat, terms: MixTerms, potLife: Figure): Figure {
  const stirring = coat.stirring
    ? cited('stirring', coat.stirring.minutes, 'minutes')
    : given('stirring', 0, 'minutes', 'assumed');
  const output =
    terms.outputM2PerH === undefined
      ? coat.outputM2PerH
        ? cited('two people lay', coat.outputM2PerH, 'output')
        : (terms.practice ?? COMMON).usualOutput
      : given('two people lay', terms.outputM2PerH, 'output', 'chosen');
  const people = given('people', terms.people, 'count', 'chosen');
  const rest = coat.stirring?.restMinutes && cited('rest', coat.stirring.restMinutes, 'minutes');
  const left = Math.max(0, potLife.value - stirring.value - (rest?.value ?? 0));
  const area: Figure = {
    label: 'Laid before the pot life ends',
    value: (left * output.value * people.value) / 60 / 2,
    quantity: 'area',
    formula: `max(0, {potLife} − {stirring}${rest ? ' − {rest}' : ''}) / 60 × {output} × {people} / 2`,
    inputs: { potLife, stirring, ...(rest ? { rest } : {}), output, people },
    from: 'what the crew lays in the time that is left after stirring and resting; outputs are those of two people',
  };
  return massOn(coat, area, 'What is laid in its pot life');
}

function massOn(coat: Coat, area: Figure | Given, label: string): Figure {
  const rate = massRate(coat);
  return {
    label,
    value: rate.value * area.value,
    quantity: 'mass',
    formula: '{rate} × {area}',
    inputs: { rate, area },
    from: 'rate times area',
  };
}

const asFigure = (label: string, of: Given | Figure, from: string): Figure => ({
  label,
  value: of.value,
  quantity: of.quantity,
  formula: '{given}',
  inputs: { given: of },
  from,
});

function limitsOf(coat: Coat, terms: MixTerms, potLife: Figure): MixLimit[] {
  const left = given('area left', terms.areaLeftM2, 'area', 'measured');
  const limits: MixLimit[] = [
    { name: 'pot life', mass: placeable(coat, terms, potLife) },
    { name: 'area left', mass: massOn(coat, left, 'What the area left takes') },
  ];
  if (coat.largestMixKg)
    limits.push({
      name: 'largest mix',
      mass: asFigure(
        'Largest mix',
        cited('largest mix', coat.largestMixKg, 'mass'),
        'as the manufacturer says',
      ),
    });
  return limits.sort((a, b) => a.mass.value - b.mass.value);
}

/** Mass of the resin in a batch: what catalyst is based on. */
function resinMass(coat: Coat, parts: readonly MixedPart[], batch: Figure): Figure | Given {
  const kinds = new Set(coat.mix?.parts.filter((p) => p.kind === 'resin').map((p) => p.id));
  return parts.find((p) => kinds.has(p.id))?.mass ?? batch;
}

const share = (label: string, percent: Given, of: Figure | Given, from: string): Figure => ({
  label,
  value: (of.value * percent.value) / 100,
  quantity: 'mass',
  formula: '{of} × {percent} / 100',
  inputs: { of, percent },
  from,
});

/**
 * The mix card of a coat.
 * @param coat as it stands on the zone, at the rate that its conditions ask for
 * @returns every reason why nothing may be mixed now: not read, or long ago; outside the catalyst table, no kit small
 * enough, no pot life
 */
export function mixCard(coat: Coat, terms: MixTerms): Result<MixCard> {
  const problems: Problem[] = [];
  const field = 'mix';
  if (coat.kettle) {
    return fail({
      kind: 'wrong',
      field,
      label: `${coat.name}, mix`,
      actual: 'hot-applied',
      expected: 'the kettle card: it is melted, not mixed',
    });
  }
  const unread = readingProblems(coat, terms, terms.practice ?? COMMON);
  const { resin, surface } = terms;
  if (unread.length > 0 || !resin) return fail(...(unread as [Problem, ...Problem[]]));
  const percent = coat.catalyst && surface ? catalystAt(coat, surface.tempC) : undefined;
  if (percent && !percent.ok) problems.push(...percent.problems);
  const potLife = mixPotLife(
    coat,
    { resinC: resin.tempC, surfaceC: surface?.tempC },
    percent?.ok ? percent.value : undefined,
  );
  const limits = limitsOf(coat, terms, potLife);
  const [tightest] = limits;
  if (!tightest || !(tightest.mass.value > 0)) {
    problems.push({
      kind: 'outOfRange',
      field,
      label: `${coat.name}, mix`,
      actual: `nothing by the ${tightest?.name ?? 'limits'}`,
      expected: 'an area left, and a pot life longer than the stirring',
    });
  }
  if (problems.length > 0 || !tightest) return fail(...problems);
  let batch = asFigure('Mix now', tightest.mass, `the least of its limits: ${tightest.name}`);
  const kitOf = coat.containers
    .map((c) => ({
      name: c.name,
      kg: inBasis(coat, c.net, c.basis, 'mass'),
    }))
    .sort((a, b) => a.kg - b.kg)[0];
  if (coat.mix?.split === 'never' && kitOf) {
    const kits = Math.floor(batch.value / kitOf.kg);
    if (kits === 0) {
      return fail({
        kind: 'outOfRange',
        field,
        label: `${coat.name}, mix`,
        actual: `${batch.value.toFixed(1)} kg by the ${tightest.name}, less than one ${kitOf.name}`,
        expected: 'more people, or a larger area left: this kit is not split',
      });
    }
    const kit = given(kitOf.name, kitOf.kg, 'mass', 'data sheet', 'as on the label');
    batch = {
      label: 'Mix now',
      value: kits * kitOf.kg,
      quantity: 'mass',
      formula: '{kits} × {kit}',
      inputs: {
        kits: given('whole kits', kits, 'count', 'chosen', `as many as the ${tightest.name} allows`),
        kit,
      },
      from: 'whole kits: this one is not split',
    };
  }
  const mixed = batchOf(coat, { ...given('batch', batch.value, 'mass', 'chosen'), label: 'Mix now' });
  const density = densityGiven(coat);
  const volume: Figure = mixed?.volume ?? {
    label: 'Volume',
    value: batch.value / density.value,
    quantity: 'volume',
    formula: '{batch} / {density}',
    inputs: { batch, density },
    from: 'mass over density',
  };
  const parts = inMixingOrder(coat, mixed?.parts ?? []);
  const catalyst = percent?.ok
    ? {
        percent: percent.value,
        mass: share(
          'Catalyst',
          percent.value,
          resinMass(coat, parts, batch),
          'per cent by mass of the resin',
        ),
      }
    : undefined;
  const thick = thickenerAt(coat, terms.slopePct);
  const thickener =
    thick && coat.thickener
      ? {
          percent: thick,
          mass: share(coat.thickener.name, thick, batch, 'per cent by mass, to be tried on a patch'),
          trial: cited('trial patch', coat.thickener.trialMinutes, 'minutes'),
        }
      : undefined;
  const most = coat.thinning && cited('thinned at most', coat.thinning.mostPct, 'percent');
  const thinner =
    coat.thinning && most
      ? {
          name: coat.thinning.with,
          most,
          volume: {
            label: `${coat.thinning.with}, at most`,
            value: (volume.value * most.value) / 100,
            quantity: 'volume' as const,
            formula: '{volume} × {most} / 100',
            inputs: { volume, most },
            from: 'by volume; no more, and none where the sheet says never',
          },
        }
      : undefined;
  const card = { parts, catalyst, thickener };
  return ok({
    batch,
    limits,
    ...card,
    thinner,
    volume,
    covers: areaCovered(coat, { ...given('mix', batch.value, 'mass', 'chosen') }, 'mass', 'It covers'),
    film: wetFilm(coat),
    potLife,
    kit: kitOf && {
      name: kitOf.name,
      share: {
        label: `Of one ${kitOf.name}`,
        value: batch.value / kitOf.kg,
        quantity: 'fraction',
        formula: '{batch} / {kit}',
        inputs: { batch, kit: given(kitOf.name, kitOf.kg, 'mass', 'data sheet', 'as on the label') },
        from: 'weighed out of it',
      },
    },
    steps: mixSteps(coat, card),
  });
}
