/** No number of a layer is filled in for nothing: changing it changes a verdict, an order or a time. */
import { describe, expect, it } from 'vitest';
import { CARD_CASES, LAYER_CASES } from './layercases.ts';
import noticed from './noticed.json' with { type: 'json' };
import { numberPaths } from './paths.ts';
import { layerOf, SPECIMENS } from './specimens.ts';
import { nameOf, notices, type Noticed } from './walk.ts';

const BY = noticed as Readonly<Record<string, Noticed>>;
const PATHS = numberPaths();

/** What a tool is set to, and the end of a printed range that does not count: somebody reads them, nothing computes. */
const ONLY_READ = /\/(tools\[\]\/|stirring\/rpm|(cure\/\w+|potLife)\/points\[\]\/range\/(from|to)$)/;

it.each(LAYER_CASES.map((c) => [c.name, c] as const))('asked twice it answers the same: %s', (_, c) => {
  for (const specimen of SPECIMENS) {
    const world = { buildUp: specimen.buildUp, layer: layerOf(specimen) };
    expect(c.of(world)).toBe(c.of(world));
  }
});

describe('every number that a layer may say', () => {
  it('is walked, and none that is gone is kept', () => {
    expect(Object.keys(BY).sort()).toEqual(PATHS.map(nameOf).sort());
  });
  it.each(PATHS.map((of) => [nameOf(of), BY[nameOf(of)]?.case ?? 'nothing', of] as const))(
    '%s changes: %s',
    (name, _, of) => {
      const by = BY[name];
      expect(by, 'run npm run limits').toBeDefined();
      expect(by && notices(of, by), 'run npm run limits').toBe(true);
    },
  );
  it('is more than read off a card, but for what a tool is set to', () => {
    const cards = new Set(CARD_CASES.map((c) => c.name));
    expect(Object.keys(BY).filter((name) => cards.has(BY[name]!.case) && !ONLY_READ.test(name))).toEqual([]);
  });
});
