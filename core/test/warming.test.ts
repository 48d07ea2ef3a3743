/** Resin in a warm room: against the conduction equation of a cylinder, solved step by step. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate, CALCULATORS } from '@lentum/core/bench';
import { given } from '@lentum/core/figures';
import { RESIN, warming } from '@lentum/core/site';
import { evaluate } from './support/formula.ts';

const terms = (massKg: number, fromC: number, roomC: number, wantedC: number, densityKgPerL = 1.3) => ({
  massKg: given('mass', massKg, 'mass', 'measured'),
  densityKgPerL: given('density', densityKgPerL, 'density', 'measured'),
  fromC: given('from', fromC, 'temperature', 'measured'),
  roomC: given('room', roomC, 'temperature', 'measured'),
  wantedC: given('wanted', wantedC, 'temperature', 'measured'),
});
const hours = (...t: Parameters<typeof terms>): number => {
  const r = warming(terms(...t));
  if (!r.ok) throw new Error('never');
  return r.value.hours.value;
};

/** Hours until the mean of a finite cylinder is there: explicit finite volumes over radius and height. */
function conducted(massKg: number, fromC: number, roomC: number, wantedC: number, density = 1.3): number {
  const [k, h, c] = [RESIN.conducts.value, RESIN.air.value, RESIN.heat.value];
  const rho = density * 1000;
  const d = Math.cbrt((4 * (massKg / rho)) / (Math.PI * RESIN.slender.value));
  const [R, H] = [d / 2, d * RESIN.slender.value];
  const N = 12;
  const M = 16;
  const [dr, dz] = [R / N, H / M];
  let t = Array.from({ length: N }, () => new Array<number>(M).fill(fromC));
  const dt = 0.2 * ((rho * c) / k) * Math.min(dr, dz) ** 2;
  // From the middle of a cell to the air.
  const skin = (half: number): number => 1 / (1 / h + half / k);
  for (let time = 0; ; time += dt) {
    let [sum, all] = [0, 0];
    for (let i = 0; i < N; i += 1)
      for (let j = 0; j < M; j += 1) {
        const v = (2 * i + 1) * dr * dr * dz;
        sum += v * t[i]![j]!;
        all += v;
      }
    if (sum / all >= wantedC) return time / 3600;
    const next = t.map((row) => [...row]);
    for (let i = 0; i < N; i += 1)
      for (let j = 0; j < M; j += 1) {
        const own = t[i]![j]!;
        const inner = 2 * i * dr * dz;
        const outer = 2 * (i + 1) * dr * dz;
        const flat = (2 * i + 1) * dr * dr;
        let q = 0;
        if (i > 0) q += ((k * inner) / dr) * (t[i - 1]![j]! - own);
        q += i < N - 1 ? ((k * outer) / dr) * (t[i + 1]![j]! - own) : skin(dr / 2) * outer * (roomC - own);
        q += j > 0 ? ((k * flat) / dz) * (t[i]![j - 1]! - own) : skin(dz / 2) * flat * (roomC - own);
        q += j < M - 1 ? ((k * flat) / dz) * (t[i]![j + 1]! - own) : skin(dz / 2) * flat * (roomC - own);
        next[i]![j] = own + (q * dt) / (rho * c * (2 * i + 1) * dr * dr * dz);
      }
    t = next;
  }
}

describe('resin in a room', () => {
  it.each([
    ['a can', 5, 8, 22, 18],
    ['a pail', 25, 8, 22, 18],
    ['a pail, far from there', 25, 2, 25, 15],
    ['a drum', 200, 8, 22, 18],
  ] as const)(
    '%s is there when the conduction equation says, to 5 %% sooner and 40 %% later',
    (_, mass, from, room, wanted) => {
      const [ours, reference] = [hours(mass, from, room, wanted), conducted(mass, from, room, wanted)];
      expect(ours / reference).toBeGreaterThan(0.95);
      expect(ours / reference).toBeLessThan(1.4);
    },
  );
  it('a pail takes about half a day to a day, a drum days (common practice)', () => {
    expect(hours(25, 8, 22, 18)).toBeGreaterThan(8);
    expect(hours(25, 8, 22, 18)).toBeLessThan(24);
    expect(hours(200, 8, 22, 18)).toBeGreaterThan(24);
    expect(hours(200, 8, 22, 18)).toBeLessThan(96);
  });
  it('every working gives its figure', () => {
    const r = warming(terms(25, 8, 22, 18));
    if (!r.ok) throw new Error('never');
    for (const f of [r.value.hours, r.value.pace]) expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
  it('more of it, and a cooler room, take longer; cooling is warming upside down', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: -5, max: 12, noNaN: true }),
        fc.double({ min: 20, max: 35, noNaN: true }),
        (mass, from, room) => {
          expect(hours(mass * 1.5, from, room, 16)).toBeGreaterThan(hours(mass, from, room, 16));
          expect(hours(mass, from, room + 3, 16)).toBeLessThan(hours(mass, from, room, 16));
          expect(hours(mass, -from, -room, -16)).toBeCloseTo(hours(mass, from, room, 16), 6);
        },
      ),
    );
  });
  it('is there at once where it is warm enough, and never in a room that is too cold', () => {
    expect(hours(25, 18, 22, 18)).toBe(0);
    const never = warming(terms(25, 8, 18, 18));
    expect(never.ok ? '' : never.problems[0]!.expected).toContain('1 K warmer');
    expect(warming(terms(25, 30, 20, 18)).ok).toBe(false);
  });
  it('is on the bench', () => {
    const r = calculate(
      CALCULATORS.find((c) => c.key === 'warming')!,
      {},
    );
    expect(r.ok && r.value.figures[0]!.value).toBeCloseTo(hours(25, 8, 22, 18), 9);
  });
});
