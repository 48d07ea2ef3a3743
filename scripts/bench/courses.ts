/** Twenty roofs of rising size: rolls, what no cutting beats, time; beside first fit by falling length, and beside HiGHS. */
import loadHighs from 'highs';
import { catalogue, resolve, type BuildUpDoc } from '@lentum/core/buildup';
import { coursesOf, DEFAULT_COURSES, FULL, leastRolls, type MaterialPlan } from '@lentum/core/courses';
import { blankOpening, blankZone, type Zone } from '@lentum/core/survey';
import type { Row } from './table.ts';

const ROOFS = 20;
const SOLVE_AIM_MS = 2000;
/** More yes-or-no variables than this are not put to the solver: it does not begin within its time. */
const MOST_BINARIES = 30_000;

/** An L that grows, with a roof light on each leg, falling to its longest side. */
function roof(i: number): Zone {
  const w = 9 + i * 2.3;
  const h = 7 + i * 1.7;
  const points: [number, number][] = [
    [0, 0],
    [w, 0],
    [w, h * 0.6],
    [w * 0.55, h * 0.6],
    [w * 0.55, h],
    [0, h],
  ];
  const light = (id: string, alongM: number, acrossM: number) =>
    blankOpening({ id, name: id, shape: { kind: 'rectangle', alongM, acrossM, lengthM: 1.4, widthM: 1.1 } });
  const zone = blankZone({
    id: `r${i}`,
    code: 'R',
    name: `Roof ${i}`,
    outline: { kind: 'points', origin: 'typed', points },
  });
  return {
    ...zone,
    openings: [light('a', w * 0.2, h * 0.25), light('b', w * 0.7, h * 0.3)],
    levels: {
      ...zone.levels,
      points: points.map(([x, y], k) => ({ id: `l${k}`, at: { alongM: x, acrossM: y }, valueM: 0.015 * y })),
    },
  };
}

/** As it is done by hand: whole rolls as long as a run takes them, the rests longest first into the first roll with room. */
function firstFit(plan: MaterialPlan): { rolls: number; pieces: number[] } {
  const roll = plan.material.sale[0]?.lengthM ?? 1;
  const lap = plan.material.endLapM;
  const pieces: number[] = [];
  for (const layout of plan.material.layouts)
    for (const run of layout.planes.flatMap((p) => p.courses.courses).flatMap((c) => c.runs)) {
      let left = run.toM - run.fromM;
      while (left > roll) {
        pieces.push(roll);
        left -= roll - lap;
      }
      pieces.push(left);
    }
  const bins: number[] = [];
  for (const p of [...pieces].sort((a, b) => b - a)) {
    const k = bins.findIndex((b) => b >= p - 1e-9);
    if (k >= 0) bins[k] = (bins[k] ?? 0) - p;
    else bins.push(roll - p);
  }
  return { rolls: bins.length, pieces };
}

/** The same pieces, each put into a roll by yes or no: the solver's own formulation. */
function byHighs(
  highs: Awaited<ReturnType<typeof loadHighs>>,
  pieces: readonly number[],
  roll: number,
  most: number,
): string {
  const open = pieces.filter((p) => p < roll - 1e-9);
  const full = pieces.length - open.length;
  const rolls = Array.from({ length: Math.max(1, most - full) }, (_, k) => k);
  if (open.length * rolls.length > MOST_BINARIES) return 'too large';
  const model = [
    'Minimize',
    ` obj: ${rolls.map((k) => `y${k}`).join(' + ')}`,
    'Subject To',
    ...open.map((_, i) => ` p${i}: ${rolls.map((k) => `x${i}_${k}`).join(' + ')} = 1`),
    ...rolls.map(
      (k) => ` r${k}: ${open.map((l, i) => `${l.toFixed(4)} x${i}_${k}`).join(' + ')} - ${roll} y${k} <= 0`,
    ),
    'Binary',
    ` ${[...rolls.map((k) => `y${k}`), ...open.flatMap((_, i) => rolls.map((k) => `x${i}_${k}`))].join(' ')}`,
    'End',
  ].join('\n');
  const answer = highs.solve(model, { time_limit: SOLVE_AIM_MS / 1000 });
  const value = Math.round(answer.ObjectiveValue) + full;
  return answer.Status === 'Optimal'
    ? `${value}`
    : Number.isFinite(value)
      ? `${value}, not proven`
      : 'none in time';
}

export async function benchCourses(): Promise<Row[]> {
  const found = catalogue().find((b) => b.id === 'self-adhered-two-ply');
  if (!found) throw new Error('no build-up of sheets');
  const buildUp = resolve(found);
  const highs = await loadHighs();
  const rows: Row[] = [];
  let [worst, gaps, slowest] = [0, 0, 0];
  const small = { tries: 2, nodes: 500 };
  for (let i = 1; i <= ROOFS; i += 1) {
    const zone = roof(i);
    const doc: BuildUpDoc = {
      buildUps: [found],
      zones: [{ zoneId: zone.id, buildUpId: buildUp.id, revision: 1, conditions: [], choices: {} }],
    };
    const from = performance.now();
    const first = coursesOf({ zones: [zone] }, doc, DEFAULT_COURSES, small);
    const atOnce = performance.now() - from;
    const plan = coursesOf({ zones: [zone] }, doc, DEFAULT_COURSES, FULL);
    const ms = performance.now() - from - atOnce;
    slowest = Math.max(slowest, ms / plan.materials.length);
    const base = plan.materials[0];
    if (!base?.answer) continue;
    const rolls = base.bought[0]?.count ?? 0;
    const least = Math.min(base.answer.leastRolls, rolls);
    worst = Math.max(worst, rolls - least);
    gaps += rolls > least ? 1 : 0;
    const hand = firstFit(base);
    const roll = base.material.sale[0]?.lengthM ?? 1;
    rows.push({
      what: `  roof ${i}: ${base.pieces.length} pieces, at once ${first.materials[0]?.bought[0]?.count ?? 0} rolls in ${atOnce.toFixed(0)} ms, then ${ms.toFixed(0)} ms for both plies`,
      measured: `${rolls} rolls, least ${least}`,
      aim: `first fit ${hand.rolls} (settled pieces at least ${leastRolls(hand.pieces, roll)}), HiGHS ${byHighs(highs, hand.pieces, roll, hand.rolls)}`,
    });
  }
  return [
    {
      what: `courses of ${ROOFS} roofs: worst gap to the bound; ${gaps} not proven`,
      measured: `${worst} rolls`,
      aim: '<= 1',
      held: worst <= 1,
    },
    {
      what: '  slowest search for one material',
      measured: `${slowest.toFixed(0)} ms`,
      aim: '< 2000 ms',
      held: slowest < SOLVE_AIM_MS,
    },
    ...rows,
  ];
}
