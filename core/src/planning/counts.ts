/** What of a plan is paid for: hours and days of crews, days on the site, what is put right, days late. */
import { costOfLayer, isCoat } from '../buildup/index.ts';
import { workArea } from '../site/index.ts';
import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MS_PER_DAY } from '../units/index.ts';
import type { Placed, Planned, Task } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';
import { lastTasks, workedMin, zoneReady } from './score.ts';

/** Of a plan, or of one way in which it went. */
export interface PlanCounts {
  /** By crew: hours at work, of each day from its first work to its last, breaks left out; and days with any work. */
  readonly crewHours: readonly number[];
  readonly crewDays: readonly number[];
  /** Days on which any crew works, and days from the first of them to the last. */
  readonly workDays: number;
  readonly siteDays: number;
  /** Works that are put right, and what the coats cost that are laid once more, where their prices are known. */
  readonly remedies: number;
  readonly remedyCost: number;
  /** Days after each date, whole or begun; undefined: not within the days looked at. */
  readonly lateDays: readonly (number | undefined)[];
  /** The last work, minutes; undefined: some of it found no room. */
  readonly finishMin: number | undefined;
}

/** What it costs in material to lay a coat once more; 0 where that is not known. */
function againCost(planned: JobPlanned, task: Task): number {
  const work = planned.works[task.index];
  if (!work?.layer || work.kind !== 'layer' || !isCoat(work.layer)) return 0;
  const area = workArea(work.bay, work.layer, {
    zone: planned.zoneOf(work.bay.zoneId),
    buildUp: work.buildUp,
  });
  return (costOfLayer(work.layer)?.value ?? 0) * area.value;
}

/**
 * @param placed with what happened, where it was played
 * @param outlook of the way that was played
 */
export function countsOf(
  planned: JobPlanned,
  placed: readonly (Placed | undefined)[],
  {
    outlook = planned.outlook,
    spoiled = () => false,
    isWhole = true,
    lasts = lastTasks(planned),
  }: {
    readonly outlook?: Planned['outlook'];
    readonly spoiled?: (task: number) => boolean;
    /** All that was to be done is done. */
    readonly isWhole?: boolean;
    /** The last task of each bay, where they were found already. */
    readonly lasts?: readonly Task[];
  } = {},
): PlanCounts {
  const crews = planned.crewsOf.map((_, i) => {
    const crew = planned.crews[i];
    const own = placed.flatMap((p) => (p?.crew === i ? [p] : []));
    const shifts = (crew?.shifts ?? []).filter((s) => own.some((p) => p.start < s.to && p.end > s.from));
    return {
      hours: crew ? workedMin(crew, own) / MINUTES_PER_HOUR : 0,
      dates: new Set(shifts.map((s) => s.date)),
    };
  });
  const dates = [...new Set(crews.flatMap((c) => [...c.dates]))].sort();
  const [first, last] = [dates[0], dates.at(-1)];
  let remedies = 0;
  let remedyCost = 0;
  let finish = 0;
  for (const p of placed) {
    const task = p && planned.tasks[p.task];
    if (!p || !task) continue;
    finish = Math.max(finish, p.end);
    const isSpoiled = spoiled(p.task);
    if (p.late || isSpoiled) remedies += 1;
    if (isSpoiled) remedyCost += againCost(planned, task);
  }
  const went = { ...planned, outlook };
  return {
    crewHours: crews.map((c) => c.hours),
    crewDays: crews.map((c) => c.dates.size),
    workDays: dates.length,
    siteDays:
      first !== undefined && last !== undefined
        ? Math.round((Date.parse(last) - Date.parse(first)) / MS_PER_DAY) + 1
        : 0,
    ...{ remedies, remedyCost },
    lateDays: planned.deadlines.map((d) => {
      const ready = zoneReady(went, placed, d.zone, d.what, lasts);
      return ready === undefined ? undefined : Math.max(0, Math.ceil((ready - d.byMin) / MINUTES_PER_DAY));
    }),
    finishMin: isWhole && finish > 0 ? finish : undefined,
  };
}
