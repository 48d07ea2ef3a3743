/** A coat is bought in the unit of its containers, however its rate was typed. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, type BuildUp } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff, type StockItem, type Takeoff } from '@lentum/core/order';
import { pointsZone, corners } from './support/zones.ts';
import { evaluate } from './support/formula.ts';

const zone = (id: string, w: number, h: number) =>
  pointsZone(corners(w, h), { id, code: id.toUpperCase(), name: id });
const copy = <T>(v: T): T => JSON.parse(JSON.stringify(v)) as T;
const page = (id: string): BuildUp => copy(catalogue().find((b) => b.id === id)!);
const on = (buildUps: BuildUp[], zones: Record<string, string>) => ({
  buildUps,
  zones: Object.entries(zones).map(([zoneId, buildUpId]) => ({
    zoneId,
    buildUpId,
    revision: 1,
    conditions: [],
    choices: {},
  })),
});
const lineOf = (t: Takeoff, layerId: string) =>
  t.lines.filter((l) => l.layers.some((x) => x.layer.id === layerId));

describe('the unit of a line', () => {
  it('one product, its rates typed by mass and by volume, is one line with the same amount', () => {
    const byMass = page('reinforced-polyurethane');
    const byVolume = { ...copy(byMass), id: 'typed-otherwise' };
    for (const c of byVolume.layers.filter(isCoat))
      c.rate = { basis: 'volume', value: c.rate.value / c.densityKgPerL.value, source: 'data sheet' };
    const zones = { zones: [zone('a', 10, 5), zone('b', 10, 5)] };
    const t = takeoff(zones, on([byMass, byVolume], { a: byMass.id, b: byVolume.id }), DEFAULT_ORDER);
    const [resin, ...more] = lineOf(t, 'first');
    expect(more).toEqual([]);
    expect(resin!.quantity).toBe('mass');
    // Twice 50 m² at 1.85 and at 1.1 kg/m²; five laps of 10 m, 75 mm wide, drink a second thickness of fleece.
    expect(resin!.net.value).toBeCloseTo(100 * 2.95 + 2 * 5 * 10 * 0.075 * (0.11 * 7.5) * 1.3, 9);
    expect(evaluate(resin!.net)).toBeCloseTo(resin!.net.value, 9);
  });
  it('hot blocks are bought by the kilogram: two layers of 3 mm on 50 m² at 1.15 kg/L', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 5)] },
      on([...catalogue()], { a: 'hot-rubberised' }),
      DEFAULT_ORDER,
    );
    const [melt] = lineOf(t, 'first');
    expect(melt!.quantity).toBe('mass');
    // Four laps of 10 m, 50 mm wide, of a fabric of 45 g/m² that holds 8 L a kilogram.
    expect(melt!.net.value).toBeCloseTo(2 * 3 * 50 * 1.15 + 4 * 10 * 0.05 * (0.045 * 8) * 1.15, 6);
    expect(melt!.buy.picks.map((p) => p.container.name)).toEqual(['18 kg block']);
  });
  it('stock that was entered in litres counts by its density, what is entered now as it is', () => {
    const zones = { zones: [zone('a', 10, 5)] };
    const doc = on([...catalogue()], { a: 'hot-rubberised' });
    const [melt] = lineOf(takeoff(zones, doc, DEFAULT_ORDER), 'first');
    const stock = (more: Partial<StockItem>): StockItem => ({
      id: 's',
      item: melt!.item.formerly!.key,
      name: 'blocks',
      amount: 100,
      opened: false,
      ...more,
    });
    const drawn = (s: StockItem) =>
      lineOf(takeoff(zones, doc, { ...DEFAULT_ORDER, stock: [s] }), 'first')[0]!.drawn.map((d) => d.amount);
    expect(drawn(stock({}))[0]).toBeCloseTo(115, 9);
    expect(drawn(stock({ unit: 'volume' }))[0]).toBeCloseTo(115, 9);
    expect(drawn(stock({ item: melt!.item.key, unit: 'mass' }))[0]).toBeCloseTo(100, 9);
  });
});
