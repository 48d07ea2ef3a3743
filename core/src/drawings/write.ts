/** The plan of the zones as GeoJSON and DXF, and their areas as CSV rows. */
import { DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { distance, signedArea, type Point } from '../geometry/index.ts';
import {
  EDGE_NAMES,
  featureFacts,
  placeOnGlobe,
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

const outlineOf = ({ zone, q }: Done, place: (p: Point) => Point, digits: number): number[][][] =>
  [q.polygon.outer, ...q.polygon.holes].map((ring) => {
    const out = ring.map(placing(zone.plot).toPlan).map(place);
    const rounded = out.map((p) => p.map((v) => Number(v.toFixed(digits))));
    return rounded[0] ? [...rounded, rounded[0]] : rounded;
  });
const propertiesOf = ({ zone, q }: Done) => ({
  name: zone.name,
  code: zone.code,
  area_m2: Number(q.area.value.toFixed(3)),
  perimeter_m: Number(q.perimeter.value.toFixed(3)),
});

/**
 * GeoJSON (RFC 7946) of the finished zones, in degrees of WGS 84; undefined while nobody has said where the plan lies on
 * the globe: metres are no GeoJSON.
 */
export function toGeoJson(survey: Survey): object | undefined {
  const place = placeOnGlobe(survey);
  if (!place) return undefined;
  return {
    type: 'FeatureCollection',
    features: finished(survey).map((d) => ({
      type: 'Feature',
      id: d.zone.id,
      properties: propertiesOf(d),
      geometry: { type: 'Polygon', coordinates: outlineOf(d, place, GEO_DIGITS) },
    })),
  };
}

/** The plan in its own frame, for who has no place on the globe: metres, x to the right, y up. It is no GeoJSON. */
export const toPlanJson = (survey: Survey): object => ({
  format: 'lentum-plan',
  version: 1,
  frame: { name: 'local', unit: 'm', x: 'to the right on the plan', y: 'up on the plan' },
  zones: finished(survey).map((d) => ({
    id: d.zone.id,
    ...propertiesOf(d),
    rings: outlineOf(d, (p) => p, METRE_DIGITS),
  })),
});

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
