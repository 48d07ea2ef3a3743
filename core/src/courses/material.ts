/**
 * One material: all runs of all its layers and zones, cut from rolls together. Half widths are settled first, as they lie
 * beside each other in a cut; whole widths are then cut with them.
 */
import type { BuildUp } from '../buildup/index.ts';
import type { CutAnswer, CutProblem, Sale } from './targets.ts';
import type { Runner, Stick } from './fill.ts';
import { halfPieces } from './halfpieces.ts';
import { leastSlit, slitCuts, type HalfPiece } from './halves.ts';
import { merged, type Span } from './joints.ts';
import type { CapStrip, LayerLayout } from './layout.ts';
import { blockedFor, type LapLine } from './obstacles.ts';
import type { Rollable } from './layers.ts';
import type { Run } from './runs.ts';
import type { CoursePlan, CourseRules } from './schema.ts';

export interface Material {
  readonly key: string;
  readonly name: string;
  readonly layer: Rollable;
  readonly buildUp: BuildUp;
  readonly widthM: number;
  readonly endLapM: number;
  readonly staggerM: number;
  readonly sale: readonly Sale[];
  readonly layouts: readonly LayerLayout[];
}

/** Where a runner lies: a part of a run, or a strip over a fold. */
export interface Seat {
  readonly layout: LayerLayout;
  readonly plane: number;
  /** -1 for a strip over a fold. */
  readonly course: number;
  readonly run: Run | undefined;
  readonly cap: CapStrip | undefined;
  readonly fromM: number;
  readonly toM: number;
  readonly half: boolean;
  readonly fixedBy: string | undefined;
  /** Joints at its own ends, where a fixed piece meets the rest of its run. */
  readonly endJoints: readonly number[];
}

/** A fixed piece cuts its run in three: what is left of it, itself, what is right. */
function seatsOf(layout: LayerLayout, plane: number, run: Run, plan: CoursePlan | undefined): Seat[] {
  const { endLapM } = layout.rolled;
  const base = { layout, plane, course: run.course, run, cap: undefined, half: run.half };
  const longest = Math.max(...layout.rolled.sale.map((s) => s.lengthM));
  const fixed = (plan?.fixed ?? [])
    .filter((f) => f.toM - f.fromM <= longest + 1e-9)
    .filter((f) => f.plane === plane && f.course === run.course && f.fromM < run.toM && f.toM > run.fromM)
    .map((f) => ({ id: f.id, fromM: Math.max(f.fromM, run.fromM), toM: Math.min(f.toM, run.toM) }))
    .filter((f) => f.toM - f.fromM > endLapM)
    .sort((a, b) => a.fromM - b.fromM);
  const seats: Seat[] = [];
  let from = run.fromM;
  for (const f of fixed) {
    const starts = f.fromM > run.fromM + 1e-6;
    const ends = f.toM < run.toM - 1e-6;
    if (starts && f.fromM + endLapM > from + 1e-6)
      seats.push({
        ...base,
        fromM: from,
        toM: f.fromM + endLapM,
        fixedBy: undefined,
        endJoints: [],
      });
    seats.push({
      ...base,
      fromM: f.fromM,
      toM: f.toM,
      fixedBy: f.id,
      endJoints: [...(starts ? [f.fromM + endLapM / 2] : []), ...(ends ? [f.toM - endLapM / 2] : [])],
    });
    from = ends ? f.toM - endLapM : run.toM;
  }
  if (from < run.toM - 1e-6 || fixed.length === 0)
    seats.push({ ...base, fromM: from, toM: run.toM, fixedBy: undefined, endJoints: [] });
  return seats;
}

const capSeat = (layout: LayerLayout, cap: CapStrip): Seat => ({
  layout,
  plane: -1,
  course: -1,
  run: undefined,
  cap,
  fromM: 0,
  toM: cap.lengthM,
  half: cap.half,
  fixedBy: undefined,
  endJoints: [],
});

const lengthOf = (s: { fromM: number; toM: number }): number => s.toM - s.fromM;

/** Whether a ply of the same material lies straight over another's run: their end joints keep apart, too. */
const over = (a: Seat, b: Seat): boolean => {
  const centred =
    (a.layout.rolled.relation === 'centred' && a.layout.rolled.over === b.layout.rolled.layer.id) ||
    (b.layout.rolled.relation === 'centred' && b.layout.rolled.over === a.layout.rolled.layer.id);
  if (!centred || a.layout.zone.id !== b.layout.zone.id || !a.run || !b.run) return false;
  return a.run.lowM < b.run.lowM + b.run.widthM && b.run.lowM < a.run.lowM + a.run.widthM;
};

const beside = (a: Seat, b: Seat): boolean =>
  a.plane === b.plane &&
  a.course >= 0 &&
  a.fromM < b.toM &&
  a.toM > b.fromM &&
  (a.layout === b.layout ? Math.abs(a.course - b.course) === 1 : over(a, b));

export interface Settled {
  readonly problem: CutProblem;
  readonly seats: readonly Seat[];
  /** Half widths, cut to length already; each slit cut is a runner after those of the seats. */
  readonly halves: readonly { readonly seat: number; readonly fromM: number; readonly toM: number }[];
  readonly slits: readonly {
    readonly lengthM: number;
    readonly lanes: readonly [readonly number[], readonly number[]];
  }[];
  /** Seats that are runners of the problem, in its order. */
  readonly runnerSeats: readonly number[];
}

/** A course is not pieced together from left-overs to save a roll: each joint is work, and a place that may leak. */
const MORE_JOINTS = 2;

/**
 * Everything of a material that is cut, as a problem of rolls.
 * @param staggerM off the end joints of neighbours and of the layer below
 * @param eased seats, by number, whose joints may come nearer to those of the layer below, and how near
 */
export function settle(
  material: Material,
  rules: CourseRules,
  below: (layout: LayerLayout) => readonly LapLine[],
  stock: readonly Stick[],
  staggerM = material.staggerM,
  eased: ReadonlyMap<number, number> = new Map(),
): Settled {
  const { endLapM } = material;
  const longest = Math.max(...material.sale.map((s) => s.lengthM));
  const leastPieceM = Math.max(rules.leastPieceM.value, endLapM * 1.5);
  const seats: Seat[] = [];
  const blockedOf: Span[][] = [];
  for (const layout of material.layouts) {
    const around = { zone: layout.zone, layout, rules, below: below(layout) };
    for (const plane of layout.planes) {
      const usual = Math.min(staggerM, layout.rolled.staggerM);
      const blocked = blockedFor(around, plane, usual);
      for (const run of plane.courses.courses.flatMap((c) => c.runs)) {
        for (const seat of seatsOf(layout, plane.index, run, layout.plan)) {
          const near = eased.get(seats.length);
          seats.push(seat);
          blockedOf.push(
            near === undefined ? blocked(run) : blockedFor(around, plane, Math.min(near, usual))(run),
          );
        }
      }
    }
    for (const cap of layout.caps) {
      seats.push(capSeat(layout, cap));
      blockedOf.push([]);
    }
  }
  const near = seats.map((s) => seats.flatMap((o, k) => (beside(s, o) ? [k] : [])));
  const settledJoints: number[][] = seats.map((s) => [...s.endJoints]);
  const halves: { seat: number; fromM: number; toM: number }[] = [];
  const staticFor = (i: number): Span[] =>
    merged([
      ...(blockedOf[i] ?? []),
      ...(near[i] ?? []).flatMap((n) =>
        (settledJoints[n] ?? []).map((j) => ({ from: j - staggerM, to: j + staggerM })),
      ),
    ]);
  seats.forEach((seat, i) => {
    if (!seat.half) return;
    const pieces = halfPieces(seat, staticFor(i), { rollM: longest, endLapM, leastPieceM }).map((p) => ({
      ...p,
      seat: i,
    }));
    settledJoints[i]?.push(...pieces.slice(1).map((p) => p.fromM + endLapM / 2));
    halves.push(...pieces);
  });
  const slits = slitCuts(
    halves.map(({ seat, ...p }): HalfPiece => ({
      lengthM: lengthOf(p),
      selvedge: isLappedOver(seats[seat], seats),
    })),
  );
  const runnerSeats = seats.flatMap((s, i) => (s.half ? [] : [i]));
  const place = new Map(runnerSeats.map((seat, i) => [seat, i]));
  const runners = runnerSeats.map((i): Runner => {
    const seat = seats[i] as Seat;
    return {
      fromM: seat.fromM,
      toM: seat.toM,
      whole: seat.fixedBy !== undefined,
      blocked: staticFor(i),
      near: (near[i] ?? []).flatMap((n) => place.get(n) ?? []),
    };
  });
  const slitRunners = slits.map((s): Runner => ({
    fromM: 0,
    toM: s.lengthM,
    whole: true,
    blocked: [],
    near: [],
  }));
  const slit = leastSlit(
    halves.map((h) => lengthOf(h)),
    longest,
  );
  const slitM = slits.reduce((all, s) => all + s.lengthM, 0);
  const settledSlits = slits.length === 0 || (slit.dominant && slit.leastM >= slitM - 1e-9);
  const problem: CutProblem = {
    runners: [...runners, ...slitRunners],
    laps: { endLapM, staggerM, leastPieceM, moreJoints: MORE_JOINTS },
    stock,
    sale: material.sale,
    ...(settledSlits ? {} : { weight: [...runners.map(() => 1), ...slits.map(() => slit.leastM / slitM)] }),
  };
  return { problem, seats, halves, slits, runnerSeats };
}

/** Whether a course above laps over a seat's upper edge. */
const isLappedOver = (seat: Seat | undefined, seats: readonly Seat[]): boolean =>
  seat !== undefined &&
  seats.some(
    (o) =>
      o.layout === seat.layout &&
      o.plane === seat.plane &&
      o.course === seat.course + 1 &&
      o.fromM < seat.toM &&
      o.toM > seat.fromM,
  );

/** A piece as it is cut and laid. */
export interface CutPiece {
  readonly seat: Seat;
  readonly fromM: number;
  readonly toM: number;
  readonly stick: number;
  /** Number of the cut that it comes out of: half widths share one. */
  readonly cut: number;
  readonly lane: 0 | 1 | undefined;
  /** Where in its cut a half width begins, m. */
  readonly inCutM: number;
  /** A half without the selvedge that a course laps over. */
  readonly bare: boolean;
}

/** Pieces of an answer, half widths taken out of their cuts. */
export function piecesOfAnswer(
  { seats, halves, slits, runnerSeats }: Settled,
  answer: CutAnswer,
): CutPiece[] {
  return answer.pieces.flatMap((p, cut): CutPiece[] => {
    const seat = seats[runnerSeats[p.runner] ?? -1];
    if (seat)
      return [
        { seat, fromM: p.fromM, toM: p.toM, stick: p.stick, cut, lane: undefined, inCutM: 0, bare: false },
      ];
    const slit = slits[p.runner - runnerSeats.length];
    return (slit?.lanes ?? []).flatMap((list, lane) => {
      let at = 0;
      return list.flatMap((i): CutPiece[] => {
        const half = halves[i];
        const mine = half && seats[half.seat];
        if (!half || !mine) return [];
        const inCutM = at;
        at += lengthOf(half);
        return [
          {
            seat: mine,
            fromM: half.fromM,
            toM: half.toM,
            stick: p.stick,
            cut,
            lane: lane === 0 ? 0 : 1,
            inCutM,
            bare: lane === 1 && isLappedOver(mine, seats),
          },
        ];
      });
    });
  });
}
