/** A job's work and its weather as the planner takes it. */
import { jobWeather } from '../call/index.ts';
import type { Part } from '../figures/index.ts';
import type { Bay } from '../site/index.ts';
import type { JobState } from '../state/index.ts';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { hourFloor, hourOf, knownTo, seasonIn } from '../weather/index.ts';
import {
  BACK_DAYS,
  BEYOND_DAYS,
  crewsOf,
  factsOf,
  INSPECTOR,
  type JobPlanned,
  type PlanTerms,
} from './jobplanned.ts';
import type { PlanBay, PlanCrew, PlanDeadline, PlanZone } from './model.ts';
import { outlookOf } from './outlook.ts';
import { minuteAt, shiftsOf, type Frame, type ShiftTerms } from './shifts.ts';
import { methodFor, worksOn } from './tasks.ts';
import type { LeftOut } from './work.ts';
import { TaskList } from './tasklist.ts';
import { Closures, nightsOf } from './closures.ts';
import { floodOn } from './floods.ts';
import { waysOn } from './zoneways.ts';

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
  const bayAt = new Map(site.bays.map((b, i) => [b.id, i]));
  const wet = new Map<string, number>();
  const zonesHere = survey.zones.filter((z) => baysOf(z.id).length > 0);
  const ways = new Map(
    zonesHere.map((z) => [z.id, waysOn(z, baysOf(z.id), site.access.find((a) => a.zoneId === z.id)?.at)]),
  );
  const list = new TaskList({
    ...{ doc, crews, frame, nowMin, practice, closures: new Closures(doc, frame) },
    zoneAt: (id) => zonesHere.findIndex((z) => z.id === id),
    bayAt: (id) => bayAt.get(id) ?? 0,
    orderOf: (zoneId, bayId) => ways.get(zoneId)?.order.get(bayId) ?? 0,
  });
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
    list.addBay(found.works, comes);
  }
  const untested: { zone: string; why: readonly Part[] }[] = [];
  for (const asked of doc.floods) {
    const zone = zonesHere.find((z) => z.id === asked.zoneId);
    const flood = zone && floodOn(asked, baysOf(zone.id), { state, doc, nowMs, leftOut });
    if (!zone || !flood) continue;
    if ('why' in flood) untested.push({ zone: zone.name, why: flood.why });
    else list.addFlood(zonesHere.indexOf(zone), flood);
  }
  const { tasks, works, exposed } = list;
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
    closures: list.closures,
    apart: doc.apart
      .map(({ zoneIds }) => zonesHere.flatMap((z, i) => (zoneIds.includes(z.id) ? [i] : [])))
      .filter((g) => g.length > 1),
    nightMin: place && doc.opened.length > 0 ? nightsOf(frame, place) : undefined,
    moveMin: doc.times.moveMin.value,
    changeMin: doc.times.changeMin.value,
    outlook: outlookOf({ exposed, weather: base, startMs, hours, practice }),
    knownMin: knownHours * 60,
    season: seasonIn(kept.inputs.series)?.source,
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

/** Some of a zone is laid, and more is to come. */
const isBegun = ({ calls }: JobState, zoneId: string): boolean => {
  const own = calls.filter((c) => c.status.bay.zoneId === zoneId).map((c) => c.status);
  return own.some((s) => s.laid.length + s.others.length > 0) && own.some((s) => s.next);
};
