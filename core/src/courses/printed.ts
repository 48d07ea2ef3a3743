/** Courses on paper: what is cut roll by roll, and what is laid course by course. */
import { columns, heading, line, row, table, type Block, type Telling } from '../printout/index.ts';
import type { LayerLayout } from './layout.ts';
import { cutLines, layLines, relaxOf } from './lists.ts';
import type { MaterialPlan } from './planned.ts';

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
