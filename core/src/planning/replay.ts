/**
 * A plan in a weather that it was not made for. The crews do what is planned, in its order and not before its time. What the
 * sky shows when a work is to begin is seen: it waits for the next hours that will do. What the hours after it bring is not:
 * film that is rained on or settles under dew before it is safe is put right before it is gone on with, and so is what has
 * closed. Both cost the time that the layer's remedy takes.
 */
import { CONDITIONS, failsIn, type Condition } from '../programme/index.ts';
import { BEYOND, cureHour, hoursOf, quarter, type Outlook, type Placed, type Plan, type Planned } from './model.ts';
import { betweenWorks } from './generate.ts';

/** Told only by the hours after it was laid. */
const AFTER: readonly Condition[] = ['rainSafe', 'dewSkin', 'noBelow', 'unknownAfter'];
const SEEN = CONDITIONS.filter((c) => !AFTER.includes(c)).reduce((bits, c) => bits | (1 << CONDITIONS.indexOf(c)), 0);
/** What spoils a film; that the hours end before it is known is no harm. */
const HARM = AFTER.filter((c) => c !== 'unknownAfter');

export interface Happened extends Placed {
  /** What the hours after it brought. */
  readonly spoiled: Condition | undefined;
}

export interface Replay {
  readonly placed: readonly (Happened | undefined)[];
}

/** @param sky the weather as it turned out */
export function replay(planned: Planned, plan: Plan, sky: Outlook): Replay {
  const order = plan.placed
    .flatMap((p) => (p ? [p] : []))
    .sort((a, b) => a.start - b.start || a.task - b.task);
  const happened: (Happened | undefined)[] = planned.tasks.map(() => undefined);
  const lastOf: (Happened | undefined)[] = planned.crews.map(() => undefined);
  for (const p of order) {
    const task = planned.tasks[p.task];
    const crew = planned.crews[p.crew];
    if (!task || !crew) continue;
    let from = Math.max(p.start, task.earliestMin);
    let until = task.latestMin;
    let lost = false;
    for (const link of task.after) {
      const before = happened[link.task];
      if (!before) {
        lost = true;
        break;
      }
      from = Math.max(from, before.end + link.lagMin);
      const cure = link.cures ? sky.cure(link.task) : undefined;
      if (!cure) continue;
      const hour = cureHour(before.end);
      const opens = cure.from[hour] ?? BEYOND;
      if (opens < 0) lost = true;
      else from = Math.max(from, opens);
      const closes = cure.until?.[hour] ?? BEYOND;
      if (closes >= 0) until = Math.min(until, closes);
    }
    if (lost) continue;
    const last = lastOf[p.crew];
    const lastTask = last && planned.tasks[last.task];
    if (last && lastTask) from = Math.max(from, last.end + betweenWorks(planned, lastTask, task));
    const planMin = task.minutes[p.crew] ?? p.end - p.start;
    let found = spot(planned, sky, p, from, planMin);
    const late = found !== undefined && found.start > until;
    if (late) found = spot(planned, sky, p, from, planMin + task.remedyMin);
    if (!found) continue;
    const mask = task.parted ? 0 : (sky.sky(p.task, hoursOf(found.start, found.end))?.mask[Math.floor(found.start / 60)] ?? 0);
    const spoiled = HARM.find((c) => failsIn(mask, c));
    const end = spoiled ? mended(planned, p.crew, found.end, task.remedyMin) : found.end;
    const one: Happened = { task: p.task, crew: p.crew, start: found.start, end, late, spoiled };
    happened[p.task] = one;
    lastOf[p.crew] = one;
  }
  return { placed: happened };
}

/** The first start of a planned work on its crew's hours whose sky shows nothing against it. */
function spot(
  planned: Planned,
  sky: Outlook,
  p: Placed,
  from: number,
  minutes: number,
): { start: number; end: number } | undefined {
  const task = planned.tasks[p.task];
  const shifts = planned.crews[p.crew]?.shifts ?? [];
  if (!task) return undefined;
  for (const shift of shifts) {
    if (shift.to <= from) continue;
    if (task.parted) {
      const part = shift.parts.find((x) => x.to > from);
      if (!part) continue;
      const start = Math.max(part.from, from);
      const end = mended(planned, p.crew, start, minutes);
      return end < planned.endMin ? { start, end } : undefined;
    }
    const longest = Math.max(...shift.parts.map((x) => x.to - x.from));
    for (const part of minutes > longest ? [shift] : shift.parts) {
      for (let start = quarter(Math.max(part.from, shift.from + task.headMin, from)); start + minutes <= Math.min(part.to, shift.to - task.tailMin); start += 15) {
        const hour = Math.floor(start / 60);
        const mask = sky.sky(p.task, hoursOf(start, start + minutes))?.mask[hour] ?? 0;
        if ((mask & SEEN) === 0) return { start, end: start + minutes };
        start = (hour + 1) * 60 - 15;
      }
    }
  }
  return undefined;
}

/** When a crew has worked so many minutes more. */
function mended(planned: Planned, crew: number, from: number, minutes: number): number {
  let left = minutes;
  for (const part of (planned.crews[crew]?.shifts ?? []).flatMap((s) => s.parts)) {
    if (part.to <= from) continue;
    const at = Math.max(part.from, from);
    if (left <= part.to - at) return at + left;
    left -= part.to - at;
  }
  return planned.endMin;
}
