/**
 * Three whole roofs ordered, line by line, against sums by hand: what is there, how much, and nothing else. The figures
 * of the build-ups are those of the catalogue, written out here. Rules by hand are common practice, no source.
 */
import { describe, expect, it } from 'vitest';
import { catalogue } from '@lentum/core/buildup';
import { DEFAULT_ORDER, takeoff, type Takeoff } from '@lentum/core/order';
import type { Zone } from '@lentum/core/survey';
import { verdictText } from '@lentum/core/figures';
import { evaluate } from './support/formula.ts';
import { work } from './support/roof.ts';
import { DECK, OFFICE, STORE } from './support/wholeroofs.ts';

const ordered = (zone: Zone, buildUpId: string): Takeoff =>
  takeoff(
    { zones: [zone] },
    {
      buildUps: [...catalogue()],
      zones: [{ zoneId: zone.id, buildUpId, revision: 1, conditions: [], choices: {} }],
    },
    DEFAULT_ORDER,
  );
/** Strips end over end: as few as are no longer than may be, each lapping 50 mm (or so) on the next, m in all. */
const strips = (runM: number, mostM: number, lapM: number): number => {
  const count = runM <= mostM ? 1 : Math.ceil((runM - lapM) / (mostM - lapM));
  return runM + (count - 1) * lapM;
};

type Line = readonly [name: string, net: number, within?: number];
function whole(t: Takeoff, lines: readonly Line[]): void {
  it('lacks nothing, asks for nothing, and has nothing else', () => {
    expect(t.missing).toEqual([]);
    expect(t.unsaid).toEqual([]);
    expect(t.lines.map((l) => l.item.name).sort()).toEqual(lines.map(([name]) => name).sort());
  });
  it.each(lines.map(([name, net, within = 1e-6]) => ({ name, net, within })))(
    '$name',
    ({ name, net, within }) => {
      const line = t.lines.find((l) => l.item.name === name)!;
      expect(Math.abs(line.net.value - net)).toBeLessThanOrEqual(within * net);
      expect(evaluate(line.net)).toBeCloseTo(line.net.value, 9);
      // What is bought covers what is needed, waste with it.
      expect(line.buy.total).toBeGreaterThanOrEqual(line.gross.value * (1 - 1e-9));
      expect(line.gross.value).toBeGreaterThanOrEqual(line.net.value * (1 - 1e-9));
    },
  );
}

describe('the deck with cracks and spalls, 24 × 15 m', () => {
  const AREA = 24 * 15;
  // Upstands of 15, 24 and 15 m, 200 mm high.
  const rising = (15 + 24 + 15) * 0.2;
  // Strips of 2 m at most, 50 mm over end: foot 150, cant 15 √2, wall 200 − 15.
  const upstands = [15, 24, 15].reduce((sum, m) => sum + strips(m, 2, 0.05), 0);
  const section = 0.15 + 0.015 * Math.SQRT2 + 0.185;
  // The gutter is 200 mm wide and half as deep: foot, down, across, up.
  const gutter = strips(24, 2, 0.05) * (0.15 + 0.1 + 0.2 + 0.1);
  // Two internal corners: a square of 150 mm, two wings 200 mm high, a flap of 50 mm.
  const corners = 2 * (0.15 * 0.15 + 2 * 0.15 * 0.2 + 0.05 * 0.2);
  // 2.6 kg/m², a quarter more at details.
  const bedded = (upstands * section + gutter + corners) * 2.6 * 1.25;
  const primer = (AREA + rising) * 0.5;
  const lock = (AREA + rising) * 0.7;
  const wear = AREA * 3.2;
  const membrane = AREA * 2.6 + bedded;
  // Stripes of 160 mm, 1.6 mm wet, at 1.2 kg/L: over 6, 2 and 4 m of crack.
  const stripe = (6 + 2 + 4) * 0.16 * 1.6 * 1.2;
  const t = ordered(DECK, 'vehicular-deck');
  whole(t, [
    ['Wash concentrate', (AREA + rising) * 0.03],
    // Three of 500 × 400 × 30 mm at 2 kg/L, a tenth lost.
    ['Repair mortar for spalls', 3 * 0.5 * 0.4 * 30 * 2 * 1.1],
    ['Filler for pinholes and voids', 30 * 1.7 * 1.1],
    ['Primer', primer],
    ['Membrane', membrane, 1e-3],
    ['Wear coat', wear],
    ['Quartz sand', AREA * 4],
    ['Lock coat', lock],
    // By the coldest day 4 % of the resin and a tenth; the wear coat is filled one to one and a half.
    ['Catalyst powder', (primer + membrane + wear / 2.5 + lock + stripe) * 0.04 * 1.1, 1e-3],
    // On a roll of 1.05 m a strip of the gutter lies beside one of an upstand, the other upstands two by two.
    ['Detail fabric', strips(24, 2, 0.05) + (upstands - strips(24, 2, 0.05)) / 2, 0.02],
    ['Primer for metal', gutter * 0.12],
    // Triangles of 15 mm along 54 m.
    ['Sealant', (0.015 * 0.015 * 54 * 1000) / 2],
    ['Low-modulus stripe', stripe],
    // The crack of 3 mm and the one that moves are cut out to 6 × 12 mm.
    ['Joint sealant', (6 * 12 * (2 + 4)) / 1000],
    ['Bond-breaking tape', 4],
    ['Masking tape', 2 * (24 + 15 + 24 + 15)],
    // Days of 8 h by output (40, 30, 20, 45 m²/h), each tool a litre; the stripe's brush once.
    ['Resin cleaner for tools', 2 + 2 * 2 + 3 + 1 + 1],
  ]);
});

describe('the old ticket office by area alone, 96 m²', () => {
  const [AREA, ROUND, HIGH] = [96, 40, 0.15];
  // Fill 2.4, base 1.6, saturating 1.6 L/m²; only the last goes up beside the bed of the pieces.
  const field = AREA * (2.4 + 1.6 + 1.6);
  // A rectangle of 12 × 8 m: strips of 5 m at most, laps of 100 mm; foot 150, cant 15 √2, wall 150 − 15.
  const around = 2 * (strips(12, 5, 0.1) + strips(8, 5, 0.1));
  const section = 0.15 + 0.015 * Math.SQRT2 + 0.135;
  const up = ROUND * HIGH;
  const t = ordered(OFFICE, 'gravel-restoration');
  const emulsion = t.lines.find((l) => l.item.name === 'Bitumen emulsion')!;
  whole(t, [
    // Washed with its upstands.
    ['Wash concentrate', (AREA + up) * 0.03],
    // Pieces at 1.6 × 1.2, what goes up, and laps and small pieces as the cut lists have them: within 1 %.
    ['Bitumen emulsion', field + around * section * 1.6 * 1.2 + up * 1.6 + 8.448 + 1.69, 0.002],
    ['Bleed-blocking primer', (AREA + up) * 0.25],
    ['White coat, first', (AREA + up) * 0.45],
    ['White coat, second', (AREA + up) * 0.45],
    // Nine courses of 0.95 m: eight of 12 m and what closes the last; pieces in their own cut list.
    ['Polyester fabric', 134.63, 0.001],
    // Fillets of 15 mm and a bead of 6 mm over the bar along 40 m, and a bead of 8 mm round two outlets.
    [
      'Sealant',
      (40 * (0.015 ** 2 + 0.006 ** 2) * 1000) / 2 + (2 * Math.PI * 0.1 * 0.008 ** 2 * 1000) / 2,
      1e-6,
    ],
    ['Termination bar', 40],
    // Bars of 2.4 m: five of them on 12 m, four of 2 m on 8 m; fixed every 250 mm, and at both ends.
    ['Fasteners for bars', 2 * (5 * (Math.ceil(2400 / 250) + 1) + 4 * (Math.ceil(2000 / 250) + 1))],
    ['Masking tape', 2 * 40],
  ]);
  it('laps of nine courses, 100 mm wide, drink 8 L a kilogram of fabric of 110 g/m²', () => {
    const laps = Object.values(emulsion.net.inputs).find((p) => p.label.includes('in laps of'))!;
    // Eight side laps along 12 m.
    expect(laps.value).toBeCloseTo(8 * 12 * 0.1 * (0.11 * 8), 6);
  });
});

describe('a gabled store in two torched plies, 12 × 8 m', () => {
  const AREA = 12 * 8;
  const t = ordered(STORE, 'torched-two-ply');
  // Gutter 12 m, strips of 1 m at most with laps of 100 mm; foot 150 and 200 mm wide, half as deep.
  const gutters = 2 * strips(12, 1, 0.1) * (0.15 + 0.1 + 0.2 + 0.1);
  const gutters2 = 2 * strips(12, 1, 0.1) * (0.2 + 0.1 + 0.2 + 0.1);
  // Drip strips of 150 mm, then of 250.
  const drips = 2 * strips(8, 1, 0.1) * 0.15;
  const drips2 = 2 * strips(8, 1, 0.1) * 0.25;
  const sheet = (name: string): number => t.lines.find((l) => l.item.name === name)!.net.value;
  // Collar of 410 mm less the pipe's star cut, wrap 150 mm high.
  const flashed = (0.41 ** 2 + (Math.PI * 0.11 + 0.1) * 0.15) * 0.8 * 3;
  whole(t, [
    ['Wash concentrate', AREA * 0.03],
    ['Bitumen primer', AREA * 0.3],
    ['Base sheet', sheet('Base sheet')],
    ['Cap sheet', sheet('Cap sheet')],
    ['Detail fabric', 0.41],
    ['Primer for metal', (gutters + gutters2 + drips + drips2) * 0.12],
    ['Liquid flashing', flashed, 0.05],
    ['Loose granules', (flashed / 2.4) * 1.5, 0.05],
    // A bead of 10 mm round the pipe.
    ['Sealant', (Math.PI * 0.11 * 0.01 ** 2 * 1000) / 2],
    // One tool a day each: the primer's, and the flashing's.
    ['Solvent for tools', 2],
    ['Gas for torch and kettle', AREA * 2 * 0.25],
  ]);
  it.each([
    // The sums of both sheets are bounds: their cut lists are held against the least possible elsewhere.
    // Over the verges and into the gutters by 70 mm and by 8 and 20 mm; a strip over the ridge; laps of 80 and 100 mm.
    ['Base sheet', 12.14 * 8.14, 0.92, 12 * 0.5, gutters + drips],
    ['Cap sheet', 12.016 * 8.04, 0.9, 12 * 0.5, gutters2 + drips2],
  ] as const)(
    '%s: field with its laps, ridge and pieces, and some offcuts',
    (name, field, share, ridge, pieces) => {
      const least = field / share + ridge + pieces;
      const { net } = t.lines.find((l) => l.item.name === name)!;
      expect(net.value).toBeGreaterThanOrEqual(least * 0.98);
      expect(net.value).toBeLessThanOrEqual(least * 1.2);
    },
  );
  it('the ridge is closed once: by the courses, not by a detail too', () => {
    const ridge = work(
      STORE,
      'ridge',
      catalogue().find((b) => b.id === 'torched-two-ply')!,
    );
    expect(ridge.pieces).toEqual([]);
    expect(ridge.steps.some((s) => verdictText(s.says, 'metric', String).includes('with the courses'))).toBe(
      true,
    );
  });
});
