/** What goes into the van besides layers and details, worked by hand on a deck of 20 by 10 m with its defects. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff, type OrderDoc, type Takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { edgeOf, type Finding, type Zone } from '@lentum/core/survey';
import { convert } from '@lentum/core/units';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

const found = (item: string, amount?: number): Finding => ({
  item,
  answer: 'yes',
  note: '',
  ...(amount === undefined ? {} : { amount }),
});

/** A gutter along 20 m, upstands of 150 mm along the other 40 m; two spalls, voids, oil, moss. */
const deck = (more: Partial<Zone> = {}): Zone => ({
  ...pointsZone(corners(20, 10), {
    fallPct: 2,
    sides: (['gutter', 'upstand', 'upstand', 'upstand'] as const).map((kind) => ({
      edge: edgeOf(kind),
      riseM: 0,
    })),
    substrate: { kind: 'concrete-old' },
    findings: [found('voids', 35), found('oil', 18), found('growth')],
    features: [
      {
        id: 's',
        kind: 'spall',
        count: 2,
        at: { alongM: 2, acrossM: 5 },
        sizes: { lengthMm: 600, widthMm: 400, depthMm: 25 },
        note: '',
      },
    ],
  }),
  ...more,
});
const ordered = (id: string, zone: Zone = deck(), order: Partial<OrderDoc['supplies']> = {}): Takeoff =>
  takeoff(
    { zones: [zone] },
    {
      buildUps: [...catalogue()],
      zones: [{ zoneId: zone.id, buildUpId: id, revision: 1, conditions: [], choices: {} }],
    },
    { ...DEFAULT_ORDER, supplies: { ...DEFAULT_ORDER.supplies, ...order } },
  );
/** The same with the small things that stand in no build-up in the packs of the second set. */
const inUs = (id: string): Takeoff =>
  takeoff(
    { zones: [deck()] },
    {
      buildUps: [...catalogue()],
      zones: [{ zoneId: deck().id, buildUpId: id, revision: 1, conditions: [], choices: {} }],
    },
    DEFAULT_ORDER,
    { system: 'us' },
  );
const net = (t: Takeoff, name: string): number | undefined =>
  t.lines.find((l) => l.item.name === name)?.net.value;
const asked = (t: Takeoff): string[] => t.unsaid.flatMap((m) => m.why.map(sentence));

describe.each(catalogue().map((b) => [b.id]))('%s in a job in US units', (id) => {
  const us = inUs(id).lines;
  const metric = ordered(id).lines;
  const sizes: Record<string, string> = { lb: 'kg', gal: 'L', 'fl oz': 'L', ft: 'm' };
  const supplies = us.filter((l) => l.item.key.startsWith('supply/'));
  it('takes as much of each supply as by metric packs', () => {
    for (const l of supplies)
      expect(l.need.value, l.item.name).toBeCloseTo(
        metric.find((m) => m.item.key === l.item.key)?.need.value ?? NaN,
        9,
      );
  });
  it('in packs that hold what their name says, at about the price of the same amount', () => {
    for (const { item } of supplies.filter((l) => l.quantity !== 'count'))
      for (const [i, p] of item.packs.entries()) {
        const [, amount = '', unit = ''] = /^([\d.,]+) (gal|lb|fl oz|ft) [a-z]+$/.exec(p.name) ?? [p.name];
        expect(p.net, p.name).toBeCloseTo(
          convert(Number(amount.replace(',', '')), unit, sizes[unit] ?? ''),
          9,
        );
        const like = metric.find((m) => m.item.key === item.key)?.item.packs[i];
        const each = (q: typeof p): number => (q.price?.value ?? NaN) / q.net;
        // Prices are whole.
        if (like) expect(Math.abs(each(p) - each(like)) * p.net, p.name).toBeLessThanOrEqual(0.5);
        expect(p.massKg ?? 0, p.name).toBeGreaterThan(item.quantity === 'mass' ? p.net * 0.99 : 0);
      }
  });
});

// Common practice, no source: areas and volumes by hand, rates as the order says them.
describe('a deck with spalls, voids and oil', () => {
  const t = ordered('vehicular-deck');
  it.each([
    ['floor of 200 m² and 40 m of upstand 0.15 m high, at 0.03 L', 'Wash concentrate', 206 * 0.03],
    ['18 m² of oil at 0.25 L', 'Degreaser', 18 * 0.25],
    ['two of 600 × 400 × 25 mm are 12 L, at 2 kg/L and a tenth', 'Repair mortar for spalls', 12 * 2 * 1.1],
    ['35 L of voids at 1.7 kg/L and a tenth', 'Filler for pinholes and voids', 35 * 1.7 * 1.1],
    ['20 m of gutter and 40 m of upstand, masked twice', 'Masking tape', 60 * 2],
  ])('%s', (_, name, expected) => expect(net(t, name)).toBeCloseTo(expected, 6));

  it('catalyst for every coat by the coldest day, 5 °C: 4 % of the resin and a tenth in reserve', () => {
    const kg = (name: string): number => net(t, name)!;
    // The wear coat is one part of resin to one and a half of filler.
    const resin = kg('Primer') + kg('Membrane') + kg('Wear coat') / 2.5 + kg('Lock coat');
    expect(net(t, 'Catalyst powder')).toBeCloseTo(resin * 0.04 * 1.1, 4);
    const winter = ordered('vehicular-deck', deck(), { seasonFromC: { value: 0, source: 'chosen' } });
    expect(net(winter, 'Catalyst powder')).toBeCloseTo(resin * 0.06 * 1.1, 4);
  });
  it('a season outside the table is asked about, and no catalyst invented', () => {
    const frost = ordered('vehicular-deck', deck(), { seasonFromC: { value: -15, source: 'chosen' } });
    expect(net(frost, 'Catalyst powder')).toBeUndefined();
    expect(asked(frost).join(' ')).toContain('Membrane, catalyst');
  });
  it('what was found and not measured is asked about', () => {
    const open = ordered('vehicular-deck', deck({ findings: [found('oil')] }));
    expect(net(open, 'Degreaser')).toBeUndefined();
    expect(asked(open).join(' ')).toContain('no degreaser is ordered for it until then');
  });
  it('ground that is not described takes nothing for its preparation', () => {
    const { substrate: _, ...bare } = deck();
    expect(net(ordered('vehicular-deck', bare), 'Wash concentrate')).toBeUndefined();
  });
});

describe('what laying takes', () => {
  const felt = deck({ substrate: { kind: 'bitumen-smooth' }, findings: [] });
  it('gas for two torched plies, 0.25 kg on each m²', () => {
    const t = ordered('torched-two-ply', felt);
    const slope = Math.sqrt(1 + 0.02 ** 2);
    expect(net(t, 'Gas for torch and kettle')).toBeCloseTo(200 * slope * 2 * 0.25, 6);
  });
  it('gas for the kettle goes by what is melted', () => {
    const t = ordered('hot-rubberised', felt);
    const gas = t.lines.find((l) => l.item.name === 'Gas for torch and kettle');
    const melt = t.lines
      .filter((l) => l.layers.some(({ layer }) => layer.kind === 'coat' && layer.kettle))
      .reduce((sum, l) => sum + l.net.value, 0);
    // Details are melted in the same charges; the field alone is counted here.
    expect(gas!.net.value).toBeGreaterThan(0);
    expect(gas!.net.value).toBeLessThanOrEqual(melt * 0.05 + 1e-9);
  });
  it('thickener for what goes up a wall, by the steepest row of its table; none on 2 % of fall', () => {
    const t = ordered('methacrylate-terrace');
    const thick = (of: Takeoff): number =>
      of.lines.find((l) => l.item.name.startsWith('Thickener for'))!.net.value;
    const coat = catalogue()
      .find((b) => b.id === 'methacrylate-terrace')!
      .layers.filter(isCoat)
      .find((c) => c.thickener)!;
    const field = (fallPct: number): number => coat.rate.value * 200 * Math.sqrt(1 + (fallPct / 100) ** 2);
    const details = net(t, coat.name)! - field(2);
    expect(thick(t)).toBeCloseTo(details * 0.02 * 1.1, 6);
    const steep = ordered('methacrylate-terrace', deck({ fallPct: 8 }));
    expect(thick(steep)).toBeCloseTo((details * 0.02 + field(8) * 0.01) * 1.1, 6);
  });
  it('tools of a resin are cleaned at the end of each day', () => {
    const t = ordered('vehicular-deck');
    const cleaner = t.lines.find((l) => l.item.name === 'Resin cleaner for tools')!;
    expect(cleaner.net.value % 1).toBeCloseTo(0, 9);
    expect(cleaner.net.value).toBeGreaterThanOrEqual(4);
  });
});

it.each(
  catalogue()
    .filter((b) => b.family !== 'POCKET')
    .map((b) => [b.id] as const),
)('%s: every line opens to a working that gives it', (id) => {
  for (const line of ordered(id).lines) {
    expect(evaluate(line.net), line.item.name).toBeCloseTo(line.net.value, 6);
    expect(evaluate(line.gross), line.item.name).toBeCloseTo(line.gross.value, 6);
  }
});
