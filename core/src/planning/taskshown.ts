/** A work of a plan as it is shown and sent. */
import { amountFor, isCoat, isWorkLayer, type Chemistry } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { isHot, potLifeMinutes, workArea } from '../site/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import type { PlanChances, TaskChance } from './chances.ts';
import { CrewTimes } from './crewtime.ts';
import type { JobPlanned } from './jobplanned.ts';
import { mixOf, type CoatOn, type MixShown } from './mixes.ts';
import { STEP_MIN, type Placed, type Plan, type Task, type TaskKind } from './model.ts';
import { barOf, type MoveWhy } from './moves.ts';
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
  readonly mix: MixShown | undefined;
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

/** The coat of a work with the area that it covers; undefined for what is no coat. */
function coatOn({ kind, layer, bay, buildUp }: Work, planned: JobPlanned): CoatOn | undefined {
  if (kind !== 'layer' || !layer || !isCoat(layer)) return undefined;
  return { coat: layer, area: workArea(bay, layer, { zone: planned.zoneOf(bay.zoneId), buildUp }) };
}

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

/** @returns undefined for a work that found no room */
export function taskShown(
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
  const on = coatOn(work, planned);
  const people = planned.crewsOf[p.crew]?.people ?? 2;
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
    amount: on && amountFor(on.coat, on.area),
    potLifeMin: on && !on.coat.kettle ? potLifeMinutes(on.coat, airAt(planned, p.start)) : undefined,
    mix: on && mixOf(on, { people, airC: airAt(planned, p.start), practice: planned.practice }),
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
