/**
 * Boards: rows with staggered joints, started with an offcut where one fits, else with a whole or a half board; offcuts
 * go on into later rows. Fasteners by the area of field, edges and corners.
 */
import type { BuildUp, Protection } from '../buildup/index.ts';
import { cited, sumOf } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import {
  areaOf,
  corner,
  intersect,
  mapArea,
  movedSides,
  signedArea,
  type Area,
  type Ring,
} from '../geometry/index.ts';
import type { Problem } from '../problems/index.ts';
import { zoneShape, type Zone, type ZoneShape } from '../survey/index.ts';
import { CHALK_M, fieldArea } from './field.ts';
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

export interface RowLaid {
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

/** Zones of wind: within so much of an edge, of two edges at a corner, and the rest. Common practice. */
function windAreas(
  shape: ZoneShape,
  area: Area,
  edgeM: number,
): { field: number; perimeter: number; corner: number } {
  const ring: Ring = signedArea(shape.ring) < 0 ? [...shape.ring].reverse() : shape.ring;
  const inner = movedSides(
    ring,
    ring.map(() => -edgeM),
  );
  const strips = ring.map((_, i) => intersect(area, [{ outer: stripAt(ring, i, edgeM), holes: [] }]));
  const whole = areaOf(area);
  const field = areaOf(intersect(area, inner));
  let corners = 0;
  strips.forEach((s, i) => {
    const [a, b, c] = [corner(ring, i), corner(ring, i + 1), corner(ring, i + 2)];
    // Only outer corners that turn by more than a little.
    const turn = (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
    const next = strips[(i + 1) % strips.length];
    if (next && turn > 0.3 * Math.hypot(b[0] - a[0], b[1] - a[1]) * Math.hypot(c[0] - b[0], c[1] - b[1]))
      corners += areaOf(intersect(s, next));
  });
  const perimeter = Math.max(0, whole - field - corners);
  return { field, perimeter, corner: Math.min(corners, whole - field) };
}

function stripAt(ring: Ring, i: number, byM: number): Ring {
  const [a, b] = [corner(ring, i), corner(ring, i + 1)];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [nx, ny] = [(-(b[1] - a[1]) / length) * byM, ((b[0] - a[0]) / length) * byM];
  return [a, b, [b[0] + nx, b[1] + ny], [a[0] + nx, a[1] + ny]];
}

function fastenersOf(zone: Zone, shape: ZoneShape, layer: Protection, area: Area): Figure[] {
  const f = layer.fasteners;
  if (!f) return [];
  const areas = windAreas(shape, area, f.perimeterM.value);
  const one = (name: string, m2: number, rate: Given): Figure => ({
    label: `${zone.name}, fasteners ${name}`,
    value: Math.max(0, Math.ceil(m2 * rate.value - 1e-9)),
    quantity: 'count',
    formula: 'max(0, ceil({area} × {rate} − 0.000000001))',
    inputs: { area: given(name, m2, 'area', 'measured', 'by the distance from the edges'), rate },
    from: 'so many for each square metre; wind loads are the engineer’s',
  });
  const parts = [
    one('in the field', areas.field, cited('fasteners a m², field', f.fieldPerM2, 'number')),
    one('along the edges', areas.perimeter, cited('fasteners a m², edges', f.perimeterPerM2, 'number')),
    one('at corners', areas.corner, cited('fasteners a m², corners', f.cornerPerM2, 'number')),
  ];
  return [...parts, sumOf(`${zone.name}, fasteners`, 'count', parts, 'field, edges and corners')];
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
      const frame = frameOf(plane.area, laying.angleRad, laying.fall);
      const slices = new Slices(mapArea(plane.area, (p) => toFrame(frame, p)));
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
      return { frame, laying, area: plane.area, pieces };
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
        fasteners: fastenersOf(zone, shape, rolled.layer, area),
        problems: [],
      },
    ];
  });
}

/** Boards end at the sides: they reach over none. */
const boardReach = (rules: CourseRules): CourseRules => ({
  ...rules,
  reachMm: Object.fromEntries(
    Object.entries(rules.reachMm).map(([k, v]) => [k, { ...v, value: Math.min(0, v.value) }]),
  ) as CourseRules['reachMm'],
});
