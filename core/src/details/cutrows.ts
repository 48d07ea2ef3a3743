/** The cut list of small pieces as rows for a file: left-overs first, then roll by roll, in the order along the roll. Metric. */
import type { CutList } from './cutlists.ts';
import type { PlacedCut } from './cuts.ts';

export const PIECE_COLUMNS = [
  'roll',
  'along_mm',
  'across_mm',
  'long_mm',
  'wide_mm',
  'piece',
  'what',
  'turned',
] as const;

const inOrder = (placed: readonly PlacedCut[]): PlacedCut[] =>
  [...placed].sort((a, b) => a.roll - b.roll || a.alongMm - b.alongMm || a.acrossMm - b.acrossMm);

/** A row for each piece that is cut, as PIECE_COLUMNS has them. */
export function pieceRows({ nest, groups, leftOvers }: CutList): (string | number)[][] {
  const names = new Map(groups.map((g) => [g.label, g.piece.name]));
  const row = (from: string | number, p: PlacedCut): (string | number)[] => [
    from,
    Math.round(p.alongMm),
    Math.round(p.acrossMm),
    Math.round(p.longMm),
    Math.round(p.wideMm),
    p.label,
    names.get(p.label) ?? '',
    p.turned ? 'yes' : '',
  ];
  return [
    ...leftOvers.flatMap((l) => inOrder(l.placed).map((p) => row(`end of ${l.of}`, p))),
    ...inOrder(nest.placed).map((p) => row(p.roll + 1, p)),
  ];
}
