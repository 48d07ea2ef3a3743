/** Months of the calendar as one running number, for dates that come back every so many months. */
import { MONTHS } from '../wording/index.ts';
import { dateOf } from '../words/index.ts';

/** Months since the year 0: January of 2026 is 24312. */
export type Month = number;

/** @param day such as 2026-05-12 */
export const monthOfDay = (day: string): Month => Number(day.slice(0, 4)) * 12 + Number(day.slice(5, 7)) - 1;
export const monthOf = (ms: number, timeZone: string): Month => monthOfDay(dateOf(ms, timeZone));

/** 2026-01-01: the first day of a month. */
export const firstDay = (month: Month): string =>
  `${String(Math.floor(month / 12)).padStart(4, '0')}-${String((month % 12) + 1).padStart(2, '0')}-01`;

/** The month that lies so many years after another, to the nearest. */
export const monthsAfter = (month: Month, years: number): Month => month + Math.round(years * 12);

/** The first month from one on that is a given one of the year, January 0. */
export const nextOf = (from: Month, ofYear: number): Month => from + ((((ofYear - from) % 12) + 12) % 12);

/** Oct 2031. */
export const monthText = (month: Month): string => `${MONTHS[month % 12] ?? ''} ${Math.floor(month / 12)}`;
export const monthName = (ofYear: number): string => MONTHS[((ofYear % 12) + 12) % 12] ?? '';
