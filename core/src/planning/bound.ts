/**
 * What no plan can beat. The work of a bay takes its own way through cure and weather, whoever does it; and all work needs
 * hours of crews in which it may be done. Both are taken at their most favourable: no way between works, bays that hinder
 * nobody, and each bay behind the others going on by itself as soon as the hours of the crews have reached it.
 *
 * Hours of crews that differ in pace are weighed: for any weights u of crews, what the works take at least, Σ min u·minutes,
 * is no more than what the crews have, Σ u·hours (a bound by duality; from memory).
 */
import { CrewTimes, NONE, type CrewTime } from './crewtime.ts';
import { cureHour, fastest, hoursOf, opensAfter, type Planned, type Task } from './model.ts';

const H = 60;

export interface Bound {
  /** No plan has its last work done before, minutes; undefined: some work has no room at all. */
  readonly finishMin: number | undefined;
  /** No plan takes fewer minutes of persons at work. */
  readonly personMin: number;
  /** What holds it: the way of a bay, or the hours of the crews. */
  readonly by: 'cure and weather' | 'hours of the crews';
}

/** Minutes of persons that a task takes at least. */
function leastOfPersons({ crews }: Planned, task: Task): number {
  let least = Infinity;
  task.minutes.forEach((m, c) => {
    const crew = crews[c];
    if (m > 0 && crew && !crew.inspects) least = Math.min(least, m * crew.people);
  });
  return least === Infinity ? 0 : least;
}

/** Ways of single bays, with any crew, whatever else there is to do. */
class Ways {
  private readonly planned: Planned;
  private readonly times: CrewTimes;

  constructor(planned: Planned) {
    this.planned = planned;
    this.times = new CrewTimes(planned);
  }

  /** The earliest end of a task that may begin at a minute. */
  end(task: Task, from: number): number | undefined {
    let best: number | undefined;
    task.minutes.forEach((minutes, c) => {
      const time = this.times.of(c, task);
      if (minutes <= 0 || !time) return;
      const found = this.endWith(task, time, minutes, from);
      if (found !== undefined && (best === undefined || found < best)) best = found;
    });
    return best;
  }

  private endWith(task: Task, time: CrewTime, minutes: number, from: number): number | undefined {
    let start = from;
    for (;;) {
      start = task.parted ? time.begins(start) : time.fits(start, minutes, task.headMin, task.tailMin);
      if (start === NONE) return undefined;
      const end = task.parted ? time.doneAt(start, minutes) : start + minutes;
      if (end === NONE) return undefined;
      const sky = this.planned.outlook.sky(task.index, task.parted ? 1 : hoursOf(start, end));
      const hour = Math.floor(start / H);
      if (!sky || sky.open[hour] === 1) return end;
      const least = task.parted ? sky : this.planned.outlook.sky(task.index, Math.ceil(minutes / H));
      const next = least?.next[hour + 1] ?? Infinity;
      if (next * H >= this.planned.endMin) return undefined;
      start = next * H;
    }
  }

  /** When a task may begin, by what it follows. @param ends of those tasks; what has none is left out */
  begin(task: Task, ends: ReadonlyMap<number, number>): number | undefined {
    let from = Math.max(0, task.earliestMin, task.startMin ?? 0);
    for (const link of task.after) {
      const end = ends.get(link.task);
      if (end === undefined) continue;
      from = Math.max(from, end + link.lagMin);
      const cure = link.cures ? this.planned.outlook.cure(link.task) : undefined;
      if (!cure) continue;
      const opens = opensAfter(link, cure, cureHour(end));
      if (opens < 0) return undefined;
      from = Math.max(from, opens);
    }
    return from;
  }

  /** Ends of tasks in their order, each as early as it goes; undefined where one has no room. */
  through(tasks: readonly Task[], known: ReadonlyMap<number, number>): Map<number, number> | undefined {
    const ends = new Map(known);
    for (const task of tasks) {
      const from = this.begin(task, ends);
      const end = from === undefined ? undefined : this.end(task, from);
      if (end === undefined) return undefined;
      ends.set(task.index, end);
    }
    return ends;
  }
}

/** Hours of the crews, weighed, in which work goes on at all. */
class Capacity {
  /** Weight of each crew. */
  readonly weights: readonly number[];
  /** Weighed minutes of the crews up to each hour: of all their hours, and of those in which something may be laid. */
  private readonly all: Float64Array;
  private readonly laying: Float64Array;
  private readonly rate: number;

  constructor(planned: Planned, tasks: readonly Task[]) {
    const hours = Math.ceil(planned.endMin / H);
    this.weights = planned.crews.map((crew, c) => {
      if (crew.inspects) return 0;
      const can = tasks.filter((t) => (t.minutes[c] ?? 0) > 0);
      const own = can.reduce((n, t) => n + (t.minutes[c] ?? 0), 0);
      return own > 0 ? can.reduce((n, t) => n + fastest(t), 0) / own : 0;
    });
    this.rate = this.weights.reduce((a, b) => a + b, 0);
    const may = layable(planned, tasks, hours);
    this.all = new Float64Array(hours + 1);
    this.laying = new Float64Array(hours + 1);
    const there = new Float64Array(hours);
    planned.crews.forEach((crew, c) => {
      for (const p of crew.shifts.flatMap((s) => s.parts))
        for (let h = Math.floor(p.from / H); h * H < p.to && h < hours; h += 1)
          there[h] =
            (there[h] ?? 0) +
            (this.weights[c] ?? 0) * (Math.min(p.to, (h + 1) * H) - Math.max(p.from, h * H));
    });
    for (let h = 0; h < hours; h += 1) {
      this.all[h + 1] = (this.all[h] ?? 0) + (there[h] ?? 0);
      this.laying[h + 1] = (this.laying[h] ?? 0) + (may[h] === 1 ? (there[h] ?? 0) : 0);
    }
  }

  /** The least that a task takes of the crews, weighed. */
  takes(task: Task): number {
    let least = Infinity;
    task.minutes.forEach((m, c) => {
      const w = this.weights[c] ?? 0;
      if (m > 0 && w > 0) least = Math.min(least, w * m);
    });
    return least === Infinity ? 0 : least;
  }

  /** The earliest minute by which so much can have been done since another; Infinity where the hours end before. */
  when(from: number, laid: number, other: number): number {
    return Math.max(this.reach(this.laying, from, laid), this.reach(this.all, from, laid + other));
  }

  private reach(sums: Float64Array, from: number, need: number): number {
    if (need <= 0) return from;
    const first = Math.floor(from / H);
    const before = sums[first] ?? 0;
    let low = first;
    let high = sums.length - 1;
    if ((sums[high] ?? 0) - before < need) return Infinity;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((sums[middle] ?? 0) - before >= need) high = middle;
      else low = middle + 1;
    }
    // In its last hour all crews are thought to work from its beginning.
    const rest = need - ((sums[low - 1] ?? 0) - before);
    return Math.max(from, (low - 1) * H + rest / Math.max(this.rate, 1e-9));
  }
}

/** Hours in which some task may be under way. */
function layable(planned: Planned, tasks: readonly Task[], hours: number): Uint8Array {
  const may = new Uint8Array(hours);
  const seen = new Set<object>();
  for (const t of tasks) {
    if (t.parted) continue;
    for (const m of t.minutes) {
      if (m <= 0) continue;
      // A start may lie late in its hour: then it reaches into one more.
      for (const span of [Math.ceil(m / H), Math.ceil(m / H) + 1]) {
        const sky = planned.outlook.sky(t.index, span);
        if (!sky) return may.fill(1);
        if (seen.has(sky)) continue;
        seen.add(sky);
        for (let h = 0; h < hours; h += 1)
          if (sky.open[h] === 1) for (let k = h; k < Math.min(hours, h + span); k += 1) may[k] = 1;
      }
    }
  }
  return may;
}

/** @param tasks those that are to be done: all of them, or those that found room */
export function boundOf(planned: Planned, tasks: readonly Task[] = planned.tasks): Bound {
  const ways = new Ways(planned);
  const paid = tasks.filter((t) => t.minutes.some((m, c) => m > 0 && !planned.crews[c]?.inspects));
  const personMin = paid.reduce((n, t) => n + leastOfPersons(planned, t), 0);
  const ends = ways.through(tasks, new Map());
  if (!ends) return { finishMin: undefined, personMin, by: 'cure and weather' };
  const path = Math.max(0, ...ends.values());
  const held = heldByCrews(planned, paid, tasks, ways, ends);
  return held > path
    ? { finishMin: held, personMin, by: 'hours of the crews' }
    : { finishMin: path, personMin, by: 'cure and weather' };
}

/**
 * The best of these: for works up to a depth of the chains of some roofs, those whose ways are longest first, the minute by
 * which the crews can have done them all; one of them is done no sooner, and its bay has the rest of its way to go.
 */
function heldByCrews(
  planned: Planned,
  paid: readonly Task[],
  tasks: readonly Task[],
  ways: Ways,
  ends: ReadonlyMap<number, number>,
): number {
  const capacity = new Capacity(planned, paid);
  const depth = new Map<number, number>();
  for (const t of tasks)
    depth.set(t.index, Math.max(0, ...t.after.map((l) => (depth.get(l.task) ?? -1) + 1)));
  const deepest = Math.max(0, ...depth.values());
  const byBay = new Map<number, Task[]>();
  for (const t of tasks) byBay.set(t.bay, [...(byBay.get(t.bay) ?? []), t]);
  const inZone = planned.zones.map((_, z) => paid.filter((t) => t.zone === z));
  let best = 0;
  for (let d = 0; d <= deepest; d += 1) {
    /** For a roof: the end of the soonest of its bays whose works up to this depth are done at a minute. */
    const rest = (zone: number, done: number): number => {
      let soonest = Infinity;
      const seen = new Set<string>();
      for (const [bay, own] of byBay) {
        if (planned.bays[bay]?.zone !== zone) continue;
        const until = own.filter((t) => (depth.get(t.index) ?? 0) <= d);
        const after = own.filter((t) => (depth.get(t.index) ?? 0) > d);
        if (until.length === 0) continue;
        const last = until.at(-1);
        // Bays alike go on alike.
        const key = own
          .map((t) => `${t.layerId ?? t.kind}/${t.minutes.join()}/${t.earliestMin}/${t.startMin ?? ''}`)
          .join('|');
        if (seen.has(key)) continue;
        seen.add(key);
        const known = new Map(until.map((t) => [t.index, t === last ? done : (ends.get(t.index) ?? 0)]));
        const through = ways.through(after, known);
        soonest = Math.min(
          soonest,
          through ? Math.max(done, ...after.map((t) => through.get(t.index) ?? 0)) : Infinity,
        );
      }
      return soonest;
    };
    const zones = planned.zones
      .map((_, z) => ({ z, tail: rest(z, 0) }))
      .filter(({ z }) => inZone[z]?.some((t) => (depth.get(t.index) ?? 0) <= d))
      .sort((a, b) => b.tail - a.tail);
    let laid = 0;
    let other = 0;
    const taken: number[] = [];
    for (const { z } of zones) {
      taken.push(z);
      for (const t of inZone[z] ?? []) {
        if ((depth.get(t.index) ?? 0) > d) continue;
        if (planned.outlook.sky(t.index, 1) && !t.parted) laid += capacity.takes(t);
        else other += capacity.takes(t);
      }
      const done = capacity.when(0, laid, other);
      if (done === Infinity) return best;
      best = Math.max(best, Math.min(...taken.map((zone) => rest(zone, done))));
    }
  }
  return best === Infinity ? 0 : best;
}
