/**
 * Plans held against the optimum of a programme over time, solved by a solver written by others (HiGHS). Small jobs: one
 * variable for each work, crew and start; a work after another by the start of the other; one work of a crew at a time.
 */
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { boundOf } from '../../src/planning/bound.ts';
import { BEYOND, cureHour, hoursOf, type Planned, type Task } from '../../src/planning/model.ts';
import { sumsOf } from '../../src/planning/score.ts';
import { improve } from '../../src/planning/search.ts';
import { planCase, shifts } from './cases.ts';
import { brokenRules } from './checker.ts';

/** Starts looked at: every half hour, to keep the programme small. */
const EVERY_MIN = 30;
const H = 60;

interface Start {
  readonly name: string;
  readonly task: Task;
  readonly crew: number;
  readonly start: number;
  readonly end: number;
}

/** Jobs whose lengths are half hours, so that half-hour starts hold an optimum. */
function small(seed: number): Planned {
  const made = planCase({
    seed,
    bays: 3,
    layers: 2 + (seed % 2),
    zones: 1,
    crews: 1 + (seed % 2),
    days: 3,
    open: true,
    closing: 0,
  });
  const days = shifts(3).map((s) => ({
    ...s,
    from: s.from - 20 + 30,
    to: s.to + 20 - 30,
    parts: [
      { from: s.from - 20 + 30, to: s.parts[0]?.to ?? 0 },
      { from: s.parts[1]?.from ?? 0, to: s.to + 20 - 30 },
    ],
  }));
  return {
    ...made,
    ...{ moveMin: 0, changeMin: 0, machines: [1] },
    weights: { unplaced: 1000, lateDay: 0, remedy: 0, person: 0, finish: 1, mean: 0 },
    crews: made.crews.map((c) => ({ ...c, shifts: days })),
    tasks: made.tasks.map((t) => ({
      ...t,
      machine: -1,
      minutes: t.minutes.map((m) => (m > 0 ? Math.ceil(m / EVERY_MIN) * EVERY_MIN : 0)),
    })),
  };
}

/** Every start that the day and the weather allow. */
function startsOf(planned: Planned): Start[] {
  return planned.tasks.flatMap((task) =>
    planned.crews.flatMap((crew, c) => {
      const minutes = task.minutes[c] ?? 0;
      if (minutes <= 0) return [];
      return crew.shifts.flatMap((shift) =>
        shift.parts.flatMap((part) => {
          const found: Start[] = [];
          for (
            let start = Math.ceil(part.from / EVERY_MIN) * EVERY_MIN;
            start + minutes <= part.to;
            start += EVERY_MIN
          ) {
            const sky = planned.outlook.sky(task.index, hoursOf(start, start + minutes));
            if (!sky || sky.open[Math.floor(start / H)] === 1)
              found.push({
                name: `x${task.index}_${c}_${start}`,
                task,
                crew: c,
                start,
                end: start + minutes,
              });
          }
          return found;
        }),
      );
    }),
  );
}

function model(planned: Planned, starts: readonly Start[]): string {
  const rows: string[] = [];
  const of = (index: number): Start[] => starts.filter((s) => s.task.index === index);
  for (const task of planned.tasks) {
    const own = of(task.index);
    rows.push(` one${task.index}: ${own.map((s) => s.name).join(' + ')} = 1`);
    rows.push(` end${task.index}: z - ${own.map((s) => `${s.end} ${s.name}`).join(' - ')} >= 0`);
    for (const link of task.after)
      for (const before of of(link.task)) {
        const opens = link.cures
          ? (planned.outlook.cure(link.task)?.from[cureHour(before.end)] ?? BEYOND)
          : before.end;
        const early = own.filter((s) => opens < 0 || s.start < Math.max(opens, before.end));
        if (early.length > 0)
          rows.push(
            ` a${before.name}_${task.index}: ${before.name} + ${early.map((s) => s.name).join(' + ')} <= 1`,
          );
      }
  }
  planned.crews.forEach((crew, c) => {
    for (const part of crew.shifts.flatMap((s) => s.parts))
      for (let m = Math.floor(part.from / EVERY_MIN) * EVERY_MIN; m < part.to; m += EVERY_MIN) {
        const at = starts.filter((s) => s.crew === c && s.start <= m && m < s.end);
        if (at.length > 1) rows.push(` c${c}_${m}: ${at.map((s) => s.name).join(' + ')} <= 1`);
      }
  });
  return [
    'Minimize',
    ' obj: z',
    'Subject To',
    ...rows,
    'Binary',
    ` ${starts.map((s) => s.name).join(' ')}`,
    'End',
  ].join('\n');
}

describe('plans beside the optimum', () => {
  it('are as soon done on forty small jobs, and no bound is above it', async () => {
    const highs = await loadHighs();
    let solved = 0;
    for (let seed = 1; seed <= 40; seed += 1) {
      const planned = small(seed);
      const starts = startsOf(planned);
      if (planned.tasks.some((t) => !starts.some((s) => s.task === t))) continue;
      const answer = highs.solve(model(planned, starts), { time_limit: 20 });
      if (answer.Status !== 'Optimal') continue;
      solved += 1;
      const steps = improve(planned, { tries: 400, seed: 3 });
      let step = steps.next();
      while (!step.done) step = steps.next();
      const { placed } = step.value.plan;
      expect(brokenRules(planned, placed)).toEqual([]);
      const { finishMin, unplacedMin } = sumsOf(planned, placed);
      expect(unplacedMin, `job ${seed}`).toBe(0);
      // The planner starts every few minutes, the programme every half hour: it may be sooner, and never later.
      expect(finishMin, `job ${seed}`).toBeLessThanOrEqual(answer.ObjectiveValue + 1e-6);
      expect(boundOf(planned).finishMin ?? 0, `job ${seed}`).toBeLessThanOrEqual(
        answer.ObjectiveValue + 1e-6,
      );
    }
    expect(solved).toBeGreaterThanOrEqual(30);
  }, 120_000);
});
