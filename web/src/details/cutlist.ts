/** The cut list as rows for a file: roll by roll, in the order along the roll. Metric. */
import { csvText } from '../shared/csv.ts';
import type { CutList } from '@lentum/core/details';

export function cutListRows({ nest, groups }: CutList): string {
  const names = new Map(groups.map((g) => [g.label, g.piece.name]));
  const rows: (string | number)[][] = [
    ['roll', 'along_mm', 'across_mm', 'long_mm', 'wide_mm', 'piece', 'what', 'turned'],
    ...[...nest.placed]
      .sort((a, b) => a.roll - b.roll || a.alongMm - b.alongMm || a.acrossMm - b.acrossMm)
      .map((p) => [
        p.roll + 1,
        Math.round(p.alongMm),
        Math.round(p.acrossMm),
        Math.round(p.longMm),
        Math.round(p.wideMm),
        p.label,
        names.get(p.label) ?? '',
        p.turned ? 'yes' : '',
      ]),
  ];
  return csvText(rows);
}
