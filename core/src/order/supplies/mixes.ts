/** What a coat is mixed with on site: catalyst by the season, thickener by the slope. */
import {
  boughtApart,
  catalystAt,
  cited,
  isCoat,
  shareHeld,
  shareOfPart,
  thickenerAt,
  type ApartPart,
  type Coat,
} from '../../buildup/index.ts';
import type { Figure, Given } from '../../figures/index.ts';
import type { Problem } from '../../problems/index.ts';
import type { Zone } from '../../survey/index.ts';
import { inQuantity } from '../amounts.ts';
import type { Part } from '../parts.ts';
import { itemOfMixPart } from '../items.ts';
import { itemOfSupply } from './kinds.ts';
import type { SupplyRates } from './rates.ts';

/** Polyester takes its peroxide as a liquid, methacrylate as a powder. */
const LIQUID_CATALYST = 'polyester resin';

/** The most catalyst that the season asks for, per cent of the resin; a problem where the table says nothing. */
function catalystOver(coat: Coat, rates: SupplyRates): Given | Problem | undefined {
  const rows = coat.catalyst?.points ?? [];
  if (rows.length === 0) return undefined;
  const [from, to] = [rates.seasonFromC.value, rates.seasonToC.value].sort((a, b) => a - b) as [
    number,
    number,
  ];
  const at = [from, to, ...rows.map((r) => r.fromC).filter((t) => t > from && t < to)];
  const read = at.map((t) => catalystAt(coat, t));
  const bad = read.find((r) => !r.ok);
  if (bad && !bad.ok) return bad.problems[0];
  return read.flatMap((r) => (r.ok ? [r.value] : [])).reduce((a, b) => (b.value > a.value ? b : a));
}

/** Resin in a mix, which the catalyst goes by. */
function resinIn(coat: Coat, mixed: Figure): Figure {
  const resin = coat.mix?.parts.find((p) => p.kind === 'resin');
  if (!resin) return mixed;
  const share = shareOfPart(coat, resin.id);
  return {
    label: `${mixed.label}, resin`,
    value: mixed.value * share.value,
    quantity: 'mass',
    formula: '{mixed} × {share}',
    inputs: { mixed, share },
    from: 'its share of the mix',
  };
}

const withReserve = (label: string, base: Figure, pct: Given, rates: SupplyRates, from: string): Figure => {
  const reserve = cited('reserve', rates.reservePct, 'percent');
  return {
    label,
    value: (base.value * pct.value * (1 + reserve.value / 100)) / 100,
    quantity: 'mass',
    formula: '{base} × {pct} / 100 × (1 + {reserve} / 100)',
    inputs: { base, pct, reserve },
    from,
  };
};

export interface Mixed {
  readonly parts: Part[];
  readonly problems: { readonly zone: Zone; readonly problem: Problem }[];
}

/** Of a coat, what its containers hold. */
function inContainers(part: Part, coat: Coat): Part {
  const held = shareHeld(coat, part.item.quantity === 'mass' ? 'mass' : 'volume');
  if (!held) return part;
  const { amount } = part;
  return {
    ...part,
    amount: {
      label: amount.label,
      value: amount.value * held.value,
      quantity: amount.quantity,
      formula: '{amount} × {held}',
      inputs: { amount, held },
      from: 'without the parts of the mix that are bought apart',
    },
  };
}

/** A part of a mix that is bought by itself. */
function apartPart(part: Part, coat: Coat, of: ApartPart, mixed: Figure): Part {
  const share = shareOfPart(coat, of.id);
  return {
    ...part,
    layer: undefined,
    item: itemOfMixPart(of, part.item),
    amount: {
      label: `${part.amount.label}, ${of.name.toLowerCase()}`,
      value: mixed.value * share.value,
      quantity: 'mass',
      formula: '{mixed} × {share}',
      inputs: { mixed, share },
      from: 'its share of the mix by mass',
    },
  };
}

/**
 * Parts of coats with what is mixed into them on site.
 * @param slopeOf fall of a zone, per cent, where it is known
 */
export function withMixes(
  parts: readonly Part[],
  zones: ReadonlyMap<string, Zone>,
  rates: SupplyRates,
  slopeOf: (zone: Zone) => number | undefined,
): Mixed {
  const made: Part[] = [];
  const problems: Mixed['problems'] = [];
  const said = new Set<string>();
  for (const part of parts) {
    const coat = part.layer;
    if (!coat || !isCoat(coat)) {
      made.push(part);
      continue;
    }
    const zone = zones.get(part.zoneId);
    const mixed = inQuantity(part.amount, coat, 'mass');
    made.push(inContainers(part, coat), ...boughtApart(coat).map((p) => apartPart(part, coat, p, mixed)));
    const pct = catalystOver(coat, rates);
    if (pct && 'kind' in pct) {
      const key = `${part.zoneId}/${coat.id}`;
      if (zone && !said.has(key)) problems.push({ zone, problem: pct });
      said.add(key);
    } else if (pct) {
      const liquid = coat.chemistry === LIQUID_CATALYST;
      made.push({
        ...part,
        layer: undefined,
        item: itemOfSupply(liquid ? 'liquid catalyst' : 'catalyst', part.item.currency),
        amount: withReserve(
          `${part.amount.label}, catalyst`,
          resinIn(coat, mixed),
          pct,
          rates,
          'by the coldest day of laying, by mass of the resin',
        ),
      });
    }
    if (coat.thickener && zone) {
      // What goes up a wall is as steep as it gets.
      const steepest = Math.max(...coat.thickener.points.map((p) => p.fromSlopePct));
      const slope = part.of === 'field' ? slopeOf(zone) : steepest;
      const share = slope === undefined ? undefined : thickenerAt(coat, slope);
      if (share)
        made.push({
          ...part,
          layer: undefined,
          item: itemOfSupply('thickener', part.item.currency, part.item.name),
          amount: withReserve(
            `${part.amount.label}, thickener`,
            mixed,
            share,
            rates,
            'by the slope, by mass',
          ),
        });
    }
  }
  return { parts: made, problems };
}
