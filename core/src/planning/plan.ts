/** A job's work and its weather as the planner takes it. */
import { jobWeather, type WeatherFacts } from '../call/index.ts';
import type { Part } from '../figures/index.ts';
import type { OrderDoc } from '../order/index.ts';
import { seeded } from '../keeping/index.ts';
import type { Practice } from '../practice/index.ts';
import type { Bay } from '../site/index.ts';
import type { JobState } from '../state/index.ts';
import type { Zone } from '../survey/index.ts';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { hourFloor, hourOf, knownTo } from '../weather/index.ts';
import type { Outlook, PlanBay, PlanCrew, PlanDeadline, Planned, PlanZone, Task } from './model.ts';
import { outlookOf, type Exposed } from './outlook.ts';
import type { Crew, Pin, ProgrammeDoc, Skill } from './schema.ts';
import { lastTasks } from './score.ts';
import { minuteAt, shiftsOf, type Frame, type ShiftTerms } from './shifts.ts';
import { methodFor, worksOn } from './tasks.ts';
import type { LeftOut, Work } from './work.ts';
import { Closures, nightsOf } from './closures.ts';
import { floodOn } from './floods.ts';
import { waysOn } from './zoneways.ts';

export interface PlanTerms {
  readonly state: JobState;
  readonly doc: ProgrammeDoc;
  readonly order: Pick<OrderDoc, 'deliveries'>;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What is planned, with what stands behind its numbers. */
export interface JobPlanned extends Planned {
  readonly works: readonly Work[];
  readonly exposed: readonly (Exposed | undefined)[];
  readonly leftOut: readonly LeftOut[];
  readonly frame: Frame;
  /** Up to when the forecast goes; after it days like those that are known are counted on. */
  readonly knownMin: number;
  readonly practice: Practice;
  readonly doc: ProgrammeDoc;
  readonly zoneOf: (zoneId: string) => Zone | undefined;
  /** Of each hour of the frame. */
  readonly air: { readonly airC: Float64Array; readonly rainMm: Float64Array };
  /** In the order of the plan's crews; one that stands for the job's own where none is named. */
  readonly crewsOf: readonly Crew[];
  /** Zones in which nobody said where people come on: no way out is planned there. */
  readonly noAccess: readonly string[];
  readonly deliveries: OrderDoc['deliveries'];
  /** Flood tests that are asked for and not planned, by their zones. */
  readonly untested: readonly { readonly zone: string; readonly why: readonly Part[] }[];
}

const MACHINES = ['sprayers', 'kettles'] as const;
const ALL_SKILLS: readonly Skill[] = ['torch', 'kettle', 'spray', 'catalysed'];

/** The crews that are named; else the one that the job's pace is planned with, which can do everything. */
export function crewsOf(doc: ProgrammeDoc, people: number): Crew[] {
  return doc.crews.length > 0
    ? doc.crews
    : [{ id: 'crew', name: 'Crew', people, names: [], skills: [...ALL_SKILLS], off: [], only: [] }];
}

/** The id of whoever comes to accept, among the crews. */
export const INSPECTOR = 'inspector';

/** Days planned beyond the forecast, and days before now that still dry and cure. */
const BEYOND_DAYS = 11;
const BACK_DAYS = 14;

const factsOf = ({ state, nowMs }: PlanTerms): WeatherFacts => {
  const { survey, weather, series, book } = state.kept.inputs;
  return { doc: weather, series, survey, book, nowMs, practice: state.practice };
};

/** The weather in each way that the newest forecast may go, with days drawn beyond it; none where it has no ways. */
export function* waysOf(terms: PlanTerms, planned: JobPlanned): Generator<Outlook> {
  const facts = factsOf(terms);
  const forecast = facts.series
    .filter((s) => s.kind === 'forecast' && s.members && s.members.length > 0)
    .sort((a, b) => Date.parse(b.issuedAt) - Date.parse(a.issuedAt))[0];
  const { exposed, startMs, practice } = planned;
  for (let member = 0; member < (forecast?.members?.length ?? 0); member += 1) {
    const weather = jobWeather(
      { ...facts, member, beyond: { days: BEYOND_DAYS, chance: seeded(member + 1) } },
      BACK_DAYS,
    );
    if (weather) yield outlookOf({ exposed, weather, startMs, hours: planned.endMin / 60, practice });
  }
}

/** The same with other works fixed by hand. */
export function withPins(planned: JobPlanned, pins: readonly Pin[]): JobPlanned {
  const byTask = new Map(pins.map((p) => [p.taskId, p]));
  const tasks = planned.tasks.map((task) => ({
    ...task,
    ...pinOf(byTask.get(task.id), planned.crewsOf, planned.startMs),
  }));
  return { ...planned, tasks };
}

function pinOf(
  pin: Pin | undefined,
  crews: readonly Pick<Crew, 'id'>[],
  startMs: number,
): Pick<Task, 'crew' | 'startMin'> {
  const crew = crews.findIndex((c) => c.id === pin?.crewId);
  return {
    crew: crew < 0 ? undefined : crew,
    startMin:
      pin?.startAt === undefined ? undefined : Math.ceil((Date.parse(pin.startAt) - startMs) / MS_PER_MINUTE),
  };
}

/** @returns a reason where the job cannot be planned at all */
export function plannedOf(terms: PlanTerms): JobPlanned | { readonly cannot: readonly Part[] } {
  const { state, doc, timeZone, nowMs } = terms;
  const { kept, weather, practice } = state;
  if (!weather)
    return { cannot: ['No weather is known: say where the job lies, and let the weather be fetched.'] };
  const { survey, site } = kept.inputs;
  const startMs = hourFloor(nowMs);
  const knownHours = knownTo(weather.line, hourOf(weather.line, startMs)) - hourOf(weather.line, startMs);
  if (knownHours <= 0) return { cannot: ['No hour ahead is known: fetch the weather.'] };
  const base = jobWeather({ ...factsOf(terms), beyond: { days: BEYOND_DAYS } }, BACK_DAYS) ?? weather;
  const hours = knownTo(base.line, hourOf(base.line, startMs)) - hourOf(base.line, startMs);
  const frame: Frame = { startMs, endMin: hours * 60, timeZone };
  const { place } = kept.inputs.weather;
  const people = kept.inputs.weather.crew.people;
  const crews = crewsOf(doc, people);
  const method = methodFor(kept.inputs.weather.crew.method, crews, doc);
  const byZone = new Map<string, Bay[]>();
  for (const bay of site.bays) byZone.set(bay.zoneId, [...(byZone.get(bay.zoneId) ?? []), bay]);
  const baysOf = (zoneId: string): readonly Bay[] => byZone.get(zoneId) ?? [];
  const schedule = new Map(kept.details.zones.map((z) => [z.zone.id, z]));
  const minute = (ms: number): number => Math.ceil((ms - startMs) / MS_PER_MINUTE);
  const nowMin = minute(nowMs);

  const leftOut: LeftOut[] = [];
  const works: Work[] = [];
  const exposed: (Exposed | undefined)[] = [];
  const tasks: Task[] = [];
  const bayAt = new Map(site.bays.map((b, i) => [b.id, i]));
  const wet = new Map<string, number>();
  const zonesHere = survey.zones.filter((z) => baysOf(z.id).length > 0);
  const ways = new Map(
    zonesHere.map((z) => [z.id, waysOn(z, baysOf(z.id), site.access.find((a) => a.zoneId === z.id)?.at)]),
  );
  const inspects = doc.inspector !== undefined;
  const pins = new Map(doc.pins.map((p) => [p.taskId, p]));
  const closures = new Closures(doc, frame);
  /** @returns the index of the task */
  const add = (work: Work, after: Task['after'], notBefore: number): number => {
    const { bay } = work;
    const minutes = crews.map((c) =>
      work.kind === 'accept' || c.people <= 0 || !work.skills.every((s) => c.skills.includes(s))
        ? 0
        : Math.max(5, Math.ceil(work.minutes(c.people) / 5) * 5),
    );
    if (inspects) minutes.push(work.kind === 'accept' ? work.minutes(1) : 0);
    tasks.push({
      ...{ index: tasks.length, id: work.id, kind: work.kind, name: work.name, layerId: work.layer?.id },
      zone: zonesHere.findIndex((z) => z.id === bay.zoneId),
      ...{ bay: bayAt.get(bay.id) ?? 0, minutes, parted: work.parted, after },
      earliestMin: Math.max(nowMin, work.earliestMs === undefined ? 0 : minute(work.earliestMs), notBefore),
      latestMin:
        work.latestMs === undefined ? Infinity : Math.floor((work.latestMs - startMs) / MS_PER_MINUTE),
      ...{ headMin: work.headMin, tailMin: work.tailMin },
      machine: work.machine ? MACHINES.indexOf(work.machine) : -1,
      closure: closures.of(bay.zoneId, work.loud === true),
      order: ways.get(bay.zoneId)?.order.get(bay.id) ?? 0,
      remedyMin: Math.ceil(work.remedyMin / 5) * 5,
      ...pinOf(pins.get(work.id), crews, startMs),
    });
    works.push(work);
    exposed.push(work.exposed);
    return tasks.length - 1;
  };
  for (const call of state.calls) {
    const found = worksOn(
      { state, doc, nowMs, crews, method, baysOf },
      call,
      schedule.get(call.status.bay.zoneId),
    );
    if ('why' in found) {
      leftOut.push(found);
      continue;
    }
    if (found.wetUntilMs !== undefined) wet.set(found.bay.id, minute(found.wetUntilMs));
    const comes = comesMin(terms, frame, found.bay.zoneId);
    const base = tasks.length;
    for (const work of found.works) {
      const task = add(
        work,
        work.after.map((a) => ({ task: base + a.at, lagMin: a.lagMin, cures: a.cures })),
        work.kind === 'layer' ? comes : 0,
      );
      if (work.opening === 'closes' || work.opening === 'open')
        tasks[task] = openedAfter(tasks, task, base, work);
    }
  }
  const lasts = lastTasks({ tasks });
  const untested: { zone: string; why: readonly Part[] }[] = [];
  for (const asked of doc.floods) {
    const zone = zonesHere.find((z) => z.id === asked.zoneId);
    const flood = zone && floodOn(asked, baysOf(zone.id), { state, doc, nowMs, leftOut });
    if (!zone || !flood) continue;
    if ('why' in flood) {
      untested.push({ zone: zone.name, why: flood.why });
      continue;
    }
    const at = zonesHere.indexOf(zone);
    const fill = add(
      { ...flood.fill, after: [] },
      lasts.flatMap((t) =>
        t.zone === at ? [{ task: t.index, lagMin: 0, cures: t.kind === 'layer', flood: true as const }] : [],
      ),
      0,
    );
    add({ ...flood.read, after: [] }, [{ task: fill, lagMin: flood.lagMin, cures: false }], 0);
  }
  const shiftTerms: ShiftTerms = {
    ...{ hours: doc.hours, off: doc.off },
    setUpMin: doc.times.setUpMin.value,
    clearMin: doc.times.clearMin.value,
  };
  const planCrews: PlanCrew[] = crews.map((c) => ({
    ...{ id: c.id, name: c.name, people: c.people, inspects: false },
    shifts: shiftsOf(c, shiftTerms, frame),
  }));
  if (doc.inspector)
    planCrews.push({
      ...{ id: INSPECTOR, name: 'Inspector', people: 1, inspects: true },
      shifts: shiftsOf(
        { off: [], only: [] },
        {
          hours: { ...doc.inspector, breakFrom: '00:00', breakMin: 0 },
          off: doc.off,
          setUpMin: 0,
          clearMin: 0,
        },
        frame,
      ),
    });
  const zones: PlanZone[] = zonesHere.map((z) => {
    const own = baysOf(z.id);
    const door = ways.get(z.id)?.door;
    return {
      ...{ id: z.id, name: z.name },
      bays: own.map((b) => bayAt.get(b.id) ?? 0),
      door: door === undefined ? undefined : bayAt.get(own[door]?.id ?? ''),
      begun: isBegun(state, z.id),
    };
  });
  const bays: PlanBay[] = site.bays.map((b) => ({
    ...{ id: b.id, label: b.label, zone: zonesHere.findIndex((z) => z.id === b.zoneId) },
    beside: (ways.get(b.zoneId)?.beside.get(b.id) ?? []).flatMap((id) => bayAt.get(id) ?? []),
    wetUntilMin: wet.get(b.id) ?? 0,
  }));
  const deadlines: PlanDeadline[] = doc.deadlines.flatMap((d) => {
    const zone = zonesHere.findIndex((z) => z.id === d.zoneId);
    return zone < 0
      ? []
      : [{ id: d.id, zone, what: d.what, byMin: minute(Date.parse(d.by)), costPerDay: d.costPerDay }];
  });
  const offset = hourOf(base.line, startMs);
  const column = (key: 'airC' | 'rainMm'): Float64Array =>
    base.line.values[key].slice(offset, offset + hours);
  return {
    ...{ startMs, endMin: frame.endMin, tasks, crews: planCrews, zones, bays, deadlines },
    machines: [doc.machines.sprayers, doc.machines.kettles],
    closures: closures.spans,
    apart: doc.apart
      .map(({ zoneIds }) => zonesHere.flatMap((z, i) => (zoneIds.includes(z.id) ? [i] : [])))
      .filter((g) => g.length > 1),
    nightMin: place && doc.opened.length > 0 ? nightsOf(frame, place) : undefined,
    moveMin: doc.times.moveMin.value,
    changeMin: doc.times.changeMin.value,
    outlook: outlookOf({ exposed, weather: base, startMs, hours, practice }),
    knownMin: knownHours * 60,
    practice,
    doc,
    zoneOf: (id) => kept.zone(id),
    air: { airC: column('airC'), rainMm: column('rainMm') },
    ...{ works, exposed, leftOut, frame, crewsOf: crews, untested, deliveries: terms.order.deliveries },
    noAccess: zonesHere.filter((z) => ways.get(z.id)?.door === undefined).map((z) => z.name),
  };
}

/** When the material of a zone comes, where a delivery that is not here yet brings it. */
function comesMin({ order, nowMs }: PlanTerms, frame: Frame, zoneId: string): number {
  const ahead = order.deliveries.filter(
    (d) => d.zoneIds.includes(zoneId) && Date.parse(`${d.on}T00:00:00Z`) > nowMs - 12 * MS_PER_HOUR,
  );
  return ahead.reduce(
    (latest, d) => Math.max(latest, minuteAt(frame, Date.parse(`${d.on}T00:00:00Z`), '08:00')),
    0,
  );
}

/** A work between the one that opens its bay and the one that closes it again. @param base the first work of its bay */
function openedAfter(tasks: readonly Task[], at: number, base: number, { opening }: Work): Task {
  const task = tasks[at];
  if (!task) throw new RangeError(`no task ${at}`);
  return { ...task, opened: base, closer: opening === 'closes' };
}

/** Some of a zone is laid, and more is to come. */
const isBegun = ({ calls }: JobState, zoneId: string): boolean => {
  const own = calls.filter((c) => c.status.bay.zoneId === zoneId).map((c) => c.status);
  return own.some((s) => s.laid.length + s.others.length > 0) && own.some((s) => s.next);
};
