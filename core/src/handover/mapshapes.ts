/** A map on paper: its bands square by square, the outline of its roof, and what its colours stand for. */
import { boxOf, type Point, type Ring } from '../geometry/index.ts';
import type { Drawing, Ink, Shape } from '../printout/index.ts';
import type { FilmGrid } from '../proving/index.ts';
import type { ZoneQuantities } from '../survey/index.ts';

const LETTER = 1 / 40;
const LINE = 1 / 600;

/** How a zone lies in the frame of its drawing, in metres; paper has y down. */
export interface Sheet {
  readonly frame: Drawing['frame'];
  /** Height of a letter, and width of a thin line. */
  readonly letter: number;
  readonly thin: number;
  readonly at: (p: Point) => [number, number];
  readonly path: (ring: Ring, more: Partial<Shape & { kind: 'path' }>) => Shape;
}

export function sheetOf(q: ZoneQuantities): Sheet {
  const { minX: west, maxX: east, minY: south, maxY: north } = boxOf([q.ring]);
  const size = Math.max(east - west, north - south);
  const margin = size * 0.06;
  const thin = size * LINE;
  const at = ([x, y]: Point): [number, number] => [x - west + margin, north - y + margin];
  return {
    frame: [0, 0, east - west + 2 * margin, north - south + 2 * margin],
    ...{ letter: size * LETTER, thin, at },
    path: (ring, more) => ({
      ...{ kind: 'path', points: ring.map(at), closed: true, width: thin },
      ...more,
    }),
  };
}

/** The outline of a roof and its holes. */
export const outline = (q: ZoneQuantities, { path, thin }: Sheet): Shape[] => [
  path(q.ring, { stroke: 'ink', width: thin * 3 }),
  ...q.polygon.holes.map((hole) => path(hole, { stroke: 'ink', fill: 'paper', width: thin * 2 })),
];

/** The grid as long strips of one band each, row by row; bands begin at their values, the lowest one below the first. */
export function bandStrips(
  grid: FilmGrid,
  bands: readonly number[],
  inks: readonly Ink[],
  { path }: Sheet,
): Shape[] {
  const { origin, stepM, cols, rows, values, laid } = grid;
  const shapes: Shape[] = [];
  const bandAt = (i: number): number => {
    const value = values[i] ?? NaN;
    return laid[i] === 1 && !Number.isNaN(value) ? bands.filter((b) => value >= b).length : -1;
  };
  for (let r = 0; r < rows; r += 1) {
    let from = 0;
    while (from < cols) {
      const band = bandAt(r * cols + from);
      let to = from + 1;
      while (to < cols && bandAt(r * cols + to) === band) to += 1;
      const [west, south] = [origin[0] + from * stepM, origin[1] + r * stepM];
      const [east, north] = [origin[0] + to * stepM, south + stepM];
      const ring: Ring = [
        [west, south],
        [east, south],
        [east, north],
        [west, north],
      ];
      if (band >= 0) shapes.push(path(ring, { fill: inks[band] ?? 'paper' }));
      from = to;
    }
  }
  return shapes;
}

/** The colours beside each other, each with what it stands for; the places of the texts are given, in letters. */
export function legendOf(
  texts: readonly string[],
  inks: readonly Ink[],
  leftOf: (i: number) => number,
  label: string,
): Drawing {
  const shapes: Shape[] = texts.flatMap((text, i): Shape[] => {
    const left = leftOf(i);
    return [
      {
        ...{ kind: 'path', closed: true, width: 0.05, stroke: 'quiet', fill: inks[i] ?? 'paper' },
        points: [
          [left, 0],
          [left + 1.6, 0],
          [left + 1.6, 1.2],
          [left, 1.2],
        ],
      },
      {
        ...{ kind: 'text', at: [left + 2, 1.05], text, size: 1.1 },
        ...{ align: 'start', bold: false, fill: 'ink' },
      },
    ];
  });
  return { kind: 'drawing', label, frame: [0, -0.3, 66, 1.9], mostHeightMm: 6, shapes };
}
