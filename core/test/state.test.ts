/**
 * The state of a job against a slow and plain judge written apart: random jobs, gate by gate. And what must always be so:
 * what was computed before changes nothing, a worse reading opens nothing, more time un-cures nothing.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isCoat, wetFilm, type Coat } from '@lentum/core/buildup';
import type { Call } from '@lentum/core/call';
import { jobState, type JobState } from '@lentum/core/state';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { inputsOf } from './support/calls.ts';
import {
  at,
  callFor,
  coated,
  hours,
  HOUR,
  inputsFor,
  moisture,
  NOW,
  polyurethane,
  prepared,
  reading,
  told,
  type GateJob,
  type Told,
} from './support/gatejob.ts';

const primer = polyurethane.layers.find((l) => l.id === 'primer') as Coat;
const first = polyurethane.layers.find((l) => l.id === 'first') as Coat;

interface Facts {
  readonly moistureAt: readonly { value: number; hoursAgo: number }[];
  readonly preparedAgo: number | undefined;
  readonly primedAgo: number | undefined;
  readonly readAgo: number | undefined;
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC: number;
  /** Rain in the hours from now on, and in those before. */
  readonly rainIn: number | undefined;
  readonly rainAgo: number | undefined;
}
const some = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(of, { nil: undefined });
const hoursAgo = (most: number) => fc.integer({ min: 1, max: most * 4 }).map((q) => q / 4);
const factsArb: fc.Arbitrary<Facts> = fc.record({
  moistureAt: fc.array(
    fc.record({ value: fc.integer({ min: 20, max: 80 }).map((n) => n / 10), hoursAgo: hoursAgo(60) }),
    { maxLength: 3 },
  ),
  preparedAgo: some(hoursAgo(100)),
  primedAgo: some(hoursAgo(30)),
  readAgo: some(fc.integer({ min: 1, max: 100 }).map((m) => m / 60)),
  airC: fc.integer({ min: 2, max: 38 }),
  humidityPct: fc.integer({ min: 20, max: 95 }),
  surfaceC: fc.integer({ min: 2, max: 55 }),
  rainIn: some(fc.integer({ min: 0, max: 8 })),
  rainAgo: some(fc.integer({ min: 1, max: 60 })),
});

const jobOf = (f: Facts): GateJob => ({
  series: [
    hours((h) => (h === f.rainIn || (f.rainAgo !== undefined && h === -f.rainAgo) ? { rainMm: 1 } : {})),
  ],
  entries: [
    ...f.moistureAt.map((m) => moisture(m.value, m.hoursAgo)),
    ...(f.preparedAgo === undefined ? [] : [prepared(f.preparedAgo)]),
    ...(f.primedAgo === undefined ? [] : [coated(polyurethane, 'primer', f.primedAgo)]),
    ...(f.readAgo === undefined
      ? []
      : [reading(f.readAgo, { airC: f.airC, humidityPct: f.humidityPct, surfaceC: f.surfaceC })]),
  ],
});

/** Magnus, as Alduchov and Eskridge give it (1996). */
const dewPoint = (t: number, rh: number): number => {
  const g = Math.log(rh / 100) + (17.625 * t) / (243.04 + t);
  return (243.04 * g) / (17.625 - g);
};

/** What each gate says, worked out in the plainest way; a gate that it does not know is left out. */
function plainly(f: Facts): Record<string, string> {
  const out: Record<string, string> = {};
  const layer = f.primedAgo === undefined ? primer : first;
  const said = (key: string, broken: boolean, unknown = false): void => {
    out[key] = broken ? 'broken' : unknown ? 'unknown' : 'holds';
  };
  // The ground: the newest visit counts, visits within twelve hours are one; the wettest of it decides.
  const visit = f.moistureAt.filter((m) => !f.moistureAt.some((o) => m.hoursAgo - o.hoursAgo > 12));
  const wettest = visit.reduce<(typeof visit)[number] | undefined>(
    (worst, m) => (!worst || m.value > worst.value ? m : worst),
    undefined,
  );
  if (f.primedAgo === undefined) {
    if (!wettest) said('ground/moisture', false, true);
    else {
      // An hour of rain ends at its end.
      const rained = f.rainAgo !== undefined && f.rainAgo - 1 + MINUTES_PAST < wettest.hoursAgo;
      const nowRains = f.rainIn === 0;
      said('ground/moisture', wettest.value > 6, wettest.hoursAgo > 24 || rained || nowRains);
    }
    const washed = f.preparedAgo !== undefined;
    said('preparation/wash', !washed);
    said('preparation/dry', !washed);
  } else {
    const before = f.preparedAgo !== undefined && f.preparedAgo >= f.primedAgo + 0.5;
    out['preparation/none'] = before ? 'absent' : 'broken';
    said('below/film-primer', false);
  }
  // The moment: a reading of the last hour, else the hours of the weather.
  const fresh = f.readAgo !== undefined && f.readAgo <= 1;
  said('weather/reading', false, !fresh);
  // An older reading still leans on the hours after it, by a law of its own.
  if (f.readAgo !== undefined && !fresh) return out;
  const now = fresh
    ? { air: f.airC, rh: f.humidityPct, surface: f.surfaceC }
    : { air: 18, rh: 50, surface: 20 };
  const { limits } = layer;
  const holdsOver = (wrong: (m: typeof now) => boolean): boolean => wrong(now);
  said(
    'weather/surfaceMin',
    holdsOver((m) => m.surface < limits.surfaceMinC.value),
  );
  said(
    'weather/surfaceMax',
    holdsOver((m) => m.surface > limits.surfaceMaxC.value),
  );
  said(
    'weather/airMin',
    holdsOver((m) => m.air < limits.airMinC.value),
  );
  said(
    'weather/airMax',
    holdsOver((m) => m.air > limits.airMaxC.value),
  );
  said(
    'weather/humidityMax',
    holdsOver((m) => m.rh > limits.humidityMaxPct.value),
  );
  if (limits.humidityMinPct)
    said(
      'weather/humidityMin',
      holdsOver((m) => m.rh < (limits.humidityMinPct?.value ?? 0)),
    );
  said(
    'weather/dewMargin',
    holdsOver((m) => m.surface - dewPoint(m.air, m.rh) < limits.dewMarginK.value),
  );
  said('weather/rain', f.rainIn === 0);
  return out;
}
/** The held clock stands at half past: so much of the hour is gone. */
const MINUTES_PAST = 0.5;

const answers = (call: Call): Record<string, string> =>
  Object.fromEntries(call.gates.map((g) => [g.key, g.answer]));

describe('random jobs against a slow, plain judge', () => {
  it('gate by gate (common practice, no source; dew point after Alduchov and Eskridge 1996)', () => {
    const told = new Set<string>();
    fc.assert(
      fc.property(factsArb, (f) => {
        const call = callFor(jobOf(f));
        const found = answers(call);
        for (const [key, answer] of Object.entries(plainly(f))) {
          // In the hours after a fresh reading its difference fades out: those hours are not judged here.
          if (key.startsWith('weather/') && answer === 'holds' && found[key] === 'broken') {
            const gate = call.gates.find((g) => g.key === key)!;
            expect(JSON.stringify(gate.says)).toContain('while it is laid');
            continue;
          }
          told.add(`${key} ${answer}`);
          expect(found[key] ?? 'absent', key).toBe(answer);
        }
      }),
      { numRuns: 400 },
    );
    // Each kind of answer was met, so none of this is empty.
    for (const met of [
      'ground/moisture broken',
      'ground/moisture unknown',
      'ground/moisture holds',
      'preparation/wash broken',
      'preparation/none broken',
      'weather/reading unknown',
      'weather/dewMargin broken',
      'weather/surfaceMax broken',
      'weather/airMin broken',
      'weather/humidityMin broken',
      'weather/rain broken',
    ])
      expect([...told], met).toContain(met);
  });
});

const bare = ({ kept: _kept, weather: _weather, ...rest }: JobState): unknown => rest;

describe('what was computed before', () => {
  const job = velmora(new Date(DEMO_ANCHOR));
  const anchor = Date.parse(DEMO_ANCHOR);
  it('never changes the answer: the demo, at any instants in any order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -30 * 60, max: 20 * 60 }), { minLength: 2, maxLength: 4 }),
        (minutes) => {
          let previous: JobState | undefined;
          for (const m of minutes) {
            const inputs = inputsOf(job, anchor + m * 60_000);
            previous = jobState(inputs, previous);
            expect(bare(previous)).toEqual(bare(jobState(inputs)));
          }
        },
      ),
      { numRuns: 3 },
    );
  });
  it('never changes the answer: one more entry at a time', () => {
    const entries: Told[] = [
      moisture(3.5, 30),
      prepared(29),
      coated(polyurethane, 'primer', 20),
      reading(0.2),
    ];
    let previous: JobState | undefined;
    for (let n = 0; n <= entries.length; n += 1) {
      const inputs = inputsFor({ entries: entries.slice(0, n) });
      previous = jobState(inputs, previous);
      expect(bare(previous)).toEqual(bare(jobState(inputs)));
    }
  });
  it('the same question has the same answer, at no cost', () => {
    const inputs = inputsOf(job, anchor);
    const state = jobState(inputs);
    expect(jobState({ ...inputs }, state)).toBe(state);
    expect(jobState({ ...inputs, nowMs: anchor + 20_000 }, state)).toBe(state);
    expect(jobState({ ...inputs, nowMs: anchor + 60_000 }, state)).not.toBe(state);
  });
});

describe('what can only get worse', () => {
  const ORDER = { holds: 0, unknown: 1, broken: 2 } as const;
  it('a wetter reading never opens the gate of moisture', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 60 }),
        hoursAgo(40),
        (tenths, more, ago) => {
          const answer = (value: number) =>
            callFor({ entries: [moisture(value, ago), prepared(3), reading()] }).gates.find(
              (g) => g.key === 'ground/moisture',
            )!.answer;
          expect(ORDER[answer((tenths + more) / 10)]).toBeGreaterThanOrEqual(ORDER[answer(tenths / 10)]);
        },
      ),
      { numRuns: 80 },
    );
  });
  it('a thinner film never opens the gate of the film', () => {
    const answer = (times: number) =>
      callFor({
        entries: [prepared(80), coated(polyurethane, 'primer', 40), coated(polyurethane, 'first', 20, times)],
      }).gates.find((g) => g.key === 'below/film-first')!.answer;
    const thin = [1, 0.95, 0.9, 0.85, 0.8, 0.7, 0.5, 0.3].map((t) => ORDER[answer(t)]);
    expect(thin).toEqual([...thin].sort((a, b) => a - b));
    expect(thin.at(-1)).toBe(2);
    const thick = [1, 1.2, 1.4, 1.6, 1.8, 2.5, 3.8].map((t) => ORDER[answer(t)]);
    expect(thick).toEqual([...thick].sort((a, b) => a - b));
    expect(thick.at(-1)).toBe(2);
  });
  it('more time never un-cures', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 1, max: 300 }), (minutes, more) => {
        const cured = (m: number): number => {
          const call = callFor({
            entries: [prepared(80), coated(polyurethane, 'primer', 0.25), reading(0.2)],
            nowMs: NOW + m * 60_000,
          });
          const gate = call.gates.find((g) => g.key === 'overcoat/from');
          return gate ? 2 - ORDER[gate.answer] : 0;
        };
        expect(cured(minutes + more)).toBeGreaterThanOrEqual(cured(minutes));
      }),
      { numRuns: 60 },
    );
  });
});

describe('the times of the overcoat gate', () => {
  it('are those of the table at a steady surface (the cure table of the layer)', () => {
    // 20 °C is a row of the table, so its hours are those of the row.
    const { points } = primer.cure.overcoatFrom;
    const row = points.find((p) => p.atC === 20)!;
    const gate = (h: number) =>
      callFor({ entries: [prepared(80), coated(polyurethane, 'primer', h), reading(0.1)] }).gates.find(
        (g) => g.key === 'overcoat/from',
      )!;
    expect(gate(row.hours - 0.1).answer).toBe('broken');
    expect(gate(row.hours + 0.1).answer).toBe('holds');
    expect(gate(row.hours - 0.1).opensAtMs! - NOW).toBeCloseTo(0.1 * HOUR, -4);
  });
  it('without any temperature: surely not before the warmest row, surely after the coldest', () => {
    const { points } = primer.cure.overcoatFrom;
    const [coldest, warmest] = [points[0]!, points.at(-1)!];
    const answer = (h: number) =>
      callFor({ series: [], entries: [prepared(80), coated(polyurethane, 'primer', h)] }).gates.find(
        (g) => g.key === 'overcoat/from',
      )!.answer;
    expect(answer(warmest.hours - 0.1)).toBe('broken');
    expect(answer(warmest.hours + 0.1)).toBe('unknown');
    expect(answer(coldest.hours - 0.1)).toBe('unknown');
    expect(answer(coldest.hours + 0.1)).toBe('holds');
  });
  it('a thicker film waits by its thickness law', () => {
    expect(isCoat(first) && wetFilm(first).value).toBeGreaterThan(1.4);
    const opens = (times: number): number =>
      callFor({
        entries: [
          prepared(80),
          coated(polyurethane, 'primer', 40),
          coated(polyurethane, 'first', 2, times),
          told('preparation', -1, { at: at(-1), steps: ['fibres'], complete: false }),
          reading(0.1),
        ],
      }).gates.find((g) => g.key === 'overcoat/from')!.opensAtMs!;
    // Rows of the table: 1.45 mm once, 2.175 mm 2.25 times as long: half as thick again, square law.
    const single = (opens(1.019) - (NOW - 2 * HOUR)) / HOUR;
    const thick = (opens(1.529) - (NOW - 2 * HOUR)) / HOUR;
    expect(thick / single).toBeGreaterThan(2);
  });
});
