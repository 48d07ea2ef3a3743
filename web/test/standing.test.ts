/** How a list of jobs says where a job stands whose roofs are handed over. */
import { describe, expect, it } from 'vitest';
import { standingWords, type StandingTold } from '../src/jobs/standing.ts';

const date = { what: 'visit', zoneId: 'hall', zoneName: 'Hall' } as const;
const to = (month: string, state: 'late' | 'due' | 'to come') => ({
  ...date,
  ...{ from: `${month}-01`, to: `${month}-01`, state },
});
const none: StandingTold = { handedOver: 2, of: 2, due: [], openSnags: 0, sleeps: true };

describe('a line of the list', () => {
  it.each<[StandingTold, string]>([
    [
      { ...none, next: to('2027-10', 'to come') },
      'Sleeps until Oct 2027: look at it, wash, clear outlets, Hall.',
    ],
    [none, 'Sleeps: no date is to come.'],
    [
      { ...none, sleeps: false, due: [to('2026-10', 'late'), to('2026-11', 'due')] },
      'Missed: look at it, wash, clear outlets, Hall, Oct 2026 and 1 more.',
    ],
    [{ ...none, sleeps: false, openSnags: 2, next: to('2027-10', 'to come') }, '2 to be put right.'],
    [
      { ...none, sleeps: false, handedOver: 1, next: to('2027-10', 'to come') },
      '1 of 2 roofs handed over; next look at it, wash, clear outlets, Hall, Oct 2027.',
    ],
  ])('%# says it in one sentence', (told, said) => expect(standingWords(told)).toBe(said));
});
