/**
 * The instant that a bay's state stands for: the full minute, or the newest entry since that has to do with it. From one
 * full minute to the next nothing changes by itself that anybody acts on; an entry counts at once.
 */
import type { BookEntry, SiteBook } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';

/** Kinds that speak for more than the bays and the zone that they name. */
const WIDE = ['permit', 'watch', 'melt', 'event'] as const;

/** When entries were made, ms, in rising order; worked out once for a list, for lists of a book never change. */
const made = new WeakMap<readonly BookEntry[], readonly number[]>();
function madeIn(list: readonly BookEntry[]): readonly number[] {
  let known = made.get(list);
  if (!known) {
    known = list.map((e) => Date.parse(e.madeAt)).sort((a, b) => a - b);
    made.set(list, known);
  }
  return known;
}
const newestBy = (list: readonly BookEntry[] | undefined, nowMs: number): number => {
  if (!list || list.length === 0) return -Infinity;
  const times = madeIn(list);
  const last = times.at(-1) ?? -Infinity;
  return last <= nowMs ? last : (times.findLast((ms) => ms <= nowMs) ?? -Infinity);
};

export const fullMinute = (ms: number): number => Math.floor(ms / MS_PER_MINUTE) * MS_PER_MINUTE;

/**
 * Entries that a bay's state goes by: of the bay, of its zone as a whole, and of what is said for the job.
 * @param hot something is laid hot on its zone: vapour of coats on the other bays counts
 */
export const listsOf = (book: SiteBook, { id, zoneId }: Pick<Bay, 'id' | 'zoneId'>, hot: boolean) => {
  const zone = book.zones.get(zoneId);
  return [
    book.bays.get(id)?.entries,
    zone?.whole,
    zone?.tests,
    zone?.conditions.length === 0 ? undefined : zone?.conditions,
    zone?.details,
    book.job,
    ...WIDE.map((kind) => book.kinds.get(kind)?.entries),
    hot ? book.kinds.get('coat')?.entries : undefined,
  ] as readonly (readonly BookEntry[] | undefined)[];
};

/** @param nowMs the instant asked about; entries made after it do not count */
export function bayInstant(lists: readonly (readonly BookEntry[] | undefined)[], nowMs: number): number {
  return lists.reduce((latest, list) => Math.max(latest, newestBy(list, nowMs)), fullMinute(nowMs));
}
