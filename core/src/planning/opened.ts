/**
 * Roofs that are opened: what is torn off today is closed today. From the work that opens a bay to the one that closes it
 * nothing waits for another day, no rain falls, and the film is rain-safe before night.
 */
import { BEYOND, cureHour, type Placed, type Planned, type Task } from './model.ts';

/** Whether a task may not wait for as long as it likes after one that it follows. */
export const isHurried = (planned: Planned, task: Task, before: number): boolean =>
  (task.opened !== undefined && (before === task.opened || planned.tasks[before]?.opened === task.opened)) ||
  task.after.some((l) => l.task === before && l.cures && !l.flood && planned.outlook.cure(before)?.until);

/** The date on which a crew works at a minute; its night is the end of the day where nobody said another. */
function nightOf(planned: Planned, { crew, start }: Pick<Placed, 'crew' | 'start'>): number {
  const shift = planned.crews[crew]?.shifts.find((s) => s.from <= start && start < s.to);
  if (!shift) return start;
  return Math.max(shift.to, planned.nightMin?.get(shift.date) ?? shift.to);
}

/** The last minute at which a work may begin after its bay was opened: before the first rain, and before night. */
export function openUntil(planned: Planned, opener: Placed): number {
  const night = nightOf(planned, opener);
  const { rain } = planned.outlook;
  for (let h = Math.floor(opener.start / 60); rain && h * 60 < night; h += 1)
    if (rain[h] === 1) return h * 60 - 1;
  return night;
}

/** The minute from which rain does no harm to what closes a bay; BEYOND where that is not known. */
function safeFrom({ outlook }: Planned, task: number, end: number): number {
  const cure = outlook.cure(task);
  return cure ? (cure.rainSafe[cureHour(end)] ?? BEYOND) : end;
}

function rainsBetween({ outlook: { rain } }: Planned, from: number, to: number): boolean {
  for (let h = Math.floor(from / 60); rain && h * 60 < to; h += 1) if (rain[h] === 1) return true;
  return false;
}

/** Whether what closes a bay is rain-safe before night on the day on which it was opened, and before it rains. */
export function isClosedInTime(planned: Planned, task: Task, end: number, opener: Placed): boolean {
  const safe = safeFrom(planned, task.index, end);
  return safe !== BEYOND && safe <= nightOf(planned, opener) && !rainsBetween(planned, opener.start, safe);
}

/** Whether it rains on a bay between its opening and the hour in which what closes it is rain-safe. */
export function isRainedOn(planned: Planned, opener: Placed, closer: Placed | undefined): boolean {
  const safe = closer ? safeFrom(planned, closer.task, closer.end) : BEYOND;
  return rainsBetween(planned, opener.start, safe === BEYOND ? planned.endMin : safe);
}
