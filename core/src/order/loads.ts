/**
 * What is put on a deck, against what a structural engineer allows: the build-up, a levelling at its thickest, the water of a
 * flood test, a pallet. Only the engineer says what a deck carries; nothing is allowed by default.
 */
import { totals, type BuildUp } from '../buildup/index.ts';
import type { FallsReport } from '../falls/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import type { Zone } from '../survey/index.ts';
import type { OrderDoc } from './schema.ts';

export interface DeckLoad {
  readonly key: 'build-up' | 'levelling' | 'flood' | 'pallet';
  readonly name: string;
  readonly load: Figure;
  /** `stays`: it is there for good, and what comes later comes on top of it. */
  readonly stays: boolean;
  readonly answer: 'within' | 'too heavy' | 'cannot tell';
  /** Of what is too heavy where it stands: the area that it would have to be spread over. */
  readonly spreadM2: Figure | undefined;
}

export interface DeckLoads {
  readonly allowed: Given | undefined;
  readonly loads: readonly DeckLoad[];
}

export interface LoadTerms {
  readonly buildUp: BuildUp | undefined;
  readonly falls: FallsReport | undefined;
  readonly order: Pick<OrderDoc, 'palletKg'>;
  readonly practice?: Practice | undefined;
}

/** Of a usual pallet, 1.2 by 0.8 m. */
const PALLET_M2 = 0.96;

const perM2 = (
  label: string,
  value: number,
  formula: string,
  inputs: Figure['inputs'],
  from: string,
): Figure => ({
  label,
  value,
  quantity: 'load',
  formula,
  inputs,
  from,
});

/** Loads of a zone, each by itself; what stays is added to what comes later. */
export function deckLoads(zone: Zone, { buildUp, falls, order, practice = COMMON }: LoadTerms): DeckLoads {
  const named = zone.deckLoad?.says.trim() ?? '';
  const allowed =
    zone.deckLoad && named !== ''
      ? given('the deck may carry', zone.deckLoad.kgPerM2, 'load', 'chosen', named)
      : undefined;
  const staying: Figure[] = [];
  const loads: DeckLoad[] = [];
  const add = (key: DeckLoad['key'], name: string, own: Figure, stays: boolean): void => {
    const parts = [...staying, own];
    const load =
      staying.length === 0
        ? own
        : perM2(
            name,
            parts.reduce((sum, p) => sum + p.value, 0),
            parts.map((_, i) => `{p${i + 1}}`).join(' + '),
            Object.fromEntries(parts.map((p, i) => [`p${i + 1}`, p])),
            'with what stays below it',
          );
    const heavy = allowed !== undefined && load.value > allowed.value;
    loads.push({
      ...{ key, name, load, stays },
      answer: allowed === undefined ? 'cannot tell' : heavy ? 'too heavy' : 'within',
      spreadM2: heavy && key === 'pallet' ? spread(own, load, allowed) : undefined,
    });
    if (stays) staying.push(own);
  };
  const thickM = falls?.levelling?.facts.thickestM ?? 0;
  if (falls?.levelling && thickM > 0) {
    const thickest = given('thickest of the levelling', thickM * 1000, 'lap', 'measured');
    const density = given('density of the mix', zone.levels.mixKgPerL, 'density', 'chosen');
    add(
      'levelling',
      'Levelling, at its thickest',
      perM2(
        'Levelling, at its thickest',
        thickest.value * density.value,
        '{thickest} × {density}',
        { thickest, density },
        '1 mm on 1 m² is a litre',
      ),
      true,
    );
  }
  if (buildUp)
    add('build-up', 'Build-up, with its cover', { ...totals(buildUp).weight, label: 'Build-up, wet' }, true);
  const depth = practice.floodDepth;
  add(
    'flood',
    'Flood test, at its deepest',
    perM2(
      'Flood test',
      depth.value,
      '{depth}',
      { depth },
      '1 mm of water on 1 m² is a litre, and weighs a kilogram',
    ),
    false,
  );
  const pallet = given('one pallet', order.palletKg.value, 'mass', order.palletKg.source);
  const foot = given('it stands on', PALLET_M2, 'area', 'assumed', '1.2 by 0.8 m');
  add(
    'pallet',
    'A pallet, where it stands',
    perM2(
      'A pallet',
      pallet.value / foot.value,
      '{pallet} / {foot}',
      { pallet, foot },
      'weight by the area it stands on',
    ),
    false,
  );
  return { allowed, loads };
}

/** How wide a pallet would have to be spread; what stays below takes its part of the allowance first. */
function spread(own: Figure, load: Figure, allowed: Given): Figure | undefined {
  const below = load.value - own.value;
  if (allowed.value <= below) return undefined;
  const foot = given('it stands on', PALLET_M2, 'area', 'assumed');
  const rest = given('what stays of the allowance', allowed.value - below, 'load', 'definition');
  return {
    label: 'Spread over at least',
    value: (own.value * foot.value) / rest.value,
    quantity: 'area',
    formula: '{own} × {foot} / {rest}',
    inputs: { own, foot, rest },
    from: 'weight over what the deck may still carry',
  };
}
