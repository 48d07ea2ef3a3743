/**
 * Goes through a plan minute by minute and knows every rule. Written apart from the planner and slow on purpose: it shares
 * nothing with it but the model.
 */
import type { Placed, Planned, Task } from '../../src/planning/model.ts';

const H = 60;

/** Minutes in which somebody of a crew works. */
function workMinutes(planned: Planned, crew: number): Uint8Array {
  const there = new Uint8Array(planned.endMin);
  for (const s of planned.crews[crew]?.shifts ?? [])
    for (const p of s.parts) for (let m = p.from; m < p.to; m += 1) there[m] = 1;
  return there;
}

const hour = (m: number): number => Math.floor(m / H);

export function brokenRules(planned: Planned, placed: readonly (Placed | undefined)[]): string[] {
  const broken: string[] = [];
  const say = (task: Task, what: string): void => void broken.push(`${task.id}: ${what}`);
  const work = planned.crews.map((_, c) => workMinutes(planned, c));
  const cureHour = (end: number): number => Math.ceil(end / H);

  for (const task of planned.tasks) {
    const p = placed[task.index];
    if (!p) continue;
    const minutes =
      (task.minutes[p.crew] ?? 0) +
      (p.late ? task.remedyMin : 0) +
      (p.rinsed ? (task.wash?.minutes[p.crew] ?? 0) : 0);
    const film = task.wash?.task === undefined ? task.wash?.sinceMin : placed[task.wash.task]?.end;
    if (film !== undefined && task.wash && !p.rinsed && p.start - film >= task.wash.afterMin)
      say(task, 'laid on what has lain open too long');
    if ((task.minutes[p.crew] ?? 0) <= 0) say(task, 'a crew that cannot do it');
    if (task.crew !== undefined && task.crew !== p.crew) say(task, 'not the crew that was fixed');
    if (task.startMin !== undefined && p.start < task.startMin) say(task, 'before the start that was fixed');
    if (p.start < task.earliestMin) say(task, 'before its earliest start');
    if (p.start > task.latestMin && !p.late) say(task, 'after its latest start');
    if (p.end > planned.endMin) say(task, 'beyond the hours');
    const shut = new Uint8Array(planned.endMin);
    for (const s of task.closure === undefined ? [] : (planned.closures?.[task.closure] ?? []))
      shut.fill(1, Math.max(0, s.from), Math.max(0, s.to));
    // Its minutes are hours of its crew.
    const mask = (work[p.crew] ?? new Uint8Array()).map((m, i) => (shut[i] === 1 ? 0 : m));
    if (!task.parted && shut.subarray(p.start, p.end).includes(1)) say(task, 'gone on with where it may not');
    let sum = 0;
    for (let m = p.start; m < p.end; m += 1) sum += mask[m] ?? 0;
    if (task.parted) {
      if (sum !== minutes) say(task, `${sum} minutes of work where it takes ${minutes}`);
      if (mask[p.start] !== 1) say(task, 'begun when nobody works');
    } else {
      if (p.end - p.start !== minutes) say(task, `lasts ${p.end - p.start} where it takes ${minutes}`);
      const shift = planned.crews[p.crew]?.shifts.find((s) => s.from <= p.start && p.end <= s.to);
      if (!shift) say(task, 'not within a day of its crew');
      else {
        const longest = Math.max(...shift.parts.map((x) => x.to - x.from));
        if (minutes <= longest && sum !== minutes)
          say(task, 'over the break, though it fits before or after it');
        if (p.start < shift.from + task.headMin) say(task, 'too soon after the start of the day');
        if (p.end > shift.to - task.tailMin) say(task, 'too near the end of the day');
      }
    }
    // What it follows.
    for (const link of task.after) {
      const before = placed[link.task];
      if (!before) {
        say(task, 'what it follows is not planned');
        continue;
      }
      if (p.start < before.end + link.lagMin) say(task, 'too soon after what it follows');
      if (!link.cures) continue;
      const cure = planned.outlook.cure(link.task);
      if (!cure) continue;
      const stage = link.flood ? (cure.flood ?? cure.wheels) : cure.from;
      const opens = stage[cureHour(before.end)] ?? -1;
      if (opens < 0 || p.start < opens) say(task, 'laid over before it is cured');
      const closes = link.flood ? -1 : (cure.until?.[cureHour(before.end)] ?? -1);
      if (closes >= 0 && p.start > closes && !p.late) say(task, 'laid over after it has closed');
    }
    // The weather of its start.
    const span = task.parted ? 1 : Math.max(1, Math.ceil(p.end / H) - hour(p.start));
    const sky = planned.outlook.sky(task.index, span);
    if (sky && sky.open[hour(p.start)] !== 1) say(task, 'begun in an hour that is shut');
  }

  brokenApart(planned, placed, say);
  brokenOpened(planned, placed, say);

  // A crew is at one work at a time, and takes its time between two.
  planned.crews.forEach((_, c) => {
    const own = placed.filter((p): p is Placed => p?.crew === c).sort((a, b) => a.start - b.start);
    own.forEach((p, i) => {
      const next = own[i + 1];
      const [a, b] = [planned.tasks[p.task], next && planned.tasks[next.task]];
      if (!next || !a || !b) return;
      const isSame = a.zone === b.zone && a.kind === b.kind && a.layerId === b.layerId;
      const between = a.zone !== b.zone ? planned.moveMin : isSame ? 0 : planned.changeMin;
      if (next.start < p.end + between)
        say(b, `${next.start - p.end} minutes after another work of its crew`);
    });
  });

  // A kettle is lit once on a crew's day, and holds so long.
  planned.crews.forEach((crew, c) => {
    for (const s of crew.shifts) {
      const own = planned.tasks.filter((t) => {
        const p = placed[t.index];
        return t.heldMin !== undefined && p?.crew === c && p.start >= s.from && p.start < s.to;
      });
      const [any] = own;
      if (!any) continue;
      const from = Math.min(...own.map((t) => placed[t.index]?.start ?? Infinity));
      const to = Math.max(...own.map((t) => placed[t.index]?.end ?? 0));
      if (to - from > Math.min(...own.map((t) => t.heldMin ?? Infinity)))
        say(any, 'the kettle is cold by then');
    }
  });

  // Machines, minute by minute.
  planned.machines.forEach((count, machine) => {
    const at = new Uint8Array(planned.endMin);
    for (const task of planned.tasks) {
      const p = placed[task.index];
      if (!p || task.machine !== machine) continue;
      for (let m = p.start; m < p.end; m += 1) at[m] = (at[m] ?? 0) + 1;
      if (Math.max(...at.subarray(p.start, p.end)) > count) say(task, 'more machines than there are');
    }
  });

  // The dry way: at each minute of a work its bay can be come to over bays that are dry then.
  const wet: { bay: number; task: number; from: number; to: number }[] = planned.bays.flatMap((b, bay) =>
    b.wetUntilMin > 0 ? [{ bay, task: -1, from: 0, to: b.wetUntilMin }] : [],
  );
  for (const task of planned.tasks) {
    const p = placed[task.index];
    const cure = task.kind === 'layer' ? planned.outlook.cure(task.index) : undefined;
    if (!p || !cure) continue;
    const walk = cure.walk[cureHour(p.end)] ?? -1;
    wet.push({
      bay: task.bay,
      task: task.index,
      from: p.start,
      to: walk < 0 ? planned.endMin : Math.max(p.end, walk),
    });
  }
  for (const task of planned.tasks) {
    const p = placed[task.index];
    const door = planned.zones[task.zone]?.door;
    if (!p || door === undefined) continue;
    const near = wet.filter(
      (w) => planned.bays[w.bay]?.zone === task.zone && w.from < p.end && w.to > p.start,
    );
    const changes = [p.start, ...near.flatMap((w) => [w.from, w.to])].filter(
      (m) => m >= p.start && m < p.end,
    );
    for (const m of new Set(changes)) {
      const wetNow = new Set(
        near.filter((w) => w.from <= m && m < w.to && w.bay !== task.bay).map((w) => w.bay),
      );
      if (!reaches(planned, door, task.bay, wetNow)) {
        say(task, `walled in at minute ${m}`);
        break;
      }
    }
  }
  return broken;
}

function reaches(planned: Planned, door: number, to: number, wet: ReadonlySet<number>): boolean {
  if (door === to) return true;
  if (wet.has(door)) return false;
  const seen = new Set([door]);
  for (const bay of seen) {
    for (const next of planned.bays[bay]?.beside ?? []) {
      if (next === to) return true;
      if (!wet.has(next)) seen.add(next);
    }
  }
  return false;
}

type Say = (task: Task, what: string) => void;

/** Minute by minute: which roofs are shut, from their first work to the last that is not for feet yet. */
function brokenApart(planned: Planned, placed: readonly (Placed | undefined)[], say: Say): void {
  for (const group of planned.apart ?? []) {
    const shut = new Int16Array(planned.endMin);
    for (const zone of group) {
      const own = planned.tasks.filter((t) => t.zone === zone && placed[t.index]);
      const [any] = own;
      if (!any) continue;
      const from = Math.min(...own.map((t) => placed[t.index]?.start ?? Infinity));
      const unfinished = planned.tasks.some((t) => t.zone === zone && !placed[t.index]);
      let to = unfinished ? planned.endMin : 0;
      for (const t of own) {
        const end = placed[t.index]?.end ?? 0;
        const foot = planned.outlook.cure(t.index)?.foot[Math.ceil(end / H)];
        to = Math.max(to, end, foot === -1 ? planned.endMin : (foot ?? end));
      }
      for (let m = from; m < Math.min(to, planned.endMin); m += 1) shut[m] = (shut[m] ?? 0) + 1;
      if (shut.some((n) => n > 1)) say(any, 'shut together with another roof');
    }
  }
}

/** What is opened on a day is closed on it, dry all the while. */
function brokenOpened(planned: Planned, placed: readonly (Placed | undefined)[], say: Say): void {
  for (const task of planned.tasks) {
    const opener = task.opened === undefined ? undefined : placed[task.opened];
    if (!opener || !task.closer) continue;
    const p = placed[task.index];
    if (!p) {
      say(task, 'opened and never closed');
      continue;
    }
    const shift = planned.crews[opener.crew]?.shifts.find(
      (s) => s.from <= opener.start && opener.start < s.to,
    );
    const night = Math.max(shift?.to ?? 0, planned.nightMin?.get(shift?.date ?? '') ?? 0);
    const cure = planned.outlook.cure(task.index);
    const safe = cure ? (cure.rainSafe[Math.ceil(p.end / H)] ?? -1) : p.end;
    if (safe < 0 || safe > night) say(task, 'open over night');
    for (let m = opener.start; m < safe; m += 1)
      if (planned.outlook.rain?.[Math.floor(m / H)] === 1) {
        say(task, 'open in the rain');
        break;
      }
  }
}
