/** Areas and lengths of a shape with their working, down to the corners. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { corner, crossTerm, polygonArea, type Polygon, type Ring } from '../geometry/index.ts';
import type { Quantity } from '../units/index.ts';
import type { Zone } from './schema.ts';
import type { ZoneShape } from './shape.ts';

/** A sum of figures under one label. */
export function sumFigure(
  label: string,
  quantity: Quantity,
  parts: readonly (Figure | Given)[],
  from: string,
): Figure {
  return {
    label,
    value: parts.reduce((sum, p) => sum + p.value, 0),
    quantity,
    formula: parts.length === 0 ? '0' : parts.map((_, i) => `{part${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(parts.map((p, i) => [`part${i + 1}`, p])),
    from,
  };
}

/** Area of a ring by the shoelace sum, one term a side. */
export function ringAreaFigure(ring: Ring, label: string): Figure {
  const terms: Record<string, Given | Figure> = {};
  let twice = 0;
  ring.forEach((p, i) => {
    const q = corner(ring, i + 1);
    const term = crossTerm(p, q);
    twice += term;
    terms[`t${i + 1}`] = {
      label: `corner ${i + 1} to ${((i + 1) % ring.length) + 1}`,
      value: term,
      quantity: 'area',
      formula: '{x1} × {y2} − {x2} × {y1}',
      inputs: {
        x1: given(`x of corner ${i + 1}`, p[0], 'length', 'measured'),
        y1: given(`y of corner ${i + 1}`, p[1], 'length', 'measured'),
        x2: given('x of the next corner', q[0], 'length', 'measured'),
        y2: given('y of the next corner', q[1], 'length', 'measured'),
      },
      from: 'shoelace formula, one term a side',
    };
  });
  return {
    label,
    value: Math.abs(twice) / 2,
    quantity: 'area',
    formula: `abs(${ring.map((_, i) => `{t${i + 1}}`).join(' + ')}) / 2`,
    inputs: terms,
    from: 'shoelace formula (Gauss)',
  };
}

export function areaFigure(zone: Zone, polygon: Polygon, ring: Ring): Figure {
  const outer = ringAreaFigure(ring, 'Within the outline');
  const holes = polygon.holes.map((h, i) => ringAreaFigure(h, zone.openings[i]?.name ?? 'opening'));
  const inputs: Record<string, Figure> = { outline: outer };
  holes.forEach((h, i) => (inputs[`opening${i + 1}`] = h));
  const bent = zone.sides.some((s) => s.riseM !== 0) || zone.openings.some((o) => o.shape.kind === 'circle');
  return {
    label: `${zone.name}, plan area`,
    value: polygonArea(polygon),
    quantity: 'area',
    formula: ['{outline}', ...holes.map((_, i) => `{opening${i + 1}}`)].join(' − '),
    inputs,
    from: bent
      ? 'outline less openings; arcs in straight pieces that lie within 1 mm of them'
      : 'outline less openings',
  };
}

/** Length of a side: measured where it is straight, over its arc where it is bent. */
export function sideFigure(shape: ZoneShape, i: number): Figure | Given {
  const side = shape.sides[i];
  const label = `side ${i + 1}`;
  if (!side || side.riseM === 0) return given(label, side?.lengthM ?? 0, 'length', 'measured');
  const chord = Math.hypot(side.to[0] - side.from[0], side.to[1] - side.from[1]);
  return {
    label: `${label}, along the arc`,
    value: side.lengthM,
    quantity: 'length',
    formula: '({chord} × {chord} / (8 × {rise}) + {rise} / 2) × 4 × atan(2 × {rise} / {chord})',
    inputs: {
      chord: given(`${label}, chord`, chord, 'length', 'measured'),
      rise: given(`${label}, rise`, Math.abs(side.riseM), 'length', 'measured'),
    },
    from: 'arc over a chord: radius c²/8h + h/2, angle 4 atan(2h/c)',
  };
}
