/** What comes when: visits, outlets, recoats and renewal over the years, each with whether it was done. */
import type { VisitWork } from '../record/index.ts';
import { monthOf, monthsAfter, nextOf, type Month } from './months.ts';
import { didOf, type Visit } from './visits.ts';

export type DateKey = 'visit' | 'outlets' | 'recoat' | 'renewal' | 'guarantee';
/** `late`: its time is over and nothing is on record. */
export type DateState = 'done' | 'late' | 'due' | 'to come';

export interface UpkeepDate {
  readonly key: DateKey;
  readonly from: Month;
  /** The last month of its time: the same, or the end of a range. */
  readonly to: Month;
  readonly state: DateState;
  /** The visit that did it. */
  readonly entryId: string | undefined;
}

/** October before the leaves and the rain in the north, April in the south: what is looked at before the wet season. */
const MAIN_MONTH = { north: 9, south: 3 } as const;
/** A roof that was finished less than so long ago is not visited yet, months. */
const FIRST_AFTER = 3;
/** A visit may come so much sooner than its month, months. */
const SOONER = 2;

export interface DateTerms {
  readonly start: Month;
  readonly now: Month;
  /** Years that are looked at, from the start. */
  readonly years: number;
  readonly timeZone: string;
  /** Undefined: the roof stands nowhere yet, and visits come in the month in which it was finished. */
  readonly latitudeDeg: number | undefined;
  readonly visits: readonly Visit[];
}

const mainMonth = ({ latitudeDeg, start }: Pick<DateTerms, 'latitudeDeg' | 'start'>): number =>
  latitudeDeg === undefined ? start % 12 : latitudeDeg < 0 ? MAIN_MONTH.south : MAIN_MONTH.north;

/** Months in which something comes that is done so often a year, from the first visit on. */
function monthsOf(perYear: number, terms: DateTerms): Month[] {
  const { start, years } = terms;
  const main = nextOf(start + FIRST_AFTER, mainMonth(terms));
  const period = 12 / perYear;
  const end = monthsAfter(start, years);
  const found: Month[] = [];
  // What comes oftener than yearly may come before the first main visit.
  for (let k = -Math.floor((main - start - FIRST_AFTER) / period); ; k += 1) {
    const month = main + Math.round(k * period);
    if (month > end) return found;
    found.push(month);
  }
}

/** One work that comes again and again, and which visits did it: each does the one whose time it is. */
export function comesAgain(key: DateKey, work: VisitWork, perYear: number, terms: DateTerms): UpkeepDate[] {
  const months = monthsOf(perYear, terms);
  const done = didOf(terms.visits, work).map((v) => ({
    id: v.entry.id,
    month: monthOf(v.atMs, terms.timeZone),
  }));
  return months.map((month, i): UpkeepDate => {
    const next = months[i + 1] ?? Infinity;
    const by = done.find((d) => d.month >= month - SOONER && d.month < next - SOONER);
    const state = by ? 'done' : terms.now > month ? 'late' : terms.now === month ? 'due' : 'to come';
    return { key, from: month, to: month, state, entryId: by?.id };
  });
}

/** What is late is said once: of dates that nobody kept, only the newest may still be kept. */
export const standing = (dates: readonly UpkeepDate[]): UpkeepDate | undefined =>
  dates.findLast((d) => d.state === 'late' || d.state === 'due');

export const rangeDate = (key: DateKey, from: Month, to: Month, now: Month): UpkeepDate => ({
  ...{ key, from, to: Math.max(from, to), entryId: undefined },
  state: now > to ? 'late' : now >= from ? 'due' : 'to come',
});
