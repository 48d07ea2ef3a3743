/**
 * What the work costs as it is planned, line by line, and what it may cost over the ways that the weather may go. It is a
 * sum of what people entered: rates, what a day costs, what is bought. What nobody priced is named, not guessed.
 */
import { given, type Figure, type Given } from '../figures/index.ts';
import { MINUTES_PER_DAY } from '../units/index.ts';
import { quantile } from './chances.ts';
import type { PlanCounts } from './counts.ts';
import type { ProgrammeDoc } from './schema.ts';

export interface PriceTerms {
  readonly doc: Pick<ProgrammeDoc, 'costs'>;
  /** Dates to keep, in the order of the counts. */
  readonly deadlines: readonly { readonly costPerDay: number }[];
  /** In the order of the counts. */
  readonly crews: readonly {
    readonly name: string;
    readonly people: number;
    readonly ratePerH: Given | undefined;
  }[];
  /** What is bought, by group of the order, as the order says it. */
  readonly material: readonly Figure[];
  /** Of what is bought: products without a price. */
  readonly unpriced: readonly string[];
}

export interface PriceLine {
  readonly key: string;
  readonly kind: 'labor' | 'cost' | 'material' | 'put right' | 'added';
  /** Typed by people where `own`. */
  readonly name: string;
  readonly own: boolean;
  readonly amount: Figure;
}

/** Of a hundred equally likely ways: ten cost less than the first, ten more than the last. Undefined: not within the days looked at. */
interface PriceSpread {
  readonly early: number | undefined;
  readonly middle: number | undefined;
  readonly late: number | undefined;
}

export interface Price {
  readonly lines: readonly PriceLine[];
  readonly total: Figure;
  /** Over the ways that the weather may go, put right and waited for; undefined where they are not known. */
  readonly spread: PriceSpread | undefined;
  readonly ways: number;
  /** What days after the dates cost on average over the ways; not part of the total. */
  readonly expectedLate: number | undefined;
  /** Share of the ways in which the end is later than planned by more than so many days. */
  readonly lost: readonly { readonly days: number; readonly share: number }[];
  /** What the total leaves out. */
  readonly missing: readonly string[];
}

const UNIT_COUNTS = {
  once: () => 1,
  'day of work': (c: PlanCounts) => c.workDays,
  'day of a crew': (c: PlanCounts) => c.crewDays.reduce((a, b) => a + b, 0),
  'day on site': (c: PlanCounts) => c.siteDays,
  'week begun': (c: PlanCounts) => Math.ceil(c.siteDays / 7),
} as const satisfies Record<ProgrammeDoc['costs']['items'][number]['per'], (c: PlanCounts) => number>;

const COUNT_WORDS = {
  once: 'once',
  'day of work': 'days on which anybody works',
  'day of a crew': 'days of each crew',
  'day on site': 'days from the first work to the last',
  'week begun': 'weeks begun, from the first work to the last',
} as const;

const money = (
  label: string,
  value: number,
  formula: string,
  inputs: Figure['inputs'],
  from: string,
): Figure => ({ label, value, quantity: 'price', formula, inputs, from });

function linesOf(counts: PlanCounts, { doc, crews, material }: PriceTerms): PriceLine[] {
  const labor = crews.flatMap((crew, i): PriceLine[] => {
    const hours = counts.crewHours[i] ?? 0;
    if (hours <= 0 || !crew.ratePerH) return [];
    const inputs = {
      hours: given(`${crew.name}, hours at work`, hours, 'hours', 'assumed', 'as planned, breaks left out'),
      people: given(`${crew.name}, people`, crew.people, 'count', 'chosen'),
      rate: crew.ratePerH,
    };
    return [
      {
        ...{ key: `crew/${i}`, kind: 'labor', name: crew.name, own: true },
        amount: money(
          crew.name,
          hours * crew.people * crew.ratePerH.value,
          '{hours} × {people} × {rate}',
          inputs,
          'hours by people by what an hour costs',
        ),
      },
    ];
  });
  const costs = doc.costs.items.map((item): PriceLine => {
    const n = UNIT_COUNTS[item.per](counts);
    const each = given(item.name, item.price.value, 'price', item.price.source);
    return {
      ...{ key: `cost/${item.id}`, kind: 'cost', name: item.name, own: true },
      amount: money(
        item.name,
        n * item.price.value,
        '{times} × {each}',
        { times: given(COUNT_WORDS[item.per], n, 'count', 'assumed'), each },
        'what it costs each time by how often',
      ),
    };
  });
  const bought = material.map((m, i): PriceLine => ({
    ...{ key: `material/${i}`, kind: 'material', name: m.label, own: false, amount: m },
  }));
  const mended: PriceLine[] =
    counts.remedyCost > 0
      ? [
          {
            ...{ key: 'put-right', kind: 'put right', name: 'Coats laid once more', own: false },
            amount: money(
              'Coats laid once more',
              counts.remedyCost,
              '{coats}',
              {
                coats: given('coats that are spoiled, at their price', counts.remedyCost, 'price', 'assumed'),
              },
              'what the spoiled coats cost by area',
            ),
          },
        ]
      : [];
  return [...labor, ...costs, ...bought, ...mended];
}

function totalOf(lines: readonly PriceLine[], add: ProgrammeDoc['costs']['addPct']): [Figure, PriceLine[]] {
  const sum: Figure = {
    label: 'What the work costs',
    value: lines.reduce((n, l) => n + l.amount.value, 0),
    quantity: 'price',
    formula: lines.map((_, i) => `{line${i + 1}}`).join(' + ') || '0',
    inputs: Object.fromEntries(lines.map((l, i) => [`line${i + 1}`, l.amount])),
    from: 'sum of its lines',
  };
  if (!add || add.value === 0) return [sum, []];
  const pct = given('overheads and profit', add.value, 'percent', add.source);
  const added = money(
    'Overheads and profit',
    (sum.value * add.value) / 100,
    '{sum} × {pct} / 100',
    { sum, pct },
    'a share of what the work costs',
  );
  return [
    money('Price', sum.value + added.value, '{sum} + {added}', { sum, added }, 'cost, overheads and profit'),
    [{ key: 'added', kind: 'added', name: 'Overheads and profit', own: false, amount: added }],
  ];
}

const DAYS_LOST = [0, 1, 2, 3, 5, 7];

/** @param ways counts of the plan in each way that the weather may go, each as likely as the others */
export function priceOf(planned: PlanCounts, ways: readonly PlanCounts[], terms: PriceTerms): Price {
  const { doc, crews, deadlines, unpriced } = terms;
  const lines = linesOf(planned, terms);
  const [total, added] = totalOf(lines, doc.costs.addPct);
  const totals = ways
    .map((w) =>
      w.finishMin === undefined ? Infinity : totalOf(linesOf(w, terms), doc.costs.addPct)[0].value,
    )
    .sort((a, b) => a - b);
  const at = (share: number): number | undefined => {
    const v = quantile(totals, share);
    return v === Infinity ? undefined : v;
  };
  const lateOf = (w: PlanCounts): number =>
    deadlines.reduce((n, d, i) => n + d.costPerDay * (w.lateDays[i] ?? 0), 0);
  const isLateKnown = ways.every((w) =>
    deadlines.every((d, i) => d.costPerDay === 0 || w.lateDays[i] !== undefined),
  );
  const end = planned.finishMin;
  const rateless = crews.flatMap((c, i) =>
    !c.ratePerH && (planned.crewHours[i] ?? 0) > 0 ? [`hours of ${c.name}: no rate`] : [],
  );
  return {
    lines: [...lines, ...added],
    total,
    spread: ways.length > 0 ? { early: at(0.1), middle: at(0.5), late: at(0.9) } : undefined,
    ways: ways.length,
    expectedLate:
      ways.length > 0 && isLateKnown ? ways.reduce((n, w) => n + lateOf(w), 0) / ways.length : undefined,
    lost:
      end === undefined || ways.length === 0
        ? []
        : DAYS_LOST.map((days) => ({
            days,
            share:
              ways.filter((w) => w.finishMin === undefined || w.finishMin > end + days * MINUTES_PER_DAY)
                .length / ways.length,
          })),
    missing: [...rateless, ...unpriced.map((u) => `${u}: no price`)],
  };
}
