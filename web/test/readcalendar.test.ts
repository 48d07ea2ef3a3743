/** Days off out of calendar files, such as other programs write them. */
import ical, { ICalEventRepeatingFreq } from 'ical-generator';
import { describe, expect, it } from 'vitest';
import { daysOffIn } from '../src/programme/setup/readcalendar.ts';

const TODAY = '2026-05-12';

describe('a calendar of days off', () => {
  it('is read by whole days, over several of them, each once', async () => {
    const calendar = ical({ name: 'Off' });
    calendar.createEvent({ start: new Date('2026-05-25'), allDay: true, summary: 'Whit Monday' });
    calendar.createEvent({
      start: new Date('2026-08-03'),
      end: new Date('2026-08-06'),
      allDay: true,
      summary: 'Works holiday',
    });
    calendar.createEvent({ start: new Date('2026-05-01'), allDay: true, summary: 'Past' });
    calendar.createEvent({ start: new Date('2026-05-20T09:00:00Z'), summary: 'A meeting is no day off' });
    expect(await daysOffIn(calendar.toString(), TODAY)).toEqual([
      { on: '2026-05-25', says: 'Whit Monday' },
      { on: '2026-08-03', says: 'Works holiday' },
      { on: '2026-08-04', says: 'Works holiday' },
      { on: '2026-08-05', says: 'Works holiday' },
    ]);
  });

  it('is read by what comes again, as far as days are planned', async () => {
    const calendar = ical({ name: 'Off' });
    calendar.createEvent({
      start: new Date('2025-10-03'),
      allDay: true,
      summary: 'Town day',
      repeating: { freq: ICalEventRepeatingFreq.YEARLY },
    });
    expect(await daysOffIn(calendar.toString(), TODAY)).toEqual([{ on: '2026-10-03', says: 'Town day' }]);
  });

  it.each(['', 'date,says\n2026-05-25,Whit Monday', '{"a":1}'])(
    'is refused where it is none: %j',
    async (text) => {
      await expect(daysOffIn(text, TODAY)).rejects.toThrow('BEGIN:VCALENDAR');
    },
  );
});
