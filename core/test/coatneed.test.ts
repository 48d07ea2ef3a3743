/** What a coat takes over bays, the containers that opens, and what was mixed for it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, inBasis, isCoat, laidRate } from '@lentum/core/buildup';
import { allOf, mixedFor, type BookEntry, type SiteBook } from '@lentum/core/record';
import { bayAreaM2, coatNeed, containersFor } from '@lentum/core/site';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { bookOf } from './support/calls.ts';
import { evaluate } from './support/formula.ts';

const job = velmora(new Date(DEMO_ANCHOR));
const bays = job.site.bays.filter((b) => b.zoneId === 'terrace');
const coats = catalogue()
  .flatMap((b) => b.layers.filter(isCoat))
  .filter((c) => c.treats === undefined);
const nowhere = { zone: undefined, buildUp: undefined };

describe('what a coat takes over several bays', () => {
  it('is its rate times their areas, and its working says the same', () => {
    for (const coat of coats) {
      const need = coatNeed(coat, bays, nowhere);
      const area = bays.reduce((sum, b) => sum + bayAreaM2(b), 0);
      expect(need.value).toBeCloseTo(laidRate(coat).rate.value * area, 6);
      expect(evaluate(need)).toBeCloseTo(need.value, 9);
      expect(need.quantity).toBe(laidRate(coat).basis);
    }
  });
  it('is nothing over no bay', () => expect(coatNeed(coats[0]!, [], nowhere).value).toBe(0));
});

describe('containers that hold it', () => {
  it('hold it, and one less does not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...coats),
        fc.nat(7),
        fc.double({ min: 0.001, max: 5000, noNaN: true }),
        (coat, at, value) => {
          const container = coat.containers[at % coat.containers.length]!;
          const { basis } = laidRate(coat);
          const need = { ...coatNeed(coat, [], nowhere), value };
          const count = containersFor(coat, container, need);
          const holds = (n: number): number => n * inBasis(coat, container.net, container.basis, basis);
          expect(holds(count)).toBeGreaterThanOrEqual(value * (1 - 1e-9));
          if (count > 1) expect(holds(count - 1)).toBeLessThan(value);
        },
      ),
    );
  });
  it('are as many as go in evenly, and one where nothing is needed', () => {
    const coat = coats.find((c) => laidRate(c).basis === 'mass' && c.containers[0]?.basis === 'mass')!;
    const [container] = coat.containers;
    const need = (value: number) => ({ ...coatNeed(coat, [], nowhere), value });
    for (const n of [1, 3, 7, 49]) expect(containersFor(coat, container!, need(n * container!.net))).toBe(n);
    // A sum of thirds is a few bits above its whole.
    expect(containersFor(coat, container!, need((0.1 + 0.2) * 10 * (container!.net / 3)))).toBe(1);
    expect(containersFor(coat, container!, need(0))).toBe(1);
  });
});

describe('what was mixed for a coat', () => {
  const book = bookOf(job);
  const zoneCoats = job.buildUp.buildUps.flatMap((b) => b.layers.filter(isCoat));
  const primer = zoneCoats.find((c) => c.id === 'primer')!;
  const mixes = allOf(book, 'mix');
  const [mix] = mixes;
  /** The book with other mixes and coats, in the order in which they are given. */
  const withMixes = (ids: readonly string[], entries: readonly BookEntry[]): SiteBook => {
    const numbered = entries.map((e, i) => ({ ...e, seq: i + 1 }));
    const onBay = (id: string) => numbered.filter((e) => e.bays.some((b) => b.bayId === id));
    const bayBook = [...book.bays.values()][0]!;
    return {
      ...book,
      seen: new Map(numbered.map((e) => [e.id, e])),
      bays: new Map(ids.map((id) => [id, { ...bayBook, entries: onBay(id) }])),
    };
  };

  it('is none where a coat of the layer was laid since: the demo’s mix went on with its shift', () => {
    expect(mix).toMatchObject({ zoneId: 'terrace', body: { layerId: 'primer' } });
    expect(mixedFor(book, primer, bays)).toBeUndefined();
  });
  it('is none of another layer', () => {
    expect(mixedFor(book, { ...primer, id: 'wear' }, bays)).toBeUndefined();
  });
  it('counts a mix over several bays once, those of the chosen bays only, and none before the last coat', () => {
    const on = (...ids: string[]) => ids.map((bayId) => ({ bayId, share: 1 / ids.length }));
    const of = (id: string, kg: number, ...ids: string[]): BookEntry => ({
      ...mix!,
      id,
      bays: on(...ids),
      body: { ...mix!.body, parts: [{ name: 'Resin', kg, batch: '' }] },
    });
    const laid = allOf(book, 'coat').find((e) => e.body.layerId === 'primer' && e.zoneId === 'terrace')!;
    const said = withMixes(
      ['a', 'b', 'c'],
      [of('old', 7, 'a'), { ...laid, bays: on('a') }, of('new', 10, 'a', 'b'), of('other', 3, 'c')],
    );
    const bay = (id: string) => ({ ...bays[0]!, id });
    const kg = (...ids: string[]): number | undefined => {
      const mixed = mixedFor(said, primer, ids.map(bay));
      if (!mixed) return undefined;
      expect(evaluate(mixed)).toBeCloseTo(mixed.value, 9);
      return inBasis(primer, mixed.value, laidRate(primer).basis, 'mass');
    };
    expect(kg('a')).toBeCloseTo(10, 9);
    expect(kg('a', 'b')).toBeCloseTo(10, 9);
    expect(kg('a', 'b', 'c')).toBeCloseTo(13, 9);
    expect(kg('c')).toBeCloseTo(3, 9);
  });
});
