/** Parts of a mix that are bought by themselves: what is bought, what a container then gives, what it proves and costs. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  areaPerContainer,
  boughtApart,
  buildUpProblems,
  costOfLayer,
  isCoat,
  mixedFrom,
  mixedLitres,
  shareHeld,
  shareOfPart,
  type BuildUp,
  type Coat,
} from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { COMMON } from '@lentum/core/practice';
import { repairOrder } from '@lentum/core/upkeep';
import { openedLitres } from '../src/record/laidlayers.ts';
import { evaluate } from './support/formula.ts';
import { built, docFor, roof } from './support/roofs.ts';
import { corners } from './support/zones.ts';

const typical = (value: number) => ({ value, source: 'typical' as const });
const SHIPPED = built('methacrylate-terrace');
/** Its wear coat is one part of resin and two of filler, 3.8 kg/m², from buckets of 33 kg. */
const terrace = (change: (c: Coat) => Partial<Coat> = () => ({})): BuildUp => ({
  ...SHIPPED,
  layers: SHIPPED.layers.map((l) => {
    if (!isCoat(l) || l.id !== 'wear' || !l.mix) return l;
    const parts = l.mix.parts.map((p) =>
      p.id === 'filler' ? { ...p, packKg: typical(25), packPrice: typical(12) } : p,
    );
    const apart: Coat = { ...l, mix: { ...l.mix, parts } };
    return { ...apart, ...change(apart) };
  }),
});
const wearOf = (b: BuildUp): Coat => b.layers.find((l): l is Coat => l.id === 'wear' && isCoat(l))!;
const KIT = wearOf(SHIPPED);
const APART = wearOf(terrace());
const BUCKET = APART.containers[0]!;

describe('a bucket of resin, its filler bought by the bag', () => {
  it('gives three times what its label says', () => {
    expect(boughtApart(KIT)).toEqual([]);
    expect(shareHeld(KIT, 'mass')).toBeUndefined();
    expect(mixedFrom(KIT, KIT.containers[0]!).value).toBe(33);
    expect(mixedFrom(APART, BUCKET).value).toBeCloseTo(99, 9);
    expect(mixedLitres(APART, BUCKET)).toBeCloseTo(99 / 1.7, 9);
    expect(areaPerContainer(APART, BUCKET).value).toBeCloseTo(99 / 3.8, 9);
    expect(evaluate(areaPerContainer(APART, BUCKET))).toBeCloseTo(99 / 3.8, 9);
  });
  it('proves three times the film', () => {
    const containers = [{ containerId: BUCKET.id, opened: 2, batch: '' }];
    expect(openedLitres(APART, { containers })).toBeCloseTo(3 * openedLitres(KIT, { containers }), 9);
  });
  it('the order buys a third of the mix in buckets and two thirds in bags', () => {
    const zone = roof('z', corners(10, 6));
    const lines = (b: BuildUp) => takeoff({ zones: [zone] }, docFor([zone], b), DEFAULT_ORDER).lines;
    const [whole] = lines(SHIPPED).filter((l) => l.layers.some((x) => x.layer.id === 'wear'));
    const [resin] = lines(terrace()).filter((l) => l.layers.some((x) => x.layer.id === 'wear'));
    const filler = lines(terrace()).find((l) => l.item.name === 'Filler')!;
    expect(lines(SHIPPED).some((l) => l.item.name === 'Filler')).toBe(false);
    expect(resin!.net.value).toBeCloseTo(whole!.net.value / 3, 6);
    expect(filler.net.value).toBeCloseTo((whole!.net.value * 2) / 3, 6);
    for (const line of [resin!, filler]) expect(evaluate(line.net)).toBeCloseTo(line.net.value, 6);
    expect(filler.buy.picks.map((p) => p.container.name)).toEqual(['25 kg pack']);
    // The catalyst goes by the resin, wherever the filler comes from.
    const catalyst = (b: BuildUp) => lines(b).find((l) => l.item.name === 'Catalyst powder')!.net.value;
    expect(catalyst(terrace())).toBeCloseTo(catalyst(SHIPPED), 9);
  });
  it('costs what both cost, by hand; nothing is said where a price is missing', () => {
    const cost = costOfLayer(APART)!;
    expect(cost.value).toBeCloseTo((3.8 * 190) / 99 + 3.8 * (2 / 3) * (12 / 25), 9);
    expect(evaluate(cost)).toBeCloseTo(cost.value, 9);
    const unpriced = terrace(({ mix }) => ({
      mix: { ...mix!, parts: mix!.parts.map(({ packPrice: _, ...p }) => p) },
    }));
    expect(costOfLayer(wearOf(unpriced))).toBeUndefined();
  });
  it('a repair buys bags as well', () => {
    const { lines } = repairOrder(terrace(), { areaM2: 4, places: 1, layerIds: new Set(['wear']) }, COMMON);
    const wear = lines.find((l) => l.layer.id === 'wear')!;
    expect(wear.bought.at(-1)).toEqual({
      name: '25 kg pack of filler',
      count: Math.ceil((wear.amount.value * 2) / 3 / 25),
    });
  });
});

it('shares of what is held and what is bought apart make one, by mass and by volume', () => {
  const part = fc.record({
    parts: fc.double({ min: 0.1, max: 50, noNaN: true }),
    density: fc.double({ min: 0.5, max: 4, noNaN: true }),
    apart: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(part, { minLength: 1, maxLength: 5 }),
      fc.constantFrom('mass' as const, 'volume' as const),
      (parts, by) => {
        const coat: Coat = {
          ...KIT,
          mix: {
            ...KIT.mix!,
            by,
            parts: [{ parts: 1, density: 1, apart: false }, ...parts].map((p, i) => ({
              ...{ id: `p${i}`, name: `Part ${i}`, kind: 'filler' as const, parts: p.parts },
              densityKgPerL: typical(p.density),
              ...(p.apart ? { packKg: typical(10) } : {}),
            })),
          },
        };
        for (const basis of ['mass', 'volume'] as const) {
          const apart = boughtApart(coat).reduce((sum, p) => sum + shareOfPart(coat, p.id, basis).value, 0);
          const held = shareHeld(coat, basis)?.value ?? 1;
          expect(held + apart).toBeCloseTo(1, 9);
          expect(held).toBeGreaterThan(0);
        }
      },
    ),
  );
});

describe('what cannot be', () => {
  const says = (b: BuildUp): string => buildUpProblems(b).map(sentence).join(' ');
  const parts = (change: (p: NonNullable<Coat['mix']>['parts'][number]) => object) =>
    terrace(({ mix }) => ({
      mix: { ...mix!, parts: mix!.parts.map((p) => ({ ...p, ...change(p) })) },
    }));
  it.each([
    ['as it should be', terrace(), ''],
    ['every part apart', parts(() => ({ packKg: typical(20) })), 'at least one part in the containers'],
    ['a price without a size', parts(() => ({ packKg: undefined })), 'how much is in a pack'],
    [
      'a kit that is never split',
      terrace(({ mix }) => ({ mix: { ...mix!, split: 'never' } })),
      'a kit with all of its parts',
    ],
  ])('%s', (_, b, expected) => {
    if (expected === '') expect(says(b)).toBe('');
    else expect(says(b)).toContain(expected);
  });
});
