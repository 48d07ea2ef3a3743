/** What an order costs with each supplier: whole packs of those offered, exact money, what is missing said. */
import Big from 'big.js';
import { chooseBoth } from '../containers.ts';
import type { Pack } from '../items.ts';
import type { OrderLine } from '../takeoff.ts';
import { rounded } from './money.ts';
import { packsOffered, priceOf } from './prices.ts';
import type { Offer } from './schema.ts';

export interface Quoted {
  readonly picks: readonly { readonly container: Pack; readonly count: number }[];
  /** To the smallest coin. */
  readonly cost: Big;
  /** Nothing cheaper covers the need from these packs. */
  readonly proven: boolean;
}

export interface OfferTotal {
  readonly offer: Offer;
  /** By key of the order line; absent where nothing of it is offered. */
  readonly lines: ReadonlyMap<string, Quoted>;
  readonly missing: readonly OrderLine[];
  readonly goods: Big;
  readonly freight: Big;
  readonly net: Big;
  readonly tax: Big;
  readonly gross: Big;
  /** Past the day until which it holds. */
  readonly expired: boolean;
}

export interface Comparison {
  readonly asked: readonly OrderLine[];
  readonly offers: readonly OfferTotal[];
  /** Each line from whoever is cheapest, freight of all of them counted; lines that nobody offers are missing. */
  readonly split: {
    readonly from: ReadonlyMap<string, string>;
    readonly missing: readonly OrderLine[];
    readonly net: Big;
  };
}

function quoted(offer: Offer, line: OrderLine): Quoted | undefined {
  const packs = packsOffered(offer, line.item);
  if (packs.length === 0) return undefined;
  const { best, proven } = chooseBoth(line.need.value, packs, 'least cost');
  const cost = best.picks.reduce(
    (sum, { container, count }) =>
      sum.plus(new Big(priceOf(offer, line.item, container) ?? '0').times(count)),
    new Big(0),
  );
  return { picks: best.picks, cost: rounded(cost, offer.currency), proven };
}

const total = (amounts: readonly Big[]): Big => amounts.reduce((a, b) => a.plus(b), new Big(0));

/**
 * @param today as a date, to say which offers are past
 * @param taxPct on goods and freight, per cent as a plain decimal
 */
export function compareOffers(
  lines: readonly OrderLine[],
  offers: readonly Offer[],
  taxPct: string,
  today: string,
): Comparison {
  const asked = lines.filter((l) => l.need.value > 0);
  const totals = offers.map((offer): OfferTotal => {
    const found = new Map<string, Quoted>();
    for (const line of asked) {
      const q = quoted(offer, line);
      if (q) found.set(line.key, q);
    }
    const goods = total([...found.values()].map((q) => q.cost));
    const freight = new Big(offer.freight ?? '0');
    const net = goods.plus(freight);
    const tax = rounded(net.times(taxPct).div(100), offer.currency);
    return {
      offer,
      lines: found,
      missing: asked.filter((l) => !found.has(l.key)),
      goods,
      freight,
      net,
      tax,
      gross: net.plus(tax),
      expired: offer.until !== undefined && offer.until < today,
    };
  });
  const from = new Map<string, string>();
  const costs: Big[] = [];
  const live = totals.filter((t) => !t.expired);
  for (const line of asked) {
    const least = live
      .flatMap((t) => {
        const q = t.lines.get(line.key);
        return q ? [{ id: t.offer.id, cost: q.cost }] : [];
      })
      .reduce<{ id: string; cost: Big } | undefined>(
        (a, b) => (a === undefined || b.cost.lt(a.cost) ? b : a),
        undefined,
      );
    if (!least) continue;
    from.set(line.key, least.id);
    costs.push(least.cost);
  }
  const used = new Set(from.values());
  return {
    asked,
    offers: totals,
    split: {
      from,
      missing: asked.filter((l) => !from.has(l.key)),
      net: total([...costs, ...live.filter((t) => used.has(t.offer.id)).map((t) => t.freight)]),
    },
  };
}
