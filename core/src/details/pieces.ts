/**
 * A piece: what is cut beforehand, how many, which edge laps over which. It is known by its measures, so that those
 * alike are cut together. And the strips that runs are cut into.
 */
import type { DetailRules } from '../buildup/index.ts';
import type { Detail } from './find.ts';
import type { Pattern } from './folding.ts';
import { strip, type Band } from './patterns.ts';
import { COMMON } from '../practice/index.ts';

export interface Piece {
  readonly name: string;
  /** Measures that tell it from others, mm and degrees. */
  readonly measures: Readonly<Record<string, number>>;
  readonly pattern: Pattern;
  /** For one detail of its kind. */
  readonly count: number;
  readonly ply: number;
  /** The layer that it is cut from; absent: detail fabric. */
  readonly from?: string;
  /** What it laps over, and by how much. */
  readonly laps: string;
  /** Widths of a strip from the roof outward. */
  readonly bands?: readonly Band[];
  /** A shorter one of the same section, where the piece is a long strip: for the drawing. */
  readonly sample?: Pattern;
}

/** Two pieces are alike when they are cut alike from one roll: to the millimetre, and to a tenth of a degree. */
export const pieceKey = (piece: Pick<Piece, 'name' | 'measures' | 'ply' | 'from'>): string =>
  `${piece.from ?? ''}/${piece.name}/${piece.ply}/${Object.entries(piece.measures)
    .map(([k, v]) => `${k}${k === 'deg' ? v.toFixed(1) : Math.round(v)}`)
    .join('/')}`;

export interface Roll {
  readonly name: string;
  readonly widthMm: number;
  readonly lengthMm: number;
}

/** How long a strip is drawn. */
export const SAMPLE_MM = 450;

/** A run cut into strips of equal length, as few as can be handled, each lapping on the next. */
export function cutRun(runMm: number, longestMm: number, lapMm: number): { count: number; eachMm: number } {
  if (runMm <= longestMm) return { count: 1, eachMm: runMm };
  const count = Math.ceil((runMm - lapMm) / (longestMm - lapMm));
  return { count, eachMm: (runMm + (count - 1) * lapMm) / count };
}

export interface Making {
  readonly detail: Detail;
  readonly rules: DetailRules;
  readonly roll: Roll;
}

export const size = (detail: Detail, key: string): number => detail.sizes[key] ?? 0;

/** A strip along a bend: what lies on the roof, and what goes over the top, is cut from its edge to its fold. */
function bent(pattern: Pattern, bands: readonly Band[], detail: Detail): Pattern {
  const upright = bands.some((b) => b.use === 'wall');
  if (size(detail, 'roundMm') === 0 || !upright) return pattern;
  const length = pattern.faces[0]?.shape.outer[1]?.[0] ?? 0;
  const count = Math.floor(length / COMMON.finger.value);
  const foot = bands[0]?.mm ?? 0;
  const cuts = Array.from({ length: Math.max(0, count - 1) }, (_, i): (typeof pattern.cuts)[number] => {
    const x = ((i + 1) * length) / count;
    return [
      [x, -foot],
      [x, 0],
    ];
  });
  return { ...pattern, cuts: [...pattern.cuts, ...cuts] };
}

/** Strips along a run: one for each straight piece and ply. */
export function runStrips(
  { detail, rules, roll }: Making,
  name: string,
  bandsOf: (extraMm: number) => readonly Band[],
  laps: string,
  plies: number,
): Piece[] {
  const lap = rules.lapMm.value;
  return Array.from({ length: plies }, (_, ply) => ply).flatMap((ply) => {
    const bands = bandsOf(ply * rules.plyStepMm.value).filter((b) => b.mm > 0);
    const sum = bands.reduce((total, b) => total + b.mm, 0);
    // What is wider than the roll is cut across it: then a strip is no longer than the roll is wide.
    const most = sum > roll.widthMm ? roll.widthMm : roll.lengthMm;
    const longest = Math.min(rules.longestM.value * 1000, most);
    const byLength = new Map<number, Piece>();
    for (const straight of detail.straightsM) {
      const { count, eachMm } = cutRun(straight * 1000, longest, lap);
      const key = Math.round(eachMm);
      const there = byLength.get(key);
      byLength.set(key, {
        name,
        measures: { length: eachMm, width: sum },
        bands,
        pattern: there?.pattern ?? bent(strip(eachMm, bands), bands, detail),
        sample: bent(strip(Math.min(eachMm, SAMPLE_MM), bands), bands, detail),
        count: (there?.count ?? 0) + count,
        ply,
        laps,
      });
    }
    return [...byLength.values()];
  });
}

export const flat = (mm: number): Band[] => [{ use: 'base', mm, turnDeg: 0 }];

export const pliesOf = (
  rules: DetailRules,
  ...kinds: (DetailRules['doubled'][number] | undefined)[]
): number => rules.plies + (kinds.some((k) => k !== undefined && rules.doubled.includes(k)) ? 1 : 0);

export const plies = <T>(count: number, make: (ply: number) => T[]): T[] =>
  Array.from({ length: count }, (_, ply) => make(ply)).flat();
