/** A plan that is kept, and how another one differs from it. */
import { buildUpOfZone, isWorkLayer, type BuildUpDoc } from '../buildup/index.ts';
import type { SiteDoc } from '../site/index.ts';
import type { Zones } from '../survey/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import type { PlanAnswer } from './answer.ts';
import type { TaskShown } from './taskshown.ts';
import { FLOOD_NAMES } from './floods.ts';
import type { MoveWhy } from './moves.ts';
import type { KeptPlan } from './schema.ts';
import { sweepingOf } from './tending.ts';

/** The plan as it is kept: what is done when, and by whom. */
export function keptFrom(answer: PlanAnswer, nowMs: number): KeptPlan {
  const at = (ms: number): string => new Date(ms).toISOString();
  return {
    plannedAt: at(nowMs),
    ...(answer.finishMs === undefined ? {} : { finishAt: at(answer.finishMs) }),
    tasks: answer.tasks.map((t) => ({
      ...{ taskId: t.id, crewId: answer.crews[t.crew]?.id ?? '', startAt: at(t.startMs), endAt: at(t.endMs) },
    })),
  };
}

export interface Moved {
  readonly task: TaskShown;
  readonly fromMs: number;
  readonly crewId: string;
  /** What bars the hour that it had; undefined where that was not asked. */
  readonly why: MoveWhy | undefined;
}

export interface PlanChanges {
  /** Later or earlier by more than a quarter of an hour, or with another crew. */
  readonly moved: readonly Moved[];
  /** Not in the kept plan: new work, or put right since. */
  readonly fresh: readonly TaskShown[];
  /** In the kept plan and no more to do: done, or without room; tasks that the answer plans are not among them. */
  readonly gone: readonly KeptPlan['tasks'][number][];
  /** The last work is later by so much, ms; undefined where one of them has no end. */
  readonly laterMs: number | undefined;
}

/** Smaller moves are none. */
const SAME_MS = 15 * MS_PER_MINUTE;

/** @param why of the works of the kept plan */
export function changesSince(
  kept: KeptPlan,
  answer: PlanAnswer,
  why?: ReadonlyMap<string, MoveWhy>,
): PlanChanges {
  const before = new Map(kept.tasks.map((t) => [t.taskId, t]));
  const moved: Moved[] = [];
  const fresh: TaskShown[] = [];
  const there = new Set<string>();
  for (const task of answer.tasks) {
    there.add(task.id);
    const was = before.get(task.id);
    if (!was) {
      fresh.push(task);
      continue;
    }
    const fromMs = Date.parse(was.startAt);
    const crewId = answer.crews[task.crew]?.id ?? '';
    // What was to begin before now and goes on is no move.
    const begun = fromMs < answer.startMs && task.startMs - answer.startMs <= SAME_MS;
    if ((Math.abs(task.startMs - fromMs) > SAME_MS && !begun) || crewId !== was.crewId)
      moved.push({ task, fromMs, crewId: was.crewId, why: why?.get(task.id) });
  }
  const end = kept.finishAt === undefined ? undefined : Date.parse(kept.finishAt);
  return {
    moved,
    fresh,
    gone: kept.tasks.filter((t) => !there.has(t.taskId)),
    laterMs: end === undefined || answer.finishMs === undefined ? undefined : answer.finishMs - end,
  };
}

/** A work of a kept plan with the names that it has in the job. */
export interface KeptWork {
  readonly taskId: string;
  readonly crewId: string;
  readonly bayId: string;
  readonly bay: string;
  readonly zone: string;
  readonly zoneId: string;
  readonly name: string;
  readonly layerId: string | undefined;
  readonly startMs: number;
  readonly endMs: number;
}

const STEP_NAMES: Readonly<Record<string, string>> = {
  prepare: 'Preparation',
  details: 'Details',
  accept: 'Acceptance',
};

/** The works of a kept plan in order of start; those of bays that are no more there are left out. */
export function keptWorks(
  kept: Pick<KeptPlan, 'tasks'>,
  {
    site,
    survey,
    buildUps,
  }: { readonly site: SiteDoc; readonly survey: Zones; readonly buildUps: BuildUpDoc },
): KeptWork[] {
  const bays = new Map(site.bays.map((b) => [b.id, b]));
  const zones = new Map(survey.zones.map((z) => [z.id, z.name]));
  const layers = new Map(
    survey.zones.map((z) => [z.id, buildUpOfZone(buildUps, z.id)?.layers.filter(isWorkLayer) ?? []]),
  );
  return kept.tasks
    .flatMap(({ taskId, crewId, startAt, endAt }): KeptWork[] => {
      const [bayId = '', what = '', more] = taskId.split('/');
      const bay = bays.get(bayId);
      if (!bay) return [];
      const layer = layers.get(bay.zoneId)?.find((l) => l.id === what);
      const buildUp = buildUpOfZone(buildUps, bay.zoneId);
      const sweeping = more === 'tend' && buildUp && layer ? sweepingOf(buildUp, layer) : undefined;
      const flood = what === 'flood' ? FLOOD_NAMES[more === 'read' ? 'read' : 'fill'] : undefined;
      const own = sweeping?.name ?? flood ?? layer?.name ?? STEP_NAMES[what] ?? what;
      return [
        {
          ...{ taskId, crewId, bayId, bay: bay.label, zone: zones.get(bay.zoneId) ?? '' },
          zoneId: bay.zoneId,
          name: more === 'accept' ? `${own} accepted` : own,
          layerId: more === undefined ? layer?.id : undefined,
          ...{ startMs: Date.parse(startAt), endMs: Date.parse(endAt) },
        },
      ];
    })
    .sort((a, b) => a.startMs - b.startMs || a.taskId.localeCompare(b.taskId));
}

/** The same work of one crew on bays of a roof, one after the other. */
export interface KeptGroup extends Pick<KeptWork, 'crewId' | 'zone' | 'name' | 'layerId'> {
  readonly works: readonly KeptWork[];
  readonly fromMs: number;
  readonly toMs: number;
}

/** What is to be done between two instants, by crew and in order; a work that goes on over a night is in both days. */
export function keptBetween(works: readonly KeptWork[], fromMs: number, toMs: number): KeptGroup[] {
  const groups: (Omit<KeptGroup, 'works' | 'toMs'> & { works: KeptWork[]; toMs: number })[] = [];
  const last = new Map<string, (typeof groups)[number]>();
  for (const w of works) {
    if (w.startMs >= toMs || w.endMs <= fromMs) continue;
    const before = last.get(w.crewId);
    if (before && before.zone === w.zone && before.name === w.name) {
      before.works.push(w);
      before.toMs = Math.max(before.toMs, w.endMs);
      continue;
    }
    const { crewId, zone, name, layerId } = w;
    const group = {
      crewId,
      zone,
      name,
      layerId,
      works: [w],
      fromMs: Math.max(fromMs, w.startMs),
      toMs: w.endMs,
    };
    groups.push(group);
    last.set(crewId, group);
  }
  return groups;
}
