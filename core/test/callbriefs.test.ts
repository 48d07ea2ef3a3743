/** A call in a few words: the same answer as its verdict, nothing that the verdict or its gates do not know, and short. */
import { describe, expect, it } from 'vitest';
import { CALL_KINDS, type Call } from '@lentum/core/call';
import type { Part } from '@lentum/core/figures';
import { briefVerdict, callVerdict, verdictText } from '@lentum/core/words';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { bookOf, callsOf } from './support/calls.ts';

const at = new Date(DEMO_ANCHOR);
const job = velmora(at);
const HOUR = 3_600_000;
const clock = (ms: number): string => `${Math.round((ms - at.getTime()) / HOUR)} h`;
const briefAt = (call: Call, nowMs: number) => briefVerdict(call, callVerdict(call, nowMs), nowMs);
const text = (parts: readonly Part[]): string => verdictText(parts, 'metric', clock);

/** Calls of the demo over two days, three hours apart. */
const book = bookOf(job);
const days = Array.from({ length: 16 }, (_, i) => at.getTime() + 3 * i * HOUR).flatMap((nowMs) =>
  [...callsOf(job, nowMs, book).values()].map((call) => ({ call, nowMs })),
);
const morning = callsOf(job, at.getTime(), book);

describe('a call in a few words', () => {
  it.each([
    ['C4', /^Start by 6 h; rain before it is rain-safe 8 h$/],
    ['H5', /^Opens about 1 h: surface 1\.\d\u00a0°C above the dew point$/],
    ['H7', /^Opens about 1 h: surface 1\.\d\u00a0°C above the dew point; last chance$/],
    ['H6', /^Open from 2 h$/],
    ['H4', /^Thin: roll 1\.0\u00a0L more by 1 h$/],
    ['H8', /^Overcoat window of the primer closed -16 h; see what to do$/],
    ['H12', /^7 steps first: set outlets below the surface, …$/],
    ['G1', /^Permit for hot works, and 1 more$/],
    ['T8', /^Film of membrane, reinforced: 1\.68\u00a0mm, limit 2\.17\u00a0mm$/],
    ['W1', /^Look at films and laps, and accept it$/],
    ['H3', /^Thin: 1\.4\u00a0L short; it has cured$/],
  ])('%s', (label, says) => {
    const call = morning.get(label);
    if (!call) throw new Error(`no bay ${label}`);
    expect(text(briefAt(call, at.getTime()).says)).toMatch(says);
  });

  it('answers as the verdict does, of the same bay and layer', () => {
    for (const { call, nowMs } of days) {
      const whole = callVerdict(call, nowMs);
      expect(briefVerdict(call, whole, nowMs)).toMatchObject({
        outcome: whole.outcome,
        subject: whole.subject,
      });
    }
  });

  it('says each number and time as the verdict, its gates or its bay know it', () => {
    for (const { call, nowMs } of days) {
      const whole = callVerdict(call, nowMs);
      const known = [
        ...whole.says,
        ...(whole.quiet ?? []),
        ...call.gates.flatMap((g) => [
          ...g.says,
          ...[g.actual, g.limit].flatMap((f) => (f ? [{ figure: f }] : [])),
        ]),
        ...[call.fromMs, call.toMs, call.deadlineMs, call.miss?.atMs].flatMap((atMs) =>
          atMs === undefined ? [] : [{ atMs }],
        ),
      ].flatMap((p) => (typeof p === 'string' ? [] : [text([p])]));
      for (const part of briefAt(call, nowMs).says)
        if (typeof part !== 'string') expect(known).toContain(text([part]));
    }
  });

  it('is short: what a phone shows in three lines, whatever holds the bay', () => {
    const kinds = new Set(days.map(({ call }) => call.kind));
    expect(kinds.size).toBeGreaterThan(CALL_KINDS.length / 2);
    for (const { call, nowMs } of days) {
      const says = text(briefAt(call, nowMs).says);
      // Somebody's own reason for a hold is said as it was written.
      if (call.kind !== 'held' && call.kind !== 'done') expect(says.length, says).toBeLessThan(125);
      expect(says).not.toMatch(/NaN|undefined/);
    }
  });
});
