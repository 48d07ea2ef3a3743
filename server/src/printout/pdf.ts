/** A printout as PDF, drawn by pdfmake from the same blocks that the page prints. */
import pdfmake, { type Content, type TableCell } from 'pdfmake';
import {
  drawingSvg,
  drawnMm,
  INK_COLOURS,
  insideMm,
  insidePage,
  MARGINS_MM,
  notesColumn,
  sheetMm,
  PICTURE_UNITS,
  PICTURES_IN_ROW,
  shapesSvg,
  type Block,
  type Ink,
  type PageSize,
  type PicturesBlock,
  type Printout,
  type Row,
  type Sheet,
  type Table,
  type Tone,
} from '@lentum/core/printout';
import { convert } from '@lentum/core/units';
import { faceFor, FACES, FONT_FILES, textWidthPt } from './fonts.ts';

/** Pictures that were found, by the SHA-256 of the one that was taken; smaller, as JPEG. */
export type PicturesFound = ReadonlyMap<
  string,
  { readonly widthPx: number; readonly heightPx: number; readonly content: Uint8Array }
>;

type Definition = Parameters<typeof pdfmake.createPdf>[0];

pdfmake.addFonts(FACES as unknown as Parameters<typeof pdfmake.addFonts>[0]);
// Nothing is fetched, and nothing is read but the letters.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path) => FONT_FILES.has(path));

/** A point is 1/72 in. */
const pt = (mm: number): number => convert(mm, 'mm', 'in') * 72;

const BODY_PT = 9;
const SMALL_PT = 7.5;
const HEADING_PT = { 1: 12.5, 2: 10.5, 3: 9.5 } as const;
const TONES: Readonly<Record<Tone, { color: string; bold?: boolean }>> = {
  plain: { color: INK_COLOURS.ink },
  quiet: { color: INK_COLOURS.quiet },
  strong: { color: INK_COLOURS.ink, bold: true },
  done: { color: INK_COLOURS.done },
  mind: { color: INK_COLOURS.mind, bold: true },
  stop: { color: INK_COLOURS.stop, bold: true },
};

interface Style {
  readonly fontSize?: number;
  readonly bold?: boolean;
  readonly color?: string;
  readonly alignment?: 'left' | 'right' | 'center';
  readonly decoration?: 'lineThrough';
  readonly margin?: [number, number, number, number];
  readonly headlineLevel?: number;
  readonly tocItem?: boolean;
  readonly tocMargin?: [number, number, number, number];
}
const written = (said: string, style: Style = {}): { text: string; font: string } & Style => {
  const { face, text } = faceFor(said);
  return { text, font: face, ...style };
};

const ROW_TONE: Readonly<Record<Row['tone'], Style>> = {
  plain: {},
  part: { bold: true, color: INK_COLOURS.quiet },
  struck: { color: INK_COLOURS.quiet, decoration: 'lineThrough' },
  strong: { bold: true },
};

/** Cells of a row; notes stand under the cell of the widest column. */
function cellsOf(r: Row, t: Table): TableCell[] {
  const under = notesColumn(t);
  return t.columns.map((c, i): TableCell => {
    const cell = written(r.cells[i] ?? '', { alignment: c.align, ...ROW_TONE[r.tone] });
    if (i !== under || r.notes.length === 0) return cell;
    return {
      stack: [cell, ...r.notes.map((n) => written(n, { fontSize: SMALL_PT, color: INK_COLOURS.quiet }))],
    };
  });
}

/** Room between two columns, points. */
const GAP_PT = 8;
/** Columns that name no share take what they need, together no more than this of the width where others name one. */
const MOST_NARROW = 0.6;
/** Bold letters are wider than plain ones. */
const BOLD = 1.08;

/**
 * Widths of columns in points, as wide as the paper together: what names no share takes what its longest text needs, the
 * others part the rest by their shares.
 */
function widthsOf({ columns, rows, total }: Table, roomPt: number): number[] {
  const room = roomPt - GAP_PT * (columns.length - 1);
  if (columns.every((c) => c.share === 0)) return columns.map(() => room / columns.length);
  const needs = columns.map((c, i) => {
    if (c.share > 0) return 0;
    // The head of a part goes over all columns.
    const texts = rows.flatMap((r) => (r.tone === 'part' ? [] : [r.cells[i] ?? '']));
    return Math.max(
      textWidthPt(c.head, SMALL_PT) * BOLD,
      textWidthPt(total?.[i] ?? '', BODY_PT) * BOLD,
      ...texts.map((text) => textWidthPt(text, BODY_PT) * BOLD),
    );
  });
  const narrow = needs.reduce((a, b) => a + b, 0);
  const most = room * MOST_NARROW;
  const scale = narrow > most ? most / narrow : 1;
  const rest = room - narrow * scale;
  const shares = columns.reduce((sum, c) => sum + c.share, 0);
  return columns.map((c, i) => (c.share > 0 ? (rest * c.share) / shares : (needs[i] ?? 0) * scale));
}

function tableOf(t: Table, roomPt: number): Content {
  const widths = widthsOf(t, roomPt);
  const heads = t.columns.map((c) =>
    written(c.head, { bold: true, alignment: c.align, fontSize: SMALL_PT, color: INK_COLOURS.quiet }),
  );
  const total = t.total?.map((text, i) =>
    written(text, { bold: true, alignment: t.columns[i]?.align ?? 'left' }),
  );
  const body: TableCell[][] = [heads, ...t.rows.map((r) => cellsOf(r, t)), ...(total ? [total] : [])];
  return {
    table: { headerRows: 1, dontBreakRows: true, keepWithHeaderRows: 1, widths, body },
    layout: {
      hLineWidth: (i: number) => (i === 1 || (total && i === body.length - 1) ? 0.8 : 0.3),
      hLineColor: (i: number) => (i === 1 ? INK_COLOURS.ink : INK_COLOURS.line),
      vLineWidth: () => 0,
      paddingLeft: (i: number) => (i === 0 ? 0 : GAP_PT / 2),
      paddingRight: (i: number) => (i === t.columns.length - 1 ? 0 : GAP_PT / 2),
      paddingTop: () => 2.2,
      paddingBottom: () => 2.2,
    },
    margin: [0, 2, 0, 8],
  };
}

/** A table without lines, flush with the text round it. */
const BARE = {
  hLineWidth: () => 0,
  vLineWidth: () => 0,
  paddingLeft: () => 0,
  paddingRight: (i: number) => (i === 0 ? 10 : 0),
  paddingTop: () => 0.8,
  paddingBottom: () => 0.8,
};

/** No picture is drawn higher than this share of the width that it has. */
const MOST_HIGH = 0.85;

/** Three beside each other, each with its line; a row is not parted by the end of a page. */
function picturesOf({ items }: PicturesBlock, roomPt: number, found: PicturesFound): Content {
  const width = (roomPt - GAP_PT * (PICTURES_IN_ROW - 1)) / PICTURES_IN_ROW;
  const cells = items.map(({ sha256, caption, shapes }): TableCell => {
    const under = written(caption, { fontSize: SMALL_PT, color: INK_COLOURS.quiet });
    const picture = found.get(sha256);
    if (!picture)
      return { stack: [written('This picture had not arrived.', { color: INK_COLOURS.mind }), under] };
    const ratio = picture.heightPx / picture.widthPx;
    const drawn = Math.min(width, (width * MOST_HIGH) / ratio);
    const over = shapesSvg([0, 0, PICTURE_UNITS, PICTURE_UNITS * ratio], shapes, faceFor(caption).face);
    return {
      stack: [
        { image: sha256, width: drawn },
        ...(shapes.length > 0
          ? [{ svg: over, width: drawn, relativePosition: { x: 0, y: -drawn * ratio } }]
          : []),
        under,
      ],
    };
  });
  if (cells.length === 0) return { text: '' };
  const rows: TableCell[][] = [];
  for (let i = 0; i < cells.length; i += PICTURES_IN_ROW) {
    const row = cells.slice(i, i + PICTURES_IN_ROW);
    rows.push([...row, ...Array.from({ length: PICTURES_IN_ROW - row.length }, () => '')]);
  }
  return {
    table: { dontBreakRows: true, widths: Array.from({ length: PICTURES_IN_ROW }, () => width), body: rows },
    layout: {
      ...BARE,
      paddingRight: (i: number) => (i < PICTURES_IN_ROW - 1 ? GAP_PT : 0),
      paddingBottom: () => 5,
    },
    margin: [0, 2, 0, 6],
  };
}

function content(
  b: Block,
  roomMm: { readonly widthMm: number; readonly heightMm: number },
  found: PicturesFound,
): Content {
  switch (b.kind) {
    case 'heading':
      return written(b.text, {
        fontSize: HEADING_PT[b.level],
        bold: true,
        margin: [0, b.level === 3 ? 6 : 10, 0, 3],
        headlineLevel: b.level,
        ...(b.level === 1
          ? { tocItem: true, tocMargin: [0, 0, 0, 0] as [number, number, number, number] }
          : {}),
      });
    case 'contents':
      return {
        toc: { title: written(b.title, { bold: true, fontSize: HEADING_PT[2], margin: [0, 8, 0, 2] }) },
      };
    case 'text':
      return written(b.text, { ...TONES[b.tone], margin: [0, 1, 0, 3] });
    case 'list':
      return { ul: b.items.map((i) => written(i)), margin: [0, 1, 0, 5] };
    case 'facts':
      // A table without rows cannot be drawn.
      if (b.rows.length === 0) return { text: '' };
      return {
        unbreakable: true,
        layout: BARE,
        table: {
          widths: ['auto', '*'],
          body: b.rows.map(([name, says]) => [written(name, { color: INK_COLOURS.quiet }), written(says)]),
        },
        margin: [0, 1, 0, 5],
      };
    case 'table':
      return tableOf(b, pt(roomMm.widthMm));
    case 'drawing': {
      const said = b.shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : [])).join('');
      const { widthMm } = drawnMm(b, roomMm);
      return { svg: drawingSvg(b, faceFor(said).face), width: pt(widthMm), margin: [0, 3, 0, 6] };
    }
    case 'pictures':
      return picturesOf(b, pt(roomMm.widthMm), found);
    case 'break':
      return [];
    case 'group':
      return { unbreakable: true, stack: b.blocks.map((x) => content(x, roomMm, found)) };
  }
}

/** Lines at the head and foot of each page. */
const edgeLine = (left: string, right: string, top: number, ink: Ink = 'quiet'): Content => ({
  margin: [pt(MARGINS_MM.left), top, pt(MARGINS_MM.right), 0],
  columns: [
    written(left, { fontSize: SMALL_PT, color: INK_COLOURS[ink] }),
    { width: 'auto', ...written(right, { fontSize: SMALL_PT, color: INK_COLOURS.quiet }) },
  ],
  columnGap: 10,
});

const titleOf = (p: Printout): Content =>
  written(p.title, { fontSize: 18, bold: true, margin: [0, 0, 0, 6] });

/** Blocks as they follow one another on pages of one size. */
const flowing = (blocks: readonly Block[], room: PageSize, found: PicturesFound): Content[] =>
  // A break goes with what follows it: after a page that is just full it would leave an empty one.
  blocks.map((b, i): Content =>
    blocks[i - 1]?.kind === 'break'
      ? { stack: [content(b, room, found)], pageBreak: 'before' }
      : content(b, room, found),
  );

/** The whole, in one where all pages are of one size; else each run of pages of a size by itself. */
function sections(p: Printout, sheet: Sheet, found: PicturesFound): Content[] {
  const own = (b: Block): PageSize | undefined => (b.kind === 'break' ? b.page : undefined);
  if (!p.blocks.some(own)) return [titleOf(p), ...flowing(p.blocks, insideMm(sheet), found)];
  const runs: { page: PageSize; blocks: Block[] }[] = [{ page: sheetMm(sheet), blocks: [] }];
  for (const b of p.blocks) {
    const page = own(b);
    if (page) runs.push({ page, blocks: [] });
    else runs.at(-1)?.blocks.push(b);
  }
  return runs.map(({ page, blocks }, i): Content => ({
    pageSize: { width: pt(page.widthMm), height: pt(page.heightMm) },
    section: [...(i === 0 ? [titleOf(p)] : []), ...flowing(blocks, insidePage(page), found)],
  }));
}

function definition(p: Printout, sheet: Sheet, found: PicturesFound): Definition {
  const { widthMm, heightMm } = sheetMm(sheet);
  return {
    pageSize: { width: pt(widthMm), height: pt(heightMm) },
    pageMargins: [pt(MARGINS_MM.left), pt(MARGINS_MM.top), pt(MARGINS_MM.right), pt(MARGINS_MM.bottom)],
    info: { title: `${p.title}, ${p.job}`, creator: 'Lentum', producer: 'Lentum' },
    language: p.language,
    images: Object.fromEntries(
      [...found].map(([id, { content: jpeg }]) => [
        id,
        `data:image/jpeg;base64,${Buffer.from(jpeg).toString('base64')}`,
      ]),
    ),
    defaultStyle: { font: 'Body', fontSize: BODY_PT, lineHeight: 1.12, color: INK_COLOURS.ink },
    header: () =>
      edgeLine(`${p.title} · ${p.job}`, p.draft ?? '', pt(MARGINS_MM.top) / 2.2, p.draft ? 'ink' : 'quiet'),
    footer: (page: number, pages: number) =>
      edgeLine([p.made, p.seal].filter(Boolean).join(' · '), `page ${page} of ${pages}`, pt(5)),
    // A heading is never the last thing on a page.
    pageBreakBefore: (node, query) =>
      node.headlineLevel !== undefined && query.getFollowingNodesOnPage().length === 0,
    content: sections(p, sheet, found),
  };
}
/** The bytes of the PDF. Pages are counted, heads of tables repeated, rows never parted. */
export const printoutPdf = (
  printout: Printout,
  sheet: Sheet,
  found: PicturesFound = new Map(),
): Promise<Buffer> => pdfmake.createPdf(definition(printout, sheet, found)).getBuffer();
