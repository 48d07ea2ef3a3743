/**
 * A plan in a weather that it was not made for. The crews do what is planned, not before its time and in its order; where the
 * sky shows that a work will not do, they go on with the next that will. What the hours after it bring is not seen: film that
 * is rained on or settles under dew before it is safe is put right before it is gone on with, and so is what has closed.
 * Both cost the time that the layer's remedy takes.
 */
import { CONDITIONS, failsIn, type Condition } from '../programme/index.ts';
import { CrewTimes, NONE } from './crewtime.ts';
import { othersOf } from './apart.ts';
import { betweenWorks } from './between.ts';
import { kettleHolds } from './kettlehours.ts';
import {
  closesAfter,
  BEYOND,
  cureHour,
  hoursOf,
  opensAfter,
  type Outlook,
  type Placed,
  type Plan,
  type Planned,
  type Task,
} from './model.ts';
import { rinsedFrom } from './rinsing.ts';

/** Told only by the hours after it was laid. */
const AFTER: readonly Condition[] = ['rainSafe', 'dewSkin', 'noBelow', 'unknownAfter'];
const bitsOf = (list: readonly Condition[]): number =>
  list.reduce((bits, c) => bits | (1 << CONDITIONS.indexOf(c)), 0);
const SEEN = bitsOf(CONDITIONS.filter((c) => !AFTER.includes(c)));
/** What spoils a film; that the hours end before it is known is no harm. */
const HARM = AFTER.filter((c) => c !== 'unknownAfter');
/** A crew looks so many works ahead for one that will do. */
const AHEAD = 6;

export interface Happened extends Placed {
  /** What the hours after it brought. */
  readonly spoiled: Condition | undefined;
}

export interface Replay {
  readonly placed: readonly (Happened | undefined)[];
}

interface Next {
  readonly task: Task;
  readonly start: number;
  readonly end: number;
  readonly late: boolean;
}

/** Plays plans of one job; what does not depend on the weather is looked up once. */
export class Player {
  private readonly planned: Planned;
  private readonly times: CrewTimes;
  /** Of each zone those that it may not be shut with. */
  private readonly others: readonly (readonly number[])[];
  /** Of the plan that is played: when each zone is begun, and its works. */
  private begins: readonly number[] = [];
  private ofZone: readonly (readonly number[])[] = [];

  constructor(planned: Planned) {
    this.planned = planned;
    this.others = planned.zones.map((_, z) => othersOf(planned, z));
    this.times = new CrewTimes(planned);
  }

  /** @param sky the weather as it turned out */
  play(plan: Plan, sky: Outlook): Replay {
    const { planned } = this;
    const happened: (Happened | undefined)[] = planned.tasks.map(() => undefined);
    const lastOf: (Happened | undefined)[] = planned.crews.map(() => undefined);
    const left = planned.crews.map((_, c) =>
      plan.placed
        .flatMap((p) => (p?.crew === c ? [p] : []))
        .sort((a, b) => a.start - b.start || a.task - b.task),
    );
    this.ofZone = planned.zones.map((_, z) =>
      plan.placed.flatMap((p) => (p && planned.tasks[p.task]?.zone === z ? [p.task] : [])),
    );
    this.begins = this.ofZone.map((own) => Math.min(...own.map((i) => plan.placed[i]?.start ?? Infinity)));
    const ready: (Next | undefined)[] = planned.crews.map(() => undefined);
    const isOld = planned.crews.map(() => true);
    for (;;) {
      let best = -1;
      for (let c = 0; c < left.length; c += 1) {
        // What another crew has done may let this one go on sooner only where it waited for it.
        if (isOld[c]) ready[c] = this.nextOf(left[c] ?? [], happened, lastOf[c], sky);
        isOld[c] = false;
        const next = ready[c];
        if (next && (best < 0 || next.start < (ready[best]?.start ?? Infinity))) best = c;
      }
      const next = best < 0 ? undefined : ready[best];
      if (!next) break;
      const mask = next.task.parted
        ? 0
        : (sky.sky(next.task.index, hoursOf(next.start, next.end))?.mask[Math.floor(next.start / 60)] ?? 0);
      const spoiled = HARM.find((c) => failsIn(mask, c));
      const mended = spoiled
        ? (this.times.of(best, next.task)?.doneAt(next.end, next.task.remedyMin) ?? NONE)
        : next.end;
      const one: Happened = {
        ...{ task: next.task.index, crew: best, start: next.start, late: next.late, spoiled },
        end: mended === NONE ? planned.endMin : mended,
      };
      happened[next.task.index] = one;
      lastOf[best] = one;
      const list = left[best];
      const at = list?.findIndex((p) => p.task === next.task.index) ?? -1;
      if (at >= 0) list?.splice(at, 1);
      isOld.fill(true);
    }
    return { placed: happened };
  }

  /** The work of a crew that can be begun first, among the next few; in the order of the plan where several can. */
  private nextOf(
    left: readonly Placed[],
    happened: readonly (Happened | undefined)[],
    last: Happened | undefined,
    sky: Outlook,
  ): Next | undefined {
    let best: Next | undefined;
    let looked = 0;
    for (const p of left) {
      if (looked >= AHEAD) break;
      const task = this.planned.tasks[p.task];
      if (!task) continue;
      const next = this.when(task, p, happened, last, sky);
      // What waits for others is no work of now; what has no room any more is passed over for good.
      if (next === 'waits') continue;
      looked += next ? 1 : 0;
      if (next && (!best || next.start < best.start)) best = next;
      if (best && best.start <= p.start) break;
    }
    return best;
  }

  private when(
    task: Task,
    p: Placed,
    happened: readonly (Happened | undefined)[],
    last: Happened | undefined,
    sky: Outlook,
  ): Next | undefined | 'waits' {
    const { planned } = this;
    let from = Math.max(p.start, task.earliestMin);
    let until = task.latestMin;
    for (const link of task.after) {
      const before = happened[link.task];
      if (!before) return 'waits';
      from = Math.max(from, before.end + link.lagMin);
      const cure = link.cures ? sky.cure(link.task) : undefined;
      if (!cure) continue;
      const hour = cureHour(before.end);
      const opens = opensAfter(link, cure, hour);
      if (opens < 0) return undefined;
      from = Math.max(from, opens);
      const closes = closesAfter(link, cure, hour);
      if (closes >= 0) until = Math.min(until, closes);
    }
    const apart = this.openAgain(task.zone, happened, sky);
    if (apart === undefined) return 'waits';
    from = Math.max(from, apart);
    const lastTask = last && planned.tasks[last.task];
    if (last && lastTask) from = Math.max(from, last.end + betweenWorks(planned, lastTask, task));
    const minutes = task.minutes[p.crew] ?? p.end - p.start;
    const spot = (more: number): Pick<Next, 'start' | 'end'> | undefined =>
      this.spot(task, p.crew, from, minutes + more, sky, happened);
    let found = spot(0);
    const rinsedAt = rinsedFrom(task, happened);
    const rinseMin = found && found.start >= rinsedAt ? (task.wash?.minutes[p.crew] ?? 0) : 0;
    if (rinseMin > 0) found = spot(rinseMin);
    if (!found || found.start <= until) return found && { task, late: false, ...found };
    const mended = spot(rinseMin + task.remedyMin);
    return mended && { task, late: true, ...mended };
  }

  /** When zones that are planned before one, and may not be shut with it, are open again; undefined: not yet all done. */
  private openAgain(
    zone: number,
    happened: readonly (Happened | undefined)[],
    sky: Outlook,
  ): number | undefined {
    let open = 0;
    for (const other of this.others[zone] ?? []) {
      if ((this.begins[other] ?? Infinity) >= (this.begins[zone] ?? 0)) continue;
      for (const i of this.ofZone[other] ?? []) {
        const h = happened[i];
        if (!h) return undefined;
        const foot = sky.cure(i)?.foot[cureHour(h.end)] ?? h.end;
        open = Math.max(open, h.end, foot === BEYOND ? this.planned.endMin : foot);
      }
    }
    return open;
  }

  /** The first start on a crew's hours whose sky shows nothing against it. */
  private spot(
    task: Task,
    crew: number,
    from: number,
    minutes: number,
    sky: Outlook,
    happened: readonly (Happened | undefined)[],
  ): { start: number; end: number } | undefined {
    const own = task.heldMin === undefined ? [] : happened.flatMap((h) => (h?.crew === crew ? [h] : []));
    const time = this.times.of(crew, task);
    if (!time) return undefined;
    let start = from;
    for (;;) {
      start = task.parted ? time.begins(start) : time.fits(start, minutes, task.headMin, task.tailMin);
      if (start === NONE) return undefined;
      const end = task.parted ? time.doneAt(start, minutes) : start + minutes;
      if (end === NONE) return undefined;
      const hour = Math.floor(start / 60);
      const mask = sky.sky(task.index, task.parted ? 1 : hoursOf(start, end))?.mask[hour] ?? 0;
      const held = kettleHolds(this.planned, task, crew, own, { start, end });
      if ((mask & SEEN) === 0 && held === start) return { start, end };
      start = held > start ? held : (hour + 1) * 60;
    }
  }
}
