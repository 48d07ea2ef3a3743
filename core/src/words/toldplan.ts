/** A plan for other programs: instants, ids, numbers with their units in the names, and the sentences that say what they mean. */
import { verdictText, type Part, type Verdict } from '../figures/index.ts';
import type { PlanAnswer, Price } from '../planning/index.ts';
import type { Written } from '../units/index.ts';
import { fullTime } from '../weather/index.ts';
import type { Wording } from '../wording/index.ts';
import { boundWords, finishWords, leftOutVerdicts, planVerdicts } from './planwords.ts';

export interface ToldPlan {
  readonly at: string;
  /** Up to when hours are looked at, and up to when a forecast tells them. */
  readonly until: string;
  readonly forecastUntil: string;
  /** The climate year that stands for hours after it; absent: days like those known. */
  readonly season?: string | undefined;
  readonly timeZone: string;
  readonly finish?: string | undefined;
  /** Eight in ten ways that the weather may go are done by then. */
  readonly finishEightInTen?: string | undefined;
  readonly noneBefore?: string | undefined;
  readonly personHours: number;
  readonly leastPersonHours: number;
  readonly ways: number;
  readonly crews: readonly { readonly id: string; readonly name: string; readonly people: number }[];
  readonly tasks: readonly {
    readonly id: string;
    readonly kind: string;
    readonly name: string;
    readonly zoneId: string;
    readonly bayId: string;
    readonly bay: string;
    readonly layerId?: string | undefined;
    readonly crewId: string;
    readonly start: string;
    readonly end: string;
    /** What lies below has closed by then: it is put right first. */
    readonly late: boolean;
    /** What lies below is rinsed first. */
    readonly rinsed: boolean;
    readonly pinned: boolean;
    readonly overcoatFrom?: string | undefined;
    readonly overcoatUntil?: string | undefined;
    /** Shares of the ways, 0 to 1. */
    readonly holds?: number | undefined;
    readonly spoiled?: number | undefined;
  }[];
  readonly deadlines: readonly {
    readonly id: string;
    readonly zoneId: string;
    readonly what: string;
    readonly by: string;
    readonly ready?: string | undefined;
    readonly holds?: number | undefined;
  }[];
  readonly deliveries: readonly {
    readonly name: string;
    /** Dates by the clocks of the job. */
    readonly on: string;
    readonly usedBy: string;
    readonly zones: readonly string[];
    /** The first and the last work that is laid of it. */
    readonly first?: string | undefined;
    readonly last?: string | undefined;
  }[];
  /** In the money that rates and prices were entered in. */
  readonly price: {
    readonly total: number;
    readonly lines: readonly { readonly kind: string; readonly name: string; readonly amount: number }[];
    /** One in ten ways costs less than `early`, one in ten more than `late`; absent: not within the days looked at. */
    readonly spread?:
      | {
          readonly early?: number | undefined;
          readonly middle?: number | undefined;
          readonly late?: number | undefined;
        }
      | undefined;
    readonly missing: readonly string[];
  };
  readonly notPlanned: readonly {
    readonly bays: readonly string[];
    readonly name?: string;
    readonly why: string;
  }[];
  readonly sentences: readonly string[];
}

export interface PlanTelling {
  readonly timeZone: string;
  readonly written: Written;
  readonly wording: Wording;
  readonly price: Price;
}

const iso = (ms: number): string => new Date(ms).toISOString();
const known = (ms: number | undefined): string | undefined => (ms === undefined ? undefined : iso(ms));

export function toldPlan(answer: PlanAnswer, { timeZone, written, wording, price }: PlanTelling): ToldPlan {
  const text = (parts: readonly Part[]): string =>
    verdictText(parts, written, (ms) => fullTime(ms, timeZone, wording === 'us'), wording).trim();
  const sentence = (v: Verdict): string =>
    [`${v.subject} ${text(v.says)}`, v.quiet ? text(v.quiet) : ''].filter((s) => s !== '').join(' ');
  return {
    at: iso(answer.startMs),
    until: iso(answer.endMs),
    forecastUntil: iso(answer.knownMs),
    season: answer.season,
    timeZone,
    finish: known(answer.finishMs),
    finishEightInTen: known(answer.finish?.eightMs),
    noneBefore: known(answer.boundMs),
    personHours: answer.personHours.value,
    leastPersonHours: answer.leastPersonHours,
    ways: answer.ways,
    crews: answer.crews.map(({ id, name, people }) => ({ id, name, people })),
    tasks: answer.tasks.map((t) => ({
      ...{ id: t.id, kind: t.kind, name: t.name, zoneId: answer.zones[t.zone]?.id ?? '' },
      ...{ bayId: t.bayId, bay: t.bay, layerId: t.layerId, crewId: answer.crews[t.crew]?.id ?? '' },
      ...{ start: iso(t.startMs), end: iso(t.endMs), late: t.late, rinsed: t.rinsed, pinned: t.pinned },
      ...{ overcoatFrom: known(t.opensMs), overcoatUntil: known(t.closesMs) },
      ...{ holds: t.chance?.holds, spoiled: t.chance?.spoiled },
    })),
    deadlines: answer.deadlines.map((d) => ({
      ...{ id: d.id, zoneId: answer.zones[d.zone]?.id ?? '', what: d.what, by: iso(d.byMs) },
      ...{ ready: known(d.readyMs), holds: d.chance?.holds },
    })),
    deliveries: answer.deliveries.map(({ firstMs, lastMs, ...d }) => ({
      ...d,
      ...{ first: known(firstMs), last: known(lastMs) },
    })),
    price: {
      total: price.total.value,
      lines: price.lines.map((l) => ({ kind: l.kind, name: l.name, amount: l.amount.value })),
      spread: price.spread,
      missing: price.missing,
    },
    notPlanned: [
      ...answer.unplaced.map((u) => ({ bays: u.bays, name: u.name, why: text(u.why) })),
      ...answer.leftOut.map((l) => ({ bays: l.bays, why: text(l.why) })),
    ],
    sentences: [
      text(finishWords(answer)),
      text(boundWords(answer)),
      ...planVerdicts(answer).map(sentence),
      ...leftOutVerdicts(answer).map(sentence),
    ],
  };
}
