/** What goes with a coat on one bay: amounts worked out by hand (formulas are definitions). */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, resolve, type Coat } from '@lentum/core/buildup';
import type { Figure } from '@lentum/core/figures';
import { bayLines } from '@lentum/core/site';
import { evaluate } from './support/formula.ts';

const area: Figure = {
  label: 'area',
  value: 10,
  quantity: 'area',
  formula: '{a}',
  inputs: { a: { label: 'a', value: 10, quantity: 'area', source: 'measured' } },
  from: 'a test',
};
const pick = (id: string) => resolve(catalogue().find((b) => b.id === id)!);
const coatOf = (id: string, layer: string): Coat => pick(id).layers.find((l) => l.id === layer) as Coat;
const dry = { slopePct: 0, surfaceC: undefined };

describe('what goes with a coat on a bay', () => {
  it('two thirds under the fabric, the rest over it', () => {
    const lines = bayLines(
      coatOf('reinforced-polyurethane', 'first'),
      pick('reinforced-polyurethane'),
      area,
      dry,
    );
    // 1.85 kg/m² on 10 m²: 18.5 kg, of which 0.667 under.
    expect(lines.map((l) => [l.name, Number(l.figure.value.toFixed(2))])).toEqual([
      ['Under the fleece', 12.34],
      ['Over it, wet on wet', 6.16],
    ]);
    expect(lines[0]!.note).toBe('fleecy face down');
    for (const l of lines) expect(evaluate(l.figure)).toBeCloseTo(l.figure.value, 9);
  });
  it('thickener from its first slope on, and not below', () => {
    const coat = coatOf('reinforced-polyurethane', 'first');
    const at = (slopePct: number) =>
      bayLines(coat, pick('reinforced-polyurethane'), area, { slopePct, surfaceC: undefined }).find(
        (l) => l.name === 'thickener',
      )?.figure.value;
    expect(at(4.9)).toBeUndefined();
    expect(at(5)).toBeCloseTo(18.5 * 0.02, 9);
    expect(at(30)).toBeCloseTo(18.5 * 0.04, 9);
  });
  it('thickener adds its own volume, and the mix covers so much more at the same film', () => {
    const coat = coatOf('reinforced-polyurethane', 'first');
    const lines = bayLines(coat, pick('reinforced-polyurethane'), area, {
      slopePct: 30,
      surfaceC: undefined,
    });
    const of = (name: string) => lines.find((l) => l.name === name)!.figure;
    // 18.5 kg at 1.3 kg/L is 14.231 L; 0.74 kg of powder at 1.4 kg/L adds 0.529 L.
    expect(of('Volume with it').value).toBeCloseTo(18.5 / 1.3 + 0.74 / 1.4, 9);
    expect(of('It then covers').value).toBeCloseTo((18.5 / 1.3 + 0.74 / 1.4) / (1.85 / 1.3), 9);
    for (const l of lines) expect(evaluate(l.figure)).toBeCloseTo(l.figure.value, 9);
    const { thickener } = coat;
    const { densityKgPerL: _none, ...unsaid } = thickener!;
    const without = bayLines({ ...coat, thickener: unsaid }, pick('reinforced-polyurethane'), area, {
      ...{ slopePct: 30, surfaceC: undefined },
    });
    expect(without.map((l) => l.name)).not.toContain('Volume with it');
  });
  it('doses by mass are based on the mass, whatever the form of the rate', () => {
    const coat = coatOf('reinforced-polyurethane', 'first');
    const asFilm: Coat = { ...coat, rate: { ...coat.rate, basis: 'wetFilm', value: 1.85 / 1.3 } };
    const dose = (c: Coat) =>
      bayLines(c, pick('reinforced-polyurethane'), area, { slopePct: 5, surfaceC: undefined }).find(
        (l) => l.name === 'thickener',
      )!.figure.value;
    expect(dose(asFilm)).toBeCloseTo(dose(coat), 9);
  });
  it('what a film bridges: its stretch times what is not bonded, a quarter of it trusted (no source)', () => {
    const coat: Coat = {
      ...coatOf('reinforced-polyurethane', 'first'),
      elongationPct: { value: 200, source: 'typical' },
    };
    const line = (crackMm: number | undefined) =>
      bayLines(coat, pick('reinforced-polyurethane'), area, { ...dry, crackMm }).find(
        (l) => l.name === 'A crack may open by',
      );
    // 30 mm not bonded, 200 % at break, a quarter of it.
    expect(line(0.8)!.figure.value).toBeCloseTo(15, 9);
    expect(evaluate(line(0.8)!.figure)).toBeCloseTo(15, 9);
    expect(line(0.8)!.note).toBe('the moving crack here is 0.8 mm wide');
    expect(line(20)!.note).toContain('a joint with a profile of its own');
    expect(line(undefined)).toBeUndefined();
  });
  it('aggregate as it is thrown, catalyst by a fresh reading only', () => {
    const buildUp = pick('methacrylate-terrace');
    const wear = coatOf('methacrylate-terrace', 'wear');
    const sand = buildUp.layers.find((l) => l.kind === 'broadcast' && l.into === 'wear');
    if (sand?.kind !== 'broadcast') throw new Error('sand was expected');
    const lines = bayLines(wear, buildUp, area, { slopePct: 0, surfaceC: 20 });
    expect(lines.find((l) => l.name === sand.name)!.figure.value).toBeCloseTo(
      sand.thrownKgPerM2.value * 10,
      9,
    );
    const catalysed = buildUp.layers.filter(isCoat).find((c) => c.catalyst)!;
    const dose = (surfaceC: number | undefined) =>
      bayLines(catalysed, buildUp, area, { slopePct: 0, surfaceC }).find((l) => l.name === 'Catalyst');
    expect(dose(undefined)).toBeUndefined();
    expect(dose(20)!.figure.value).toBeGreaterThan(0);
    // Outside the table nothing is dosed.
    expect(dose(89)).toBeUndefined();
  });
});
