/** The working of what the weather says: each shown formula, evaluated by hand, gives the shown value. */
import { describe, expect, it } from 'vitest';
import { topOf } from '@lentum/core/call';
import { isCoat } from '@lentum/core/buildup';
import { isFigure, leaves, type Figure } from '@lentum/core/figures';
import {
  chanceFigure,
  CONDITIONS,
  cureFigure,
  failingAt,
  stageTimes,
  surfaceOf,
  windowsOf,
} from '@lentum/core/programme';
import { bestFilm } from '@lentum/core/record';
import { callVerdict, verdictText } from '@lentum/core/words';
import { wetnessFigure } from '@lentum/core/weather';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { bookOf, callsOf, weatherOf } from './support/calls.ts';
import { evaluate } from './support/formula.ts';

const HOUR = 3_600_000;
const nowMs = Date.parse(DEMO_ANCHOR);
const job = velmora(new Date(nowMs));
const book = bookOf(job);
const calls = callsOf(job, nowMs, book);
const view = weatherOf(job, nowMs, book);
const climateOf = (label: string) => {
  const { status } = calls.get(label)!;
  const { shade, coated } = topOf(status);
  return view.climate(status.bay.zoneId, shade, coated);
};
const SAID = { source: 'measured', note: 'made up' } as const;

describe('the working of the weather', () => {
  it('surface temperature and water of every hour follow from what is shown', () => {
    for (const label of ['H5', 'C4', 'W2']) {
      const climate = climateOf(label);
      for (let h = 1; h < climate.line.hours; h += 1) {
        const surface = surfaceOf(climate, h);
        // The hour of now is what was read on the roof, and says so.
        expect(isFigure(surface)).toBe(h !== climate.readHour);
        expect(surface.value).toBe(climate.surfaceC[h]);
        if (!isFigure(surface))
          expect(surface).toMatchObject({ source: 'measured', note: 'read on this roof' });
        expect(evaluate(surface), `${label} ${h}`).toBeCloseTo(surface.value, 9);
        const water = wetnessFigure(climate, h, SAID)!;
        const calculated = evaluate(water);
        // Less than five thousandths are dry.
        if (water.value === 0) expect(calculated).toBeLessThan(0.005);
        else expect(calculated).toBeCloseTo(water.value, 9);
      }
    }
  });
  it('every failing condition of every bay and hour can be calculated again, and says who told the weather', () => {
    const met = new Set<string>();
    for (const { ask, status } of calls.values()) {
      if (!ask) continue;
      const climate = climateOf(status.bay.label);
      const windows = windowsOf(ask, climate);
      const first = Math.floor((nowMs - climate.line.startMs) / HOUR);
      for (let h = first; h < first + 72; h += 3)
        for (const { condition, actual } of failingAt(ask, climate, windows, h)) {
          met.add(condition);
          if (!actual || !isFigure(actual)) continue;
          // What is said to be dry may be five thousandths of a millimetre.
          expect(evaluate(actual), condition).toBeCloseTo(actual.value, 2);
          expect(
            leaves(actual).some((leaf) =>
              /(observed|forecast), made up|read on this roof/.test(leaf.note ?? ''),
            ),
          ).toBe(true);
        }
    }
    expect([...met].filter((c) => (CONDITIONS as readonly string[]).includes(c)).length).toBeGreaterThan(5);
  });
  it('stages of cure are hours at a temperature over the hours that their table gives, added up', () => {
    let compared = 0;
    for (const label of ['H4', 'H6', 'H7', 'H8', 'T3']) {
      const last = calls.get(label)!.status.laid.at(-1);
      if (!last?.entry.finishedAt) continue;
      const climate = climateOf(label);
      const laidMs = Date.parse(last.entry.finishedAt);
      const film = (bestFilm(last.judgement) ?? last.judgement.design).value;
      for (const { stage, progress, atMs } of stageTimes(last.coat, laidMs, film, climate, nowMs)) {
        const figure = cureFigure(last.coat, stage, laidMs, nowMs, film, climate)!;
        compared += 1;
        expect(figure.value, `${label} ${stage}`).toBeCloseTo(100 * progress, 6);
        expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
        // To the instant at which it is reached it is the whole way.
        if (atMs !== undefined)
          expect(cureFigure(last.coat, stage, laidMs, atMs, film, climate)!.value).toBeCloseTo(100, 4);
      }
    }
    expect(compared).toBeGreaterThan(15);
  });
  it('a cold hour stands still, and is shown as such', () => {
    const layer = calls.get('H5')!.layer!;
    if (!isCoat(layer)) throw new Error('a coat was expected');
    const climate = climateOf('H5');
    const cold = { ...climate, surfaceC: climate.surfaceC.map(() => -20) };
    const figure = cureFigure(layer, 'rainSafe', nowMs, nowMs + 5 * HOUR, 1, cold)!;
    expect(figure.value).toBe(0);
    expect(Object.values(figure.inputs)[0]!.label).toMatch(/stands still/);
    expect(cureFigure(layer, 'rainSafe', nowMs, nowMs, 1, climate)).toBeUndefined();
  });
  it('chances and the pace of laying too', () => {
    const chance = chanceFigure(0.82, 50);
    expect(evaluate(chance)).toBeCloseTo(82, 9);
    const call = calls.get('C4')!;
    expect(evaluate(call.laying as Figure)).toBeCloseTo(call.laying!.value, 9);
    const says = callVerdict(call, nowMs, { holds: chance, trouble: { condition: 'rainSafe', share: 0.18 } });
    expect(verdictText(says.says, 'metric', () => 'then')).toContain(
      'Chance of staying within limits: 82\u00a0%.',
    );
    // At the ends of the scale only the side is said, with the share in its working.
    for (const [share, side, end] of [
      [1, 'over', 95],
      [0.96, 'over', 95],
      [0.95, '', 95],
      [0.05, '', 5],
      [0, 'under', 5],
    ] as const) {
      const line = callVerdict(call, nowMs, { holds: chanceFigure(share, 100) }).says;
      expect(verdictText(line, 'metric', () => 'then')).toContain(
        `Chance of staying within limits: ${side === '' ? '' : `${side} `}${end}\u00a0%.`,
      );
      for (const part of line)
        if (typeof part === 'object' && 'figure' in part && 'formula' in part.figure)
          expect(evaluate(part.figure)).toBeCloseTo(part.figure.value, 9);
    }
    expect(verdictText(says.quiet ?? [], 'metric', () => 'then')).toContain(
      'Where it does not hold, most often: rain before it is rain-safe.',
    );
  });
});
