/** The working as it is shown: read back, it is the figure, in the units of its reader. */
import { describe, expect, it } from 'vitest';
import {
  given,
  isFigure,
  readFormula,
  valueOf,
  verdictText,
  workingOf,
  type Figure,
} from '@lentum/core/figures';
import { takeoff } from '@lentum/core/order';
import { jobState } from '@lentum/core/state';
import { convert, toShown, type Quantity } from '@lentum/core/units';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { inputsOf } from './support/calls.ts';
import { evaluate } from './support/formula.ts';

const plain = (text: string): string => text.replace(/[\u00a0\u202f]/g, ' ');
const figure = (
  formula: string,
  value: number,
  quantity: Quantity,
  inputs: Record<string, readonly [number, Quantity]>,
): Figure => ({
  ...{ label: 'it', value, quantity, formula, from: 'a test' },
  inputs: Object.fromEntries(
    Object.entries(inputs).map(([key, [v, q]]) => [key, given(key, v, q, 'measured')]),
  ),
});

/** Every figure of the demo: the state of its bays, and what is bought. */
function everyFigure(): Figure[] {
  const found: Figure[] = [];
  const seen = new Set<object>();
  const look = (x: unknown): void => {
    if (typeof x !== 'object' || x === null || seen.has(x)) return;
    seen.add(x);
    if ('formula' in x && 'inputs' in x && isFigure(x as Figure)) found.push(x as Figure);
    for (const part of x instanceof Map ? x.values() : Object.values(x)) look(part);
  };
  const now = Date.parse(DEMO_ANCHOR);
  const job = velmora(new Date(DEMO_ANCHOR));
  look(jobState(inputsOf(job, now)));
  look(takeoff(job.survey, job.buildUp, job.order));
  return found;
}
const all = everyFigure();

describe('a formula', () => {
  it.each([
    ['1 + 2 × 3', 7],
    ['(1 + 2) × 3', 9],
    ['8 / 4 / 2', 1],
    ['8 − 4 − 2', 2],
    ['−2 × 3 + 1', -5],
    ['max(1, min(5, 3), 2)', 3],
    ['ceil(7 / 2) − floor(7 / 2)', 1],
    ['sqrt(16) × abs(−2)', 8],
    ['4 × atan(1)', Math.PI],
    ['sind(30)', 0.5],
    ['exp(ln(3))', 3],
    ['{a} / {b}', 2],
  ])('%s is %d', (text, value) => {
    const at: Record<string, number> = { a: 6, b: 3 };
    expect(valueOf(readFormula(text), (name) => at[name] ?? Number.NaN)).toBeCloseTo(value, 12);
  });
  it.each(['', '1 +', '(1', '1 2', 'root(2)', '2 ^ 3', '√(4)', 'min()', '1)'])('“%s” is none', (text) => {
    expect(() => readFormula(text)).toThrow(/no formula/);
  });
  it('of every figure of the demo gives its figure, and what an evaluator of its own gives', () => {
    expect(all.length).toBeGreaterThan(500);
    for (const f of all) {
      const value = valueOf(readFormula(f.formula), (name) => f.inputs[name]?.value ?? Number.NaN);
      const other = evaluate({
        ...f,
        inputs: Object.fromEntries(
          Object.entries(f.inputs).map(([k, i]) => [k, given(i.label, i.value, i.quantity, 'measured')]),
        ),
      });
      expect(value, f.formula).toBeCloseTo(other, 9);
      expect(Math.abs(value - f.value), f.formula).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(value)));
    }
  });
});

describe('the working in US units', () => {
  it('says the number that turns the units, where there is one', () => {
    // 38 lb on 100 ft² × 264 ft²: the hundred is left over.
    const f = figure('{rate} × {area}', 2 * 24, 'mass', { rate: [2, 'rateMass'], area: [24, 'area'] });
    const shown = workingOf(f, { system: 'us', numbers: '1,234.5', inches: 'eighths' });
    expect(plain(shown.filled)).toBe('40.9632 × 258.3339 × 0.01');
    expect(plain(shown.result)).toBe('105.8219 lb');
    expect(40.9632 * 258.3339 * 0.01).toBeCloseTo(convert(48, 'kg', 'lb'), 3);
    expect(shown.inMetric).toBe(false);
  });
  it('leaves it out where it is one', () => {
    const f = figure('{a} + {b}', 5, 'length', { a: [2, 'length'], b: [3, 'length'] });
    expect(workingOf(f, 'us').filled).toBe('6.5617 + 9.8425');
  });
  it('puts a sum in brackets before it', () => {
    const f = figure('{a} + {b}', 5000, 'lap', { a: [2, 'length'], b: [3, 'length'] });
    // Not so in the core's units: the formula would be wrong by a thousand. Here only the form is looked at.
    expect(workingOf({ ...f, value: 5 }, 'us').filled).toMatch(/^\(.+\) × /);
  });
  it('stays metric where the formula holds in metric only, and says so', () => {
    const f = figure('{air} − 3', 9, 'temperature', { air: [12, 'temperature'] });
    const shown = workingOf(f, 'us');
    expect(shown).toMatchObject({ inMetric: true, filled: '12 − 3' });
    expect(plain(shown.result)).toBe('9.0000 °C = 48.2 °F');
  });
  it('in metric is the formula of the core', () => {
    const f = figure('{rate} × {area}', 48, 'mass', { rate: [2, 'rateMass'], area: [24, 'area'] });
    expect(workingOf(f, 'metric')).toEqual({ filled: '2 × 24', result: '48.0000\u00a0kg', inMetric: false });
  });
  it('read as it stands gives what it says, for every figure of the demo', () => {
    let inMetric = 0;
    for (const f of all) {
      const shown = workingOf(f, 'us');
      if (shown.inMetric) {
        inMetric += 1;
        continue;
      }
      const number = (text: string): number =>
        Number(/^−?[\d.\u202f]+/.exec(text)?.[0].replaceAll('\u202f', '').replace('−', '-') ?? 'none');
      const said = number(shown.result);
      const read = valueOf(readFormula(shown.filled.replaceAll('\u202f', '')), () => Number.NaN);
      // Each figure is said to four decimals, to two from a thousand on: what half of the last one can do to the answer.
      const at = new Map(Object.entries(f.inputs).map(([k, x]) => [k, toShown(x.value, x.quantity, 'us')]));
      const node = readFormula(f.formula);
      const answer = (off: string): number =>
        valueOf(
          node,
          (k) => (at.get(k) ?? Number.NaN) + (k === off ? ((at.get(k) ?? 0) < 1000 ? 6e-5 : 6e-3) : 0),
        );
      const base = answer('');
      const factor = base === 0 ? 1 : toShown(f.value, f.quantity, 'us') / base;
      const hair = [...at.keys()].reduce((sum, k) => sum + Math.abs((answer(k) - base) * factor), 6e-5);
      expect(Math.abs(read - said), `${f.label}: ${shown.filled} = ${shown.result}`).toBeLessThanOrEqual(
        hair + Math.abs(said) * 2e-6,
      );
    }
    expect(inMetric / all.length).toBeLessThan(0.1);
  });
  it('a verdict is written as the job writes numbers', () => {
    const parts = [{ figure: given('fall', 100 / 48, 'fall', 'measured') }];
    expect(plain(verdictText(parts, { system: 'us', numbers: '1.234,5', inches: 'eighths' }, String))).toBe(
      '2,08 % (1/4:12)',
    );
  });
});
