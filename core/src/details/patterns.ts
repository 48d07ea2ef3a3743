/** Flat patterns that are built of straight faces: strips, corners, posts, throats. Millimetres. */
import type { Point, Polygon } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import {
  FLAT_FRAME,
  polygon,
  rectangle,
  type Face,
  type FaceUse,
  type Fold,
  type Frame,
  type Pattern,
} from './folding.ts';

/** One band of a strip: how wide, and how far the fold before it turns up (positive) or down. */
export interface Band {
  readonly use: FaceUse;
  readonly mm: number;
  readonly turnDeg: number;
}

/**
 * A strip of a length, folded along it: bands from the roof outward. The first band lies on the roof with its far edge
 * at y = 0, so that a wall that follows stands on y = 0.
 */
export function strip(lengthMm: number, bands: readonly Band[]): Pattern {
  const used = bands.filter((b) => b.mm > 0);
  const faces: Face[] = [];
  const folds: Fold[] = [];
  let y = -(used[0]?.mm ?? 0);
  used.forEach(({ use, mm, turnDeg }, i) => {
    faces.push({ use, shape: rectangle(0, y, lengthMm, mm) });
    if (i > 0) folds.push({ from: i - 1, to: i, a: [0, y], b: [lengthMm, y], deg: turnDeg });
    y += mm;
  });
  return { faces, folds, cuts: [], frame: FLAT_FRAME };
}

export const flatStrip = (lengthMm: number, widthMm: number): Pattern =>
  strip(lengthMm, [{ use: 'base', mm: widthMm, turnDeg: 0 }]);

/** Bands of an upstand: foot, a cant of 45° where there is a fillet, wall, and what follows over its top. */
export function upstandBands(
  footMm: number,
  heightMm: number,
  legMm: number,
  over: readonly Band[] = [],
): Band[] {
  const leg = Math.min(legMm, heightMm / 2);
  const wall: Band[] =
    leg > 0
      ? [
          { use: 'cant', mm: leg * Math.SQRT2, turnDeg: 45 },
          { use: 'wall', mm: heightMm - leg, turnDeg: 45 },
        ]
      : [{ use: 'wall', mm: heightMm, turnDeg: 90 }];
  return [{ use: 'base', mm: footMm, turnDeg: 0 }, ...wall, ...over];
}

const direction = (deg: number): Point => [
  Math.cos(deg / DEGREES_PER_RADIAN),
  Math.sin(deg / DEGREES_PER_RADIAN),
];
const along = (d: Point, times: number, from: Point = [0, 0]): Point => [
  from[0] + d[0] * times,
  from[1] + d[1] * times,
];

/**
 * Internal corner: the roof lies between two walls that meet at `deg`. A base, two walls, and a flap that folds round
 * the corner on to the second wall. The corner is at the origin, the first wall along x.
 */
export function internalCorner(deg: number, wingMm: number, heightMm: number, lapMm: number): Pattern {
  const second = direction(deg);
  const out = direction(deg + 90);
  const far = along(second, wingMm, [wingMm, 0]);
  const wall2: Polygon = polygon(
    [0, 0],
    along(second, wingMm),
    along(out, heightMm, along(second, wingMm)),
    along(out, heightMm),
  );
  // In the flat the flap must stay clear of the second wall: beyond a right angle its foot is cut along that wall's edge.
  const slant = deg > 90 ? lapMm * Math.tan((deg - 90) / DEGREES_PER_RADIAN) : 0;
  const flap: Polygon =
    slant >= heightMm
      ? polygon([0, 0], [0, -heightMm], [-heightMm / Math.tan((deg - 90) / DEGREES_PER_RADIAN), -heightMm])
      : polygon([0, 0], [-lapMm, -slant], [-lapMm, -heightMm], [0, -heightMm]);
  return {
    faces: [
      { use: 'base', shape: polygon([0, 0], [wingMm, 0], far, along(second, wingMm)) },
      { use: 'wall', shape: rectangle(0, -heightMm, wingMm, heightMm) },
      { use: 'wall', shape: wall2 },
      { use: 'flap', shape: flap },
    ],
    folds: [
      { from: 0, to: 1, a: [0, 0], b: [wingMm, 0], deg: -90 },
      { from: 0, to: 2, a: [0, 0], b: along(second, wingMm), deg: 90 },
      { from: 1, to: 3, a: [0, 0], b: [0, -heightMm], deg: deg - 180 },
    ],
    cuts: deg < 90 ? [] : [[[0, 0], along(out, Math.min(lapMm, heightMm))]],
    frame: FLAT_FRAME,
  };
}

/**
 * External corner: a solid of angle `deg` stands out into the roof. Two walls, a foot under each, cut apart below the
 * corner; over the top, where it returns, cut apart again. Its first wall stands on y = 0 and ends at the origin.
 */
export function externalCorner(
  deg: number,
  wingMm: number,
  heightMm: number,
  footMm: number,
  returnMm: number,
): Pattern {
  const faces: Face[] = [
    { use: 'wall', shape: rectangle(-wingMm, 0, wingMm, heightMm) },
    { use: 'wall', shape: rectangle(0, 0, wingMm, heightMm) },
    { use: 'base', shape: rectangle(-wingMm, -footMm, wingMm, footMm) },
    { use: 'base', shape: rectangle(0, -footMm, wingMm, footMm) },
  ];
  const folds: Fold[] = [
    { from: 0, to: 1, a: [0, 0], b: [0, heightMm], deg: 180 - deg },
    { from: 0, to: 2, a: [-wingMm, 0], b: [0, 0], deg: -90 },
    { from: 1, to: 3, a: [0, 0], b: [wingMm, 0], deg: -90 },
  ];
  const cuts: [Point, Point][] = [
    [
      [0, 0],
      [0, -footMm],
    ],
  ];
  if (returnMm > 0) {
    faces.push(
      { use: 'top', shape: rectangle(-wingMm, heightMm, wingMm, returnMm) },
      { use: 'top', shape: rectangle(0, heightMm, wingMm, returnMm) },
    );
    folds.push(
      { from: 0, to: 4, a: [-wingMm, heightMm], b: [0, heightMm], deg: -90 },
      { from: 1, to: 5, a: [0, heightMm], b: [wingMm, heightMm], deg: -90 },
    );
    cuts.push([
      [0, heightMm],
      [0, heightMm + returnMm],
    ]);
  }
  return { faces, folds, cuts, frame: { origin: [0, 0, 0], x: [1, 0, 0], y: [0, 0, 1] } };
}

/** A mitre of the gusset reaches out no further than this many feet; beyond, its tip is cut off. */
const MOST_MITRE = 2;

/** The gusset that closes the roof between the two feet of an external corner of `deg`, lapping on both. */
export function gusset(deg: number, footMm: number, lapMm: number): Pattern {
  // The first wall runs along −x to the origin, the roof before it at −y; the second one leaves at the turn.
  const turn = 180 - deg;
  const second = direction(turn);
  const first: Point = [-1, 0];
  const [n1, n2]: [Point, Point] = [
    [0, -1],
    [second[1], -second[0]],
  ];
  const half = Math.tan(turn / 2 / DEGREES_PER_RADIAN);
  const tip: Point[] =
    half <= MOST_MITRE
      ? [along([1, 0], half * footMm, along(n1, footMm))]
      : [
          along([1, 0], MOST_MITRE * footMm, along(n1, footMm)),
          along(second, -MOST_MITRE * footMm, along(n2, footMm)),
        ];
  const a = along(first, lapMm);
  const b = along(second, lapMm);
  const shape = polygon(a, along(n1, footMm, a), ...tip, along(n2, footMm, b), b, [0, 0]);
  return { faces: [{ use: 'base', shape }], folds: [], cuts: [], frame: FLAT_FRAME };
}

/** A plate round something square: cut crosswise inside, its four flaps turned up. */
export function crossCutPlate(lengthMm: number, widthMm: number, footMm: number, upMm: number): Pattern {
  const [l, w] = [lengthMm / 2, widthMm / 2];
  const [x, y] = [l + footMm, w + footMm];
  const hole: Point[] = [
    [-l, -w],
    [l, -w],
    [l, w],
    [-l, w],
  ];
  // Cuts run along the diagonals, so flaps are triangles, cut off where they are longer than needed.
  const flap = (a: Point, b: Point, deep: number): Polygon => {
    const up = Math.min(upMm, deep);
    const share = up / deep;
    const toMiddle = (p: Point): Point => [p[0] * (1 - share), p[1] * (1 - share)];
    return share >= 1 ? polygon(a, b, [0, 0]) : polygon(a, b, toMiddle(b), toMiddle(a));
  };
  const sides = hole.map((a, i): readonly [Point, Point, number] => [
    a,
    hole[(i + 1) % 4] ?? a,
    i % 2 === 0 ? w : l,
  ]);
  return {
    faces: [
      {
        use: 'base',
        shape: {
          outer: [
            [-x, -y],
            [x, -y],
            [x, y],
            [-x, y],
          ],
          holes: [[...hole].reverse()],
        },
      },
      ...sides.map(([a, b, deep]): Face => ({ use: 'finger', shape: flap(a, b, deep) })),
    ],
    folds: sides.map(([a, b], i): Fold => ({ from: 0, to: i + 1, a, b, deg: 90 })),
    cuts: hole.map((p): [Point, Point] => [p, [0, 0]]),
    frame: FLAT_FRAME,
  };
}

/** One side of a square post: the side itself and, where it wraps, a flap round each of its two edges. */
export function postSide(widthMm: number, heightMm: number, wrapMm: number, frame: Frame): Pattern {
  const faces: Face[] = [{ use: 'wall', shape: rectangle(0, 0, widthMm, heightMm) }];
  if (wrapMm <= 0) return { faces, folds: [], cuts: [], frame };
  return {
    faces: [
      ...faces,
      { use: 'flap', shape: rectangle(-wrapMm, 0, wrapMm, heightMm) },
      { use: 'flap', shape: rectangle(widthMm, 0, wrapMm, heightMm) },
    ],
    folds: [
      { from: 0, to: 1, a: [0, 0], b: [0, heightMm], deg: -90 },
      { from: 0, to: 2, a: [widthMm, 0], b: [widthMm, heightMm], deg: 90 },
    ],
    cuts: [],
    frame,
  };
}

/** The apron of a scupper: on the roof and up the wall, with the opening cut out of the wall. */
export function scupperApron(openMm: number, highMm: number, footMm: number, lapMm: number): Pattern {
  const width = openMm + 2 * footMm;
  const wall: Polygon = {
    outer: [
      [0, 0],
      [footMm, 0],
      [footMm, highMm],
      [footMm + openMm, highMm],
      [footMm + openMm, 0],
      [width, 0],
      [width, highMm + lapMm],
      [0, highMm + lapMm],
    ],
    holes: [],
  };
  return {
    faces: [
      { use: 'base', shape: rectangle(0, -footMm, width, footMm) },
      { use: 'wall', shape: wall },
    ],
    folds: [{ from: 0, to: 1, a: [0, 0], b: [width, 0], deg: 90 }],
    cuts: [
      [
        [footMm, 0],
        [footMm + openMm, 0],
      ],
    ],
    frame: FLAT_FRAME,
  };
}

/** A sleeve of rectangular section, lapped along one edge: floor, cheek, roof, cheek, lap. */
export function squareSleeve(openMm: number, highMm: number, deepMm: number, lapMm: number): Pattern {
  const widths = [openMm, highMm, openMm, highMm, Math.min(lapMm, openMm)];
  const faces: Face[] = [];
  const folds: Fold[] = [];
  let x = 0;
  widths.forEach((width, i) => {
    faces.push({
      use: i === widths.length - 1 ? 'flap' : i === 0 ? 'base' : 'wall',
      shape: rectangle(x, 0, width, deepMm),
    });
    if (i > 0) folds.push({ from: i - 1, to: i, a: [x, 0], b: [x, deepMm], deg: -90 });
    x += width;
  });
  return { faces, folds, cuts: [], frame: FLAT_FRAME };
}
