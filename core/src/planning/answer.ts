/** A plan as it is shown and sent: instants, names and figures, and everything that it does not hold. */
import { amountFor, isCoat } from '../buildup/index.ts';
import { given, type Figure, type Given, type Part } from '../figures/index.ts';
import { CONDITIONS, failsIn, type Condition } from '../programme/index.ts';
import { potLifeMinutes, workArea } from '../site/index.ts';
import { MS_PER_DAY, MS_PER_MINUTE } from '../units/index.ts';
import { boundOf } from './bound.ts';
import type { PlanChances, Spread, TaskChance } from './chances.ts';
import type { Plan, Task, TaskKind } from './model.ts';
import type { JobPlanned } from './plan.ts';
import { lastTasks, sumsOf, workedMin, zoneReady } from './score.ts';
import { daysOf, minuteAt } from './shifts.ts';
import type { Work } from './tasks.ts';

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
  /** What it leaves may be laid over from, and until; undefined where nothing cures or it is not known. */
  readonly opensMs: number | undefined;
  readonly closesMs: number | undefined;
  /** When what follows on it is begun; undefined: nothing is planned on it. */
  readonly nextMs: number | undefined;
  readonly chance: TaskChance | undefined;
  /** Somebody fixed it by hand. */
  readonly pinned: boolean;
  /** What a coat takes, and how long a mix of it lasts. */
  readonly amount: Figure | undefined;
  readonly potLifeMin: number | undefined;
  readonly steps: readonly string[];
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

export interface DayShown {
  readonly date: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Nobody works. */
  readonly off: string | undefined;
  /** The weather goes by a forecast; else days like those known stand for it. */
  readonly isForecast: boolean;
  /** Of each hour of it: air °C and rain mm; NaN is not sent. */
  readonly airC: readonly (number | null)[];
  readonly rainMm: readonly (number | null)[];
  /** Minutes that crews work on it, and how many there are. */
  readonly usedMin: number;
  readonly thereMin: number;
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
    readonly inspects: boolean;
  }[];
  readonly tasks: readonly TaskShown[];
  readonly days: readonly DayShown[];
  readonly deadlines: readonly DeadlineShown[];
  readonly unplaced: readonly Unplaced[];
  readonly leftOut: readonly { readonly bays: readonly string[]; readonly why: readonly Part[] }[];
  readonly noAccess: readonly string[];
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
  readonly labourCost: Figure | undefined;
  readonly score: number;
}

const HOURS_PER_MIN = 1 / 60;

function spreadMs(startMs: number, s: Spread): SpreadMs {
  const at = (m: number): number | undefined => (m === Infinity ? undefined : startMs + m * MS_PER_MINUTE);
  return { earlyMs: at(s.early), middleMs: at(s.middle), lateMs: at(s.late), eightMs: at(s.eight) };
}

/** Why a task found no room, as far as it can be told of itself. */
function whyUnplaced(planned: JobPlanned, task: Task, plan: Plan): Part[] {
  const work = planned.works[task.index];
  const can = planned.crews.filter((c, i) => !c.inspects && (task.minutes[i] ?? 0) > 0);
  if (task.kind !== 'accept' && can.length === 0)
    return work && work.skills.length > 0
      ? [`no crew can: it asks for ${work.skills.map((s) => SKILL_WORDS[s]).join(' and ')}.`]
      : ['no crew is there for it.'];
  const longest = Math.max(
    0,
    ...planned.crews.flatMap((c, i) =>
      (task.minutes[i] ?? 0) > 0 ? c.shifts.map((s) => s.to - s.from - task.headMin - task.tailMin) : [],
    ),
  );
  const minutes = Math.min(...task.minutes.filter((m) => m > 0));
  const asked = (label: string, min: number): Given => given(label, min * HOURS_PER_MIN, 'hours', 'assumed');
  if (longest === 0) return ['nobody works on any day that is looked at.'];
  if (!task.parted && minutes > longest)
    return [
      'it takes ',
      { figure: asked('laying', minutes) },
      '; the longest day leaves ',
      { figure: asked('day', longest) },
      '. Smaller bays, more people or longer hours.',
    ];
  const before = task.after.find((l) => !plan.placed[l.task]);
  if (before)
    return [`what it follows, ${planned.tasks[before.task]?.name.toLowerCase() ?? ''}, found no room.`];
  const sky = planned.outlook.sky(task.index, 1);
  if (sky && !sky.open.includes(1)) {
    const worst = worstOf(sky.mask);
    return [`no hour looked at will do${worst ? `: most often ${CONDITION_SHORT[worst]}` : ''}.`];
  }
  return ['no room in the hours looked at: crew, weather and what closes do not come together.'];
}

function worstOf(mask: Uint32Array): Condition | undefined {
  const counts = CONDITIONS.map((c) => mask.reduce((n, m) => n + (failsIn(m, c) ? 1 : 0), 0));
  const most = Math.max(...counts);
  return most > 0 ? CONDITIONS[counts.indexOf(most)] : undefined;
}

export const SKILL_WORDS = {
  torch: 'somebody who may torch',
  kettle: 'somebody for the kettle',
  spray: 'somebody who sprays',
  catalysed: 'somebody for catalysed resin',
} as const;

export const CONDITION_SHORT: Readonly<Record<Condition, string>> = {
  unknown: 'the weather is not known',
  rain: 'rain',
  wet: 'wet ground',
  dryHours: 'too soon after rain',
  dewMargin: 'too near the dew point',
  surfaceMin: 'the surface too cold',
  rising: 'the surface not rising',
  surfaceMax: 'the surface too hot',
  falling: 'the slab warming',
  airMin: 'the air too cold',
  airMax: 'the air too warm',
  humidityMin: 'air too dry',
  humidityMax: 'air too humid',
  wind: 'wind',
  rainSafe: 'rain before it is rain-safe',
  dewSkin: 'dew before it is rain-safe',
  noBelow: 'frost or cold before its time',
  unknownAfter: 'the hours after it are not known',
};

const amountOf = (work: Work, planned: JobPlanned): Figure | undefined =>
  work.kind === 'layer' && work.layer && isCoat(work.layer)
    ? amountFor(
        work.layer,
        workArea(work.bay, work.layer, { zone: planned.zoneOf(work.bay.zoneId), buildUp: work.buildUp }),
      )
    : undefined;

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
    late: p.late,
    opensMs: known(cure?.from),
    closesMs: known(cure?.until),
    nextMs: nextStart(planned, plan, task),
    chance: chances?.tasks[task.index],
    pinned: task.crew !== undefined || task.startMin !== undefined,
    amount: amountOf(work, planned),
    potLifeMin: coat && !coat.kettle ? potLifeMinutes(coat, airAt(planned, p.start)) : undefined,
    steps: work.steps,
  };
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

function daysShown(planned: JobPlanned, plan: Plan): DayShown[] {
  const { frame, startMs, doc, air } = planned;
  const at = (m: number): number => startMs + m * MS_PER_MINUTE;
  return daysOf(frame).flatMap(({ date, midnight }): DayShown[] => {
    const from = minuteAt(frame, midnight, doc.hours.from);
    const to = minuteAt(frame, midnight, doc.hours.to);
    if (to <= 0 || from >= frame.endMin) return [];
    const crews = planned.crews.filter((c) => !c.inspects);
    const shifts = crews.flatMap((c) => c.shifts.filter((s) => s.date === date));
    const off = doc.off.find((o) => o.on === date)?.says ?? (shifts.length === 0 ? '' : undefined);
    const hours = Array.from(
      { length: Math.max(0, Math.ceil((to - from) / 60)) },
      (_, k) => Math.floor(from / 60) + k,
    );
    const of = (column: Float64Array): (number | null)[] =>
      hours.map((h) => {
        const v = column[h] ?? NaN;
        return Number.isNaN(v) ? null : v;
      });
    const used = plan.placed.reduce((n, p) => {
      if (!p || planned.crews[p.crew]?.inspects) return n;
      const own = shifts.length > 0 ? Math.max(0, Math.min(p.end, to) - Math.max(p.start, from)) : 0;
      return n + own;
    }, 0);
    return [
      {
        ...{ date, fromMs: at(from), toMs: at(to), off },
        isForecast: from < planned.knownMin,
        ...{ airC: of(air.airC), rainMm: of(air.rainMm) },
        usedMin: used,
        thereMin: shifts.reduce((n, s) => n + s.parts.reduce((m, p) => m + p.to - p.from, 0), 0),
      },
    ];
  });
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
    const key = `${task.zone}/${task.kind}/${task.layerId ?? ''}`;
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
  const personHours: Figure = {
    label: 'Hours of persons',
    value: sums.personMin * HOURS_PER_MIN,
    quantity: 'hours',
    formula: planned.crewsOf.map((_, i) => `{hours${i + 1}} × {people${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(
      planned.crewsOf.flatMap((c, i) => [
        [
          `hours${i + 1}`,
          given(
            c.name,
            crewMinOf(planned, plan, i) * HOURS_PER_MIN,
            'hours',
            'assumed',
            'of each day from its first work to its last, breaks left out',
          ),
        ],
        [`people${i + 1}`, given(`${c.name}, people`, c.people, 'count', 'chosen')],
      ]),
    ),
    from: 'hours of each crew by its people',
  };
  return {
    startMs,
    endMs: at(planned.endMin),
    knownMs: at(planned.knownMin),
    zones: planned.zones.map(({ id, name }) => ({ id, name })),
    crews: planned.crews.map((c, i) => ({
      ...{ id: c.id, name: c.name, inspects: c.inspects },
      people: planned.crewsOf[i]?.people ?? 1,
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
    finishMs: placedTasks.length > 0 ? at(sums.finishMin) : undefined,
    finish: chances && spreadMs(startMs, chances.finish),
    ways: chances?.ways ?? 0,
    boundMs: bound.finishMin === undefined || bound.finishMin === Infinity ? undefined : at(bound.finishMin),
    boundBy: bound.by,
    personHours,
    leastPersonHours: bound.personMin * HOURS_PER_MIN,
    remedies: sums.remedies,
    expectedRemedies: chances?.remedies,
    labourCost: labourOf(planned, plan),
    score: plan.score,
  };
}

function crewMinOf(planned: JobPlanned, plan: Plan, crew: number): number {
  const own = plan.placed.flatMap((p) => (p?.crew === crew ? [p] : []));
  const at = planned.crews[crew];
  return at ? workedMin(at, own) : 0;
}

/** What the crews cost by their hours, people and rates; undefined where a crew that works has no rate. */
function labourOf(planned: JobPlanned, plan: Plan): Figure | undefined {
  const lines = planned.crewsOf.map((crew, i) => ({
    crew,
    hours: crewMinOf(planned, plan, i) * HOURS_PER_MIN,
  }));
  const paid = lines.filter((l) => l.hours > 0);
  if (paid.length === 0 || paid.some((l) => !l.crew.ratePerH)) return undefined;
  return {
    label: 'Labour',
    value: paid.reduce((n, l) => n + l.hours * l.crew.people * (l.crew.ratePerH?.value ?? 0), 0),
    quantity: 'number',
    formula: paid.map((_, i) => `{hours${i + 1}} × {people${i + 1}} × {rate${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(
      paid.flatMap(({ crew, hours }, i) => [
        [`hours${i + 1}`, given(`${crew.name}, hours`, hours, 'hours', 'assumed')],
        [`people${i + 1}`, given(`${crew.name}, people`, crew.people, 'count', 'chosen')],
        [
          `rate${i + 1}`,
          given(
            `${crew.name}, rate`,
            crew.ratePerH?.value ?? 0,
            'number',
            crew.ratePerH?.source ?? 'assumed',
          ),
        ],
      ]),
    ),
    from: 'hours by people by what an hour costs',
  };
}

/** Day of the frame that an instant lies in, by the clocks of the job; undefined outside. */
export const dayOf = (answer: Pick<PlanAnswer, 'days'>, ms: number): DayShown | undefined =>
  answer.days.find((d) => ms >= d.fromMs - MS_PER_DAY / 4 && ms < d.toMs + MS_PER_DAY / 4);
