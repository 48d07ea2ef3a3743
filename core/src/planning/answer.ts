/** A plan as it is shown and sent: instants, names and figures, and everything that it does not hold. */
import { amountFor, isCoat, isWorkLayer, type Chemistry } from '../buildup/index.ts';
import type { Figure, Part } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { isHot, potLifeMinutes, workArea } from '../site/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import { boundOf } from './bound.ts';
import type { PlanChances, Spread, TaskChance } from './chances.ts';
import { STEP_MIN, type Placed, type Plan, type Task, type TaskKind } from './model.ts';
import { barOf, type MoveWhy } from './moves.ts';
import type { JobPlanned } from './jobplanned.ts';
import { daysShown, type DayShown } from './days.ts';
import { CrewTimes } from './crewtime.ts';
import { countsOf, type PlanCounts } from './counts.ts';
import { personHoursOf } from './personhours.ts';
import { lastTasks, sumsOf, zoneReady } from './score.ts';
import { deliveriesShown, type DeliveryShown } from './supply.ts';
import { whyUnplaced } from './unplaced.ts';
import type { Work } from './work.ts';

export interface TaskShown {
  readonly id: string;
  readonly kind: TaskKind;
  readonly name: string;
  readonly layerId: string | undefined;
  /** Index of its zone. */
  readonly zone: number;
  readonly bay: string;
  readonly bayId: string;
  /** Index of its crew. */
  readonly crew: number;
  readonly startMs: number;
  readonly endMs: number;
  /** What lies below has closed by then: it is put right first. */
  readonly late: boolean;
  /** What lies below has lain open for days: it is rinsed and dries first. */
  readonly rinsed: boolean;
  /** What it leaves may be laid over from, and until; undefined where nothing cures or it is not known. */
  readonly opensMs: number | undefined;
  readonly closesMs: number | undefined;
  /** Feet may come on again; undefined where it is not known. */
  readonly feetMs: number | undefined;
  /** When what follows on it is begun; undefined: nothing is planned on it. */
  readonly nextMs: number | undefined;
  readonly chance: TaskChance | undefined;
  /** Somebody fixed it by hand. */
  readonly pinned: boolean;
  /** The start that was fixed, where it stands later, and what bars it. */
  readonly asked: { readonly startMs: number; readonly why: MoveWhy } | undefined;
  /** What a coat takes, and how long a mix of it lasts. */
  readonly amount: Figure | undefined;
  readonly potLifeMin: number | undefined;
  readonly steps: readonly string[];
  /** Part of what opens an old roof and closes it again on the same day. */
  readonly opening: Work['opening'];
  /** Laid with a flame or from a kettle. */
  readonly hot: boolean;
  /** Heard far, and smelt far: neighbours are told. */
  readonly loud: boolean;
  readonly smells: boolean;
  /** Which layer of its build-up it is, from 1; undefined for what is no layer. */
  readonly number: number | undefined;
}

export interface SpreadMs {
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

const HOURS_PER_MIN = 1 / 60;

function spreadMs(startMs: number, s: Spread): SpreadMs {
  const at = (m: number): number | undefined => (m === Infinity ? undefined : startMs + m * MS_PER_MINUTE);
  return { earlyMs: at(s.early), middleMs: at(s.middle), lateMs: at(s.late), eightMs: at(s.eight) };
}

const amountOf = (work: Work, planned: JobPlanned): Figure | undefined =>
  work.kind === 'layer' && work.layer && isCoat(work.layer)
    ? amountFor(
        work.layer,
        workArea(work.bay, work.layer, { zone: planned.zoneOf(work.bay.zoneId), buildUp: work.buildUp }),
      )
    : undefined;

/** Smelt far. Common practice, no source. */
const SMELLS: readonly Chemistry[] = [
  'methacrylate',
  'polyester resin',
  'solvent primer',
  'bitumen, hot',
  'bitumen sheet',
  'bitumen adhesive',
  'contact adhesive',
];
function smells({ layer }: Work): boolean {
  const made = layer && 'chemistry' in layer ? layer.chemistry : undefined;
  return made !== undefined && SMELLS.includes(made);
}

function numberOf({ buildUp, layer }: Work): number | undefined {
  const at = buildUp.layers.filter(isWorkLayer).findIndex((l) => l.id === layer?.id);
  return at < 0 ? undefined : at + 1;
}

function shown(
  planned: JobPlanned,
  plan: Plan,
  task: Task,
  chances: PlanChances | undefined,
): TaskShown | undefined {
  const p = plan.placed[task.index];
  const work = planned.works[task.index];
  if (!p || !work) return undefined;
  const at = (m: number): number => planned.startMs + m * MS_PER_MINUTE;
  const cure = planned.outlook.cure(task.index);
  const hour = Math.ceil(p.end / 60);
  const known = (list: Int32Array | undefined): number | undefined => {
    const m = list?.[hour] ?? -1;
    return m < 0 ? undefined : at(m);
  };
  const coat = work.kind === 'layer' && work.layer && isCoat(work.layer) ? work.layer : undefined;
  return {
    ...{ id: task.id, kind: task.kind, name: task.name, layerId: task.layerId, zone: task.zone },
    ...{ bay: work.bay.label, bayId: work.bay.id, crew: p.crew, startMs: at(p.start), endMs: at(p.end) },
    ...{ late: p.late, rinsed: p.rinsed === true },
    opensMs: known(cure?.from),
    closesMs: known(cure?.until),
    feetMs: cure ? known(cure.foot) : at(p.end),
    nextMs: nextStart(planned, plan, task),
    chance: chances?.tasks[task.index],
    pinned: task.crew !== undefined || task.startMin !== undefined,
    asked: missedStart(planned, plan, task, p),
    amount: amountOf(work, planned),
    potLifeMin: coat && !coat.kettle ? potLifeMinutes(coat, airAt(planned, p.start)) : undefined,
    steps: work.steps,
    opening: work.opening,
    hot: work.kind === 'layer' && work.layer !== undefined && isHot(work.layer),
    loud: work.loud === true,
    smells: smells(work),
    number: work.kind === 'layer' ? numberOf(work) : undefined,
  };
}

/** Starts are planned on five minutes: what is later than that is later than it was fixed. */
function missedStart(planned: JobPlanned, plan: Plan, task: Task, p: Placed): TaskShown['asked'] {
  const { startMin } = task;
  if (startMin === undefined || p.start < startMin + STEP_MIN) return undefined;
  const why = barOf(planned, plan, task, { start: startMin, crew: p.crew }, new CrewTimes(planned));
  return { startMs: planned.startMs + startMin * MS_PER_MINUTE, why };
}

const airAt = ({ air }: JobPlanned, start: number): number => {
  const v = air.airC[Math.floor(start / 60)];
  return v === undefined || Number.isNaN(v) ? 20 : v;
};

/** The first of what follows a task and its cure. */
function nextStart(planned: JobPlanned, plan: Plan, task: Task): number | undefined {
  const starts = planned.tasks.flatMap((t) => {
    const p = t.after.some((l) => l.task === task.index) ? plan.placed[t.index] : undefined;
    return p && t.kind !== 'accept' ? [p.start] : [];
  });
  return starts.length === 0 ? undefined : planned.startMs + Math.min(...starts) * MS_PER_MINUTE;
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
    zones: planned.zones.map(({ id, name }) => ({ id, name })),
    crews: planned.crews.map((c, i) => ({
      ...{ id: c.id, name: c.name, inspects: c.inspects },
      people: planned.crewsOf[i]?.people ?? 1,
      names: planned.crewsOf[i]?.names ?? [],
      ratePerH: planned.crewsOf[i]?.ratePerH,
    })),
    tasks: planned.tasks.flatMap((t) => shown(planned, plan, t, chances) ?? []),
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
    deliveries: deliveriesShown(planned, plan),
    untested: planned.untested,
    finishMs: placedTasks.length > 0 ? at(sums.finishMin) : undefined,
    finish: chances && spreadMs(startMs, chances.finish),
    ways: chances?.ways ?? 0,
    boundMs: bound.finishMin === undefined || bound.finishMin === Infinity ? undefined : at(bound.finishMin),
    boundBy: bound.by,
    personHours: personHoursOf(planned, plan),
    leastPersonHours: bound.personMin * HOURS_PER_MIN,
    remedies: sums.remedies,
    expectedRemedies: chances?.remedies,
    counts: countsOf(planned, plan.placed),
    wayCounts: (chances?.played ?? []).map(({ sky, placed }) =>
      countsOf(planned, placed, {
        outlook: sky,
        spoiled: (task) => placed[task]?.spoiled !== undefined,
        isWhole: plan.placed.every((p) => !p || placed[p.task]),
      }),
    ),
    score: plan.score,
  };
}
