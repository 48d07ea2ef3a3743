/** How printouts say things: in the words, the units and the clock of the job, every instant with its date. */
import { verdictText, type Figure, type Given, type Part } from '../figures/index.ts';
import { currencyOf, type JobHead } from '../job/index.ts';
import { format, notationOf, type Quantity } from '../units/index.ts';
import { fullTime, utcOffset } from '../weather/index.ts';
import type { Printout } from './model.ts';
import { calendarDay, worded, wordingOf } from '../wording/index.ts';

export interface Telling {
  /** Words of the program. What people typed does not pass here. */
  readonly w: (text: string) => string;
  readonly value: (value: number, quantity: Quantity) => string;
  readonly figure: (figure: Figure | Given | undefined) => string;
  readonly time: (instant: string) => string;
  readonly timeMs: (ms: number) => string;
  /** A date without a time. */
  readonly day: (date: string) => string;
  /** From one instant to another; the date once where it is the same day. */
  readonly span: (from: string, to: string) => string;
  readonly parts: (parts: readonly Part[]) => string;
  /** For lines of entries. */
  readonly say: {
    readonly time: (instant: string) => string;
    readonly value: (value: number, quantity: Quantity) => string;
    readonly word: (text: string) => string;
  };
}

/** What of a job says how its papers are written. */
export type Writing = Pick<JobHead, 'units' | 'wording' | 'timeZone' | 'numbers' | 'inches' | 'currency'>;

/** How the papers of a job say things, instants by its own clocks and with their date. */
export function tellingOf(head: Writing): Telling {
  const wording = wordingOf(head);
  const written = notationOf(head);
  const currency = currencyOf(head);
  const w = (text: string): string => worded(text, wording, head.units);
  const value = (v: number, quantity: Quantity): string =>
    format(v, quantity, written).replace('¤', currency);
  const timeMs = (ms: number): string => fullTime(ms, head.timeZone, wording === 'us');
  const time = (instant: string): string => timeMs(Date.parse(instant));
  return {
    w,
    value,
    figure: (f) => (f ? value(f.value, f.quantity) : '–'),
    time,
    timeMs,
    day: (date) => calendarDay(date, wording === 'us'),
    span: (from, to) => {
      const [a, b] = [time(from), time(to)];
      const day = a.slice(0, a.lastIndexOf(',') + 2);
      return `${a} ${w('to')} ${b.startsWith(day) ? b.slice(day.length) : b}`;
    },
    parts: (parts) => verdictText(parts, written, timeMs, wording).trim().replaceAll('¤', currency),
    say: { time, value, word: w },
  };
}

/** What stands at the head and foot of every page of a job's printouts. */
export const jobLines = (
  head: Pick<JobHead, 'name' | 'place' | 'units' | 'wording' | 'timeZone'>,
  nowMs: number,
): Pick<Printout, 'job' | 'made' | 'language'> => ({
  job: [head.name, head.place].filter((x) => x !== '').join(', '),
  made: `${fullTime(nowMs, head.timeZone, wordingOf(head) === 'us')} (${utcOffset(nowMs, head.timeZone)})`,
  language: wordingOf(head) === 'us' ? 'en-US' : 'en-GB',
});
