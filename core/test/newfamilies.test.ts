/** The sheet and laminate families: fixing, seams, open times, cautions. Worked out by hand; common practice, no source. */
import { describe, expect, it } from 'vitest';
import { catalogue, HAZARDS, isCoat, isSheet, resolve, type BuildUp, type Sheet } from '@lentum/core/buildup';
import { sheetFasteners } from '@lentum/core/courses';
import { courseSteps } from '@lentum/core/details';
import { FAMILIES, fitOf } from '@lentum/core/family';
import { verdictText } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

const pick = (id: string, choices: Record<string, string> = {}): BuildUp =>
  resolve(
    catalogue().find((b) => b.id === id)!,
    { conditions: [], choices },
  );
const sheetOf = (b: BuildUp): Sheet => b.layers.find(isSheet)!;
const steps = (s: Sheet): string =>
  courseSteps(s)
    .map((line) => verdictText(line, 'metric', String))
    .join('\n')
    .replaceAll('\u00a0', ' ');
const roof = pointsZone(corners(20, 10), { fallPct: 2, substrate: { kind: 'boards' } });

describe('fixing of a single ply', () => {
  const fixed = sheetOf(pick('single-ply', { ply: 'plastic-fixed' }));
  it('field, edges and corners by their own numbers: 17 × 7 m, four corners of 1.5 × 1.5 m, the rest between', () => {
    const field = 17 * 7;
    const corner = 4 * 1.5 * 1.5;
    const edges = 200 - field - corner;
    const figures = sheetFasteners(roof, fixed);
    expect(figures.map((f) => f.value)).toEqual([
      Math.ceil(field * 3),
      Math.ceil(edges * 5),
      Math.ceil(corner * 7),
      Math.ceil(field * 3) + Math.ceil(edges * 5) + Math.ceil(corner * 7),
    ]);
    for (const f of figures) expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
  it('is ordered in boxes, and a bonded sheet takes none', () => {
    const lines = (ply: string) =>
      takeoff(
        { zones: [roof] },
        {
          buildUps: [catalogue().find((b) => b.id === 'single-ply')!],
          zones: [
            { zoneId: roof.id, buildUpId: 'single-ply', revision: 1, conditions: [], choices: { ply } },
          ],
        },
        DEFAULT_ORDER,
      ).lines.map((l) => l.item.name);
    expect(lines('plastic-fixed')).toContain('Fasteners with plates');
    expect(lines('plastic-bonded')).not.toContain('Fasteners with plates');
    expect(lines('plastic-bonded')).toContain('Sheet adhesive');
  });
  it('a licensed person designs it, and says so on the card and in the cautions', () => {
    expect(steps(fixed)).toMatch(/as many as the fixing plan says: field, edge and corner.*licensed person/s);
    expect(pick('single-ply').cautions.join(' ')).toMatch(/Wind uplift: .*licensed person/);
  });
});

it.each([
  [
    'plastic-bonded',
    /trial weld at the start.*tear in the sheet, not in the seam.*weld 40 mm wide.*probe along every seam/s,
  ],
  ['rubber-bonded', /Both faces of the lap cleaned and primed.*tape 75 mm wide/s],
])('seams of %s', (ply, words) => expect(steps(sheetOf(pick('single-ply', { ply })))).toMatch(words));

describe('each new family is a whole model', () => {
  const ids = ['two-part-deck', 'single-ply', 'warm-roof', 'glass-polyester', 'cold-bonded-felt'];
  it.each(ids)('%s', (id) => {
    const b = pick(id);
    expect(b.cautions.length).toBeGreaterThan(3);
    expect(FAMILIES[b.family].name).not.toBe('');
    expect(b.layers.filter(isCoat).every((c) => (c.product?.hazards.length ?? 0) > 0)).toBe(true);
    for (const l of b.layers) for (const h of l.product?.hazards ?? []) expect(HAZARDS).toContain(h);
    // Somewhere it goes, somewhere it does not.
    const kinds = ['boards', 'concrete-old', 'foam', 'gravelled-felt'] as const;
    const fits = kinds.map((k) => fitOf(b.family, k).kind);
    expect(fits).toContain('no');
    expect(fits.some((f) => f !== 'no')).toBe(true);
  });
  it('no flame on the insulation of the warm roof, and its vapour layer lies below it', () => {
    const { layers } = pick('warm-roof');
    const at = (id: string) => layers.findIndex((l) => l.id === id);
    expect(at('vapour')).toBeLessThan(at('insulation'));
    expect(layers.filter(isSheet).map((s) => s.bonding)).toEqual(['self-adhered', 'self-adhered']);
  });
  it('what is mixed of two parts has its hardener and ratio', () => {
    const epoxies = catalogue().flatMap((b) =>
      b.layers.filter(isCoat).filter((c) => c.chemistry === 'epoxy'),
    );
    expect(epoxies.length).toBeGreaterThan(2);
    for (const c of epoxies)
      expect(
        c.mix?.parts.some((p) => p.kind === 'hardener'),
        c.name,
      ).toBe(true);
  });
});
