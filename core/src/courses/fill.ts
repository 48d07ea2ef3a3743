/**
 * Cuts runs from rolls. A run is one piece where a roll gives it, else two or more with end laps between them; where an
 * end joint lies is chosen so that rolls are used up, within what the joints' rules allow.
 */
import { around, GRAIN_M, leastPiecesFor, merged, placeFor, type Span } from './joints.ts';

/** Something that is cut: a run of a course, or a piece whose length is settled. */
export interface Runner {
  readonly fromM: number;
  readonly toM: number;
  /** May not be cut in two. */
  readonly whole: boolean;
  /** Where no joint may lie, whatever else is laid; as `merged` gives them. */
  readonly blocked: readonly Span[];
  /** Runners whose joints keep the stagger from this one's. */
  readonly near: readonly number[];
}

export interface LapRules {
  readonly endLapM: number;
  /** End joints of neighbours apart, middle to middle. */
  readonly staggerM: number;
  readonly leastPieceM: number;
  /** Joints that a run may have beyond those that its length forces; any number where it is not said. */
  readonly moreJoints?: number | undefined;
}

/** A roll, or what is left of one. */
export interface Stick {
  readonly lengthM: number;
  /** Undefined for a roll that is bought. */
  readonly stockId?: string | undefined;
  /** Which of the lengths on sale it is. */
  readonly sale?: number | undefined;
}

export interface Piece {
  readonly runner: number;
  readonly stick: number;
  readonly fromM: number;
  readonly toM: number;
}

/**
 * How left-overs are used: kept long, put into a run before a whole roll is, or every roll cut to its end before the next
 * one is begun.
 */
export type Way = 'kept' | 'used up' | 'to the end';

/** Divisions of one run that are looked at before it counts as impossible with these rolls. */
const MOST_STEPS = 30;

/** Partners that are looked at for one left-over, the tightest first. */
const MOST_PAIRS = 6;

/** Rounding of lengths: the grid of a cut. */
const EPS = 1e-7;

export class Fill {
  readonly left: number[];
  readonly joints: number[][];
  readonly pieces: Piece[] = [];
  private steps = 0;
  /** Pieces that the run that is being cut may have. */
  private most = Infinity;

  constructor(
    readonly runners: readonly Runner[],
    readonly laps: LapRules,
    readonly sticks: Stick[],
    private readonly chance: () => number,
    private readonly way: Way = 'kept',
    /** The longest roll that there is, for what the length of a run forces, m. */
    private readonly rollM = Math.max(0, ...sticks.map((s) => s.lengthM)),
  ) {
    this.left = sticks.map((s) => s.lengthM);
    this.joints = runners.map(() => []);
  }

  /** Takes one more roll into use. */
  open(stick: Stick): void {
    this.sticks.push(stick);
    this.left.push(stick.lengthM);
  }

  /** Cuts one run, or leaves everything as it was. */
  cut(index: number): boolean {
    const runner = this.runners[index];
    if (!runner) return false;
    const { staggerM } = this.laps;
    const neighbours = runner.near.flatMap((n) => this.joints[n] ?? []);
    const blocked =
      neighbours.length === 0 ? runner.blocked : merged([...runner.blocked, ...around(neighbours, staggerM)]);
    this.steps = 0;
    const { endLapM, moreJoints = Infinity } = this.laps;
    this.most = leastPiecesFor(runner.toM - runner.fromM, this.rollM, endLapM) + moreJoints;
    const { fromM, toM, whole } = runner;
    const found =
      (this.way === 'to the end' && !whole ? this.onwards(index, fromM, toM, blocked) : undefined) ??
      this.divide(index, fromM, toM, whole ? [] : blocked, whole, 0);
    if (!found) return false;
    found.forEach((p) => {
      this.left[p.stick] = (this.left[p.stick] ?? 0) - (p.toM - p.fromM);
      this.pieces.push(p);
    });
    const sorted = [...found].sort((a, b) => a.fromM - b.fromM);
    this.joints[index] = sorted.slice(1).map((p) => p.fromM + this.laps.endLapM / 2);
    return true;
  }

  /** Goes on with the roll that is begun, and with the next one where it ends; the run is begun at either of its ends. */
  private onwards(runner: number, from: number, to: number, blocked: readonly Span[]): Piece[] | undefined {
    const { endLapM, leastPieceM } = this.laps;
    const half = endLapM / 2;
    const fromLeft = this.chance() < 0.5;
    const pieces: Piece[] = [];
    const taken: number[] = [];
    let [low, high] = [from, to];
    while (pieces.length < this.most) {
      const begun = this.useful(taken).sort((a, b) => Number(this.isWhole(a)) - Number(this.isWhole(b)));
      const stick = begun[0];
      if (stick === undefined) return undefined;
      taken.push(stick);
      const left = this.left[stick] ?? 0;
      if (left >= high - low - EPS) return [...pieces, { runner, stick, fromM: low, toM: high }];
      const [least, most] = [low + leastPieceM - half, high - leastPieceM + half];
      const c = fromLeft
        ? placeFor(least, Math.min(most, low + left - half), blocked, 'hi')
        : placeFor(Math.max(least, high - left + half), most, blocked, 'lo');
      if (c === undefined) continue;
      if (fromLeft) {
        pieces.push({ runner, stick, fromM: low, toM: c + half });
        low = c - half;
      } else {
        pieces.push({ runner, stick, fromM: c - half, toM: high });
        high = c + half;
      }
    }
    return undefined;
  }

  private divide(
    runner: number,
    from: number,
    to: number,
    blocked: readonly Span[],
    whole: boolean,
    depth: number,
    taken: readonly number[] = [],
  ): Piece[] | undefined {
    const need = to - from;
    const one = this.tightest(need, taken);
    if (one >= 0 && this.way !== 'kept' && !whole && this.isWhole(one)) {
      const two = this.inTwo(runner, from, to, blocked, depth, taken);
      if (two?.some((p) => !this.isWhole(p.stick))) return two;
    }
    if (one >= 0) return [{ runner, stick: one, fromM: from, toM: to }];
    if (whole) return undefined;
    this.steps += 1;
    if (this.steps > MOST_STEPS) return undefined;
    return (
      this.inTwo(runner, from, to, blocked, depth, taken) ??
      this.inMore(runner, from, to, blocked, depth, taken)
    );
  }

  private isWhole(stick: number): boolean {
    return (this.left[stick] ?? 0) >= (this.sticks[stick]?.lengthM ?? 0) - EPS;
  }

  /** The roll with the least left that still gives a length; what is in stock goes first. */
  private tightest(need: number, taken: readonly number[]): number {
    let best = -1;
    let least = Infinity;
    for (let i = 0; i < this.left.length; i += 1) {
      const left = this.left[i] ?? 0;
      if (left < need - EPS || left >= least || taken.includes(i)) continue;
      least = left;
      best = i;
    }
    return best;
  }

  /** Rolls that can give a piece, those with the least left first; of whole rolls of one length two stand for all. */
  private useful(taken: readonly number[]): number[] {
    const list: number[] = [];
    const whole: number[] = [];
    for (let i = 0; i < this.left.length; i += 1) {
      const left = this.left[i] ?? 0;
      if (left < this.laps.leastPieceM - EPS || taken.includes(i)) continue;
      const sale = this.sticks[i]?.sale;
      if (sale !== undefined && this.isWhole(i)) {
        const seen = whole[sale] ?? 0;
        if (seen >= 2) continue;
        whole[sale] = seen + 1;
      }
      list.push(i);
    }
    return list.sort((a, b) => (this.left[a] ?? 0) - (this.left[b] ?? 0));
  }

  private inTwo(
    runner: number,
    from: number,
    to: number,
    blocked: readonly Span[],
    depth: number,
    taken: readonly number[],
  ): Piece[] | undefined {
    if (depth + 2 > this.most) return undefined;
    const { endLapM, leastPieceM } = this.laps;
    const half = endLapM / 2;
    const list = this.useful(taken);
    const need = to - from + endLapM;
    let best: { score: number; pieces: Piece[] } | undefined;
    const consider = (a: number, b: number, leftA: number, leftB: number): void => {
      const lo = Math.max(to - leftB + half, from + leastPieceM - half);
      const hi = Math.min(from + leftA - half, to - leastPieceM + half);
      for (const end of ['hi', 'lo'] as const) {
        const c = placeFor(lo, hi, blocked, end);
        if (c === undefined) continue;
        const restA = leftA - (c + half - from);
        const restB = leftB - (to - c + half);
        // The tighter the better; what is left stays in one piece.
        const score = leftA + leftB - Math.max(restA, restB) * 0.01 + Math.min(restA, restB);
        if (best && score >= best.score - EPS) continue;
        best = {
          score,
          pieces: [
            { runner, stick: a, fromM: from, toM: c + half },
            { runner, stick: b, fromM: c - half, toM: to },
          ],
        };
      }
    };
    // With more left in one, less is enough in the other: where a pair begins to reach only moves down.
    let reach = list.length - 1;
    for (let i = 0; i < list.length; i += 1) {
      const a = list[i] ?? 0;
      const leftA = this.left[a] ?? 0;
      while (reach > 0 && leftA + (this.left[list[reach - 1] ?? 0] ?? 0) >= need - EPS) reach -= 1;
      let looked = 0;
      for (let k = Math.max(reach, i + 1); k < list.length && looked < MOST_PAIRS; k += 1) {
        const b = list[k] ?? 0;
        const leftB = this.left[b] ?? 0;
        if (leftA + leftB < need - EPS) continue;
        if (best && leftA + leftB > best.score + leastPieceM) break;
        looked += 1;
        consider(a, b, leftA, leftB);
        consider(b, a, leftB, leftA);
      }
    }
    return best?.pieces;
  }

  /** One piece as long as a roll gives from one end, the rest from others. */
  private inMore(
    runner: number,
    from: number,
    to: number,
    blocked: readonly Span[],
    depth: number,
    taken: readonly number[],
  ): Piece[] | undefined {
    if (depth > 60 || depth + 3 > this.most) return undefined;
    const { endLapM, leastPieceM } = this.laps;
    const half = endLapM / 2;
    const useful = this.useful(taken);
    // All that is left together does not reach: nothing to look for.
    const reach = this.left.reduce(
      (all, l, i) => all + (taken.includes(i) ? 0 : Math.max(0, l - endLapM)),
      0,
    );
    if (reach < to - from - endLapM - EPS) return undefined;
    const list = (this.way !== 'kept' ? useful : [...useful].reverse()).slice(0, 3);
    const ways: { stick: number; end: 'left' | 'right'; c: number; lost: number }[] = [];
    list.forEach((stick, rank) => {
      const left = this.left[stick] ?? 0;
      for (const end of ['left', 'right'] as const) {
        // What is left of the run is no shorter than a piece, either.
        const lo = Math.max(from + leastPieceM - half, end === 'left' ? -Infinity : to - left + half);
        const hi = Math.min(to - leastPieceM + half, end === 'left' ? from + left - half : Infinity);
        const c = placeFor(lo, hi, blocked, end === 'left' ? 'hi' : 'lo');
        if (c === undefined || c - half <= from + GRAIN_M || c + half >= to - GRAIN_M) continue;
        const rest = left - (end === 'left' ? c + half - from : to - c + half);
        // What stays on the roll is lost where it is too short for a piece.
        const lost = rest < leastPieceM ? rest : rest * 0.1;
        ways.push({ stick, end, c, lost: lost + rank * 0.02 + this.chance() * 0.05 });
      }
    });
    for (const { stick, end, c } of ways.sort((a, b) => a.lost - b.lost)) {
      const mine: Piece =
        end === 'left'
          ? { runner, stick, fromM: from, toM: c + half }
          : { runner, stick, fromM: c - half, toM: to };
      const rest =
        end === 'left'
          ? this.divide(runner, c - half, to, blocked, false, depth + 1, [...taken, stick])
          : this.divide(runner, from, c + half, blocked, false, depth + 1, [...taken, stick]);
      if (rest) return [mine, ...rest];
    }
    return undefined;
  }
}
