/** The layout of courses as drawings in true size, millimetres: SVG and DXF. */
import { DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { xmlText } from '../drawings/index.ts';
import { boxOf, labelPoint, type Area, type Point, type Ring } from '../geometry/index.ts';
import type { LayerLayout } from './layout.ts';
import type { MaterialPlan } from './planned.ts';
import { capRing, cornersCut, lapShapes, pieceShape } from './shapes.ts';

interface Drawn {
  readonly kind: 'FIELD' | 'PIECE' | 'LAP' | 'CORNER';
  readonly rings: readonly Ring[];
}

const ringsOf = (area: Area): Ring[] => area.flatMap((p) => [p.outer, ...p.holes]);
const MM = 1000;

/** Everything that is drawn of one layer on one zone, in mm of the zone's plane. */
function drawn(
  plan: MaterialPlan,
  layout: LayerLayout,
): { shapes: Drawn[]; labels: { at: Point; text: string }[] } {
  const scale = (r: Ring): Ring => r.map(([x, y]): Point => [x * MM, y * MM]);
  const shapes: Drawn[] = [{ kind: 'FIELD', rings: ringsOf([layout.shape.polygon]).map(scale) }];
  const labels: { at: Point; text: string }[] = [];
  for (const piece of plan.pieces) {
    if (piece.zoneId !== layout.zone.id || piece.layerId !== layout.rolled.layer.id || piece.cap) continue;
    const shape = pieceShape(layout, piece);
    shapes.push({ kind: 'PIECE', rings: ringsOf(shape).map(scale) });
    const { side, end } = lapShapes(layout, piece);
    for (const lap of [side, end])
      if (lap.length > 0) shapes.push({ kind: 'LAP', rings: ringsOf(lap).map(scale) });
    const corners = cornersCut(layout, piece);
    if (corners.length > 0) shapes.push({ kind: 'CORNER', rings: corners.map(scale) });
    const [x, y] = labelPoint(shape);
    labels.push({ at: [x * MM, y * MM], text: `${piece.label}  ${(piece.toM - piece.fromM).toFixed(2)}` });
  }
  for (const cap of layout.caps) shapes.push({ kind: 'PIECE', rings: [scale(capRing(cap))] });
  return { shapes, labels };
}

const n = (v: number): string => String(Number(v.toFixed(1)));

/** SVG in millimetres. */
export function layoutSvg(plan: MaterialPlan, layout: LayerLayout): string {
  const { shapes, labels } = drawn(plan, layout);
  const box = boxOf(shapes.flatMap((s) => s.rings));
  const margin = 200;
  const [w, h] = [box.maxX - box.minX + 2 * margin, box.maxY - box.minY + 2 * margin];
  const at = ([x, y]: Point): string => `${n(x - box.minX + margin)} ${n(box.maxY - y + margin)}`;
  const path = (rings: readonly Ring[]): string => rings.map((r) => `M${r.map(at).join('L')}Z`).join('');
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(w)}mm" height="${n(h)}mm" viewBox="0 0 ${n(w)} ${n(h)}">`,
    '<style>path{fill:none;stroke:#000;stroke-width:6;fill-rule:evenodd}.lap{fill:#ddd;stroke:none}.field{stroke-width:20}.corner{fill:#000}text{font:90px sans-serif;text-anchor:middle}</style>',
    ...shapes.filter((s) => s.kind === 'LAP').map((s) => `<path class="lap" d="${path(s.rings)}"/>`),
    ...shapes
      .filter((s) => s.kind !== 'LAP')
      .map((s) => `<path class="${s.kind.toLowerCase()}" d="${path(s.rings)}"/>`),
    ...labels.map((l) => {
      const [x, y] = at(l.at).split(' ');
      return `<text x="${x}" y="${y}">${xmlText(l.text)}</text>`;
    }),
    '</svg>',
    '',
  ].join('\n');
}

/** DXF in millimetres: layers FIELD, PIECE, LAP, CORNER and LABEL. */
export function layoutDxf(plan: MaterialPlan, layout: LayerLayout): string {
  const { shapes, labels } = drawn(plan, layout);
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  writer.setVariable('$LASTSAVEDBY', { 1: 'Lentum' });
  for (const [name, colour] of [
    ['FIELD', 7],
    ['PIECE', 3],
    ['LAP', 9],
    ['CORNER', 1],
    ['LABEL', 8],
  ] as const)
    writer.addLayer(name, colour, 'CONTINUOUS');
  for (const s of shapes)
    for (const ring of s.rings)
      writer.addLWPolyline(
        ring.map(([x, y]) => ({ point: point2d(x, y) })),
        { flags: LWPolylineFlags.Closed, layerName: s.kind },
      );
  for (const l of labels) writer.addText(point3d(l.at[0], l.at[1]), 90, l.text, { layerName: 'LABEL' });
  return writer.stringify();
}
