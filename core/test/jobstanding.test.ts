/** A job whose roof is handed over sleeps until a date of its upkeep, and wakes for what is due or open. */
import { describe, expect, it } from 'vitest';
import { jobStanding } from '@lentum/core/handover';
import { rulesOf } from '@lentum/core/job';
import type { JobContent } from '@lentum/core/jobfile';
import { EMPTY_BOOK, foldRecord, link, namesOf, type Body, type StoredEntry } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import { DEMO_ANCHOR, hallFinished } from '@lentum/demo';

const NOW = Date.parse(DEMO_ANCHOR);
const DAY = 86_400_000;
const finished = hallFinished(new Date(DEMO_ANCHOR));
/** The hall alone is cut into bays. */
const hallOnly: JobContent = {
  ...finished,
  site: { ...finished.site, bays: finished.site.bays.filter((b) => b.zoneId === 'hall') },
};

type Told =
  | { readonly kind: 'upkeep'; readonly body: Body<'upkeep'> }
  | { readonly kind: 'snag'; readonly body: Body<'snag'> };
function standing(told: readonly Told[], atMs: number, job = hallOnly) {
  const record: StoredEntry[] = [...job.record];
  told.forEach(({ kind, body }, i) => {
    const entry = {
      ...{ form: 2, id: `told-${i}`, kind, version: 1, personId: 'velmora-ines', deviceId: 'test' },
      ...{ madeAt: body.at, zoneId: 'hall', bays: [], attachments: [], body },
    };
    record.push(link(record.at(-1), entry as never, body.at));
  });
  const state = jobState({
    ...{ survey: job.survey, buildUps: job.buildUp, site: job.site, weather: job.weather },
    ...{ series: job.weatherSeries, rules: rulesOf(job.job), nowMs: atMs },
    book: foldRecord(EMPTY_BOOK, record, namesOf(job.people)),
  });
  return jobStanding(state, job.job.timeZone, job.proving);
}
const at = (ms: number): string => new Date(ms).toISOString();
const over: Told = {
  kind: 'upkeep',
  body: { step: 'handed over', at: DEMO_ANCHOR, to: 'the port office', unproven: [] },
};
const visit = (ms: number): Told => ({
  kind: 'upkeep',
  body: {
    step: 'visit',
    at: at(ms),
    done: ['looked at', 'washed', 'outlets cleared'],
    details: [],
    topUm: [],
  },
});
const found: Told = { kind: 'snag', body: { step: 'found', at: at(NOW + DAY), what: 'a loose strip' } };

describe('a job after its roof was handed over', () => {
  it('does not sleep before, and has no date', () => {
    expect(standing([], NOW)).toEqual({
      ...{ handedOver: 0, of: 1, due: [], next: undefined, openSnags: 0, sleeps: false },
    });
  });
  it('sleeps until its next date', () => {
    const s = standing([over], NOW + DAY);
    expect(s).toMatchObject({ handedOver: 1, of: 1, due: [], sleeps: true });
    expect(s.next?.zoneName).toBe('Booking hall roof');
    expect(s.next?.date.state).toBe('to come');
  });
  it('wakes in the month of that date, and sleeps again once the visit is on record', () => {
    const next = standing([over], NOW + DAY).next?.date;
    // Months are counted from year 0.
    const inMonth = Date.UTC(Math.floor((next?.from ?? 0) / 12), (next?.from ?? 0) % 12, 10);
    const awake = standing([over], inMonth);
    expect([awake.sleeps, awake.due.map((d) => d.date.state)]).toEqual([false, ['due']]);
    expect(awake.next).toBeUndefined();
    const again = standing([over, visit(inMonth)], inMonth + DAY);
    expect([again.sleeps, again.due]).toEqual([true, []]);
    // What is missed keeps it awake.
    const late = standing([over], inMonth + 120 * DAY);
    expect([late.sleeps, late.due[0]?.date.state]).toEqual([false, 'late']);
  });
  it('stays awake while something is to be put right, or another roof is not handed over', () => {
    expect(standing([over, found], NOW + 2 * DAY)).toMatchObject({ sleeps: false, openSnags: 1 });
    const [first] = hallOnly.site.bays;
    const other = { ...first!, id: 'terrace-own', zoneId: 'terrace', label: 'T1' };
    const two = { ...hallOnly, site: { ...hallOnly.site, bays: [...hallOnly.site.bays, other] } };
    expect(standing([over], NOW + DAY, two)).toMatchObject({ handedOver: 1, of: 2, sleeps: false });
  });
});
