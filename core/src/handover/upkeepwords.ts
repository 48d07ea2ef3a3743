/** What is looked after in the years after, in words for screen and paper. */
import type { Part } from '../figures/index.ts';
import { words } from '../figures/index.ts';
import { monthName, monthText, type DateKey, type UpkeepDate, type UpkeepPlan } from '../upkeep/index.ts';
import type { GuaranteeStand } from './guarantee.ts';

export const DATE_NAMES: Readonly<Record<DateKey, string>> = {
  visit: 'Look at it, wash, clear outlets',
  outlets: 'Clear outlets',
  recoat: 'Coat again',
  renewal: 'Renew',
  guarantee: 'Guarantee ends',
};

/** Oct 2027, or Jan 2033 to Aug 2041. */
export const dateText = ({ from, to }: Pick<UpkeepDate, 'from' | 'to'>): string =>
  from === to ? monthText(from) : `${monthText(from)} to ${monthText(to)}`;

export function startWords({ startBy, startMs, kept }: UpkeepPlan): readonly Part[] {
  if (startBy === 'handed over' && kept.handedOver)
    return words`Counted from when it was handed over to ${kept.handedOver.body.to}, ${{ atMs: startMs }}.`;
  return startBy === 'finished'
    ? words`Counted from its last layer, ${{ atMs: startMs }}; it is not handed over.`
    : ['Not finished: the dates are those as if it were handed over today.'];
}

/** What somebody who looks after the roof has to mind; the sheets of the products and local rules go before it. */
export const UPKEEP_CAUTIONS = [
  'Edges, roof lights and openings: fall protection first.',
  'Wash water and biocide may not be allowed in the drain: ask before.',
  'Chlorine washes are never mixed with acids.',
  'Do not cut, burn or screw into the roof. What is put on it later is sealed by somebody who knows the build-up.',
  'Repairs with the material of the details, on clean, dry, keyed and primed ground.',
];

/** Not proven on the day of the handing over. */
export const openWords = (unproven: readonly string[]): string =>
  unproven.length === 0
    ? 'Everything that was looked at was proven.'
    : `Handed over with ${unproven.length} not proven: ${unproven.join(', ').toLowerCase()}.`;

/**
 * @param w words of the program; what people typed stays as it is
 * @param day a date, as its reader writes it
 */
export const guaranteeWords = (
  { guarantee: g, startsOn, endsOn }: GuaranteeStand,
  w: (text: string) => string,
  day: (date: string) => string,
): string =>
  `${w('Given by')} ${g.by} ${w(`for ${g.years} ${g.years === 1 ? 'year' : 'years'}`)}: ${g.covers}. ${
    startsOn && endsOn
      ? `${w('From')} ${day(startsOn)} ${w('to')} ${day(endsOn)}.`
      : w('It begins when the roof is handed over.')
  }`;

export interface YearLine {
  readonly year: number;
  readonly visits: string;
  readonly outlets: string;
  /** What comes once in many years: recoat, renewal, the end of the guarantee. */
  readonly once: string;
}

const MARKS = { done: ', done', late: ', not on record', due: ', due', 'to come': '' } as const;

/**
 * Dates by the years in which they begin.
 * @param w words of the program
 */
export function yearLines(dates: readonly UpkeepDate[], w: (text: string) => string): YearLine[] {
  const yearOf = (d: UpkeepDate): number => Math.floor(d.from / 12);
  const years = [...new Set(dates.map(yearOf))].sort((a, b) => a - b);
  return years.map((year) => {
    const here = dates.filter((d) => yearOf(d) === year);
    const months = (key: DateKey): string =>
      here
        .filter((d) => d.key === key)
        .map((d) => `${monthName(d.from)}${w(MARKS[d.state])}`)
        .join('; ');
    return {
      ...{ year, visits: months('visit'), outlets: months('outlets') },
      once: here
        .filter((d) => d.key !== 'visit' && d.key !== 'outlets')
        .map((d) => `${w(DATE_NAMES[d.key])}, ${dateText(d)}`)
        .join('; '),
    };
  });
}
