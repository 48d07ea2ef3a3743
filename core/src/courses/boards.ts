/**
 * Boards: rows with staggered joints, started with an offcut where one fits, else with a whole or a half board; offcuts
 * go on into later rows. Fasteners by the area of field, edges and corners.
 */
import type { BuildUp, Protection } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { intersect, mapArea, oriented, type Area } from '../geometry/index.ts';
import type { Problem } from '../problems/index.ts';
import { zoneShape, type Zone } from '../survey/index.ts';
import { fastenersOf } from './fasteners.ts';
import { CHALK_M, fieldArea, type LayerReach } from './field.ts';
import { frameOf, layingOf, toFrame, type Frame, type Laying } from './frame.ts';
import { rolledLayers } from './layers.ts';
import { planesOf } from './planes.ts';
import { packInto } from './pack.ts';
import type { CourseRules, CoursesDoc } from './schema.ts';
import { Slices } from './slices.ts';

export interface BoardPiece {
  readonly row: number;
  readonly fromM: number;
  readonly toM: number;
  readonly lowM: number;
  readonly widthM: number;
  /** Cut to length or to width; a whole board otherwise. */
  readonly cut: boolean;
  /** Cut from what an earlier board left. */
  readonly offcut: boolean;
}

export interface BoardPlane {
  readonly frame: Frame;
  readonly laying: Laying;
  readonly area: Area;
  readonly pieces: readonly BoardPiece[];
}

export interface BoardLayout {
  readonly zone: Zone;
  readonly buildUp: BuildUp;
  readonly layer: Protection;
  readonly code: string;
  readonly planes: readonly BoardPlane[];
  readonly boards: number;
  /** No laying takes less. */
  readonly leastBoards: number;
  readonly fasteners: readonly Figure[];
  readonly problems: readonly Problem[];
}

interface Row {
  readonly index: number;
  readonly fromM: number;
  readonly toM: number;
  readonly lowM: number;
  readonly widthM: number;
}

export interface BoardSize {
  readonly lengthM: number;
  readonly widthM: number;
  readonly leastM: number;
  readonly staggerM: number;
}

const EPS = 1e-7;

/** Lengths of the boards of a row that begins with one of a length; undefined where its last one gets too short. */
function rowOf(lengthM: number, startM: number, { lengthM: board, leastM }: BoardSize): number[] | undefined {
  if (startM >= lengthM - EPS) return [lengthM];
  const lengths = [startM];
  let left = lengthM - startM;
  while (left > board + EPS) {
    lengths.push(board);
    left -= board;
  }
  if (left < leastM - EPS && lengthM > leastM) return undefined;
  return [...lengths, left];
}

const jointsOf = (fromM: number, lengths: readonly number[]): number[] => {
  let at = fromM;
  return lengths.slice(0, -1).map((l) => (at += l));
};

interface RowLaid {
  readonly lengths: readonly number[];
  readonly offcuts: readonly boolean[];
}

export interface RowsLaid {
  readonly rows: readonly RowLaid[];
  readonly boards: number;
}

/** Rows given as stretches of one board width; joints of neighbours keep the stagger. */
export function layRows(
  rows: readonly { fromM: number; toM: number; near: readonly number[] }[],
  size: BoardSize,
): RowsLaid {
  const board = size.lengthM;
  const pool: number[] = [];
  const laid: { lengths: number[]; joints: number[]; offcuts: boolean[] }[] = [];
  let boards = 0;
  for (const row of rows) {
    const length = row.toM - row.fromM;
    const taken = row.near.flatMap((k) => laid[k]?.joints ?? []);
    const rest = length % board;
    const starts = [
      ...pool,
      board,
      board / 2,
      rest,
      ...pool.map((p) => (length - p) % board),
      board * 0.25,
      board * 0.75,
      size.staggerM,
      board - size.staggerM,
    ].filter((s) => s >= Math.min(size.leastM, length) - EPS && s <= board + EPS);
    let best: { cost: number; lengths: number[]; joints: number[] } | undefined;
    for (const start of starts) {
      const lengths = rowOf(length, start, size);
      if (!lengths) continue;
      const joints = jointsOf(row.fromM, lengths);
      const apart = Math.min(Infinity, ...joints.flatMap((j) => taken.map((t) => Math.abs(j - t))));
      const { fresh, lost } = drawn(lengths, pool, board, size.leastM);
      const short = apart < size.staggerM - EPS ? 1000 : 0;
      const cost = fresh + lost / board + short;
      if (!best || cost < best.cost - EPS) best = { cost, lengths, joints };
    }
    const lengths = best?.lengths ?? [length];
    const offcuts = takeFrom(lengths, pool, board, size.leastM);
    boards += offcuts.filter((o) => !o).length;
    laid.push({ lengths, joints: best?.joints ?? [], offcuts });
  }
  // What is cut is packed once more, all rows together: it may take a board less.
  const parts = laid.flatMap((l) => l.lengths.filter((x) => x < board - EPS));
  const whole = laid.flatMap((l) => l.lengths).length - parts.length;
  for (let n = boards - whole - 1; n >= Math.ceil(parts.reduce((a, b) => a + b, 0) / board - EPS); n -= 1) {
    const packing = packInto(
      parts,
      Array.from({ length: n }, () => board),
      20_000,
    );
    if (packing.kind !== 'packed') break;
    boards = whole + n;
  }
  return { rows: laid, boards };
}

/** How many new boards a row would take, and what of them and of the offcuts would be lost. */
function drawn(lengths: readonly number[], pool: readonly number[], board: number, leastM: number) {
  const mine = [...pool];
  const offcuts = takeFrom(lengths, mine, board, leastM);
  const before = pool.reduce((a, b) => a + b, 0);
  const after = mine.reduce((a, b) => a + b, 0);
  const used = lengths.reduce((a, b) => a + b, 0);
  const fresh = offcuts.filter((o) => !o).length;
  return { fresh, lost: before + fresh * board - used - after };
}

/** Takes the pieces of a row from offcuts where they fit tightest, else from new boards. */
function takeFrom(lengths: readonly number[], pool: number[], board: number, leastM: number): boolean[] {
  return lengths.map((l) => {
    let k = -1;
    pool.forEach((p, i) => {
      if (p >= l - EPS && (k < 0 || p < (pool[k] ?? 0))) k = i;
    });
    const from = k >= 0 ? (pool.splice(k, 1)[0] ?? 0) : board;
    if (from - l >= leastM - EPS) pool.push(from - l);
    return k >= 0;
  });
}

function rowsOver(field: Slices, widthM: number): Row[] {
  const rows: Row[] = [];
  for (let index = 0; index * widthM < field.highM - CHALK_M; index += 1) {
    const low = index * widthM;
    for (const bit of field.between(low, low + widthM)) {
      const need = bit.highM - low;
      // Ripped in two where half a board's width does.
      const width = need <= widthM / 2 + CHALK_M ? widthM / 2 : widthM;
      rows.push({ index, fromM: bit.fromM, toM: bit.toM, lowM: low, widthM: width });
    }
  }
  return rows;
}

/** Boards of every board layer of a zone. */
export function boardsOf(zone: Zone, buildUp: BuildUp, doc: CoursesDoc): BoardLayout[] {
  const { rules } = doc;
  const all = rolledLayers(buildUp, rules).filter((r) => r.boards);
  const found = all.length > 0 ? zoneShape(zone) : undefined;
  if (!found?.ok) return [];
  const shape = found.value;
  const { area } = fieldArea(zone, shape, boardReach(rules));
  const { planes } = planesOf(zone, shape, area);
  return all.flatMap((rolled): BoardLayout[] => {
    if (rolled.layer.kind !== 'protection') return [];
    const { reachMm } = rolled.layer;
    const own = reachMm && fieldArea(zone, shape, boardReach(rules), onTheRoof(reachMm)).area;
    const lengthM = rolled.sale[0]?.lengthM ?? 1;
    const size: BoardSize = {
      lengthM,
      widthM: rolled.widthM,
      leastM: Math.min(rules.leastBoardM.value, lengthM / 2),
      staggerM: Math.min(rules.staggerM.value, lengthM / 2),
    };
    const plan = doc.plans.find((p) => p.zoneId === zone.id && p.layerId === rolled.layer.id);
    let boards = 0;
    let metres = 0;
    const laidPlanes = planes.map((plane): BoardPlane => {
      const laying = layingOf(shape, plane.fall, plan, rules);
      const covered = own ? intersect(plane.area, own).map(oriented) : plane.area;
      const frame = frameOf(covered, laying.angleRad, laying.fall);
      const slices = new Slices(mapArea(covered, (p) => toFrame(frame, p)));
      const rows = rowsOver(slices, rolled.widthM);
      const pieces: BoardPiece[] = [];
      for (const half of [false, true]) {
        const mine = rows.filter((r) => r.widthM < rolled.widthM - CHALK_M === half);
        const laid = layRows(
          mine.map((r) => ({
            ...r,
            near: mine.flatMap((o, k) =>
              o.index === r.index - 1 && o.fromM < r.toM && o.toM > r.fromM ? [k] : [],
            ),
          })),
          size,
        );
        boards += half ? Math.ceil(laid.boards / 2) : laid.boards;
        mine.forEach((r, i) => {
          metres += (r.toM - r.fromM) * (half ? 0.5 : 1);
          let at = r.fromM;
          laid.rows[i]?.lengths.forEach((l, k) => {
            pieces.push({
              row: r.index,
              fromM: at,
              toM: at + l,
              lowM: r.lowM,
              widthM: r.widthM,
              cut: half || l < lengthM - EPS,
              offcut: laid.rows[i]?.offcuts[k] ?? false,
            });
            at += l;
          });
        });
      }
      return { frame, laying, area: covered, pieces };
    });
    return [
      {
        zone,
        buildUp,
        layer: rolled.layer,
        code: rolled.code,
        planes: laidPlanes,
        boards,
        leastBoards: Math.ceil(metres / lengthM - EPS),
        fasteners: fastenersOf(zone, shape, rolled.layer.fasteners, area),
        problems: [],
      },
    ];
  });
}

/** A reach without what goes beyond a side. */
const onTheRoof = <T extends LayerReach>(reach: T): T => {
  const short = Object.entries(reach).flatMap(([k, v]) =>
    v === undefined ? [] : [[k, { ...v, value: Math.min(0, v.value) }]],
  );
  return Object.fromEntries(short) as T;
};

/** Boards end at the sides: they reach over none. */
const boardReach = (rules: CourseRules): CourseRules => ({
  ...rules,
  reachMm: onTheRoof(rules.reachMm),
});
