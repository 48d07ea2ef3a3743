/** Sizes that stand before somebody has measured: round figures in the units of the job. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  EDGE_KINDS,
  edgeOf,
  edgeSchema,
  FEATURE_KINDS,
  featureFacts,
  typicalSizes,
  usualUpstandMm,
  withEstimate,
} from '@lentum/core/survey';
import { zoneOf } from './support/zones.ts';

const QUARTER_INCH_MM = 6.35;
const inQuarters = (mm: number): boolean =>
  Math.abs(mm / QUARTER_INCH_MM - Math.round(mm / QUARTER_INCH_MM)) < 1e-9;

describe('usual sizes', () => {
  it('a base flashing goes 8 in up in US units, an upstand 150 mm in metric ones', () => {
    expect(edgeOf('upstand', undefined, 'us')).toMatchObject({ heightMm: 203.2 });
    expect(edgeOf('upstand')).toMatchObject({ heightMm: 150 });
    expect(usualUpstandMm('us')).toBeCloseTo(203.2, 9);
  });
  it.each(EDGE_KINDS)('%s: round figures in either, and always an edge', (kind) => {
    for (const system of ['metric', 'us'] as const) {
      const edge = edgeOf(kind, undefined, system);
      expect(edgeSchema.safeParse(edge).success).toBe(true);
      for (const value of Object.values(edge))
        if (typeof value === 'number')
          expect(system === 'us' ? inQuarters(value) : Number.isInteger(value)).toBe(true);
    }
  });
  it('what was measured stays, whatever the kind of edge it becomes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), fc.constantFrom('metric', 'us'), (heightMm, system) => {
        const edge = edgeOf('parapet', { kind: 'upstand', heightMm, termination: 'bar' }, system);
        expect(edge).toMatchObject({ kind: 'parapet', heightMm });
      }),
    );
  });
  it.each(FEATURE_KINDS)('%s: its usual sizes are allowed in either, and near each other', (kind) => {
    const [metric, us] = [typicalSizes(kind), typicalSizes(kind, 'us')];
    for (const [key, { least, most }] of Object.entries(featureFacts(kind).sizes)) {
      const [a, b] = [metric[key] ?? NaN, us[key] ?? NaN];
      expect(b).toBeGreaterThanOrEqual(least);
      expect(b).toBeLessThanOrEqual(most);
      expect(Math.abs(a - b)).toBeLessThanOrEqual(2 * QUARTER_INCH_MM);
    }
  });
  it('an estimate counts them in the units of its job', () => {
    const zone = zoneOf({ kind: 'estimated', areaM2: 100 });
    const made = withEstimate(zone, { kind: 'estimated', areaM2: 100 }, 0, { outlet: 1, pipe: 1 }, 'us');
    expect(made.features[0]?.sizes).toEqual({ diameterMm: 101.6 });
  });
});
