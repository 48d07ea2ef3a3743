/** Short ways to write blocks. */
import type { Block, PicturesBlock, Row, SimpleBlock, Table, Tone } from './model.ts';

export const heading = (level: 1 | 2 | 3, text: string): SimpleBlock => ({ kind: 'heading', level, text });
export const line = (text: string, tone: Tone = 'plain'): SimpleBlock => ({ kind: 'text', text, tone });
export const list = (items: readonly string[]): SimpleBlock => ({ kind: 'list', items: [...items] });
export const facts = (rows: readonly (readonly [name: string, says: string | undefined])[]): SimpleBlock => ({
  kind: 'facts',
  rows: rows.flatMap(([name, says]) =>
    says === undefined || says === '' ? [] : [[name, says] as [string, string]],
  ),
});
export const group = (...blocks: readonly SimpleBlock[]): Block => ({ kind: 'group', blocks: [...blocks] });
export const contents = (title: string): SimpleBlock => ({ kind: 'contents', title });
export const PAGE_BREAK: SimpleBlock = { kind: 'break' };

export const row = (cells: readonly string[], more: Partial<Omit<Row, 'cells'>> = {}): Row => ({
  tone: 'plain',
  notes: [],
  ...more,
  cells: [...cells],
});

/** A column: its head, `>` before it for figures, and a number after `|` for its share of the width. */
export function columns(...heads: readonly string[]): Table['columns'] {
  return heads.map((h) => {
    const [name = '', share] = h.split('|');
    const right = name.startsWith('>');
    return {
      head: right ? name.slice(1) : name,
      align: right ? 'right' : 'left',
      share: share === undefined ? 0 : Number(share),
    };
  });
}

export const table = (
  heads: Table['columns'],
  rows: readonly Row[],
  total?: readonly string[],
): SimpleBlock => ({
  kind: 'table',
  columns: heads,
  rows: [...rows],
  ...(total ? { total: [...total] } : {}),
});

/** How many pictures stand beside each other. */
export const PICTURES_IN_ROW = 3;
/** Widths of a picture that its drawing counts as. */
export const PICTURE_UNITS = 1000;

export const pictures = (items: PicturesBlock['items']): SimpleBlock => ({ kind: 'pictures', items });

/** Every picture that a printout shows, by the SHA-256 of its content. */
export const picturesShown = (blocks: readonly Block[]): string[] => [
  ...new Set(
    blocks.flatMap((b) =>
      b.kind === 'group'
        ? picturesShown(b.blocks)
        : b.kind === 'pictures'
          ? b.items.map((p) => p.sha256)
          : [],
    ),
  ),
];

/** The column under whose cells the notes of a row stand: the widest, or the first where none is said to be. */
export function notesColumn(t: Pick<Table, 'columns'>): number {
  const widest = Math.max(...t.columns.map((c) => c.share));
  return widest > 0 ? t.columns.findIndex((c) => c.share === widest) : 0;
}

const LONGEST_NAME = 80;

/** Name of the PDF of a printout, from its title: plain letters only. */
export const pdfName = (title: string): string =>
  `${title
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, LONGEST_NAME)}.pdf`;
