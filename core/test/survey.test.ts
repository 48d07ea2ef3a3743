import { describe, expect, it } from 'vitest';
import { sentence } from '@lentum/core/problems';
import { toMetres, readCsvPoints, readGeoJson } from '@lentum/core/outlinefiles';
import { surveyProblems, zoneQuantities, type Opening, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { leg, rect, zoneOf } from './support/zones.ts';

const walk = (legs: ReturnType<typeof leg>[], openings: Opening[] = [], adjustmentAccepted = false): Zone =>
  zoneOf({ kind: 'walk', legs, adjustmentAccepted }, { openings });
const box = (w: number, h: number, turn: 'left' | 'right' = 'left') => [
  leg(w, turn),
  leg(h, turn),
  leg(w, turn),
  leg(h, turn),
];

describe('quantities', () => {
  it.each([
    ['left round', box(12, 9)],
    ['right round', box(12, 9, 'right')],
  ])('a walk %s gives area, perimeter, sides', (_, legs) => {
    const q = zoneQuantities(walk(legs, [rect('light', 2, 3, 1.5, 1)]));
    if (!q.ok) throw new Error(q.problems.map(sentence).join(' '));
    expect(q.value.area.value).toBeCloseTo(108 - 1.5, 9);
    expect(q.value.perimeter.value).toBeCloseTo(42, 9);
    expect(evaluate(q.value.area)).toBeCloseTo(q.value.area.value, 9);
    expect(evaluate(q.value.perimeter)).toBeCloseTo(42, 9);
  });
  it('a triangle by angles: 3, 4, 5', () => {
    const q = zoneQuantities(
      walk([
        leg(4, 'left', 90),
        leg(3, 'left', 180 - (Math.atan2(4, 3) * 180) / Math.PI),
        leg(5, 'left', 143.130102),
      ]),
    );
    expect(q.ok && q.value.area.value).toBeCloseTo(6, 6);
  });
  it('a walk that does not close has no area until the adjustment is accepted', () => {
    const legs = [leg(10), leg(5), leg(9.9), leg(5)];
    const open = zoneQuantities(walk(legs));
    expect(open.ok ? '' : sentence(open.problems[0]!)).toBe(
      'Zone does not close: the walk ends 0.100 m from its start, 1 in 299; expected a side or turn to be corrected, or the adjustment to be accepted.',
    );
    expect(zoneQuantities(walk(legs, [], true)).ok).toBe(true);
    expect(surveyProblems({ zones: [walk(legs)] })).toEqual([]);
  });
});

describe('what cannot be saved, one case a reason', () => {
  const cases: [string, Zone[], string][] = [
    [
      'crossing',
      [
        {
          ...walk(box(1, 1)),
          outline: {
            kind: 'points',
            origin: 'typed',
            points: [
              [0, 0],
              [4, 4],
              [4, 0],
              [0, 4],
            ],
          },
        },
      ],
      'Zone, outline: sides 1 and 3 cross; expected sides that meet only at corners.',
    ],
    [
      'hole outside',
      [walk(box(5, 5), [rect('Light', 4, 4, 2, 2)])],
      'Zone, Light: it reaches over the edge of the zone; expected an opening wholly inside the zone.',
    ],
    [
      'hole touching the edge',
      [walk(box(5, 5), [rect('Light', 0, 1, 1, 1)])],
      'Zone, Light: it reaches over the edge of the zone; expected an opening wholly inside the zone.',
    ],
    [
      'holes over each other',
      [walk(box(9, 9), [rect('A', 1, 1, 3, 3), rect('B', 2, 2, 3, 3)])],
      'Zone, B: A and B overlap; expected openings that do not touch.',
    ],
    [
      'two zones under one code',
      [walk(box(5, 5)), { ...walk(box(5, 5)), id: 'y', name: 'Other' }],
      'Other, code: “Z” is there twice; expected another code for each zone.',
    ],
  ];
  it.each(cases)('%s', (_, zones, words) => expect(surveyProblems({ zones }).map(sentence)).toContain(words));
});

describe('GeoJSON', () => {
  const polygon = (coordinates: number[][][]) =>
    JSON.stringify({
      type: 'Feature',
      properties: { name: 'Deck' },
      geometry: { type: 'Polygon', coordinates },
    });
  const metres = [
    [
      [10, 10],
      [22, 10],
      [22, 19],
      [10, 19],
      [10, 10],
    ],
    [
      [12, 12],
      [13, 12],
      [13, 13],
      [12, 13],
      [12, 12],
    ],
  ];
  it('reads rings and holes, moved to the first corner', () => {
    const r = readGeoJson(polygon(metres));
    if (!r.ok) throw new Error('unread');
    expect(r.value.guess).toBe('metres');
    const placed = toMetres(r.value.outlines, 'metres')[0]!;
    expect(placed).toMatchObject({
      name: 'Deck',
      outer: [
        [0, 0],
        [12, 0],
        [12, 9],
        [0, 9],
      ],
      holes: [
        [
          [2, 2],
          [3, 2],
          [3, 3],
          [2, 3],
        ],
      ],
    });
  });
  it('takes degrees on the globe to metres: 12 m by 9 m at 38.7° north (series for a degree in surveying texts, from memory)', () => {
    const [lat, lon] = [38.7, -9.1];
    const phi = (lat * Math.PI) / 180;
    const perLat = 111132.954 - 559.822 * Math.cos(2 * phi) + 1.175 * Math.cos(4 * phi);
    const perLon = 111412.84 * Math.cos(phi) - 93.5 * Math.cos(3 * phi) + 0.118 * Math.cos(5 * phi);
    const [dx, dy] = [12 / perLon, 9 / perLat];
    const r = readGeoJson(
      polygon([
        [
          [lon, lat],
          [lon + dx, lat],
          [lon + dx, lat + dy],
          [lon, lat + dy],
          [lon, lat],
        ],
      ]),
    );
    if (!r.ok) throw new Error('unread');
    expect(r.value.guess).toBe('degrees');
    const [, b, c] = toMetres(r.value.outlines, 'degrees')[0]!.outer;
    expect(b![0]).toBeCloseTo(12, 2);
    expect(c![1]).toBeCloseTo(9, 2);
  });
  it.each([
    ['cut short', polygon(metres).slice(0, 60), 'The GeoJSON file is cut short'],
    ['not JSON', 'hello', 'The GeoJSON file cannot be read: it begins with “hello”'],
    ['a line', '{"type":"LineString","coordinates":[[0,0],[1,1]]}', 'The GeoJSON file, type'],
    [
      'an open ring',
      polygon([
        [
          [0, 0],
          [1, 0],
          [1, 1],
          [0, 2],
        ],
      ]),
      'Deck does not close: the first and last point differ',
    ],
    [
      'a crossing ring',
      polygon([
        [
          [0, 0],
          [400, 400],
          [400, 0],
          [0, 400],
          [0, 0],
        ],
      ]),
      'Deck: sides 1 and 3 cross',
    ],
  ])('%s', (_, text, words) => {
    const r = readGeoJson(text);
    expect(r.ok ? '' : sentence(r.problems[0]!)).toContain(words);
  });
});

describe('CSV of corners', () => {
  const rows = (text: string) => text.split('\n').map((l) => l.split(';'));
  it('with a heading, in millimetres, closed or not', () => {
    const r = readCsvPoints(
      rows('point;x (mm);y (mm)\na;0;0\nb;12000;0\nc;12000;9000\nd;0;9000\ne;0;0'),
      0.001,
    );
    expect(r).toMatchObject({
      ok: true,
      value: {
        outer: [
          [0, 0],
          [12, 0],
          [12, 9],
          [0, 9],
        ],
      },
    });
  });
  it.each([
    [
      'text in a number',
      '0;0\n5;zwölf\n5;5',
      'The CSV file, line 2: “zwölf” is not a number with a unit; expected two numbers, x and y.',
    ],
    ['two points', '0;0\n5;5', 'The CSV file: 2 points are too few; expected at least three corners.'],
    [
      'out of order',
      '0;0\n4;4\n4;0\n0;4',
      'The CSV file: sides 1 and 3 cross; expected corners in order round the outline.',
    ],
  ])('%s', (_, text, words) => {
    const r = readCsvPoints(rows(text), 1);
    expect(r.ok ? '' : sentence(r.problems[0]!)).toBe(words);
  });
});
