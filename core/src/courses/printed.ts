/** Courses on paper: their plan, what is cut roll by roll, and what is laid course by course. */
import { boxOf, type Area, type Point, type Ring } from '../geometry/index.ts';
import {
  columns,
  group,
  heading,
  line,
  row,
  table,
  type Block,
  type Drawing,
  type Ink,
  type Shape,
  type Telling,
} from '../printout/index.ts';
import { toZone } from './frame.ts';
import type { LayerLayout } from './layout.ts';
import { cutLines, layLines, relaxOf } from './lists.ts';
import type { MaterialPlan } from './planned.ts';
import { piecesDrawn, type DrawnPiece } from './piecesdrawn.ts';
import { capRing } from './shapes.ts';

/** Room that a plan has on paper, mm; its letters are so high, and no narrower than this is written on. */
const PLAN_MM = { width: 180, height: 170, letter: 2.3, least: 3.2 } as const;
/** Mean width of a letter in its heights, wide enough for figures in bold. */
const LETTER = 0.6;
/** Drawn in mm of the zone's plane. */
const MM = 1000;

/** A layer on its zone: pieces with labels and lengths, laps, corners cut off; the first course with a thick low edge. */
export function layoutDrawing(plan: MaterialPlan, layout: LayerLayout, t: Telling): Drawing {
  const box = boxOf([layout.shape.polygon.outer, ...layout.caps.map(capRing)]);
  const [wide, high] = [(box.maxX - box.minX) * MM, (box.maxY - box.minY) * MM];
  const unit = Math.max(wide / PLAN_MM.width, high / PLAN_MM.height);
  const edge = 2 * unit;
  const at = ([x, y]: Point): [number, number] => [(x - box.minX) * MM, (box.maxY - y) * MM];
  const ring = (
    r: Ring,
    look: { readonly fill?: Ink; readonly stroke?: Ink; readonly mm?: number },
  ): Shape => ({
    kind: 'path',
    points: r.map(at),
    closed: true,
    width: (look.mm ?? 0.2) * unit,
    ...(look.fill ? { fill: look.fill } : {}),
    ...(look.stroke ? { stroke: look.stroke } : {}),
  });
  const area = (a: Area, fill: Ink, stroke?: Ink): Shape[] =>
    a.flatMap((p) => [
      ring(p.outer, { fill, ...(stroke ? { stroke } : {}) }),
      ...p.holes.map((hole) => ring(hole, { fill: 'paper', ...(stroke ? { stroke } : {}) })),
    ]);
  const drawn = piecesDrawn(plan, layout);
  const label = ({ piece: p, roomM }: DrawnPiece): string => {
    if ((p.widthM * MM) / unit < PLAN_MM.least) return '';
    const fits = (text: string): boolean => text.length * LETTER * PLAN_MM.letter < (roomM * MM) / unit;
    const full = `${p.label} · ${t.value(p.toM - p.fromM, 'length')}`;
    return fits(full) ? full : fits(p.label) ? p.label : '';
  };
  const firsts = layout.planes.flatMap(({ index, frame }): Shape[] =>
    drawn
      .filter(({ piece }) => piece.plane === index && piece.course === 0)
      .map(({ piece: p }) => ({
        kind: 'path',
        points: [at(toZone(frame, [p.fromM, p.lowM])), at(toZone(frame, [p.toM, p.lowM]))],
        closed: false,
        stroke: 'done',
        width: 0.9 * unit,
      })),
  );
  return {
    kind: 'drawing',
    label: `${t.w('Plan of the courses')}: ${layout.zone.name}`,
    frame: [-edge, -edge, wide + 2 * edge, high + 2 * edge],
    mostHeightMm: PLAN_MM.height,
    shapes: [
      ...drawn.flatMap((d) => area(d.shape, 'paper', 'ink')),
      ...drawn.flatMap((d) => [...area(d.side, 'soft'), ...area(d.end, 'film1'), ...area(d.corners, 'ink')]),
      ...[layout.shape.polygon.outer, ...layout.shape.polygon.holes].map((r) =>
        ring(r, { stroke: 'ink', mm: 0.5 }),
      ),
      ...firsts,
      ...drawn.flatMap((d): Shape[] => {
        const text = label(d);
        if (text === '') return [];
        const turn = (d.turn * Math.PI) / 180;
        const [x, y] = at(d.at);
        const down = (PLAN_MM.letter * unit) / 3;
        return [
          {
            kind: 'text',
            // The foot of the letters, so that their middle is on the middle of the piece.
            at: [x - down * Math.sin(turn), y + down * Math.cos(turn)],
            text,
            size: PLAN_MM.letter * unit,
            align: 'middle',
            bold: false,
            fill: 'ink',
            turnDeg: d.turn,
          },
        ];
      }),
    ],
  };
}

/** The plan of a layer, with what its colours say. */
export const planBlocks = (plan: MaterialPlan, layout: LayerLayout, t: Telling): Block[] => [
  group(
    heading(1, `${t.w('Plan')}: ${layout.zone.name}, ${layout.rolled.layer.name.toLowerCase()}`),
    layoutDrawing(plan, layout, t),
    line(
      t.w(
        'The thick line begins the first course; each course lies over the one below it. Green: side laps. Yellow: end laps. Black: corners cut off under a lap.',
      ),
      'quiet',
    ),
  ),
];

/** The cut list of a material, for every zone that shares its rolls. */
export function cutBlocks(plan: MaterialPlan, t: Telling): Block[] {
  const rows = cutLines(plan);
  return [
    heading(1, `${t.w('Cut list')}: ${plan.name}`),
    line(t.w(`${t.value(plan.material.widthM, 'length')} wide; in cutting order`), 'quiet'),
    table(
      columns('>Roll', '>Cut', '>At', '>Length', 'Pieces|30', 'Where|40', '>Left after it'),
      rows.map((c, i) =>
        row(
          [
            c.roll === rows[i - 1]?.roll ? '' : `${c.roll}${c.inStock ? ` ${t.w('(store)')}` : ''}`,
            String(c.cut),
            t.value(c.atM, 'length'),
            t.value(c.lengthM, 'length'),
            `${c.labels.join(' + ')}${c.slit ? ` ${t.w('(slit)')}` : ''}`,
            t.w(c.places),
            t.value(c.leftM, 'length'),
          ],
          { tone: c.roll === rows[i - 1]?.roll ? 'plain' : 'strong' },
        ),
      ),
    ),
    line(
      t.w(
        '“+”: two half widths from one length, slit lengthwise. Lengths are to the ends of the field; trim on the roof.',
      ),
      'quiet',
    ),
  ];
}

/** The lay list of one layer on one zone. */
export function layBlocks(plan: MaterialPlan, layout: LayerLayout, t: Telling): Block[] {
  const relax = relaxOf(layout);
  const several = layout.planes.length > 1;
  return [
    heading(1, `${t.w('Lay list')}: ${layout.zone.name}, ${layout.rolled.layer.name.toLowerCase()}`),
    ...(relax ? [line(t.w(`Cut, then let the pieces lie unrolled for ${t.figure(relax)}.`))] : []),
    table(
      columns('>Course', '>Low edge at', 'Pieces, from the left|50', 'Mind|30'),
      layLines(plan, layout).map((l) =>
        row([
          several ? `${t.w('plane')} ${l.plane + 1}, ${l.course + 1}` : String(l.course + 1),
          t.value(l.lowM, 'length'),
          l.pieces
            .map((p) => `${p.label} ${t.value(p.toM - p.fromM, 'length')} (${t.w('roll')} ${p.roll + 1})`)
            .join('; '),
          t.w(l.note),
        ]),
      ),
    ),
  ];
}
