/** What another waste, another area or another build-up would change in the order. */
import type { BuildUpDoc } from '../buildup/index.ts';
import { sumOf } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Zones } from '../survey/index.ts';
import type { OrderDoc } from './schema.ts';
import { takeoff, type OrderLine, type Takeoff, type TakeoffTerms } from './takeoff.ts';

export interface WhatIf {
  /** Waste of liquids, per cent. */
  readonly liquidPct?: number | undefined;
  /** More or less field than surveyed, per cent. */
  readonly areaPct?: number | undefined;
  /** A zone under another build-up that the document holds. */
  readonly swap?:
    { readonly zoneId: string; readonly buildUpId: string; readonly revision: number } | undefined;
}

export interface Change {
  readonly name: string;
  readonly before: OrderLine | undefined;
  readonly after: OrderLine | undefined;
}

export interface Compared {
  readonly after: Takeoff;
  /** Products that are bought otherwise. */
  readonly changes: readonly Change[];
  readonly priceBefore: Figure;
  readonly priceAfter: Figure;
}

const priceOf = (t: Takeoff, label: string): Figure =>
  sumOf(
    label,
    'price',
    t.groups.map((g) => g.price),
    'sum of the groups',
  );

const bought = (line: OrderLine | undefined): string =>
  line ? line.buy.picks.map((p) => `${p.count}×${p.container.id}`).join() : '';

export function whatIf(
  survey: Zones,
  doc: BuildUpDoc,
  order: OrderDoc,
  before: Takeoff,
  terms: WhatIf,
  given: Pick<TakeoffTerms, 'courses' | 'system'> = {},
): Compared {
  const { liquidPct, areaPct, swap } = terms;
  const changedOrder: OrderDoc =
    liquidPct === undefined
      ? order
      : { ...order, wastePct: { ...order.wastePct, liquid: { value: liquidPct, source: 'chosen' } } };
  const changedDoc: BuildUpDoc = swap
    ? {
        ...doc,
        zones: [
          ...doc.zones.filter((z) => z.zoneId !== swap.zoneId),
          { conditions: [], choices: {}, ...doc.zones.find((z) => z.zoneId === swap.zoneId), ...swap },
        ],
      }
    : doc;
  const after = takeoff(survey, changedDoc, changedOrder, {
    areaPct,
    // Another build-up has courses of its own.
    courses: swap ? undefined : given.courses,
    system: given.system,
  });
  const keys = new Set([...before.lines, ...after.lines].map((l) => l.key));
  const changes = [...keys].flatMap((key): Change[] => {
    const [was, is] = [before, after].map((t) => t.lines.find((l) => l.key === key));
    return bought(was) === bought(is)
      ? []
      : [{ name: (is ?? was)?.item.name ?? key, before: was, after: is }];
  });
  return {
    after,
    changes,
    priceBefore: priceOf(before, 'Price now'),
    priceAfter: priceOf(after, 'Price then'),
  };
}
