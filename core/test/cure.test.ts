import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cureHours, progress, reachedAtMs, type CureTable } from '@lentum/core/cure';

const table: CureTable = [
  { atC: 5, hours: 24 },
  { atC: 10, hours: 18 },
  { atC: 20, hours: 10 },
  { atC: 30, hours: 6 },
];
const H = 3_600_000;
const hours = (t: number): number => {
  const h = cureHours(table, t);
  return h.kind === 'hours' ? h.hours : Infinity;
};

describe('hours of a stage', () => {
  it.each([
    [5, 24],
    [10, 18],
    [20, 10],
    [30, 6],
    [45, 6],
  ])('at %d °C: %d h', (t, h) => expect(hours(t)).toBeCloseTo(h, 9));
  it('stands still below the table and says from where', () =>
    expect(cureHours(table, 4.9)).toEqual({ kind: 'stopped', belowC: 5 }));
  it('says when it is beyond the table', () =>
    expect(cureHours(table, 31)).toMatchObject({ beyondTable: true }));
  it('is linear in ln(hours) over 1/T absolute between rows (Arrhenius, as ASTM C1074; from memory)', () => {
    const k = (t: number): number => 1 / (t + 273.15);
    const share = (k(15) - k(10)) / (k(20) - k(10));
    expect(Math.log(hours(15))).toBeCloseTo(Math.log(18) + share * Math.log(10 / 18), 12);
  });
  it('never takes longer when warmer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (t, more) => {
          expect(hours(t + more)).toBeLessThanOrEqual(hours(t) + 1e-9);
        },
      ),
    );
  });
});

/** A slow reference: a minute at a time. */
function byMinutes(start: number, now: number, steps: readonly { fromMs: number; tempC: number }[]): number {
  let done = 0;
  for (let t = start; t < now; t += 60_000) {
    const temp = ([...steps].reverse().find((s) => s.fromMs <= t) ?? steps[0])!.tempC;
    const h = cureHours(table, temp);
    if (h.kind === 'hours') done += 60_000 / H / h.hours;
  }
  return Math.min(1, done);
}

describe('progress over a temperature history', () => {
  const historyArb = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 600 }), fc.double({ min: 0, max: 35, noNaN: true })), {
      minLength: 1,
      maxLength: 12,
    })
    .map((parts) => {
      let t = -120 * 60_000;
      return parts.map(([minutes, tempC]) => ({ fromMs: (t += minutes * 60_000), tempC }));
    });

  it('is the sum of rate times time, checked a minute at a time', () => {
    fc.assert(
      fc.property(historyArb, fc.integer({ min: 0, max: 3000 }), (steps, minutes) => {
        expect(progress({ points: table }, 0, minutes * 60_000, steps)).toBeCloseTo(
          byMinutes(0, minutes * 60_000, steps),
          9,
        );
      }),
    );
  });

  it('never runs backwards', () => {
    fc.assert(
      fc.property(
        historyArb,
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 0, max: 500 }),
        (steps, a, more) => {
          expect(progress({ points: table }, 0, (a + more) * 60_000, steps)).toBeGreaterThanOrEqual(
            progress({ points: table }, 0, a * 60_000, steps),
          );
        },
      ),
    );
  });

  it('is whole at the instant at which the stage is said to be reached, and not before', () => {
    fc.assert(
      fc.property(historyArb, (steps) => {
        const at = reachedAtMs({ points: table }, 0, steps);
        if (at === undefined) expect(steps.at(-1)!.tempC).toBeLessThan(5);
        else {
          expect(progress({ points: table }, 0, at + 1, steps)).toBeCloseTo(1, 6);
          expect(progress({ points: table }, 0, at - 60_000, steps)).toBeLessThan(1);
        }
      }),
    );
  });
});
