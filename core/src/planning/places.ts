/**
 * Who is where, and which bays are wet: what has been placed so far. A bay may be gone over when nothing on it is wet for
 * as long as somebody needs it; a bay that is laid must leave a way out to everybody who is still on the zone.
 */
import { othersOf } from './apart.ts';
import { BEYOND, cureHour, type Placed, type Planned, type Task } from './model.ts';

interface Wet {
  readonly task: number;
  readonly from: number;
  readonly to: number;
}

const overlaps = (a: { from: number; to: number }, from: number, to: number): boolean =>
  a.from < to && from < a.to;

export class Places {
  readonly placed: (Placed | undefined)[];
  /** Of each crew, in order of start. */
  readonly ofCrew: Placed[][];
  private readonly wets: Wet[][];
  private readonly inZone: Placed[][];
  private readonly onMachine: Placed[][];
  /** Tasks in the order in which they were put. */
  private readonly log: Task[] = [];
  private readonly planned: Planned;
  /** Of each zone those that it may not be shut with. */
  private readonly others: readonly (readonly number[])[];
  private readonly worksIn: readonly number[];

  constructor(planned: Planned) {
    this.planned = planned;
    this.placed = planned.tasks.map(() => undefined);
    this.ofCrew = planned.crews.map(() => []);
    this.inZone = planned.zones.map(() => []);
    this.onMachine = planned.machines.map(() => []);
    this.others = planned.zones.map((_, z) => othersOf(planned, z));
    this.worksIn = planned.zones.map((_, z) => planned.tasks.filter((t) => t.zone === z).length);
    this.wets = planned.bays.map((b) =>
      b.wetUntilMin > 0 ? [{ task: -1, from: 0, to: b.wetUntilMin }] : [],
    );
  }

  /** When what a task leaves may be walked on; its end where it leaves nothing wet. */
  dryAt(task: Task, end: number): number {
    const cure = task.kind === 'layer' ? this.planned.outlook.cure(task.index) : undefined;
    if (!cure) return end;
    const at = cure.walk[cureHour(end)] ?? -1;
    return at < 0 ? this.planned.endMin : Math.max(end, at);
  }

  /** Whether a bay can be come to over bays that are dry all the while; also with one more that is wet. */
  private isWay(zone: number, to: number, from: number, until: number, also?: number): boolean {
    const door = this.planned.zones[zone]?.door;
    if (door === undefined) return true;
    const dry = (bay: number): boolean =>
      bay !== also && !(this.wets[bay] ?? []).some((w) => overlaps(w, from, until));
    if (to === door) return true;
    if (!dry(door)) return false;
    const seen = new Set([door]);
    const queue = [door];
    for (let bay = queue.pop(); bay !== undefined; bay = queue.pop())
      for (const next of this.planned.bays[bay]?.beside ?? []) {
        if (next === to) return true;
        if (seen.has(next) || !dry(next)) continue;
        seen.add(next);
        queue.push(next);
      }
    return false;
  }

  /** Whether somebody comes to a bay and away again, and nobody who is on the zone meanwhile is walled in by it. */
  private hasWayOut(task: Task, start: number, end: number): boolean {
    const { zone, bay } = task;
    if (!this.isWay(zone, bay, start, end)) return false;
    if (task.kind !== 'layer') return true;
    const dry = this.dryAt(task, end);
    return (this.inZone[zone] ?? []).every((p) => {
      const other = this.planned.tasks[p.task];
      if (!other || other.bay === bay || !overlaps({ from: p.start, to: p.end }, start, dry)) return true;
      return this.isWay(zone, other.bay, p.start, p.end, bay);
    });
  }

  /** The start itself where there is a way out; else when one may open next; Infinity where none ever does. */
  wayOpens(task: Task, start: number, end: number): number {
    const zone = this.planned.zones[task.zone];
    if (zone?.door === undefined || this.hasWayOut(task, start, end)) return start;
    let next = Infinity;
    for (const bay of zone.bays)
      for (const w of this.wets[bay] ?? []) if (w.to > start && w.to < next) next = w.to;
    for (const p of this.inZone[task.zone] ?? []) if (p.end > start && p.end < next) next = p.end;
    return next;
  }

  /** When a machine is free for a while from a start on; the start itself where it is. */
  machineFree(machine: number, start: number, end: number): number {
    if (machine < 0) return start;
    const among = (this.onMachine[machine] ?? []).filter((p) =>
      overlaps({ from: p.start, to: p.end }, start, end),
    );
    return among.length < (this.planned.machines[machine] ?? 0)
      ? start
      : Math.min(...among.map((p) => p.end));
  }

  /** When what a task leaves lets feet on again. */
  private feetAt(task: Task, end: number): number {
    const foot = this.planned.outlook.cure(task.index)?.foot[cureHour(end)];
    return foot === undefined ? end : foot === BEYOND ? this.planned.endMin : Math.max(end, foot);
  }

  /** From the first work on a zone until it is open for feet again; undefined: nobody is on it. */
  private shut(zone: number, also = 0): { from: number; to: number } | undefined {
    let from = Infinity;
    let to = 0;
    for (const p of this.inZone[zone] ?? []) {
      const task = this.planned.tasks[p.task];
      from = Math.min(from, p.start);
      if (task) to = Math.max(to, this.feetAt(task, p.end));
    }
    if (to === 0) return undefined;
    // What is begun and not finished stays shut.
    return { from, to: this.isWhole(zone, also) ? to : this.planned.endMin };
  }

  private isWhole(zone: number, also = 0): boolean {
    return (this.inZone[zone]?.length ?? 0) + also >= (this.worksIn[zone] ?? 0);
  }

  /** When a work may begin so that its zone is not shut together with another; Infinity: never. */
  apartFrom(task: Task, start: number, end: number): number {
    const others = this.others[task.zone] ?? [];
    if (others.length === 0) return start;
    const own = this.shut(task.zone, 1);
    const from = Math.min(start, own?.from ?? Infinity);
    const feet = Math.max(this.feetAt(task, end), own?.to ?? 0);
    const to = this.isWhole(task.zone, 1) ? feet : this.planned.endMin;
    let next = start;
    for (const zone of others) {
      const other = this.shut(zone);
      if (!other || !overlaps(other, from, to)) continue;
      // Once begun it cannot be put off.
      if (own && own.from < other.to) return Infinity;
      next = Math.max(next, other.to);
    }
    return next;
  }

  /** A zone that it may not be shut with is begun and has no room to be finished. */
  isBarred(zone: number): boolean {
    return (this.others[zone] ?? []).some(
      (other) => (this.inZone[other]?.length ?? 0) > 0 && !this.isWhole(other),
    );
  }

  put(task: Task, placed: Placed): void {
    this.placed[task.index] = placed;
    this.log.push(task);
    const list = this.ofCrew[placed.crew];
    if (list) {
      const at = list.findIndex((p) => p.start > placed.start);
      list.splice(at < 0 ? list.length : at, 0, placed);
    }
    this.inZone[task.zone]?.push(placed);
    if (task.machine >= 0) this.onMachine[task.machine]?.push(placed);
    const dry = this.dryAt(task, placed.end);
    if (dry > placed.end) this.wets[task.bay]?.push({ task: task.index, from: placed.start, to: dry });
  }

  /** Where one may go back to. */
  get mark(): number {
    return this.log.length;
  }

  /** Takes out again what was put since a mark. */
  backTo(mark: number): void {
    while (this.log.length > mark) {
      const task = this.log.pop();
      if (task) this.take(task);
    }
  }

  take(task: Task): void {
    const placed = this.placed[task.index];
    if (!placed) return;
    this.placed[task.index] = undefined;
    const without = <T>(list: T[] | undefined, is: (one: T) => boolean): void => {
      const at = list?.findIndex(is) ?? -1;
      if (at >= 0) list?.splice(at, 1);
    };
    without(this.ofCrew[placed.crew], (p) => p === placed);
    without(this.inZone[task.zone], (p) => p === placed);
    if (task.machine >= 0) without(this.onMachine[task.machine], (p) => p === placed);
    without(this.wets[task.bay], (w) => w.task === task.index);
  }
}
