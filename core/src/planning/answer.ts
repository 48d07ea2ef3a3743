/** A plan as it is shown and sent: instants, names and figures, and everything that it does not hold. */
import type { Figure, Part } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { MINUTES_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { boundOf } from './bound.ts';
import type { PlanChances, Spread } from './chances.ts';
import type { Plan, Task } from './model.ts';
import { neverMeeting, type NeverMeets } from './meeting.ts';
import type { JobPlanned } from './jobplanned.ts';
import { daysShown, type DayShown } from './days.ts';
import { countsOf, type PlanCounts } from './counts.ts';
import { personHoursOf } from './personhours.ts';
import { lastTasks, sumsOf, zoneReady } from './score.ts';
import { deliveriesShown, type DeliveryShown } from './supply.ts';
import { whyUnplaced } from './unplaced.ts';
import { taskShown, type TaskShown } from './taskshown.ts';

interface SpreadMs {
  readonly earlyMs: number | undefined;
  readonly middleMs: number | undefined;
  readonly lateMs: number | undefined;
  readonly eightMs: number | undefined;
}

export interface DeadlineShown {
  readonly id: string;
  readonly zone: number;
  readonly what: 'tight' | 'feet' | 'wheels' | 'done';
  readonly byMs: number;
  /** As planned; undefined: not within the hours that are known. */
  readonly readyMs: number | undefined;
  readonly costPerDay: number;
  readonly chance: { readonly holds: number; readonly ready: SpreadMs } | undefined;
}

/** Why something found no room. */
export interface Unplaced {
  readonly zone: number;
  readonly name: string;
  readonly bays: readonly string[];
  readonly why: readonly Part[];
}

export interface PlanAnswer {
  readonly startMs: number;
  readonly endMs: number;
  readonly knownMs: number;
  /** The climate year that stands for days after it; undefined: days like those known. */
  readonly season: string | undefined;
  readonly zones: readonly { readonly id: string; readonly name: string }[];
  readonly crews: readonly {
    readonly id: string;
    readonly name: string;
    readonly people: number;
    readonly names: readonly string[];
    readonly ratePerH: Sourced | undefined;
    readonly inspects: boolean;
  }[];
  readonly tasks: readonly TaskShown[];
  readonly days: readonly DayShown[];
  readonly deadlines: readonly DeadlineShown[];
  readonly unplaced: readonly Unplaced[];
  readonly leftOut: readonly { readonly bays: readonly string[]; readonly why: readonly Part[] }[];
  readonly noAccess: readonly string[];
  /** Layers that no hour suits while what lies below them is open. */
  readonly neverMeet: readonly NeverMeets[];
  readonly deliveries: readonly DeliveryShown[];
  /** Flood tests that are asked for and not planned. */
  readonly untested: readonly { readonly zone: string; readonly why: readonly Part[] }[];
  /** The last coat, as planned and over the ways the weather may go. */
  readonly finishMs: number | undefined;
  readonly finish: SpreadMs | undefined;
  readonly ways: number;
  /** No plan is done before, and none takes fewer hours of crews. */
  readonly boundMs: number | undefined;
  readonly boundBy: 'cure and weather' | 'hours of the crews';
  readonly personHours: Figure;
  readonly leastPersonHours: number;
  readonly remedies: number;
  readonly expectedRemedies: number | undefined;
  /** What is paid for, as planned and in each way that the weather may go. */
  readonly counts: PlanCounts;
  readonly wayCounts: readonly PlanCounts[];
  readonly score: number;
}

function spreadMs(startMs: number, s: Spread): SpreadMs {
  const at = (m: number): number | undefined => (m === Infinity ? undefined : startMs + m * MS_PER_MINUTE);
  return { earlyMs: at(s.early), middleMs: at(s.middle), lateMs: at(s.late), eightMs: at(s.eight) };
}

/** A plan of a job as it is shown. */
export function answerOf(planned: JobPlanned, plan: Plan, chances?: PlanChances): PlanAnswer {
  const { startMs } = planned;
  const at = (m: number): number => startMs + m * MS_PER_MINUTE;
  const sums = sumsOf(planned, plan.placed);
  const placedTasks = planned.tasks.filter((t) => plan.placed[t.index]);
  const bound = boundOf(planned, placedTasks);
  const lasts = lastTasks(planned);
  const groups = new Map<string, { task: Task; bays: string[] }>();
  for (const task of planned.tasks) {
    if (plan.placed[task.index]) continue;
    const key = `${task.zone}/${task.kind}/${task.layerId ?? ''}/${task.name}`;
    const group = groups.get(key) ?? { task, bays: [] };
    group.bays.push(planned.bays[task.bay]?.label ?? '');
    groups.set(key, group);
  }
  const left = new Map<string, { bays: string[]; why: readonly Part[] }>();
  for (const { bay, why } of planned.leftOut) {
    const key = `${bay.zoneId}/${JSON.stringify(why)}`;
    const group = left.get(key) ?? { bays: [], why };
    group.bays.push(bay.label);
    left.set(key, group);
  }
  return {
    startMs,
    endMs: at(planned.endMin),
    knownMs: at(planned.knownMin),
    season: planned.season,
    zones: planned.zones.map(({ id, name }) => ({ id, name })),
    crews: planned.crews.map((c, i) => ({
      ...{ id: c.id, name: c.name, inspects: c.inspects },
      people: planned.crewsOf[i]?.people ?? 1,
      names: planned.crewsOf[i]?.names ?? [],
      ratePerH: planned.crewsOf[i]?.ratePerH,
    })),
    tasks: planned.tasks.flatMap((t) => taskShown(planned, plan, t, chances) ?? []),
    days: daysShown(planned, plan),
    deadlines: planned.deadlines.map((d, i) => {
      const ready = zoneReady(planned, plan.placed, d.zone, d.what, lasts);
      const chance = chances?.deadlines[i];
      return {
        ...{ id: d.id, zone: d.zone, what: d.what, byMs: at(d.byMin), costPerDay: d.costPerDay },
        readyMs: ready === undefined ? undefined : at(ready),
        chance: chance && { holds: chance.holds, ready: spreadMs(startMs, chance.ready) },
      };
    }),
    unplaced: [...groups.values()].map(({ task, bays }) => ({
      ...{ zone: task.zone, name: task.name, bays },
      why: whyUnplaced(planned, task, plan),
    })),
    leftOut: [...left.values()],
    noAccess: planned.noAccess,
    neverMeet: neverMeeting(planned),
    deliveries: deliveriesShown(planned, plan),
    untested: planned.untested,
    finishMs: placedTasks.length > 0 ? at(sums.finishMin) : undefined,
    finish: chances && spreadMs(startMs, chances.finish),
    ways: chances?.ways ?? 0,
    boundMs: bound.finishMin === undefined || bound.finishMin === Infinity ? undefined : at(bound.finishMin),
    boundBy: bound.by,
    personHours: personHoursOf(planned, plan),
    leastPersonHours: bound.personMin / MINUTES_PER_HOUR,
    remedies: sums.remedies,
    expectedRemedies: chances?.remedies,
    counts: countsOf(planned, plan.placed, { lasts }),
    wayCounts: (chances?.played ?? []).map(({ sky, placed }) =>
      countsOf(planned, placed, {
        ...{ outlook: sky, lasts },
        spoiled: (task) => placed[task]?.spoiled !== undefined,
        isWhole: plan.placed.every((p) => !p || placed[p.task]),
      }),
    ),
    score: plan.score,
  };
}
