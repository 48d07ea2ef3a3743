/** Where a layer stops, how long that line is, and what closes it for the night. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isWorkLayer, resolve, type BuildUp, type WorkLayer } from '@lentum/core/buildup';
import { closeForTheNight } from '@lentum/core/details';
import { given, verdictText, type Figure } from '@lentum/core/figures';
import { stopLine, type Bay } from '@lentum/core/site';
import { evaluate } from './support/formula.ts';

/** Bays of 2 m by 3 m in rows. */
const grid = (columns: number, rows: number): Bay[] =>
  Array.from({ length: columns * rows }, (_, i) => {
    const [x, y] = [(i % columns) * 2, Math.floor(i / columns) * 3];
    return {
      id: `b${i}`,
      zoneId: 'z',
      label: `B${i + 1}`,
      parts: [
        {
          outer: [
            [x, y],
            [x + 2, y],
            [x + 2, y + 3],
            [x, y + 3],
          ],
          holes: [],
        },
      ],
    };
  });
const line = (bays: readonly Bay[], ids: readonly number[]) =>
  stopLine(bays, new Set(ids.map((i) => `b${i}`)), 'Base sheet');

describe('the stop line', () => {
  it('is where laid bays lie beside open ones (by hand)', () => {
    const bays = grid(3, 2);
    // The first of six: 3 m to the right, 2 m above.
    expect(line(bays, [0])?.length.value).toBeCloseTo(5, 9);
    // The lower row: three times 2 m.
    const row = line(bays, [0, 1, 2]);
    expect(row?.length.value).toBeCloseTo(6, 9);
    expect(row?.laid).toEqual(['B1', 'B2', 'B3']);
    expect(row?.open).toEqual(['B4', 'B5', 'B6']);
    expect(evaluate(row!.length)).toBeCloseTo(6, 9);
  });
  it('is none where nothing is laid, or all', () => {
    const bays = grid(3, 2);
    expect(line(bays, [])).toBeUndefined();
    expect(line(bays, [0, 1, 2, 3, 4, 5])).toBeUndefined();
  });
  it('counts joints that are too short to walk over', () => {
    const bays = grid(2, 1);
    const narrow: Bay = {
      ...bays[1]!,
      parts: [
        {
          outer: [
            [2, 0],
            [4, 0],
            [4, 3],
            [2, 0.2],
          ],
          holes: [],
        },
      ],
    };
    expect(line([bays[0]!, narrow], [0])?.length.value).toBeCloseTo(0.2, 9);
  });
  it('is the same seen from the other side, and the edge of the laid cells of a grid', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 5 }),
        fc.infiniteStream(fc.boolean()),
        (w, h, on) => {
          const bays = grid(w, h);
          const flags = bays.map(() => on.next().value as boolean);
          const ids = flags.flatMap((f, i) => (f ? [i] : []));
          const others = flags.flatMap((f, i) => (f ? [] : [i]));
          let expected = 0;
          for (let i = 0; i < w * h; i += 1) {
            if (i % w < w - 1 && flags[i] !== flags[i + 1]) expected += 3;
            if (i + w < w * h && flags[i] !== flags[i + w]) expected += 2;
          }
          expect(line(bays, ids)?.length.value ?? 0).toBeCloseTo(expected, 9);
          expect(line(bays, others)?.length.value ?? 0).toBeCloseTo(expected, 9);
        },
      ),
    );
  });
});

const page = (id: string): BuildUp => resolve(catalogue().find((b) => b.id === id)!);
const tenM: Figure = {
  label: 'Stop line',
  value: 10,
  quantity: 'length',
  formula: '10',
  inputs: { l: given('l', 10, 'length', 'measured') },
  from: 'by hand',
};
const close = (id: string, layer: (l: WorkLayer) => boolean) => {
  const buildUp = page(id);
  const found = buildUp.layers.filter(isWorkLayer).find(layer)!;
  return closeForTheNight(found, buildUp, { id: 'z', name: 'Roof' }, tenM);
};
const text = (parts: readonly (readonly Parameters<typeof verdictText>[0][number][])[]) =>
  parts.map((p) => verdictText(p, 'metric', String)).join(' ');

describe('closed for the night, by what the layer is', () => {
  it('a sheet gets a fillet of sealant: two legs of 15 mm over 10 m are 1.125 L', () => {
    const made = close('self-adhered-two-ply', (l) => l.kind === 'sheet')!;
    expect(made.materials.map((m) => m.name)).toEqual(['Sealant']);
    expect(made.materials[0]!.amount.value).toBeCloseTo(1.125, 9);
    expect(text(made.tonight)).toContain('bonded down');
    expect(text(made.tomorrow)).toContain('lap the next course on to it');
  });
  it('a coat is masked along its line', () => {
    const made = close('reinforced-polyurethane', (l) => l.id === 'first')!;
    expect(made.materials.map((m) => [m.name, m.amount.value])).toEqual([['Masking tape', 10]]);
    expect(text(made.tomorrow)).toContain('abrade');
  });
  it('melt is feathered out and takes nothing', () => {
    const made = close('hot-rubberised', (l) => l.kind === 'coat' && l.kettle !== undefined)!;
    expect(made.materials).toEqual([]);
    expect(text(made.tonight)).toContain('Feather');
  });
  it('boards never stay open: a strip over their edge, 120 mm and a lap on either side', () => {
    const made = close('warm-roof', (l) => l.kind === 'protection' && l.material === 'insulation board')!;
    const lapMm = 100;
    expect(made.strip?.value).toBeCloseTo((10 * (120 + 2 * lapMm)) / 1000, 9);
    expect(evaluate(made.strip!)).toBeCloseTo(made.strip!.value, 9);
    expect(text(made.tonight)).toContain('No board stays open');
  });
  it('a primer needs none', () => {
    expect(close('reinforced-polyurethane', (l) => l.kind === 'coat' && l.role === 'primer')).toBeUndefined();
  });
  it('gravel, mats and soil need none', () => {
    for (const b of catalogue().map((x) => resolve(x)))
      for (const l of b.layers.filter(isWorkLayer))
        if (l.kind === 'protection' && l.material !== 'insulation board')
          expect(closeForTheNight(l, b, { id: 'z', name: 'Roof' }, tenM)).toBeUndefined();
  });
});
