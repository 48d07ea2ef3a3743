/** Pieces cut from what the courses leave over, before a new roll is opened for them. */
import type { Cut, PlacedCut } from './cuts.ts';
import { fillRoll, nest, type Nest } from './nesting.ts';

/** The end of a roll that was opened for something else: all of its width, and so long. */
export interface LeftOver {
  readonly lengthMm: number;
  /** Of which roll, as people say it. */
  readonly of: string;
}

export interface CutLeftOver extends LeftOver {
  readonly placed: readonly PlacedCut[];
  readonly usedMm: number;
}

export interface NestWithLeftOvers {
  /** Left-overs that pieces are cut from; `roll` of a piece is its place in this list. */
  readonly leftOvers: readonly CutLeftOver[];
  /** What is cut from rolls of its own. */
  readonly nest: Nest;
}

/** More left-overs than this are not looked through. */
const MOST = 60;

/**
 * Sets pieces on left-overs first, the longest pieces before others and the shortest left-over that takes them, then the rest on
 * rolls of their own. Where that opens more of those than without left-overs, none are used.
 * @param leftOvers none of them counts as bought for these pieces
 * @param alone the same pieces without left-overs, where that is known
 */
export function nestWithLeftOvers(
  cuts: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
  leftOvers: readonly LeftOver[],
  alone: Nest = nest(cuts, widthMm, lengthMm, mayTurn),
): NestWithLeftOvers {
  const usable = [...leftOvers].sort((a, b) => a.lengthMm - b.lengthMm).slice(0, MOST);
  if (usable.length === 0 || alone.placed.length === 0) return { leftOvers: [], nest: alone };
  const longest = (c: Cut): number => Math.max(c.widthMm, c.heightMm);
  let rest: readonly Cut[] = [...cuts].sort((a, b) => longest(b) - longest(a));
  const taken: CutLeftOver[] = [];
  for (const leftOver of usable) {
    const filled = fillRoll(rest, widthMm, leftOver.lengthMm, mayTurn);
    if (filled.placed.length === 0) continue;
    const placed = filled.placed.map((p) => ({ ...p, roll: taken.length }));
    taken.push({ ...leftOver, placed, usedMm: filled.usedMm });
    rest = filled.left;
  }
  const rolls = nest(rest, widthMm, lengthMm, mayTurn);
  if (taken.length === 0 || rolls.totalMm > alone.totalMm) return { leftOvers: [], nest: alone };
  // However the pieces are shared out, left-overs take no more off the rolls than they are long.
  const given = leftOvers.reduce((sum, l) => sum + l.lengthMm, 0);
  return { leftOvers: taken, nest: { ...rolls, leastMm: Math.max(0, alone.leastMm - given) } };
}
