/** A detail on paper: how it is put together, its pieces, steps, material. */
import { FORM_WORDS } from '../buildup/index.ts';
import type { Point } from '../geometry/index.ts';
import {
  columns,
  facts,
  group,
  heading,
  line,
  list,
  row,
  table,
  type Block,
  type Drawing,
  type Shape,
  type Telling,
} from '../printout/index.ts';
import { sentence } from '../problems/index.ts';
import { drawnFolds, flatOutline, patternBox, simplified, type Pattern } from './folding.ts';
import { pieceKey, type Piece } from './pieces.ts';
import { detailsBefore, type DetailWork, type ZoneDetails } from './schedule.ts';

export type At = (p: Point) => [number, number];

/** Outline, cuts and folds of a piece. @param width of the lines, in units of the frame */
export function patternShapes(pattern: Pattern, at: At, width: number): Shape[] {
  const path = (points: readonly Point[], closed: boolean): Extract<Shape, { kind: 'path' }> => ({
    kind: 'path',
    points: points.map(at),
    closed,
    stroke: 'ink',
    width,
  });
  return [
    ...flatOutline(pattern)
      .flatMap((p) => [p.outer, ...p.holes])
      .map((r) => path(simplified(r), true)),
    ...pattern.cuts.map((c): Shape => ({ ...path(c, false), stroke: 'stop' })),
    ...drawnFolds(pattern).map((f): Shape => ({
      ...path([f.a, f.b], false),
      stroke: 'done',
      dash: [6 * width, 4 * width],
    })),
  ];
}

/** Long strips are drawn shorter than they are: no wider than so many times their height. */
const WIDEST = 4;
const PIECE_MM = 42;

/** A piece to look at, with its two outer measures. */
function pieceDrawing(piece: Piece, label: string, t: Telling): Drawing {
  const box = patternBox(piece.pattern);
  const squeeze = Math.min(1, (WIDEST * box.heightMm) / box.widthMm);
  const [w, h] = [box.widthMm * squeeze, box.heightMm];
  const letter = Math.max(w, h) / 14;
  const at: At = ([x, y]) => [(x - box.minX) * squeeze, h - (y - box.minY)];
  const text = (where: [number, number], says: string): Shape => ({
    kind: 'text',
    at: where,
    text: says,
    size: letter,
    align: 'start',
    bold: false,
    fill: 'ink',
  });
  return {
    kind: 'drawing',
    label: `${label}, ${t.w(piece.name)}`,
    frame: [-letter / 2, -letter / 2, w + letter * 6, h + letter * 2],
    mostHeightMm: PIECE_MM,
    shapes: [
      ...patternShapes(piece.pattern, at, letter / 16),
      text(
        [0, h + letter * 1.2],
        `${t.value(box.widthMm, 'lap')}${squeeze < 1 ? ` ${t.w('(drawn shorter)')}` : ''}`,
      ),
      text([w + letter / 2, h / 2], t.value(box.heightMm, 'lap')),
    ],
  };
}

/** The card of one detail. @param cautions what is to be minded */
export function detailBlocks(
  zone: ZoneDetails,
  work: DetailWork,
  cautions: readonly string[],
  t: Telling,
): Block[] {
  const labels = new Map(zone.groups.map((g) => [g.key, g.label]));
  const before = detailsBefore(zone.buildUp);
  const { detail, made } = work;
  return [
    facts([
      [t.w('Roof'), zone.zone.name],
      [t.w('Build-up'), zone.buildUp.name],
      [t.w('Made before'), before?.name],
      [t.w('Made with'), made.own ? `${made.own.coat.name}: ${t.w(FORM_WORDS[made.own.form])}` : undefined],
      [t.w('How many alike'), detail.count > 1 ? String(detail.count) : undefined],
      [t.w('Length'), detail.length ? t.figure(detail.length) : undefined],
      [t.w('Time, two people'), t.figure(work.minutes)],
      [t.w('Pour'), work.pocket ? t.figure(work.pocket.pour) : undefined],
    ]),
    ...work.problems.map((p) => line(t.w(sentence(p)), 'mind')),
    ...(work.pieces.length > 0
      ? [heading(1, t.w('Pieces, cut beforehand')), line(t.w('Dashed: fold. Red: cut.'), 'quiet')]
      : []),
    ...work.pieces.map((p) => {
      const label = labels.get(pieceKey(p)) ?? '';
      return group(line(`${label} × ${p.count}  ${t.w(p.name)}`, 'strong'), pieceDrawing(p, label, t));
    }),
    heading(1, t.w('Steps')),
    table(
      columns('>No.', 'Step|90'),
      work.steps.map((s, i) =>
        row(
          [String(i + 1), `${t.parts(s.says)}${s.waitMin ? ` ${t.w('Wait')} ${t.figure(s.waitMin)}.` : ''}`],
          {
            notes: s.hold ? [t.w(`Hold: ${s.hold}`)] : [],
          },
        ),
      ),
    ),
    ...(work.materials.length > 0
      ? [
          heading(1, t.w('Material')),
          table(
            columns('What|40', 'Where|40', '>Net'),
            work.materials.map((m) => row([t.w(m.name), t.w(m.use), t.figure(m.amount)])),
          ),
        ]
      : []),
    ...(cautions.length > 0 ? [group(heading(1, t.w('Mind')), list(cautions))] : []),
  ];
}
