/** What ships with Lentum in American packs: the same material in other amounts, at the price for them. */
import { describe, expect, it } from 'vitest';
import { buildUpProblems, buildUpSchema, catalogue, isCoat } from '@lentum/core/buildup';
import { inUsPacks, inWords } from '@lentum/core/library';
import { convert } from '@lentum/core/units';

const UNIT: Record<string, [inside: string, basis: 'mass' | 'volume']> = {
  gal: ['L', 'volume'],
  lb: ['kg', 'mass'],
  'fl oz': ['L', 'volume'],
};
const amountOf = (name: string): number => {
  const [, text = '', unit = ''] = /^([\d.]+) (gal|lb|fl oz)\b/.exec(name) ?? [];
  return convert(Number(text), unit, UNIT[unit]?.[0] ?? unit);
};
const near = (a: number, b: number, share: number): boolean => Math.abs(a / b - 1) <= share;

describe.each(catalogue().map((b) => [b.id, b] as const))('%s', (_, shipped) => {
  const us = inUsPacks(shipped);
  it('is a build-up without a problem that it had not before', () => {
    expect(buildUpSchema.safeParse(us).success).toBe(true);
    expect(buildUpProblems(us)).toEqual(buildUpProblems(shipped));
  });
  it('has containers that hold what their name says, at the price for it', () => {
    us.layers.filter(isCoat).forEach((coat, i) => {
      const was = shipped.layers.filter(isCoat)[i]!;
      const density = coat.densityKgPerL.value;
      const perL = (c: (typeof coat.containers)[number]): number =>
        (c.price?.value ?? 0) / (c.basis === 'mass' ? c.net / density : c.net);
      expect(coat.containers.length).toBeGreaterThan(0);
      for (const c of coat.containers) {
        expect(c.net, c.name).toBeCloseTo(amountOf(c.name), 9);
        expect(c.name).not.toMatch(/\d (kg|L|mL)\b/);
        // A container of the first set that is near it: nobody buys a pail for a drum.
        const like = was.containers.find((w) =>
          near(
            w.basis === 'mass' ? w.net / density : w.net,
            c.basis === 'mass' ? c.net / density : c.net,
            0.45,
          ),
        );
        expect(like, c.name).toBeDefined();
        if (c.price && like?.price) expect(Math.abs(perL(c) - perL(like)) * c.net).toBeLessThanOrEqual(2);
      }
      expect(new Set(coat.containers.map((c) => c.id)).size).toBe(coat.containers.length);
    });
  });
  it('has rolls of whole feet, and all else as it was', () => {
    for (const layer of us.layers) {
      if (layer.kind !== 'fabric' && layer.kind !== 'sheet') continue;
      const feet = convert(layer.rollLengthM.value, 'm', 'ft');
      expect(feet).toBeCloseTo(Math.round(feet), 9);
    }
    for (const s of us.details?.sundries ?? [])
      for (const p of s.packs) expect(p.name).not.toMatch(/\d (kg|L|mL|m)\b/);
    const bare = (b: typeof us): unknown =>
      JSON.parse(
        JSON.stringify(
          b.layers.map((l) => ({ ...l, containers: 0, bagKg: 0, otherRolls: 0, price: 0 })),
          (key, value: unknown) => (/^(roll|piece)(Width|Length)M$|^pricePer/.test(key) ? 0 : value),
        ),
      );
    expect(bare(us)).toEqual(bare(shipped));
  });
  it('is the same when it is done twice', () => {
    expect(inUsPacks(us)).toEqual(us);
  });
  it('has no metric pack in its words', () => {
    const names = JSON.stringify(inWords(us, 'us', 'us'));
    expect(names).not.toMatch(/\d (kg|L) (pail|can|drum|kit|bag|bucket)/);
  });
});
