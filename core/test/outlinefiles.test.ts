/** Outlines from files of other programs: frames, what is no polygon, headings, decimal marks. */
import { describe, expect, it } from 'vitest';
import { polygonArea } from '../src/geometry/index.ts';
import { sentence } from '../src/problems/index.ts';
import { readCsvPoints, readGeoJson, toMetres } from '@lentum/core/outlinefiles';
import { settledCells } from '../src/units/index.ts';

const square = (x: number, y: number, side: number): number[][] => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
  [x, y],
];
const file = (ring: number[][], crs?: string): string =>
  JSON.stringify({
    type: 'FeatureCollection',
    ...(crs === undefined ? {} : { crs: { type: 'name', properties: { name: crs } } }),
    features: [{ type: 'Feature', properties: null, geometry: { type: 'Polygon', coordinates: [ring] } }],
  });
function areaOf(text: string): number {
  const read = readGeoJson(text);
  if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
  const [o] = toMetres(read.value.outlines, read.value.guess);
  return o ? polygonArea({ outer: o.outer, holes: o.holes }) : 0;
}
const said = (text: string): string => {
  const read = readGeoJson(text);
  return read.ok ? 'taken' : read.problems.map(sentence).join(' ');
};

describe('frames that a GeoJSON file names', () => {
  it('Web Mercator stretches by 1 / cos(latitude): at 60° a square of 20 m is 10 m on the ground', () => {
    // y of 60° on the sphere of Web Mercator: R × ln(tan(45° + 30°)) (Snyder 1987, Map Projections, eq. 7-2).
    const y = 6378137 * Math.log(Math.tan(Math.PI / 4 + Math.PI / 6));
    for (const name of ['urn:ogc:def:crs:EPSG::3857', 'EPSG:3857'])
      // The sphere against the ellipsoid: within 1 %.
      expect(areaOf(file(square(1_000_000, y, 20), name))).toBeCloseTo(100, 0);
  });
  it.each([
    ['urn:ogc:def:crs:EPSG::32633', 500_000, 5_300_000],
    ['EPSG:25832', 400_000, 5_800_000],
    ['EPSG:32733', 500_000, 6_000_000],
    ['EPSG:26918', 500_000, 4_500_000],
  ])('%s: areas as on the ground, within the scale of UTM', (crs, x, y) => {
    // Scale 0.9996 at the middle, so areas are up to 0.08 % larger on the ground (Snyder 1987).
    const found = areaOf(file(square(x, y, 40), crs));
    expect(Math.abs(found / 1600 - 1)).toBeLessThan(0.001);
  });
  it.each([
    ['EPSG:2263', 'understood'],
    ['urn:ogc:def:crs:EPSG::31467', '31467'],
    ['my own grid', 'my own grid'],
  ])('%s is refused in a sentence, never read as metres', (crs, says) => {
    const refused = said(file(square(0, 0, 20), crs));
    expect(refused).toContain('The GeoJSON file, crs');
    expect(refused).toContain(says === 'understood' ? 'EPSG 3857' : says);
  });
  it('CRS84 and 4326 are degrees, whatever is guessed', () => {
    const read = readGeoJson(file(square(10, 50, 0.2), 'urn:ogc:def:crs:OGC:1.3:CRS84'));
    expect(read.ok && [read.value.guess, read.value.frame]).toEqual(['degrees', 'WGS 84']);
  });
  it('coordinates that lie nowhere are refused', () => {
    expect(said(file(square(1e300, 0, 1e299), 'EPSG:3857'))).not.toBe('taken');
  });
});

describe('what is no polygon', () => {
  const polygon = { type: 'Polygon', coordinates: [square(0, 0, 10)] };
  const feature = (geometry: unknown) => ({ type: 'Feature', properties: { name: 'Roof' }, geometry });
  it('is left out and counted, and the polygons are taken', () => {
    const read = readGeoJson(
      JSON.stringify({
        type: 'FeatureCollection',
        features: [
          feature({ type: 'Point', coordinates: [1, 1] }),
          feature({
            type: 'LineString',
            coordinates: [
              [0, 0],
              [1, 1],
            ],
          }),
          feature({ type: 'Point', coordinates: [2, 2] }),
          feature(null),
          feature(polygon),
          feature({
            type: 'GeometryCollection',
            geometries: [polygon, { type: 'Point', coordinates: [0, 0] }],
          }),
        ],
      }),
    );
    if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
    expect(read.value.outlines.length).toBe(2);
    expect(read.value.skipped).toEqual([
      { what: 'Point', count: 3 },
      { what: 'LineString', count: 1 },
      { what: 'no geometry', count: 1 },
    ]);
  });
  it('alone is refused with what is there', () => {
    expect(said(JSON.stringify({ type: 'FeatureCollection', features: [feature(null)] }))).toContain(
      '1 × no geometry',
    );
    expect(said(JSON.stringify({ type: 'FeatureCollection', features: [] }))).toContain('no shape at all');
  });
  it('a broken polygon among good ones is not passed over', () => {
    expect(
      said(
        JSON.stringify({
          type: 'FeatureCollection',
          features: [
            feature(polygon),
            feature({
              type: 'Polygon',
              coordinates: [
                [
                  [0, 0],
                  [1, 1],
                ],
              ],
            }),
          ],
        }),
      ),
    ).not.toBe('taken');
  });
});

describe('corners from a table', () => {
  const L = [
    ['0', '0'],
    ['6', '0'],
    ['6', '4'],
    ['0', '4'],
  ];
  const areaBy = (rows: string[][]): number | string => {
    const read = readCsvPoints(rows, 1);
    return read.ok
      ? polygonArea({ outer: read.value.outer, holes: [] })
      : read.problems.map(sentence).join(' ');
  };
  it.each([
    ['x and y', [['x', 'y'], ...L]],
    ['an id first', [['id', 'x', 'y'], ...L.map((r, i) => [`P${i}`, ...r])]],
    ['a number first', [['no', 'X (m)', 'Y (m)'], ...L.map((r, i) => [`${i + 7}`, ...r])]],
    ['east and north', [['Point', 'Easting', 'Northing'], ...L.map((r, i) => [`${i}`, ...r])]],
    ['north before east', [['N', 'E'], ...L.map(([x = '', y = '']) => [y, x])]],
    ['no heading', L],
    ['no heading, counted rows', L.map((r, i) => [`${i + 1}`, ...r])],
    ['no heading, a height last', L.map((r) => [...r, '3.2'])],
  ])('%s', (_name, rows) => {
    expect(areaBy(rows)).toBeCloseTo(24, 9);
  });
  it('headings that say neither are asked about', () => {
    expect(areaBy([['id', 'right', 'up'], ...L.map((r, i) => [`${i}`, ...r])])).toContain(
      'columns named x and y, or east and north',
    );
  });
  it('a comma is the decimal mark where it does not part the cells', () => {
    expect(settledCells([['1,234', 'x,y', '-0,5', '1,2,3']], ';')).toEqual([
      ['1.234', 'x,y', '-0.5', '1,2,3'],
    ]);
    expect(settledCells([['1,234']], ',')).toEqual([['1,234']]);
    expect(settledCells([['1,234']], '\t')).toEqual([['1.234']]);
  });
});
