/**
 * A plan made better in small: one task at a time is taken out and put where crews change and wait least, next to works of
 * the same kind, with all others where they stand. Nothing that the plan holds is broken by it.
 */
import { MINUTES_PER_DAY } from '../units/index.ts';
import { CrewTimes } from './crewtime.ts';
import { Generator } from './generate.ts';
import {
  closesAfter,
  cureHour,
  hoursOf,
  onStep,
  opensAfter,
  STEP_MIN,
  type Placed,
  type Plan,
  type Planned,
  type Task,
} from './model.ts';
import { isClosedInTime } from './opened.ts';
import { kettleHolds } from './kettlehours.ts';
import { Places } from './places.ts';
import { rinsedFrom } from './rinsing.ts';
import { betweenWorks, isSameWork } from './between.ts';
import { scoreOf, weightsOf } from './score.ts';

/** Works as far apart as this are not put next to each other. */
const NEAR_MIN = 3 * MINUTES_PER_DAY;

export class Polisher {
  private readonly planned: Planned;
  private readonly places: Places;
  private readonly times: CrewTimes;
  private readonly followers: readonly (readonly Task[])[];
  private readonly generator: Generator;
  private readonly isLast: readonly boolean[];

  constructor(planned: Planned, plan: Plan) {
    this.planned = planned;
    this.places = new Places(planned);
    this.times = new CrewTimes(planned);
    this.generator = new Generator(planned);
    const followers: Task[][] = planned.tasks.map(() => []);
    for (const t of planned.tasks) for (const l of t.after) followers[l.task]?.push(t);
    this.followers = followers;
    this.isLast = planned.tasks.map((t) => (followers[t.index] ?? []).length === 0);
    for (const p of [...plan.placed].sort((a, b) => (a?.start ?? 0) - (b?.start ?? 0))) {
      const task = p && planned.tasks[p.task];
      if (p && task) this.places.put(task, p);
    }
  }

  get plan(): Plan {
    const placed = [...this.places.placed];
    return { placed, score: scoreOf(this.planned, placed) };
  }

  /** Tries to put one task better. @returns whether it was moved */
  move(index: number): boolean {
    const task = this.planned.tasks[index];
    const was = this.places.placed[index];
    if (!task || !was || was.late || was.rinsed || task.parted || task.startMin !== undefined) return false;
    const withIt = this.dayCost(was.crew, was.start);
    this.places.take(task);
    const without = this.dayCost(was.crew, was.start);
    const { person } = weightsOf(this.planned);
    let best = was;
    let least = person * (withIt - without) + this.lateness(task, was.end);
    for (const spot of this.spots(task, was)) {
      const before = this.dayCost(spot.crew, spot.start);
      const cost =
        person * (this.dayCost(spot.crew, spot.start, spot) - before) + this.lateness(task, spot.end);
      if (cost >= least - 1e-6 || !this.holds(task, spot)) continue;
      least = cost;
      best = spot;
    }
    this.places.put(task, best);
    return best !== was;
  }

  /** The works of a crew that a task is gone on with: the same, one right after the other. */
  private blockOf(index: number): Task[] {
    const at = this.places.placed[index];
    const list = (at && this.places.ofCrew[at.crew]) ?? [];
    const here = list.findIndex((p) => p.task === index);
    const isNext = (a: Placed | undefined, b: Placed | undefined): boolean => {
      const [x, y] = [a && this.planned.tasks[a.task], b && this.planned.tasks[b.task]];
      return !!a && !!b && !!x && !!y && b.start - a.end < STEP_MIN && isSameWork(x, y);
    };
    let from = here;
    let to = here;
    while (from > 0 && isNext(list[from - 1], list[from])) from -= 1;
    while (to + 1 < list.length && isNext(list[to], list[to + 1])) to += 1;
    return list.slice(from, to + 1).flatMap((p) => this.planned.tasks[p.task] ?? []);
  }

  /** Tries to put works that belong together better, all of them. @returns whether they were moved */
  moveBlock(index: number): boolean {
    const block = this.blockOf(index);
    const were = block.flatMap((t) => this.places.placed[t.index] ?? []);
    const [first] = were;
    if (!first || block.length < 2 || block.some((t) => t.parted || t.startMin !== undefined)) return false;
    if (were.some((p) => p.late || p.rinsed)) return false;
    const { person } = weightsOf(this.planned);
    const withIt = this.dayCost(first.crew, first.start);
    for (const t of block) this.places.take(t);
    const without = this.dayCost(first.crew, first.start);
    const late = (list: readonly Placed[]): number =>
      block.reduce((n, t, i) => n + this.lateness(t, list[i]?.end ?? 0), 0);
    let best: readonly Placed[] = were;
    let least = person * (withIt - without) + late(were);
    for (const spots of this.runs(block, first)) {
      const [a, z] = [spots[0], spots.at(-1)];
      if (!a || !z) continue;
      const before = this.dayCost(a.crew, a.start);
      const cost = person * (this.dayCost(a.crew, a.start, { ...a, end: z.end }) - before) + late(spots);
      if (cost >= least - 1e-6 || !this.holdTogether(block, spots)) continue;
      least = cost;
      best = spots;
    }
    block.forEach((t, i) => {
      const p = best[i];
      if (p) this.places.put(t, p);
    });
    return best !== were;
  }

  /** Whether all hold, each with those before it in their places; they are taken out again. */
  private holdTogether(block: readonly Task[], spots: readonly Placed[]): boolean {
    let n = 0;
    for (const task of block) {
      const spot = spots[n];
      if (!spot || !this.holds(task, spot)) break;
      this.places.put(task, spot);
      n += 1;
    }
    for (const task of block.slice(0, n)) this.places.take(task);
    return n === block.length;
  }

  /** Works one after the other, before and after works that stand near, by every crew that can. */
  private *runs(block: readonly Task[], was: Placed): Iterable<Placed[]> {
    const [first] = block;
    if (!first) return;
    for (let crew = 0; crew < this.planned.crews.length; crew += 1) {
      if (block.some((t) => (t.minutes[crew] ?? 0) <= 0 || (t.crew !== undefined && t.crew !== crew)))
        continue;
      const lay = (from: number): Placed[] => {
        let start = from;
        return block.map((t) => {
          const end = start + (t.minutes[crew] ?? 0);
          const spot = { task: t.index, crew, start, end, late: false };
          start = onStep(end);
          return spot;
        });
      };
      const length = lay(0).at(-1)?.end ?? 0;
      for (const p of this.places.ofCrew[crew] ?? []) {
        if (Math.abs(p.start - was.start) > NEAR_MIN) continue;
        const other = this.planned.tasks[p.task];
        if (!other) continue;
        const between = betweenWorks(this.planned, first, other);
        const before = Math.floor((p.start - between - length) / STEP_MIN) * STEP_MIN;
        for (const start of [onStep(p.end + between), before])
          if (start >= 0 && (start !== was.start || crew !== was.crew)) yield lay(start);
      }
    }
  }

  /** What a later end of the last work on a bay costs. */
  private lateness(task: Task, end: number): number {
    if (!this.isLast[task.index]) return 0;
    const weights = weightsOf(this.planned);
    const late = this.planned.deadlines.some((d) => d.zone === task.zone && end > d.byMin)
      ? weights.lateDay / MINUTES_PER_DAY
      : 0;
    return (weights.mean / Math.max(1, this.planned.bays.length) + late + weights.finish / 20) * end;
  }

  /** Minutes of persons of a crew on the day of a minute, with one more work where it is given. */
  private dayCost(crew: number, minute: number, more?: Placed): number {
    const at = this.planned.crews[crew];
    const shift = at?.shifts.find((s) => s.from <= minute && minute < s.to);
    if (!at || !shift || at.inspects) return 0;
    let first = more ? more.start : Infinity;
    let last = more ? more.end : 0;
    for (const p of this.places.ofCrew[crew] ?? []) {
      if (p.start >= shift.to || p.end <= shift.from) continue;
      first = Math.min(first, Math.max(p.start, shift.from));
      last = Math.max(last, Math.min(p.end, shift.to));
    }
    if (last === 0) return 0;
    return (
      at.people *
      shift.parts.reduce((n, p) => n + Math.max(0, Math.min(p.to, last) - Math.max(p.from, first)), 0)
    );
  }

  /** Places before and after works that stand near, by every crew that can. */
  private *spots(task: Task, was: Placed): Iterable<Placed> {
    for (let crew = 0; crew < this.planned.crews.length; crew += 1) {
      const minutes = task.minutes[crew] ?? 0;
      if (minutes <= 0 || (task.crew !== undefined && task.crew !== crew)) continue;
      for (const p of this.places.ofCrew[crew] ?? []) {
        if (Math.abs(p.start - was.start) > NEAR_MIN) continue;
        const other = this.planned.tasks[p.task];
        if (!other) continue;
        const between = betweenWorks(this.planned, task, other);
        const after = onStep(p.end + between);
        const before = Math.floor((p.start - between - minutes) / STEP_MIN) * STEP_MIN;
        for (const start of [after, before])
          if (start >= 0 && start !== was.start)
            yield { task: task.index, crew, start, end: start + minutes, late: false };
      }
    }
  }

  /** Works on an opened roof are moved only as long as it is closed in time. */
  private staysClosed(task: Task, spot: Pick<Placed, 'crew' | 'start' | 'end'>): boolean {
    const { planned, places } = this;
    // What opens a roof stays where all that closes it was placed with it.
    if (planned.tasks.some((t) => t.opened === task.index)) return false;
    const opener = task.opened === undefined ? undefined : places.placed[task.opened];
    return !opener || !task.closer || isClosedInTime(planned, task, spot.end, opener);
  }

  /** Whether everything that a plan has to hold is held with a task in a place. */
  private holds(task: Task, { crew, start, end }: Placed): boolean {
    const { planned, places } = this;
    const time = this.times.of(crew, task);
    const minutes = end - start;
    if (!time || time.fits(start, minutes, task.headMin, task.tailMin) !== start) return false;
    const sky = planned.outlook.sky(task.index, hoursOf(start, end));
    if (sky && sky.open[Math.floor(start / 60)] !== 1) return false;
    const { from, until } = this.generator.span(task, places);
    if (start < from || start > until || start >= rinsedFrom(task, places.placed)) return false;
    const ofCrew = places.ofCrew[crew] ?? [];
    if (kettleHolds(planned, task, crew, ofCrew, { start, end }) !== start) return false;
    const cure = planned.outlook.cure(task.index);
    const hour = cureHour(end);
    for (const f of this.followers[task.index] ?? []) {
      const p = places.placed[f.index];
      const link = f.after.find((l) => l.task === task.index);
      if (!p || !link) continue;
      if (p.start < end + link.lagMin) return false;
      if (!p.rinsed && f.wash?.task === task.index && p.start >= end + f.wash.afterMin) return false;
      if (!link.cures || !cure) continue;
      const opens = opensAfter(link, cure, hour);
      if (opens < 0 || opens > p.start) return false;
      const closes = closesAfter(link, cure, hour);
      if (closes >= 0 && p.start > closes && !p.late) return false;
    }
    if (!this.staysClosed(task, { crew, start, end })) return false;
    return (
      this.generator.free(task, crew, places, start, end) === start &&
      places.apartFrom(task, start, end) === start &&
      places.machineFree(task.machine, start, end) === start &&
      places.wayOpens(task, start, end) === start
    );
  }
}
