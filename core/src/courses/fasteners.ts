/** Fasteners of boards and sheets, by the zones of wind. Common practice; a licensed person designs the fixing. */
import { cited, sumOf, type Fasteners, type Sheet } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import {
  areaOf,
  corner,
  intersect,
  movedSides,
  signedArea,
  type Area,
  type Ring,
} from '../geometry/index.ts';
import { zoneShape, type Zone, type ZoneShape } from '../survey/index.ts';

/** Zones of wind: within so much of an edge, of two edges at a corner, and the rest. Common practice. */
function windAreas(
  shape: ZoneShape,
  area: Area,
  edgeM: number,
): { field: number; perimeter: number; corner: number } {
  const ring: Ring = signedArea(shape.ring) < 0 ? [...shape.ring].reverse() : shape.ring;
  const inner = movedSides(
    ring,
    ring.map(() => -edgeM),
  );
  const strips = ring.map((_, i) => intersect(area, [{ outer: stripAt(ring, i, edgeM), holes: [] }]));
  const whole = areaOf(area);
  const field = areaOf(intersect(area, inner));
  let corners = 0;
  strips.forEach((s, i) => {
    const [a, b, c] = [corner(ring, i), corner(ring, i + 1), corner(ring, i + 2)];
    // Only outer corners that turn by more than a little.
    const turn = (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
    const next = strips[(i + 1) % strips.length];
    if (next && turn > 0.3 * Math.hypot(b[0] - a[0], b[1] - a[1]) * Math.hypot(c[0] - b[0], c[1] - b[1]))
      corners += areaOf(intersect(s, next));
  });
  const perimeter = Math.max(0, whole - field - corners);
  return { field, perimeter, corner: Math.min(corners, whole - field) };
}

function stripAt(ring: Ring, i: number, byM: number): Ring {
  const [a, b] = [corner(ring, i), corner(ring, i + 1)];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [nx, ny] = [(-(b[1] - a[1]) / length) * byM, ((b[0] - a[0]) / length) * byM];
  return [a, b, [b[0] + nx, b[1] + ny], [a[0] + nx, a[1] + ny]];
}

/** So many for each square metre: in the field, along the edges, at corners; the last figure is their sum. */
export function fastenersOf(zone: Zone, shape: ZoneShape, f: Fasteners | undefined, area: Area): Figure[] {
  if (!f) return [];
  const areas = windAreas(shape, area, f.perimeterM.value);
  const one = (name: string, m2: number, rate: Given): Figure => ({
    label: `${zone.name}, fasteners ${name}`,
    value: Math.max(0, Math.ceil(m2 * rate.value - 1e-9)),
    quantity: 'count',
    formula: 'max(0, ceil({area} × {rate} − 0.000000001))',
    inputs: { area: given(name, m2, 'area', 'measured', 'by the distance from the edges'), rate },
    from: 'so many for each square metre; wind loads are the engineer’s',
  });
  const parts = [
    one('in the field', areas.field, cited('fasteners a m², field', f.fieldPerM2, 'number')),
    one('along the edges', areas.perimeter, cited('fasteners a m², edges', f.perimeterPerM2, 'number')),
    one('at corners', areas.corner, cited('fasteners a m², corners', f.cornerPerM2, 'number')),
  ];
  return [...parts, sumOf(`${zone.name}, fasteners`, 'count', parts, 'field, edges and corners')];
}

/** Fasteners of a sheet that is fixed through its laps; empty where it is not, or the zone has no shape. */
export function sheetFasteners(zone: Zone, { fasteners }: Sheet): Figure[] {
  const found = fasteners ? zoneShape(zone) : undefined;
  return found?.ok ? fastenersOf(zone, found.value, fasteners, [found.value.polygon]) : [];
}
