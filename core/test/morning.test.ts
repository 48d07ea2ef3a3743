/** The firm's morning: one line a job, agreeing with the calls of its bays, and the jobs in order of cost. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CALL_KINDS } from '@lentum/core/call';
import { EMPTY_SITE } from '@lentum/core/site';
import { jobState } from '@lentum/core/state';
import { byCost, NO_COST, type CostOrder } from '@lentum/core/job';
import { duesOf, jobMorning, type Morning } from '@lentum/core/words';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { bookOf, inputsOf } from './support/calls.ts';

const at = new Date(DEMO_ANCHOR);
const job = velmora(at);
const HOUR = 3_600_000;
const book = bookOf(job);
const { timeZone } = job.job;
const { deliveries } = job.order;
const stateAt = (ms: number) => jobState(inputsOf(job, ms, book));
const morningOf = (ms: number): Morning => jobMorning(stateAt(ms), { deliveries, timeZone });
const morning = morningOf(at.getTime());
const says = (lines: Morning['now']): string[] => lines.map((l) => l.says);
const labelOf = (bayId: string): string | undefined => job.site.bays.find((b) => b.id === bayId)?.label;

describe('the demo’s morning in one line', () => {
  it('says what cannot wait, what can be done, and until when', () => {
    expect(says(morning.urgent)).toEqual([
      'H4 second coat: thin while wet',
      'H8 first coat: window missed',
      'W3 base sheet: window missed',
    ]);
    expect(says(morning.now)).toEqual(['C1–C3 stripe coat', 'C4–C6 anticorrosive primer']);
    expect(morning.closes?.says).toBe('window closes: C1–C3');
    expect(morning.closes?.atMs).toBe(morning.now[0]?.byMs);
    expect(morning.opens?.says).toMatch(/^window opens: C7, H5, H7, H11, T3–T7, T9–T12, W2, W4$/);
  });
  it('says what waits, and for whom', () => {
    expect(says(morning.waits)).toContain('a word, held by Marek: H9');
    expect(says(morning.waits)).toContain('acceptance: H3, W1');
    expect(says(morning.waits)).toContain('preparation: G3, H12');
    expect(says(morning.waits)).toContain('permit for hot works: G1, G2');
  });
  it('counts the bays, names the last entry and the next delivery', () => {
    expect(morning.bays).toEqual({ all: job.site.bays.length, done: 4 });
    expect(morning.last?.who).toBe('Ines');
    const newest = Math.max(...job.record.map((s) => Date.parse(s.entry.madeAt)));
    expect(morning.last?.atMs).toBe(newest);
    const ahead = deliveries.map((d) => d.on).filter((on) => on >= '2026-05-12');
    expect(morning.delivery?.on).toBe(ahead.sort()[0]);
  });
  it('has no delivery once the last one is past, and none of a past day', () => {
    const one = (on: string) => [{ ...deliveries[0]!, on }];
    const on = (day: string): string | undefined =>
      jobMorning(stateAt(at.getTime()), { deliveries: one(day), timeZone }).delivery?.on;
    expect(on('2026-05-11')).toBeUndefined();
    expect(on('2026-05-12')).toBe('2026-05-12');
    // Still the day before, far enough to the west.
    expect(
      jobMorning(stateAt(at.getTime()), { deliveries: one('2026-05-11'), timeZone: 'Pacific/Honolulu' })
        .delivery?.on,
    ).toBe('2026-05-11');
  });
  it('tells the rain of a day only where every hour is known', () => {
    const { weather } = morning;
    const { weather: known } = stateAt(at.getTime());
    const line = known!.line;
    const first = Math.floor((at.getTime() - line.startMs) / HOUR);
    const day = [...line.values.rainMm].slice(first, first + 24);
    expect(weather?.rainMm).toBeCloseTo(
      day.reduce((a, b) => a + b, 0),
      9,
    );
    expect(weather?.rainFromMs).toBe(line.startMs + (first + day.findIndex((mm) => mm > 0)) * HOUR);
    // One hour of the day without rain or none: the sum of the others would be less than it is.
    const inputs = inputsOf(job, at.getTime(), book);
    const gap = Math.floor(at.getTime() / HOUR) + 5;
    const series = inputs.series.map((s) => {
      const { rainMm, ...columns } = s.columns;
      const start = Date.parse(s.startAt) / HOUR;
      return {
        ...s,
        columns: {
          ...columns,
          ...(rainMm ? { rainMm: rainMm.map((mm, i) => (start + i === gap ? null : mm)) } : {}),
        },
      };
    });
    const holed = jobMorning(jobState({ ...inputs, series }), { deliveries, timeZone });
    expect(holed.weather?.rainMm).toBeUndefined();
    expect(holed.weather?.airC).toBe(weather?.airC);
    expect(jobMorning(jobState({ ...inputs, series: [] }), { deliveries, timeZone }).weather).toBeUndefined();
  });
});

it('agrees with the calls of every hour of two days: each bay once, nothing open left out', () => {
  for (let h = 0; h < 48; h += 4) {
    const ms = at.getTime() + h * HOUR;
    const { calls, atMs } = stateAt(ms);
    const m = morningOf(ms);
    const of = (...kinds: string[]) => calls.filter((c) => kinds.includes(c.kind));
    const sum = (lines: Morning['now']): number => lines.reduce((n, l) => n + l.bays, 0);
    expect(sum(m.now)).toBe(of('open', 'closing').length);
    expect(sum(m.waits)).toBe(of('held', 'accept', 'steps', 'blocked', 'check').length);
    expect(m.bays.done).toBe(of('done').length);
    const ends = duesOf(calls, atMs).filter((d) => d.kind !== 'opens');
    expect(m.closes?.atMs).toBe(ends[0]?.atMs);
    expect(m.order[0]).toBe(Math.min(...calls.map((c) => CALL_KINDS.indexOf(c.kind))));
    for (const l of [...m.urgent, ...m.now, ...m.waits]) expect(labelOf(l.bayId)).toBeDefined();
    expect(JSON.stringify(m)).not.toMatch(/NaN|null/);
  }
});

describe('jobs in order of what missing them costs', () => {
  const order = fc.oneof(fc.tuple(fc.nat(CALL_KINDS.length), fc.nat()), fc.constant<CostOrder>(NO_COST));
  it('is an order: the dearer kind first, then what ends sooner', () => {
    expect(byCost([1, 900], [4, 100])).toBeLessThan(0);
    expect(byCost([4, 100], [4, 900])).toBeLessThan(0);
    expect([byCost([9, 900], NO_COST), byCost(NO_COST, NO_COST)]).toEqual([-Infinity, 0]);
    fc.assert(
      fc.property(fc.array(order), (list) => {
        const sorted = [...list].sort(byCost);
        for (const [i, x] of sorted.entries())
          if (i > 0) expect(byCost(sorted[i - 1]!, x)).toBeLessThanOrEqual(0);
      }),
    );
  });
  it('a job without bays comes last', () => {
    const empty = jobState({ ...inputsOf(job, at.getTime(), book), site: EMPTY_SITE });
    const nothing = jobMorning(empty, { deliveries: [], timeZone });
    expect(nothing).toMatchObject({ bays: { all: 0, done: 0 }, urgent: [], now: [], waits: [] });
    expect(byCost(morning.order, nothing.order)).toBeLessThan(0);
  });
});
