/** The plan of the zones as GeoJSON and DXF, and their areas as CSV rows. */
import { DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { distance, signedArea, toGlobe, type Point, type Ring } from '../geometry/index.ts';
import {
  EDGE_NAMES,
  featureFacts,
  placing,
  setOut,
  zoneQuantities,
  type Survey,
  type Zone,
  type ZoneQuantities,
} from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';

interface Done {
  readonly zone: Zone;
  readonly q: ZoneQuantities;
}

function finished(survey: Survey): Done[] {
  return survey.zones.flatMap((zone) => {
    const q = zoneQuantities(zone);
    return q.ok ? [{ zone, q: q.value }] : [];
  });
}

const GEO_DIGITS = 9;
const METRE_DIGITS = 7;

/**
 * GeoJSON (RFC 7946) of the finished zones. With the place of the plan on the globe the numbers are degrees; without
 * it they are metres of the plan, and a member says so.
 */
export function toGeoJson(survey: Survey): object {
  const { origin } = survey;
  const digits = origin ? GEO_DIGITS : METRE_DIGITS;
  const place = (ring: Ring, zone: Zone): number[][] => {
    const plan = ring.map(placing(zone.plot).toPlan);
    const out = origin ? toGlobe(plan, [origin.lonDeg, origin.latDeg]) : plan;
    const rounded = out.map((p) => p.map((v) => Number(v.toFixed(digits))));
    return rounded[0] ? [...rounded, rounded[0]] : rounded;
  };
  return {
    type: 'FeatureCollection',
    ...(origin ? {} : { coordinates_are: 'metres of the plan, not degrees' }),
    features: finished(survey).map(({ zone, q }) => ({
      type: 'Feature',
      id: zone.id,
      properties: {
        name: zone.name,
        code: zone.code,
        area_m2: Number(q.area.value.toFixed(3)),
        perimeter_m: Number(q.perimeter.value.toFixed(3)),
      },
      geometry: {
        type: 'Polygon',
        coordinates: [q.polygon.outer, ...q.polygon.holes].map((ring) => place(ring, zone)),
      },
    })),
  };
}

/** DXF text of the finished zones, in metres: a layer for each zone, one for its openings, one for its fittings. */
export function toDxf(survey: Survey): string {
  const writer = new DxfWriter();
  writer.setUnits(Units.Meters);
  writer.setVariable('$LASTSAVEDBY', { 1: 'Lentum' });
  for (const { zone, q } of finished(survey)) {
    const { toPlan } = placing(zone.plot);
    const layer = (part: string): string => {
      const name = part === '' ? zone.code : `${zone.code}-${part}`;
      if (writer.layer(name) === undefined) writer.addLayer(name, 7, 'CONTINUOUS');
      return name;
    };
    const hand = signedArea(q.shape.corners) < 0 ? -1 : 1;
    const sides = q.sides.map((s) => {
      const [x, y] = toPlan(s.from);
      const chord = distance(s.from, s.to) || 1;
      const bulge = ((2 * s.riseM) / chord) * hand;
      return { point: point2d(x, y), ...(bulge === 0 ? {} : { bulge }) };
    });
    writer.addLWPolyline(sides, { flags: LWPolylineFlags.Closed, layerName: layer('') });
    for (const hole of q.polygon.holes) {
      const points = hole.map(toPlan).map(([x, y]) => ({ point: point2d(x, y) }));
      writer.addLWPolyline(points, { flags: LWPolylineFlags.Closed, layerName: layer('openings') });
    }
    const { toPoint } = setOut(q.shape.corners);
    for (const f of zone.features) {
      const [x, y]: Point = toPlan(toPoint(f.at));
      if (f.to) {
        const [tx, ty] = toPlan(toPoint(f.to));
        writer.addLine(point3d(x, y), point3d(tx, ty), { layerName: layer('lines') });
      } else {
        const radius = Math.max((f.sizes['diameterMm'] ?? 0) / 2000, 0.02);
        writer.addCircle(point3d(x, y), radius, { layerName: layer('fittings') });
      }
    }
  }
  return writer.stringify();
}

const number = (v: number): string => (Math.abs(v) < TOLERANCE.areaM2 ? '0' : String(Number(v.toFixed(3))));

/** Areas, edges and counts of every zone, one row a figure. Metric. */
export function areaRows(survey: Survey): string[][] {
  const rows: string[][] = [['zone', 'code', 'figure', 'value', 'unit']];
  for (const { zone, q } of finished(survey)) {
    const add = (figure: string, value: number, unit: string): void => {
      rows.push([zone.name, zone.code, figure, number(value), unit]);
    };
    add('plan area', q.area.value, 'm2');
    add('area on the slope', q.slopeArea.value, 'm2');
    add('perimeter', q.perimeter.value, 'm');
    add('upstands, length', q.upstandGirth.value, 'm');
    add('upstands, area', q.upstandArea.value, 'm2');
    for (const e of q.edges) add(EDGE_NAMES[e.kind].toLowerCase(), e.length.value, 'm');
    add('internal corners', q.internalCorners.value, '');
    add('external corners', q.externalCorners.value, '');
    for (const f of q.features) {
      const name = featureFacts(f.kind).name.toLowerCase();
      if (f.length) add(name, f.length.value, 'm');
      else add(name, f.count.value, '');
    }
  }
  return rows;
}
