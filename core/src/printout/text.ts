/** What a printout says, as lines in the order in which they are read. */
import type { Shape } from './drawing.ts';
import type { Block, Printout, Row } from './model.ts';

const rowLines = (r: Row): string[] => [...r.cells, ...r.notes];

const shapeTexts = (shapes: readonly Shape[]): string[] =>
  shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []));

function blockLines(b: Block): string[] {
  switch (b.kind) {
    case 'heading':
    case 'text':
      return [b.text];
    case 'list':
      return b.items;
    case 'facts':
      return b.rows.flat();
    case 'table':
      return [...b.columns.map((c) => c.head), ...b.rows.flatMap(rowLines), ...(b.total ?? [])];
    case 'drawing':
      return shapeTexts(b.shapes);
    case 'pictures':
      return b.items.flatMap((p) => [...shapeTexts(p.shapes), p.caption]);
    case 'group':
      return b.blocks.flatMap(blockLines);
    case 'contents':
      return [b.title];
    case 'break':
      return [];
  }
}

/** Every text of a printout, without the lines at the head and foot of its pages. */
export const printoutLines = (printout: Printout): string[] =>
  [printout.title, ...printout.blocks.flatMap(blockLines)].filter((t) => t.trim() !== '');

/** The headings of the first level, in order. */
export const headingsOf = ({ blocks }: Pick<Printout, 'blocks'>): string[] =>
  blocks
    .flatMap((b) => (b.kind === 'group' ? b.blocks : [b]))
    .flatMap((b) => (b.kind === 'heading' && b.level === 1 ? [b.text] : []));
