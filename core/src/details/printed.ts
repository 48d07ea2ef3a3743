/** A detail on paper: how it is put together, its pieces, steps, material. And pieces at their true size, on tiles. */
import { FORM_WORDS } from '../buildup/index.ts';
import type { Point } from '../geometry/index.ts';
import {
  columns,
  facts,
  group,
  heading,
  insideMm,
  line,
  list,
  row,
  table,
  type Block,
  type Drawing,
  type Shape,
  type Sheet,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import { sentence } from '../problems/index.ts';
import { drawnFolds, flatOutline, patternBox, simplified, type Pattern } from './folding.ts';
import { pieceKey, type Piece } from './pieces.ts';
import { detailsBefore, type DetailWork, type PieceGroup, type ZoneDetails } from './schedule.ts';

type At = (p: Point) => [number, number];

/** Outline, cuts and folds of a piece. @param width of the lines, in units of the frame */
function patternShapes(pattern: Pattern, at: At, width: number): Shape[] {
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
export function pieceDrawing(piece: Piece, label: string, t: Telling): Drawing {
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

/** What two sheets next to each other show of the same, mm. */
const OVERLAP_MM = 15;
/** Room above and below a tile for what it is and for the line to check the scale by, mm. */
const TILE_WORDS_MM = 34;
const CHECK_MM = 100;
/** White round a piece, so that its outline is drawn whole. */
const EDGE_MM = 1;
const MARK_MM = 6;

const checkLine = (t: Telling): Drawing => ({
  kind: 'drawing',
  label: t.w('Line to check the scale by'),
  frame: [-1, 0, CHECK_MM + 2, 8],
  widthMm: CHECK_MM + 2,
  mostHeightMm: 8,
  shapes: [
    ...[0, CHECK_MM].map((x): Shape => ({
      kind: 'path',
      points: [
        [x, 1],
        [x, 7],
      ],
      closed: false,
      stroke: 'ink',
      width: 0.3,
    })),
    {
      kind: 'path',
      points: [
        [0, 4],
        [CHECK_MM, 4],
      ],
      closed: false,
      stroke: 'ink',
      width: 0.3,
    },
  ],
});

/** Crosses where the sheets meet: laid over one another they make one. */
const cross = ([x, y]: readonly [number, number]): Shape[] =>
  [
    [
      [x - MARK_MM / 2, y],
      [x + MARK_MM / 2, y],
    ],
    [
      [x, y - MARK_MM / 2],
      [x, y + MARK_MM / 2],
    ],
  ].map((points) => ({
    kind: 'path',
    points: points.map(([px = 0, py = 0]): [number, number] => [px, py]),
    closed: false,
    stroke: 'mind',
    width: 0.25,
  }));

export interface Tiles {
  readonly columns: number;
  readonly rows: number;
  /** What one tile shows, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** From one tile to the next, mm. */
  readonly stepXMm: number;
  readonly stepYMm: number;
}

/** How a piece is parted on sheets of a size. */
export function tilesFor(box: { readonly widthMm: number; readonly heightMm: number }, sheet: Sheet): Tiles {
  const inside = insideMm(sheet);
  const room = { widthMm: inside.widthMm, heightMm: inside.heightMm - TILE_WORDS_MM };
  const count = (length: number, of: number): number =>
    Math.max(1, Math.ceil((length - OVERLAP_MM) / (of - OVERLAP_MM)));
  return {
    columns: count(box.widthMm + 2 * EDGE_MM, room.widthMm),
    rows: count(box.heightMm + 2 * EDGE_MM, room.heightMm),
    widthMm: room.widthMm,
    heightMm: room.heightMm,
    stepXMm: room.widthMm - OVERLAP_MM,
    stepYMm: room.heightMm - OVERLAP_MM,
  };
}

/** A rectangle is measured with a tape, and takes no paper. */
const isRectangle = (pattern: Pattern): boolean => {
  const rings = flatOutline(pattern).flatMap((p) => [p.outer, ...p.holes]);
  const [ring] = rings;
  if (rings.length !== 1 || !ring || pattern.cuts.length > 0) return false;
  return simplified(ring).length === 4;
};

/** More sheets than this are not taped together by anybody. */
const MOST_TILES = 60;

/**
 * Pieces at their true size, each on as many sheets as it takes, with what overlaps, crosses where sheets meet and a line
 * of 100 mm on each.
 */
export function patternBlocks(groups: readonly PieceGroup[], sheet: Sheet, t: Telling): Block[] {
  const blocks: Block[] = [
    line(
      t.w(
        'Print at 100 %, not fitted to the page, and measure the line on each sheet: it is 100 mm long. Lay the sheets over one another so that the crosses meet.',
      ),
      'mind',
    ),
  ];
  const plain: PieceGroup[] = [];
  const large: PieceGroup[] = [];
  const pages: Block[][] = [];
  for (const g of groups) {
    const { pattern } = g.piece;
    const box = patternBox(pattern);
    const tiles = tilesFor(box, sheet);
    if (isRectangle(pattern)) plain.push(g);
    else if (tiles.columns * tiles.rows > MOST_TILES) large.push(g);
    else pages.push(tilePages(g, tiles, t));
  }
  if (plain.length > 0)
    blocks.push(
      heading(1, t.w('Rectangles, measured with a tape')),
      table(
        columns('Piece', 'What|50', '>How many', '>Size', 'Folds at|40'),
        plain.map((g) => {
          const box = patternBox(g.piece.pattern);
          const folds = [
            ...new Set(
              drawnFolds(g.piece.pattern).map((f) =>
                f.a[1] === f.b[1] ? t.value(f.a[1] - box.minY, 'lap') : '',
              ),
            ),
          ].filter((x) => x !== '');
          return row([
            g.label,
            t.w(g.piece.name),
            String(g.count),
            `${t.value(box.widthMm, 'lap')} × ${t.value(box.heightMm, 'lap')}`,
            folds.join(', '),
          ]);
        }),
      ),
    );
  if (large.length > 0)
    blocks.push(
      line(
        t.w(
          `Too large for sheets of this size, more than ${MOST_TILES} each; the DXF and the SVG have them whole: ${large.map((g) => g.label).join(', ')}.`,
        ),
        'mind',
      ),
    );
  return [...blocks, ...pages.flat()];
}

function tilePages(g: PieceGroup, tiles: Tiles, t: Telling): Block[] {
  const box = patternBox(g.piece.pattern);
  const at: At = ([x, y]) => [x - box.minX + EDGE_MM, box.heightMm - (y - box.minY) + EDGE_MM];
  const shapes = patternShapes(g.piece.pattern, at, 0.4);
  const total = tiles.columns * tiles.rows;
  return Array.from({ length: total }, (_, i): Block[] => {
    const [column, rowAt] = [i % tiles.columns, Math.floor(i / tiles.columns)];
    const [x, y] = [column * tiles.stepXMm, rowAt * tiles.stepYMm];
    const half = OVERLAP_MM / 2;
    const xs = [
      column > 0 ? x + half : undefined,
      column < tiles.columns - 1 ? x + tiles.widthMm - half : undefined,
    ];
    const ys = [
      rowAt > 0 ? y + half : undefined,
      rowAt < tiles.rows - 1 ? y + tiles.heightMm - half : undefined,
    ];
    const quarters = (from: number, length: number): number[] => [from + length / 4, from + (3 * length) / 4];
    // On the line along which two sheets overlap, at a quarter and three quarters of the tile.
    const marks = [
      ...xs.flatMap((mx) =>
        mx === undefined ? [] : quarters(y, tiles.heightMm).map((my) => [mx, my] as const),
      ),
      ...ys.flatMap((my) =>
        my === undefined ? [] : quarters(x, tiles.widthMm).map((mx) => [mx, my] as const),
      ),
    ];
    const words: SimpleBlock = line(
      `${g.label} × ${g.count}  ${t.w(g.piece.name)}, ${t.w(`sheet ${i + 1} of ${total}`)}${total > 1 ? ` (${t.w(`row ${rowAt + 1}, column ${column + 1}`)})` : ''}`,
      'strong',
    );
    const tile: Drawing = {
      kind: 'drawing',
      label: `${g.label}, ${t.w(`sheet ${i + 1} of ${total}`)}`,
      frame: [x, y, tiles.widthMm, tiles.heightMm],
      widthMm: tiles.widthMm,
      mostHeightMm: tiles.heightMm,
      shapes: [...shapes, ...marks.flatMap(cross)],
    };
    return [{ kind: 'break' }, group(words, tile, checkLine(t))];
  }).flat();
}
