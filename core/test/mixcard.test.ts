/** The mix card by what was read, and when; the order of mixing; what is minded with each hazard. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, catalystAt, HAZARDS, isCoat, resolve, type Coat } from '@lentum/core/buildup';
import { verdictText } from '@lentum/core/figures';
import { COMMON } from '@lentum/core/practice';
import { sentence } from '@lentum/core/problems';
import {
  curesInBucket,
  inMixingOrder,
  mixCard,
  mixPotLife,
  readingProblems,
  type MixTerms,
} from '@lentum/core/site';
import { protectionOf, sprayProtection } from '@lentum/core/words';
import { evaluate } from './support/formula.ts';

const NOW = Date.parse('2026-05-12T09:30:00Z');
const MIN = 60_000;
const coats = catalogue()
  .flatMap((b) => resolve(b).layers.filter(isCoat))
  .filter((c) => !c.kettle);
const found = (family: string, id: string): Coat =>
  resolve(catalogue().find((b) => b.family === family)!)
    .layers.filter(isCoat)
    .find((c) => c.id === id)!;
const membrane = found('PMMA', 'membrane');
const read = (tempC: number, minutesAgo = 0) => ({ tempC, atMs: NOW - minutesAgo * MIN });
const terms = (more: Partial<MixTerms>): MixTerms => ({
  ...{ surface: read(12), resin: read(12), nowMs: NOW, slopePct: 0, areaLeftM2: 50, people: 2 },
  ...more,
});
const said = (coat: Coat, more: Partial<MixTerms>): string => {
  const card = mixCard(coat, terms(more));
  return card.ok ? 'a mix' : card.problems.map(sentence).join(' ');
};
const stepsOf = (coat: Coat): string[] => {
  // At a temperature that every table of the catalogue holds.
  const card = mixCard(coat, terms({ surface: read(18), resin: read(18), areaLeftM2: 1e4, slopePct: 40 }));
  if (!card.ok) throw new Error(`${coat.name}: ${card.problems.map(sentence).join(' ')}`);
  return card.value.steps.map((s) => verdictText(s.says, 'metric', String));
};

describe('what a mix goes by', () => {
  it.each<[string, Partial<MixTerms>, RegExp]>([
    ['both just read', {}, /^a mix$/],
    ['both read half an hour ago', { surface: read(12, 30), resin: read(12, 30) }, /^a mix$/],
    [
      'the surface not read',
      { surface: undefined },
      /^Temperature of the surface: .* is missing|^Temperature of the surface/,
    ],
    ['the resin not read', { resin: undefined }, /^Temperature of the resin/],
    [
      'the surface read long ago',
      { surface: read(12, 92) },
      /^Temperature of the surface: read 92 min ago; expected a reading no older than 30 min/,
    ],
    ['the resin read long ago', { resin: read(12, 31) }, /^Temperature of the resin: read 31 min ago/],
    ['warmed inside the row', { surface: read(12), warmedK: 2 }, /^a mix$/],
    [
      'warmed into the next row',
      { surface: read(14), warmedK: 2 },
      /warmed by about 2\.0 K since it was read, into another row/,
    ],
    ['cooled into the row below', { surface: read(6), warmedK: -3 }, /cooled by about 3\.0 K/],
    ['cooled out of the table', { surface: read(-4), warmedK: -3 }, /cooled by about 3\.0 K/],
  ])('%s', (_, more, says) => {
    expect(said(membrane, more)).toMatch(says);
  });
  it('what has no catalyst asks for the resin only', () => {
    const plain = coats.find((c) => !c.catalyst && !c.mix)!;
    expect(readingProblems(plain, { surface: undefined, resin: read(18), nowMs: NOW }, COMMON)).toEqual([]);
    expect(readingProblems(plain, { surface: read(18), resin: undefined, nowMs: NOW }, COMMON)).toHaveLength(
      1,
    );
  });
  it('no dose without a fresh surface, whatever else is read', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 34, noNaN: true }),
        fc.double({ min: 31, max: 600, noNaN: true }),
        (tempC, age) => {
          expect(mixCard(membrane, terms({ surface: read(tempC, age), resin: read(tempC) })).ok).toBe(false);
        },
      ),
    );
  });
});

describe('the pot life', () => {
  const life = (resinC: number, surfaceC: number): number => {
    const percent = catalystAt(membrane, surfaceC);
    if (!percent.ok) throw new Error('no dose');
    const f = mixPotLife(membrane, { resinC, surfaceC }, percent.value);
    expect(evaluate(f)).toBeCloseTo(f.value, 9);
    return f.value;
  };
  it('by hand: resin at 20 °C on ground at 10 °C takes 4 % instead of 2 %, and lasts half as long', () => {
    // The table has 15 min at 20 °C; twice its dose halves it, and half a minute is not promised.
    expect(life(20, 10)).toBe(7);
    expect(life(20, 20)).toBe(15);
  });
  it('cold resin on warm ground is as short as the ground makes it, and less catalyst lengthens nothing', () => {
    expect(life(5, 28)).toBe(life(28, 28));
  });
  it('is never longer than the table at either temperature', () => {
    fc.assert(
      fc.property(fc.integer({ min: -4, max: 34 }), fc.integer({ min: -4, max: 34 }), (resinC, surfaceC) => {
        expect(life(resinC, surfaceC)).toBeLessThanOrEqual(
          Math.min(life(resinC, resinC), life(surfaceC, surfaceC)),
        );
      }),
    );
  });
});

describe('the order of mixing', () => {
  it.each(coats.map((c) => [c.name, c] as const))('%s', (_, coat) => {
    const steps = stepsOf(coat);
    const all = steps.join('\n');
    const at = (pattern: RegExp): number => steps.findIndex((s) => pattern.test(s));
    const kinds = (coat.mix?.parts ?? []).map((p) => p.kind);
    expect(all).not.toMatch(/turns|strewn|goes off/);
    // Powder is never stirred by itself.
    for (const p of coat.mix?.parts ?? [])
      if (['powder', 'filler'].includes(p.kind)) {
        expect(steps[0]!.toLowerCase()).not.toContain(p.name.toLowerCase());
        expect(all).toContain('Never stir it dry: dust.');
      }
    if (kinds.includes('hardener')) expect(at(/hardener last/)).toBeGreaterThan(at(/^Stir/));
    if (coat.catalyst) {
      expect(at(/^Catalyst last/)).toBeGreaterThan(at(/Sprinkle the/));
      expect(at(/^Catalyst last/)).toBeGreaterThan(at(/^Thickener/));
    }
    expect(all).toMatch(/Scrape sides and bottom/);
    // Only what cures by itself heats in the bucket; the rest is closed again or thrown away.
    expect(/Never leave it to harden in a full bucket/.test(all)).toBe(curesInBucket(coat));
    expect(/close the container|add no water/.test(all)).toBe(!curesInBucket(coat));
  });
  it('puts parts together in its sequence, whatever order they are written in', () => {
    const wear = found('PMMA', 'wear');
    const card = mixCard(wear, terms({ surface: read(18), resin: read(18) }));
    if (!card.ok) throw new Error('no mix');
    for (const parts of [card.value.parts, [...card.value.parts].reverse()])
      expect(inMixingOrder(wear, parts).map((p) => p.id)).toEqual(['resin', 'filler']);
    expect(card.value.parts.map((p) => p.id)).toEqual(['resin', 'filler']);
  });
  it('the mineral one: powder into liquid, a rest, and stirred once more', () => {
    const mineral = coats.find((c) => c.mix?.parts.some((p) => p.kind === 'powder'))!;
    expect(stepsOf(mineral).join('\n')).toMatch(
      /Sprinkle the powder into the liquid while stirring at about 400 rpm[^]*Let it rest, then stir once more/,
    );
  });
});

it('every hazard has its caution, and a peroxide its own', () => {
  for (const hazard of HAZARDS) {
    const layer = {
      ...membrane,
      catalyst: undefined,
      chemistry: undefined,
      product: { ...membrane.product!, hazards: [hazard] },
    } as Coat;
    expect(protectionOf(layer)).toHaveLength(1);
    expect(protectionOf(layer)[0]!.length).toBeGreaterThan(30);
  }
  expect(protectionOf(membrane).at(-1)).toMatch(/^Peroxide catalyst: goggles and gloves\. Stored cool/);
});

it('diisocyanates ask for training, and sprays for what their mist and their pressure do', () => {
  const spray = catalogue()
    .flatMap((b) => b.layers.filter(isCoat))
    .find((l) => l.tools.some((t) => t.kind === 'airless spray'))!;
  const as = (chemistry: Coat['chemistry']): Coat => ({ ...spray, chemistry });
  expect(protectionOf(as('polyurethane, aliphatic')).at(-1)).toMatch(/^Diisocyanates: .* trained/);
  expect(protectionOf(as('acrylic')).join(' ')).not.toContain('Diisocyanates');
  expect(sprayProtection(as('acrylic')).join(' ')).toMatch(
    /emergency for a surgeon.*Trigger locked.*Respirator for mist.*wind limit, gusts count/,
  );
  expect(sprayProtection(as('methacrylate')).join(' ')).toContain('air supplied from outside');
  expect(sprayProtection({ ...as('acrylic'), tools: [] })).toEqual([]);
});
