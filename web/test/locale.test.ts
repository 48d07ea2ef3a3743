/** Numbers, dates and clocks as the place of the browser writes them; the words stay English. */
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { placeStyle, usualCurrency } from '../src/app/locale.ts';
import { clockWords, dayText, sayTime } from '../src/app/time.ts';
import { plain } from './support.ts';

describe('the style of a place', () => {
  it.each([
    ['en-GB', '1,234.5', false, false],
    ['en-US', '1,234.5', true, true],
    ['de-DE', '1.234,5', false, false],
    ['fr-FR', '1 234,5', false, false],
    ['de-CH', '1’234.5', false, false],
    ['sv-SE', '1 234,5', false, false],
    // Spain parts thousands only from ten thousand on; the mark is a point.
    ['es-ES', '1.234,5', false, false],
  ])('%s', (locale, numbers, monthFirst, twelve) => {
    expect(placeStyle(locale)).toEqual({ numbers, monthFirst, twelve });
  });
});

describe('times', () => {
  const now = Date.parse('2026-05-12T06:00:00Z');
  const said = (iso: string, locale: string): string =>
    plain(sayTime(Date.parse(iso), 'Europe/Lisbon', now, placeStyle(locale)));
  it.each([
    ['2026-05-12T13:30:00Z', '14:30', '2:30 PM'],
    ['2026-05-11T23:05:00Z', '00:05', '12:05 AM'],
    ['2026-05-12T11:00:00Z', '12:00', '12:00 PM'],
    ['2026-05-13T07:30:00Z', 'tomorrow 08:30', 'tomorrow 8:30 AM'],
    ['2026-05-15T08:00:00Z', 'Fri 09:00', 'Fri 9:00 AM'],
    ['2026-07-01T08:00:00Z', '1 Jul 09:00', 'Jul 1 9:00 AM'],
    ['2025-07-01T08:00:00Z', '1 Jul 2025 09:00', 'Jul 1 2025 9:00 AM'],
  ])('%s', (iso, british, american) => {
    expect([said(iso, 'en-GB'), said(iso, 'en-US')]).toEqual([british, american]);
  });
});

describe('days', () => {
  const day = DateTime.fromISO('2026-05-12T14:30', { zone: 'Europe/Lisbon', locale: 'de' });
  it.each([
    ['short', '12 May 2026', 'May 12, 2026'],
    ['weekday', 'Tue 12 May', 'Tue, May 12'],
    ['full', 'Tue 12 May 2026', 'Tue, May 12, 2026'],
    ['long', 'Tuesday 12 May', 'Tuesday, May 12'],
  ] as const)('%s', (form, british, american) => {
    expect(dayText(day, form, placeStyle('en-GB'))).toBe(british);
    expect(dayText(day, form, placeStyle('en-US'))).toBe(american);
  });
  it('have their clock', () => {
    expect(plain(clockWords(day, placeStyle('en-US')))).toBe('2:30 PM');
    expect(clockWords(day, placeStyle('de-DE'))).toBe('14:30');
  });
});

it.each([
  ['en-US', 'USD'],
  ['en', 'USD'],
  ['en-GB', 'GBP'],
  ['en-CA', 'CAD'],
  ['de-DE', 'EUR'],
  ['pt', 'EUR'],
])('a device of %s keeps prices in %s until somebody chooses', (locale, currency) => {
  expect(usualCurrency(locale)).toBe(currency);
});
