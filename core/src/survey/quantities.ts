/** Quantities of a zone, each with its working down to the corners. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { corner, crossTerm, polygonArea, sideLengths, type Polygon, type Ring } from '../geometry/index.ts';
import { ok, type Result } from '../problems/index.ts';
import type { Zone } from './schema.ts';
import { zoneShape } from './shape.ts';

export interface ZoneQuantities {
  readonly zoneId: string;
  readonly polygon: Polygon;
  readonly ring: Ring;
  readonly sidesM: readonly number[];
  readonly area: Figure;
  readonly perimeter: Figure;
}

const letters = (i: number): string => `t${i + 1}`;

/** Area of a ring by the shoelace sum, one term a side. */
export function ringAreaFigure(ring: Ring, label: string): Figure {
  const terms: Record<string, Given | Figure> = {};
  let twice = 0;
  ring.forEach((p, i) => {
    const q = corner(ring, i + 1);
    const term = crossTerm(p, q);
    twice += term;
    terms[letters(i)] = {
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
    formula: `abs(${ring.map((_, i) => `{${letters(i)}}`).join(' + ')}) / 2`,
    inputs: terms,
    from: 'shoelace formula (Gauss)',
  };
}

function areaFigure(zone: Zone, polygon: Polygon, ring: Ring): Figure {
  const outer = ringAreaFigure(ring, 'Within the outline');
  const holes = polygon.holes.map((h, i) => ringAreaFigure(h, zone.openings[i]?.name ?? 'opening'));
  const inputs: Record<string, Figure> = { outline: outer };
  holes.forEach((h, i) => (inputs[`opening${i + 1}`] = h));
  return {
    label: `${zone.name}, plan area`,
    value: polygonArea(polygon),
    quantity: 'area',
    formula: ['{outline}', ...holes.map((_, i) => `{opening${i + 1}}`)].join(' − '),
    inputs,
    from: 'outline less openings',
  };
}

function perimeterFigure(zone: Zone, sides: readonly number[]): Figure {
  return {
    label: `${zone.name}, perimeter`,
    value: sides.reduce((a, b) => a + b, 0),
    quantity: 'length',
    formula: sides.map((_, i) => `{side${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(
      sides.map((s, i) => [`side${i + 1}`, given(`side ${i + 1}`, s, 'length', 'measured')]),
    ),
    from: 'sum of the sides of the outline',
  };
}

/** Area, perimeter and sides of a zone, or why there are none. */
export function zoneQuantities(zone: Zone): Result<ZoneQuantities> {
  const shape = zoneShape(zone);
  if (!shape.ok) return shape;
  const { polygon, ring } = shape.value;
  const sidesM = sideLengths(ring);
  return ok({
    zoneId: zone.id,
    polygon,
    ring,
    sidesM,
    area: areaFigure(zone, polygon, ring),
    perimeter: perimeterFigure(zone, sidesM),
  });
}
