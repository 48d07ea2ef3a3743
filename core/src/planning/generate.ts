/**
 * Serial schedule generation (Kolisch 1996, from memory): tasks are taken in the order of a list and each is put where it
 * ends first, in gaps that are left too. What may not wait too long after what it follows is placed together with it: where
 * it finds no room in time, the first of them is tried later.
 */
import { betweenWorks } from './between.ts';
import { CrewTimes, NONE } from './crewtime.ts';
import {
  closesAfter,
  cureHour,
  hoursOf,
  opensAfter,
  type Placed,
  type Plan,
  type Planned,
  type Task,
} from './model.ts';
import { inApartOrder } from './apart.ts';
import type { Genes } from './genes.ts';
import { isClosedInTime, isHurried, openUntil } from './opened.ts';
import { kettleHolds } from './kettlehours.ts';
import { Places } from './places.ts';
import { rinsedFrom } from './rinsing.ts';
import { Runs } from './runs.ts';
import { scoreOf } from './score.ts';

/** What is closed again is tried so often later, at most. */
const TRIES = 8;
/** What opens a roof waits for a day on which it is closed again. */
const TRIES_OPENED = 90;
/** And what follows it. */
const TRIES_BELOW = 3;

/** Works on one day that are farther apart are not gone on with. */
const NEXT_MIN = 240;

interface Spot {
  readonly start: number;
  readonly end: number;
  readonly rinsed?: true;
}

export class Generator {
  private readonly planned: Planned;
  private readonly followers: readonly (readonly number[])[];
  private readonly hours: number;
  private readonly times: CrewTimes;
  private readonly longestWay: number;
  private readonly runs: Runs;

  constructor(planned: Planned) {
    this.planned = planned;
    this.hours = Math.floor(planned.endMin / 60);
    this.longestWay = Math.max(planned.moveMin, planned.changeMin);
    this.times = new CrewTimes(planned);
    const followers: number[][] = planned.tasks.map(() => []);
    for (const t of planned.tasks)
      for (const l of t.after) if (isHurried(planned, t, l.task)) followers[l.task]?.push(t.index);
    this.followers = followers;
    this.runs = new Runs(planned, this);
  }

  /** Tasks that may not wait as long as they like after one. */
  followersOf(index: number): readonly number[] {
    return this.followers[index] ?? [];
  }

  plan(genes: Genes): Plan {
    const places = new Places(this.planned);
    const failed = new Set<number>();
    // What was fixed by hand comes first, as far as what it follows allows.
    const pinned = genes.list.filter((i) => this.planned.tasks[i]?.startMin !== undefined);
    const order = inApartOrder(this.planned, [...pinned, ...genes.list]);
    for (const index of order) {
      const zone = this.planned.tasks[index]?.zone ?? 0;
      if (genes.runs[index] === 1 && !places.placed[index] && !places.isBarred(zone))
        this.runs.place(index, places, genes);
      if (places.isBarred(zone) || !this.placeWith(index, places, genes, failed)) failed.add(index);
    }
    return { placed: places.placed, score: scoreOf(this.planned, places.placed) };
  }

  /** Places a task after all that it follows. */
  private placeWith(index: number, places: Places, genes: Genes, failed: Set<number>): boolean {
    if (places.placed[index]) return true;
    const task = this.planned.tasks[index];
    if (!task || failed.has(index)) return false;
    for (const { task: before } of task.after)
      if (!this.placeWith(before, places, genes, failed)) {
        failed.add(index);
        return false;
      }
    // Placing one before it may have brought it along.
    if (places.placed[index]) return true;
    const done = this.placeChain(task, places, genes, 0, false);
    if (!done) failed.add(index);
    return done;
  }

  /** From and until when a task may begin, by what it follows. */
  span(task: Task, places: Places, genes?: Genes): { from: number; until: number } {
    let from = Math.max(task.earliestMin, genes?.notBefore[task.index] ?? 0, task.startMin ?? 0);
    let until = task.latestMin;
    for (const link of task.after) {
      const before = places.placed[link.task];
      if (!before) return { from: Infinity, until };
      from = Math.max(from, before.end + link.lagMin);
      const cure = link.cures ? this.planned.outlook.cure(link.task) : undefined;
      if (!cure) continue;
      const hour = cureHour(before.end);
      const opens = opensAfter(link, cure, hour);
      from = opens < 0 ? Infinity : Math.max(from, opens);
      const closes = closesAfter(link, cure, hour);
      if (closes >= 0) until = Math.min(until, closes);
    }
    const opener = task.opened === undefined ? undefined : places.placed[task.opened];
    if (opener) until = Math.min(until, openUntil(this.planned, opener));
    return { from, until };
  }

  /** Where a task ends first, with the crew that does it. */
  private best(
    task: Task,
    places: Places,
    genes: Genes,
    from: number,
    until: number,
    /** What is put right before it. */
    extraMin = 0,
  ): (Spot & { crew: number }) | undefined {
    const wanted = task.crew ?? genes.crew[task.index] ?? -1;
    let found: (Spot & { crew: number }) | undefined;
    let least = Infinity;
    for (let crew = 0; crew < this.planned.crews.length; crew += 1) {
      if ((task.minutes[crew] ?? 0) <= 0 || (wanted >= 0 && crew !== wanted)) continue;
      const minutes = (task.minutes[crew] ?? 0) + extraMin;
      const spot = this.first(
        task,
        crew,
        minutes,
        places,
        from,
        // Later than this it is no better, however calm it is.
        Math.min(until, least - minutes),
      );
      if (!spot) continue;
      const cost = spot.end + (genes.calm > 0 ? genes.calm * this.changes(task, crew, places, spot) : 0);
      if (cost < least) {
        least = cost;
        found = { ...spot, crew };
      }
    }
    return found;
  }

  /** Minutes that a crew changes what it does for a work: none where the one before or after it on its day is the same. */
  private changes(task: Task, crew: number, places: Places, { start, end }: Spot): number {
    const list = places.ofCrew[crew] ?? [];
    let low = 0;
    let high = list.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((list[middle]?.start ?? 0) < start) low = middle + 1;
      else high = middle;
    }
    let least = this.longestWay;
    for (const p of [list[low - 1], list[low]]) {
      const other = p && this.planned.tasks[p.task];
      if (!p || !other || (p.end <= start ? start - p.end : p.start - end) > NEXT_MIN) continue;
      least = Math.min(least, betweenWorks(this.planned, task, other));
    }
    return least;
  }

  /** The first start of a task with a crew in a span; with rinsing first where what lies below has lain too long. */
  first(
    task: Task,
    crew: number,
    minutes: number,
    places: Places,
    from: number,
    until: number,
  ): Spot | undefined {
    const rinsed = rinsedFrom(task, places.placed);
    const clean = this.room(task, crew, minutes, places, from, Math.min(until, rinsed - 1));
    if (clean || until < rinsed) return clean;
    const more = task.wash?.minutes[crew] ?? 0;
    const spot = this.room(task, crew, minutes + more, places, Math.max(from, rinsed), until);
    return spot && { ...spot, rinsed: true };
  }

  /** The first start at which so many minutes find room. */
  private room(
    task: Task,
    crew: number,
    minutes: number,
    places: Places,
    from: number,
    until: number,
  ): Spot | undefined {
    const { planned, hours } = this;
    const time = this.times.of(crew, task);
    if (!time) return undefined;
    let start = from;
    // Each turn moves the start on; it ends with the hours.
    for (;;) {
      start = task.parted ? time.begins(start) : time.fits(start, minutes, task.headMin, task.tailMin);
      if (start === NONE || start > until) return undefined;
      const end = task.parted ? time.doneAt(start, minutes) : start + minutes;
      if (end === NONE) return undefined;
      const hour = Math.floor(start / 60);
      const sky = planned.outlook.sky(task.index, task.parted ? 1 : hoursOf(start, end));
      if (sky && sky.open[hour] !== 1) {
        // A start on the full hour asks for the fewest hours.
        const least = task.parted ? sky : planned.outlook.sky(task.index, Math.ceil(minutes / 60));
        const next = least?.next[hour + 1] ?? hours;
        if (next >= hours) return undefined;
        start = next * 60;
        continue;
      }
      const opener = task.closer && task.opened !== undefined ? places.placed[task.opened] : undefined;
      // Later it is no safer.
      if (opener && !isClosedInTime(planned, task, end, opener)) return undefined;
      const free = Math.max(
        this.free(task, crew, places, start, end),
        places.machineFree(task.machine, start, end),
        places.apartFrom(task, start, end),
        kettleHolds(planned, task, crew, places.ofCrew[crew] ?? [], { start, end }),
      );
      if (free === Infinity) return undefined;
      if (free > start) {
        start = free;
        continue;
      }
      const way = places.wayOpens(task, start, end);
      if (way === start) return { start, end };
      if (way === Infinity) return undefined;
      start = way;
    }
  }

  /** When a crew is free for a while, with the ways between works; the start itself where it is. */
  free(task: Task, crew: number, places: Places, start: number, end: number): number {
    const list = places.ofCrew[crew] ?? [];
    // Works of a crew stand one after the other: those that end long before the start are passed over.
    let low = 0;
    let high = list.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((list[middle]?.end ?? 0) + this.longestWay <= start) low = middle + 1;
      else high = middle;
    }
    let from = start;
    const length = end - start;
    // Gaps that are too short are passed over at once.
    for (let i = low; i < list.length; i += 1) {
      const p = list[i];
      const other = p && this.planned.tasks[p.task];
      if (!p || !other) continue;
      if (p.start >= from + length + this.longestWay) break;
      const between = betweenWorks(this.planned, task, other);
      if (p.start < from + length + between && p.end + between > from) from = p.end + between;
    }
    return from;
  }

  /**
   * Places a task, and with it what may not wait too long.
   * @param must only where all of that is done in time
   */
  private placeChain(task: Task, places: Places, genes: Genes, depth: number, must: boolean): boolean {
    const { from: earliest, until } = this.span(task, places, genes);
    if (earliest === Infinity) return false;
    const mark = places.mark;
    const fixed = task.startMin !== undefined;
    let from = earliest;
    let first: Placed | undefined;
    const opens = (this.followers[task.index] ?? []).some(
      (f) => this.planned.tasks[f]?.opened === task.index,
    );
    const tries = opens ? TRIES_OPENED : depth === 0 ? TRIES : TRIES_BELOW;
    for (let n = 0; n < tries; n += 1) {
      const spot = this.best(task, places, genes, from, until);
      if (!spot) break;
      const placed: Placed = { task: task.index, late: false, ...spot };
      places.put(task, placed);
      first ??= placed;
      if ((this.followers[task.index] ?? []).every((f) => this.bring(f, places, genes, depth, true)))
        return true;
      places.backTo(mark);
      if (fixed) break;
      // Later by an hour: the hours of the weather are what it depends on.
      from = (Math.floor(placed.start / 60) + 1) * 60;
    }
    if (must || opens || task.opened !== undefined) return false;
    // It is too late for it, or for what follows it, however it is turned: what has closed is put right and gone on with.
    if (!first) {
      const spot = this.best(task, places, genes, Math.max(earliest, until + 1), Infinity, task.remedyMin);
      if (!spot) return false;
      first = { task: task.index, late: true, ...spot };
    }
    places.put(task, first);
    const followed = (this.followers[task.index] ?? []).every((f) =>
      this.bring(f, places, genes, depth, false),
    );
    if (followed || fixed) return true;
    // Nothing is begun that cannot be gone on with in the hours that are known.
    places.backTo(mark);
    return false;
  }

  /** Places what follows, and what that follows besides. */
  private bring(index: number, places: Places, genes: Genes, depth: number, must: boolean): boolean {
    const task = this.planned.tasks[index];
    if (!task || places.placed[index]) return true;
    return (
      task.after.every((l) => this.bring(l.task, places, genes, depth, must)) &&
      (places.placed[index] !== undefined || this.placeChain(task, places, genes, depth + 1, must))
    );
  }
}
