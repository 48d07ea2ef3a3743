/** Pieces at their true size: on sheets that are laid over one another, or from the roll of a plotter. */
import {
  columns,
  group,
  heading,
  insideMm,
  insidePage,
  line,
  LONGEST_PAGE_MM,
  MARGINS_MM,
  row,
  table,
  type Block,
  type Drawing,
  type PageSize,
  type Shape,
  type Sheet,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import { convert } from '../units/index.ts';
import { drawnFolds, flatOutline, patternBox, simplified, type Pattern } from './folding.ts';
import { patternShapes, type At } from './printed.ts';
import type { PieceGroup } from './schedule.ts';

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

interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** How a piece is parted on pages with so much room between their margins. */
function tilesIn(box: Size, inside: Size): Tiles {
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

/** How a piece is parted on sheets of a size. */
export const tilesFor = (box: Size, sheet: Sheet): Tiles => tilesIn(box, insideMm(sheet));

/** Widths of plotter rolls that are usual: 24, 36 and 42 in, mm. Common practice, no source. */
export const PLOTTER_ROLLS_MM = [24, 36, 42].map((inches) => convert(inches, 'in', 'mm'));

/** How a piece lies on the roll of a plotter. */
export interface Plotted {
  /** Turned by a quarter, because it takes fewer pages so. */
  readonly turned: boolean;
  readonly page: PageSize;
  readonly tiles: Tiles;
}

/** A page is as large as what it shows: plotters lay narrow ones beside each other. None is smaller than this, mm. */
const SHORTEST_PAGE_MM = 200;

/** The pages of a roll that show a piece: no wider than the roll, as long as they have to be, as little paper as goes. */
export function plotted(box: Size, rollMm: number): Plotted {
  const way = (turned: boolean): Plotted => {
    const of = turned ? { widthMm: box.heightMm, heightMm: box.widthMm } : box;
    const margins = MARGINS_MM.top + MARGINS_MM.bottom + TILE_WORDS_MM;
    const longest = LONGEST_PAGE_MM - margins;
    const need = of.heightMm + 2 * EDGE_MM;
    const rows = need <= longest ? 1 : Math.ceil((need - OVERLAP_MM) / (longest - OVERLAP_MM));
    // Each of several pages is as long as the others.
    const each = (need - OVERLAP_MM) / rows + OVERLAP_MM;
    const across = Math.ceil(of.widthMm + 2 * EDGE_MM) + MARGINS_MM.left + MARGINS_MM.right;
    const page = {
      widthMm: Math.min(rollMm, Math.max(SHORTEST_PAGE_MM, across)),
      heightMm: Math.max(SHORTEST_PAGE_MM, Math.ceil(each) + margins),
    };
    return { turned, page, tiles: tilesIn(of, insidePage(page)) };
  };
  const cost = ({ page, tiles }: Plotted): number =>
    tiles.columns * tiles.rows * page.heightMm * page.widthMm;
  const [upright, turned] = [way(false), way(true)];
  return cost(turned) < cost(upright) ? turned : upright;
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

/** Said before pages that are held against a scale. */
const CHECK =
  'Print at 100 %, not fitted to the page, and measure the line on each sheet: it is 100 mm long. Lay the sheets over one another so that the crosses meet.';

/**
 * Pieces at their true size, each on as many sheets as it takes, with what overlaps, crosses where sheets meet and a line
 * of 100 mm on each.
 */
export function patternBlocks(groups: readonly PieceGroup[], sheet: Sheet, t: Telling): Block[] {
  const large: PieceGroup[] = [];
  const pages: Block[][] = [];
  const [plain, cut] = parted(groups);
  for (const g of cut) {
    const tiles = tilesFor(patternBox(g.piece.pattern), sheet);
    if (tiles.columns * tiles.rows > MOST_TILES) large.push(g);
    else pages.push(tilePages(g, { tiles, turned: false }, t));
  }
  return [
    line(t.w(CHECK), 'mind'),
    ...rectangles(plain, t),
    ...(large.length > 0
      ? [
          line(
            t.w(
              `Too large for sheets of this size, more than ${MOST_TILES} each; the PDF for a plotter, the DXF and the SVG have them whole: ${large.map((g) => g.label).join(', ')}.`,
            ),
            'mind',
          ),
        ]
      : []),
    ...pages.flat(),
  ];
}

/**
 * Pieces at their true size for a plotter: each on a page of its own size, no wider than the roll.
 * @param rollMm width of the roll, mm
 */
export function plotterBlocks(groups: readonly PieceGroup[], rollMm: number, t: Telling): Block[] {
  const [plain, cut] = parted(groups);
  return [
    line(t.w(CHECK), 'mind'),
    ...rectangles(plain, t),
    ...cut.flatMap((g) => tilePages(g, plotted(patternBox(g.piece.pattern), rollMm), t)),
  ];
}

/** Rectangles, and what has another outline. */
const parted = (groups: readonly PieceGroup[]): [plain: PieceGroup[], cut: PieceGroup[]] => [
  groups.filter((g) => isRectangle(g.piece.pattern)),
  groups.filter((g) => !isRectangle(g.piece.pattern)),
];

function rectangles(plain: readonly PieceGroup[], t: Telling): Block[] {
  if (plain.length === 0) return [];
  const foldsOf = ({ piece: { pattern } }: PieceGroup): string => {
    const { minY } = patternBox(pattern);
    const level = drawnFolds(pattern).filter((f) => f.a[1] === f.b[1]);
    return [...new Set(level.map((f) => t.value(f.a[1] - minY, 'lap')))].join(', ');
  };
  return [
    heading(1, t.w('Rectangles, measured with a tape')),
    table(
      columns('Piece', 'What|50', '>How many', '>Size', 'Folds at|40'),
      plain.map((g) => {
        const box = patternBox(g.piece.pattern);
        const size = `${t.value(box.widthMm, 'lap')} × ${t.value(box.heightMm, 'lap')}`;
        return row([g.label, t.w(g.piece.name), String(g.count), size, foldsOf(g)]);
      }),
    ),
  ];
}

function tilePages(
  g: PieceGroup,
  { tiles, turned, page }: Omit<Plotted, 'page'> & Partial<Plotted>,
  t: Telling,
): Block[] {
  const box = patternBox(g.piece.pattern);
  const at: At = ([x, y]) => {
    const [right, down] = [x - box.minX + EDGE_MM, box.heightMm - (y - box.minY) + EDGE_MM];
    // By a quarter against the clock: a piece is turned, not mirrored.
    return turned ? [down, box.widthMm + 2 * EDGE_MM - right] : [right, down];
  };
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
    return [{ kind: 'break', ...(page ? { page } : {}) }, group(words, tile, checkLine(t))];
  }).flat();
}
