/**
 * The same work on the bays of a roof laid in one run by one crew: each crew is tried, from the first hour that will do and
 * from the mornings after it, and the run stands where it costs least in hours of persons and in waiting. What closes again
 * is followed by its own run in time, or the run is not taken.
 */
import { MINUTES_PER_DAY } from '../units/index.ts';
import { isSameWork } from './between.ts';
import type { Genes } from './genes.ts';
import type { Planned, Task } from './model.ts';
import type { Places } from './places.ts';
import { weightsOf, workedMin } from './score.ts';

/** Mornings that are tried after the first hour. */
const MORNINGS = 1;
/** What closes is followed so many runs deep. */
const DEEPEST = 6;

interface Candidate {
  readonly crew: number;
  readonly from: number;
  readonly cost: number;
}

/** Where single works find room. */
interface Rooms {
  readonly span: (task: Task, places: Places) => { readonly from: number; readonly until: number };
  readonly first: (
    task: Task,
    crew: number,
    minutes: number,
    places: Places,
    from: number,
    until: number,
  ) => { readonly start: number; readonly end: number } | undefined;
  /** Tasks that may not wait as long as they like after one. */
  readonly followersOf: (index: number) => readonly number[];
}

export class Runs {
  private readonly planned: Planned;
  private readonly rooms: Rooms;
  /** Tasks of the same work, in the dry order of their bays. */
  private readonly groups: readonly (readonly Task[])[];
  private readonly groupOf: readonly number[];

  constructor(planned: Planned, rooms: Rooms) {
    this.planned = planned;
    this.rooms = rooms;
    const groups: Task[][] = [];
    this.groupOf = planned.tasks.map((t) => {
      const at = groups.findIndex(([first]) => first && isSameWork(first, t));
      if (at >= 0) groups[at]?.push(t);
      return at >= 0 ? at : groups.push([t]) - 1;
    });
    this.groups = groups.map((g) => [...g].sort((a, b) => a.order - b.order || a.index - b.index));
  }

  /** Places all of the work of a task that is ready, in one run; nothing where that does not go. */
  place(index: number, places: Places, genes: Genes): void {
    const own = this.readyWith(index, places);
    if (own.length > 1) this.run(own, places, genes, 0);
  }

  private readyWith(index: number, places: Places): Task[] {
    return (this.groups[this.groupOf[index] ?? -1] ?? []).filter(
      (t) =>
        !places.placed[t.index] &&
        t.startMin === undefined &&
        t.opened === undefined &&
        t.after.every((l) => places.placed[l.task]),
    );
  }

  private run(tasks: readonly Task[], places: Places, genes: Genes, depth: number): boolean {
    const mark = places.mark;
    for (const { crew, from } of this.candidates(tasks, places, genes)) {
      if (this.lay(tasks, crew, from, places) && this.follow(tasks, places, genes, depth)) return true;
      places.backTo(mark);
    }
    return false;
  }

  /** What may not wait too long after a run. */
  private follow(tasks: readonly Task[], places: Places, genes: Genes, depth: number): boolean {
    const next = new Set(tasks.flatMap((t) => this.rooms.followersOf(t.index)));
    for (const f of next) {
      if (places.placed[f]) continue;
      const own = this.readyWith(f, places);
      if (own.length === 0 || depth >= DEEPEST || !this.run(own, places, genes, depth + 1)) return false;
    }
    return true;
  }

  private candidates(tasks: readonly Task[], places: Places, genes: Genes): Candidate[] {
    const { planned } = this;
    const { person, finish, mean } = weightsOf(planned);
    const wanted = new Set(tasks.map((t) => t.crew ?? genes.crew[t.index] ?? -1).filter((c) => c >= 0));
    const mark = places.mark;
    const found: Candidate[] = [];
    planned.crews.forEach((at, crew) => {
      if (tasks.some((t) => (t.minutes[crew] ?? 0) <= 0)) return;
      if (wanted.size > 0 && !wanted.has(crew)) return;
      const before = workedMin(at, places.ofCrew[crew] ?? []);
      let from = 0;
      for (let n = 0; n <= MORNINGS; n += 1) {
        if (!this.lay(tasks, crew, from, places)) {
          places.backTo(mark);
          break;
        }
        const ends = tasks.map((t) => places.placed[t.index]?.end ?? 0);
        const more = at.inspects ? 0 : at.people * (workedMin(at, places.ofCrew[crew] ?? []) - before);
        const wait = ends.reduce((a, b) => a + b, 0) / ends.length;
        found.push({
          ...{ crew, from },
          cost:
            person * (more + genes.haste * wait) +
            (finish + mean * (tasks.length / planned.bays.length)) * wait,
        });
        const start = Math.min(...tasks.map((t) => places.placed[t.index]?.start ?? Infinity));
        places.backTo(mark);
        from = (Math.floor(start / MINUTES_PER_DAY) + 1) * MINUTES_PER_DAY;
      }
    });
    return found.sort((a, b) => a.cost - b.cost);
  }

  /** One after the other by one crew, none before a minute; some of it may stand when it does not go. */
  private lay(tasks: readonly Task[], crew: number, from: number, places: Places): boolean {
    for (const task of tasks) {
      const span = this.rooms.span(task, places);
      const spot = this.rooms.first(
        task,
        crew,
        task.minutes[crew] ?? 0,
        places,
        Math.max(span.from, from),
        span.until,
      );
      if (!spot) return false;
      places.put(task, { task: task.index, crew, late: false, ...spot });
    }
    return true;
  }
}
