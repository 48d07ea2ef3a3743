/** Flat pieces on paper at 1:1, as SVG and as DXF: outline and cuts, folds, label, how many. Millimetres. */
import { DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { xmlText } from '../drawings/index.ts';
import type { Point } from '../geometry/index.ts';
import { drawnFolds, flatOutline, patternBox, simplified } from './folding.ts';
import type { PieceGroup } from './schedule.ts';

/** Room round each piece, and the height of its label. */
const GAP_MM = 40;
const LABEL_MM = 14;
/** A row of pieces gets no wider, unless one piece is. */
const ROW_MM = 3000;

interface Laid {
  readonly group: PieceGroup;
  readonly rings: readonly (readonly Point[])[];
  readonly folds: readonly (readonly [Point, Point])[];
  readonly cuts: readonly (readonly [Point, Point])[];
  /** Lower left corner of its rectangle on the sheet. */
  readonly at: Point;
  readonly heightMm: number;
}

/** The pieces set out in rows; y points up. */
function layOut(groups: readonly PieceGroup[]): { laid: Laid[]; widthMm: number; heightMm: number } {
  const laid: Laid[] = [];
  let [x, y, row, width] = [GAP_MM, GAP_MM, 0, 0];
  for (const group of groups) {
    const { pattern } = group.piece;
    const box = patternBox(pattern);
    if (x > GAP_MM && x + box.widthMm + GAP_MM > ROW_MM) {
      x = GAP_MM;
      y += row + GAP_MM + LABEL_MM;
      row = 0;
    }
    const move = ([px, py]: Point): Point => [px - box.minX + x, py - box.minY + y];
    const pair = ([a, b]: readonly [Point, Point]): readonly [Point, Point] => [move(a), move(b)];
    laid.push({
      group,
      rings: flatOutline(pattern).flatMap((p) => [p.outer, ...p.holes].map((r) => simplified(r).map(move))),
      folds: drawnFolds(pattern).map((f) => pair([f.a, f.b])),
      cuts: pattern.cuts.map(pair),
      at: [x, y],
      heightMm: box.heightMm,
    });
    x += box.widthMm + GAP_MM;
    row = Math.max(row, box.heightMm);
    width = Math.max(width, x);
  }
  return { laid, widthMm: width, heightMm: y + row + GAP_MM + LABEL_MM };
}

const n = (v: number): string => String(Number(v.toFixed(3)));

const labelOf = (g: PieceGroup): string => `${g.label} × ${g.count}  ${g.piece.name}`;

/** SVG in millimetres: printed at 100 % every piece has its true size. */
export function piecesSvg(groups: readonly PieceGroup[]): string {
  const { laid, widthMm, heightMm } = layOut(groups);
  const flip = ([x, y]: Point): string => `${n(x)} ${n(heightMm - y)}`;
  const line = (kind: string, [a, b]: readonly [Point, Point]): string =>
    `<path class="${kind}" d="M${flip(a)}L${flip(b)}"/>`;
  const body = laid.map((l) => {
    const path = l.rings.map((r) => `M${r.map(flip).join('L')}Z`).join('');
    return [
      `<g id="${xmlText(l.group.label)}">`,
      `<path class="cut" d="${path}"/>`,
      ...l.cuts.map((c) => line('cut', c)),
      ...l.folds.map((f) => line('fold', f)),
      `<text x="${n(l.at[0])}" y="${n(heightMm - l.at[1] - l.heightMm - 4)}">${xmlText(labelOf(l.group))}</text>`,
      '</g>',
    ].join('\n');
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(widthMm)}mm" height="${n(heightMm)}mm" viewBox="0 0 ${n(widthMm)} ${n(heightMm)}">`,
    '<style>.cut{fill:none;stroke:#000;stroke-width:0.5}.fold{fill:none;stroke:#0e6e62;stroke-width:0.5;stroke-dasharray:6 3}text{font:10px sans-serif}</style>',
    ...body,
    '</svg>',
    '',
  ].join('\n');
}

/** DXF in millimetres: layers CUT, FOLD and LABEL. */
export function piecesDxf(groups: readonly PieceGroup[]): string {
  const { laid } = layOut(groups);
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  writer.setVariable('$LASTSAVEDBY', { 1: 'Lentum' });
  for (const [name, colour] of [
    ['CUT', 7],
    ['FOLD', 3],
    ['LABEL', 8],
  ] as const)
    writer.addLayer(name, colour, 'CONTINUOUS');
  for (const l of laid) {
    for (const ring of l.rings)
      writer.addLWPolyline(
        ring.map(([x, y]) => ({ point: point2d(x, y) })),
        { flags: LWPolylineFlags.Closed, layerName: 'CUT' },
      );
    const draw = (layerName: string, [a, b]: readonly [Point, Point]): void => {
      writer.addLine(point3d(a[0], a[1]), point3d(b[0], b[1]), { layerName });
    };
    for (const c of l.cuts) draw('CUT', c);
    for (const f of l.folds) draw('FOLD', f);
    writer.addText(point3d(l.at[0], l.at[1] + l.heightMm + 4), 10, labelOf(l.group), { layerName: 'LABEL' });
  }
  return writer.stringify();
}
