/** Quick calculators: every answer by its own working, and against cases worked by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate, CALCULATORS, isWord, type Values } from '@lentum/core/bench';
import { sentence } from '@lentum/core/problems';
import { evaluate } from './support/formula.ts';

const run = (key: string, values: Values = {}) => {
  const calculator = CALCULATORS.find((c) => c.key === key)!;
  const result = calculate(calculator, values);
  if (!result.ok) throw new Error(result.problems.map(sentence).join(' '));
  return (label: string): number => result.value.figures.find((f) => f.label === label)!.value;
};

describe.each(CALCULATORS.map((c) => [c.key, c] as const))('%s', (_, calculator) => {
  it('answers with its typical values, in figures that their working gives', () => {
    const result = calculate(calculator, {});
    if (!result.ok) throw new Error(result.problems.map(sentence).join(' '));
    expect(result.value.figures.length).toBeGreaterThan(0);
    for (const f of result.value.figures) {
      expect(Number.isFinite(f.value)).toBe(true);
      expect(evaluate(f)).toBeCloseTo(f.value, 9);
    }
  });

  it('never answers with something that is no number, whatever is typed in its range', () => {
    const asks = fc.record(
      Object.fromEntries(
        calculator.asks.map((a) => [
          a.key,
          isWord(a)
            ? fc.constantFrom(...a.options.map((o) => o.value))
            : fc.double({ min: a.least, max: a.most, noNaN: true }),
        ]),
      ) as Record<string, fc.Arbitrary<number | string>>,
    );
    fc.assert(
      fc.property(asks, (values) => {
        const result = calculate(calculator, values);
        if (result.ok)
          for (const f of result.value.figures) {
            expect(Number.isFinite(f.value)).toBe(true);
            expect(Math.abs(evaluate(f) - f.value)).toBeLessThanOrEqual(
              1e-6 * Math.max(1, Math.abs(f.value)),
            );
          }
        else for (const p of result.problems) expect(sentence(p)).toMatch(/expected .+\.$/);
      }),
      { numRuns: 40 },
    );
  });

  it('refuses what is out of its range in a sentence', () => {
    const asked = calculator.asks.find((a) => !isWord(a))!;
    const result = calculate(calculator, { [asked.key]: -1e9 });
    expect(result.ok).toBe(false);
    if (!result.ok)
      expect(sentence(result.problems[0]!)).toContain(`${asked.label}: -1000000000 is out of range`);
  });
});

describe('worked by hand', () => {
  it('90 square feet a gallon is about 18 mils: 0.4528 mm (field pair of the trade)', () => {
    // 231 in³ on 90 ft² of 144 in²: 0.0178241 in = 0.452731 mm, which is 0.452731 L/m².
    const litres = (231 / (90 * 144)) * 25.4;
    expect(run('coverage', { known: 'volume', volumeRate: litres })('Wet film')).toBeCloseTo(0.452731, 6);
  });
  it('a dry film of 1 mm at 80 % solids takes 1.25 mm wet, and 162.5 kg on 100 m² at 1.3', () => {
    const r = run('coverage', { known: 'dry', dry: 1, solids: 0.8, density: 1.3, area: 100 });
    expect(r('Wet film')).toBeCloseTo(1.25, 12);
    expect(r('Mass for the area')).toBeCloseTo(162.5, 9);
  });
  it('a 10 mm notch at 37° leaves about 3 mm: ridges 0.6 of the notch, half of the width', () => {
    expect(
      run('notch', { shape: 'square', notch: 10, angle: 37 })('Film under the notched trowel'),
    ).toBeCloseTo(3.009, 3);
  });
  it('10 kg of resin at 1.1 with 20 kg of sand: 9.09 + 7.55 L', () => {
    expect(
      run('yield', { resin: 10, resinDensity: 1.1, filler: 20, fillerDensity: 2.65 })('Yield'),
    ).toBeCloseTo(16.638, 3);
  });
  it('2 % on 10 kg is 200 g', () => expect(run('catalyst')('Catalyst')).toBeCloseTo(0.2, 12));
  it('9 : 1 in a bucket of 10 L is 9 and 1', () => {
    expect(run('dilution')('Of the first')).toBeCloseTo(9, 12);
    expect(run('dilution')('Of the second')).toBeCloseTo(1, 12);
  });
  it('a fan of 50° at 300 mm is 280 mm wide; half overlapped the next pass is 140 mm on', () => {
    expect(run('spray')('Width of the fan')).toBeCloseTo(279.78, 2);
    expect(run('spray')('Next pass')).toBeCloseTo(139.89, 2);
  });
  it('to refusal on 100 m²: 16 bags, 150 kg swept', () => {
    expect(run('aggregate')('Bags')).toBe(16);
    expect(run('aggregate')('Swept off')).toBeCloseTo(150, 9);
  });
  it('a slope of 75 % makes 125 m² of 100 m²', () => {
    expect(run('slope', { plan: 100, slope: 75 })('Area on the slope')).toBeCloseTo(125, 9);
  });
  it('a trial patch: 2 m² took 5 L; three patches of 2, 4 and 1 m² took 5, 8 and 4 L', () => {
    const one = run('trial', { area1: 2, used1: 5, area: 80, waste: 5 });
    expect(one('Mean rate')).toBeCloseTo(2.5, 12);
    expect(one('To order, by the mean')).toBeCloseTo(80 * 2.5 * 1.05, 9);
    const three = run('trial', {
      area1: 2,
      used1: 5,
      area2: 4,
      used2: 8,
      area3: 1,
      used3: 4,
      area: 80,
      waste: 0,
    });
    expect(three('Mean rate')).toBeCloseTo((2.5 + 2 + 4) / 3, 12);
    expect(three('Thirstiest patch')).toBe(4);
    expect(three('To order, if all of it is as thirsty')).toBeCloseTo(320, 9);
  });
  it('a patch without its litres is refused', () => {
    const trial = CALCULATORS.find((c) => c.key === 'trial')!;
    const result = calculate(trial, { area1: 2, used1: 5, area2: 3 });
    expect(result.ok ? '' : sentence(result.problems[0]!)).toContain('Patch 2');
  });
  it('130 kg in tins of 25 and 5: five and one', () => {
    expect(run('tins')('Large tins')).toBe(5);
    expect(run('tins')('Small tins')).toBe(1);
  });
  it('100 m² in rolls of 1 × 10 m with 100 and 150 mm laps and 5 %: 12', () => {
    // 0.9 × 9.85 = 8.865 m² each; 105 / 8.865 = 11.84.
    expect(run('rolls')('Rolls')).toBe(12);
  });
  it('dew point at 20 °C and 50 % is about 9.3 °C (table value, from memory)', () => {
    expect(run('dew', { air: 20, humidity: 50, surface: 20 })('Dew point')).toBeCloseTo(9.26, 1);
  });
  it('still saturated air takes nothing from water as warm as itself', () => {
    expect(run('evaporation', { water: 18, air: 18, humidity: 100 })('Evaporates in a day')).toBe(0);
  });
  it('a lap as wide as the roll, and more staying than is thrown, are refused', () => {
    const wrong = (key: string, values: Values): string => {
      const result = calculate(
        CALCULATORS.find((c) => c.key === key)!,
        values,
      );
      return result.ok ? '' : sentence(result.problems[0]!);
    };
    expect(wrong('rolls', { width: 0.1, side: 100 })).toBe(
      'Side lap: 100 mm on a roll 0.1 m wide is out of range; expected a lap narrower than the roll.',
    );
    expect(wrong('aggregate', { thrown: 1, retained: 2 })).toContain('expected no more than is thrown');
  });
});
