import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import { dewPoint, saturationHPa } from '@lentum/core/weather';
import { evaluate } from './support/formula.ts';
import { dewOf, judgeConditions } from '@lentum/core/site';
import { catalogue, isCoat } from '@lentum/core/buildup';

psychrolib.SetUnitSystem(psychrolib.SI);
const dew = (t: number, rh: number): number => {
  const r = dewPoint(t, rh);
  if (!r.ok) throw new Error('no dew point');
  return r.value;
};

describe('dew point against an independent psychrometrics library (psychrolib), over water, dew points above 0 °C', () => {
  const pairs: [number, number][] = [];
  for (let t = 1; t <= 50; t += 3.5) for (let rh = 5; rh <= 100; rh += 5) pairs.push([t, rh]);
  it('agrees within 0.1 K wherever the dew point is above freezing', () => {
    let compared = 0;
    for (const [t, rh] of pairs) {
      const theirs = psychrolib.GetTDewPointFromRelHum(t, rh / 100);
      if (theirs <= 0.01) continue;
      compared += 1;
      expect(Math.abs(dew(t, rh) - theirs), `${t} °C ${rh} %`).toBeLessThan(0.1);
    }
    expect(compared).toBeGreaterThan(150);
  });
  it('saturation pressure agrees within 0.4 % (the claim of Alduchov & Eskridge 1996) from 0 to 50 °C', () => {
    for (let t = 0.5; t <= 50; t += 0.5) {
      const theirs = psychrolib.GetSatVapPres(t) / 100;
      expect(Math.abs(saturationHPa(t) / theirs - 1), `${t} °C`).toBeLessThan(0.004);
    }
  });
});

describe('published table values (ISO 8502-4 dew point table, from memory, rounded to 0.1 K)', () => {
  it.each([
    [20, 50, 9.3],
    [20, 80, 16.4],
    [10, 80, 6.7],
    [25, 60, 16.7],
    [30, 70, 23.9],
    [15, 90, 13.4],
  ])('%d °C at %d %%: %d °C', (t, rh, table) => expect(Math.abs(dew(t, rh) - table)).toBeLessThan(0.15));
  it('at 100 % the dew point is the air temperature', () => {
    for (const t of [-20, 0, 15, 40]) expect(dew(t, 100)).toBeCloseTo(t, 9);
  });
});

describe('bad readings', () => {
  it.each([
    [20, 0],
    [20, 101],
    [-41, 50],
    [61, 50],
    [Number.NaN, 50],
    [20, Number.NaN],
  ])('%d °C, %d %% gives a problem and no number', (t, rh) => expect(dewPoint(t, rh).ok).toBe(false));
});

describe('go or hold, one case a reason', () => {
  const coat = catalogue()[0]!.layers.filter(isCoat)[1]!;
  it.each([
    ['all well', { airC: 20, humidityPct: 50, surfaceC: 22 }, []],
    ['2.2 K above the dew point', { airC: 11.6, humidityPct: 83, surfaceC: 11 }, ['dewMargin']],
    ['too cold below', { airC: 8, humidityPct: 40, surfaceC: 3 }, ['surfaceMin']],
    ['too hot below', { airC: 30, humidityPct: 40, surfaceC: 56 }, ['surfaceMax']],
    ['air too cold', { airC: 4, humidityPct: 50, surfaceC: 9 }, ['airMin']],
    ['air too hot', { airC: 36, humidityPct: 35, surfaceC: 40 }, ['airMax']],
    ['too dry to cure', { airC: 20, humidityPct: 20, surfaceC: 22 }, ['humidityMin']],
    ['too humid', { airC: 20, humidityPct: 90, surfaceC: 24 }, ['humidityMax']],
  ])('%s', (_, reading, failing) => {
    const j = judgeConditions(coat.limits, reading);
    expect(j.ok && j.value.failing.map((c) => c.kind)).toEqual(failing);
  });
  it('the margin is shown with a working that gives it', () => {
    const d = dewOf({ airC: 11.6, humidityPct: 83, surfaceC: 11.1 });
    if (!d.ok) throw new Error('no dew point');
    expect(evaluate(d.value.margin)).toBeCloseTo(d.value.margin.value, 12);
    expect(d.value.margin.value).toBeCloseTo(2.3, 1);
  });
});
