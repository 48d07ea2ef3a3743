/** A first estimate by area alone: what is said comes out, all of it marked as assumed, and it is drawn without loss. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, type BuildUp, type Layer } from '@lentum/core/buildup';
import { isFigure, type Figure, type Given } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import {
  asDrawn,
  blankZone,
  estimatedCount,
  withEstimate,
  zoneQuantities,
  zoneSchema,
  type EstimatedOutline,
  type Zone,
} from '@lentum/core/survey';

/** Exact by definition: an inch of 25.4 mm, a gallon of 231 in³. */
const IN_MM = 25.4;
const GAL_L = (231 * IN_MM ** 3) / 1e6;
const FT2_M2 = (12 * IN_MM) ** 2 / 1e6;

const zone = (outline: Omit<EstimatedOutline, 'kind'>, heightMm = 150, outlet = 0, pipe = 0): Zone => {
  const whole: EstimatedOutline = { kind: 'estimated', ...outline };
  return withEstimate(blankZone({ id: 'z', code: 'Z', name: 'Roof', outline: whole }), whole, heightMm, {
    outlet,
    pipe,
  });
};
const quantities = (z: Zone) => {
  const q = zoneQuantities(z);
  if (!q.ok) throw new Error(q.problems.map(sentence).join(' '));
  return q.value;
};
const sources = (part: Figure | Given): string[] =>
  isFigure(part) ? Object.values(part.inputs).flatMap(sources) : [part.source];

describe('by area', () => {
  it('area, length round it and what goes up are those that were said', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (areaM2, times, share) => {
          const perimeterM = 4 * Math.sqrt(areaM2) * times;
          fc.pre(perimeterM < 1900);
          const q = quantities(zone({ areaM2, perimeterM, risingM: share * perimeterM }));
          expect(q.area.value / areaM2).toBeCloseTo(1, 6);
          expect(q.perimeter.value / perimeterM).toBeCloseTo(1, 6);
          // A rest of less than a centimetre in a side is left out.
          expect(Math.abs(q.upstandGirth.value - share * perimeterM)).toBeLessThan(0.0401);
        },
      ),
    );
  });
  it('all of it is marked as assumed, and none as measured', () => {
    const q = quantities(zone({ areaM2: 320 }));
    for (const figure of [q.area, q.slopeArea, q.perimeter, q.upstandGirth, q.upstandArea]) {
      expect(sources(figure)).toContain('assumed');
      expect(sources(figure)).not.toContain('measured');
    }
  });
  it('a length that no rectangle of the area has is refused in a sentence, and may be saved', () => {
    const q = zoneQuantities(zone({ areaM2: 400, perimeterM: 70 }));
    expect(q.ok ? '' : q.problems.map(sentence).join(' ')).toBe(
      'Roof: 70.0 m round 400.0 m²; expected at least 80.0 m, as a square is.',
    );
    expect(zoneSchema.safeParse(zone({ areaM2: 400, perimeterM: 70 })).success).toBe(true);
  });
  it('drawn later it keeps its area, its sides, its fittings and its name', () => {
    const before = zone({ areaM2: 300, perimeterM: 80, risingM: 30 }, 200, 3, 5);
    const after = asDrawn(before);
    expect(after.outline.kind).toBe('points');
    expect(quantities(after).area.value).toBeCloseTo(300, 6);
    expect(quantities(after).upstandGirth.value).toBeCloseTo(quantities(before).upstandGirth.value, 6);
    expect(estimatedCount(after, 'outlet')).toBe(3);
    expect(after.features).toEqual(before.features);
  });
});

// By hand: 8,400 ft² are 84 squares of 100 ft²; 1.2, 9, 6 and 3 gal on each.
it('a gravel roof of 8,400 ft²: 100.8, 756, 504 and 252 gal, and 84 squares of fabric before laps', () => {
  const gal = (perSquare: number): number => (perSquare * GAL_L) / (100 * FT2_M2);
  const page = catalogue().find((b) => b.family === 'RESTORE')!;
  const rates = [1.2, 9, 6, 3];
  const base = page.layers.filter(isCoat).filter((c) => c.treats === undefined)[0]!;
  const fabric = page.layers.find((l) => l.kind === 'fabric')!;
  const coats = rates.map((perSquare, i): Layer => {
    const { mix: _m, catalyst: _c, product: _p, only: _o, ...coat } = base;
    return {
      ...coat,
      id: `coat-${i}`,
      name: `Coat ${i + 1}`,
      rate: { value: gal(perSquare), basis: 'volume', source: 'chosen' },
      containers: [{ id: 'drum', name: '55 gal drum', basis: 'volume', net: 55 * GAL_L }],
    } as Layer;
  });
  const { only: _only, ...plain } = fabric as Extract<Layer, { kind: 'fabric' }>;
  const buildUp: BuildUp = {
    ...page,
    choices: [],
    layers: [
      ...coats.slice(0, 2),
      { ...plain, embeddedIn: 'coat-1', where: 'throughout' },
      ...coats.slice(2),
    ],
  };
  const roof = zone({ areaM2: 8400 * FT2_M2 }, 0);
  const order = takeoff(
    { zones: [roof] },
    {
      buildUps: [buildUp],
      zones: [
        { zoneId: 'z', buildUpId: buildUp.id, revision: buildUp.revision, conditions: [], choices: {} },
      ],
    },
    DEFAULT_ORDER,
  );
  const gallons = coats.map((c) => {
    const line = order.lines.find((l) => l.layers.some((x) => x.layer.id === c.id));
    const field = Object.values(line?.net.inputs ?? {})[0]?.value ?? 0;
    return field / GAL_L;
  });
  [100.8, 756, 504, 252].forEach((expected, i) => expect(gallons[i]).toBeCloseTo(expected, 6));
  expect(quantities(roof).area.value / (100 * FT2_M2)).toBeCloseTo(84, 6);
});
