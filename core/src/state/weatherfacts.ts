/** What of the weather a state goes by: which hours it is made from, and when it rained last. */
import type { JobWeather } from '../call/index.ts';
import { isFresh } from '../gates/index.ts';
import type { Practice } from '../practice/index.ts';
import { allOf, latestConditions, type SiteBook, type ZoneBook } from '../record/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { hourFloor, hourOf, msOf } from '../weather/index.ts';
import type { JobInputs } from './inputs.ts';

const lastOf = (times: readonly number[]): number | undefined =>
  times.length > 0 ? Math.max(...times) : undefined;

/** When it rained last before an instant, by the hours that are known and by what somebody saw. */
export function lastRain(view: JobWeather | undefined, book: SiteBook, nowMs: number): number | undefined {
  const seen = allOf(book, 'event')
    .filter((e) => e.body.what === 'rain' && Date.parse(e.body.at) <= nowMs)
    .map((e) => Date.parse(e.body.until ?? e.body.at));
  if (view) {
    const { line } = view;
    for (let h = Math.min(line.hours - 1, hourOf(line, nowMs)); h >= 0; h -= 1)
      if ((line.values.rainMm[h] ?? 0) > TOLERANCE.rainMm) {
        seen.push(Math.min(nowMs, msOf(line, h + 1)));
        break;
      }
  }
  return lastOf(seen.map((ms) => Math.min(ms, nowMs)));
}

/** Numbers for lists, so that a text can stand for them: lists of a book never change. */
const numbered = new WeakMap<object, number>();
let lastNumber = 0;
function numberOf(list: object): number {
  let known = numbered.get(list);
  if (known === undefined) numbered.set(list, (known = lastNumber += 1));
  return known;
}

/** What the weather of a job is made from at an instant, as a text: the same text, the same hours. */
export function weatherKeyOf({ book, series, nowMs }: JobInputs, practice: Practice): string {
  const read = [...book.zones].map(([id, z]) => {
    const latest = latestConditions(book, id, nowMs);
    const fresh = isFresh(latest, nowMs, practice);
    // Of one list, what was taken by an instant is told by the last of it.
    return z.conditions.length === 0
      ? ''
      : `${id}:${numberOf(z.conditions)}:${takenBy(z.conditions, nowMs)}:${fresh}`;
  });
  const made = series.filter((s) => Date.parse(s.issuedAt) <= nowMs).map((s) => s.id);
  return [hourFloor(nowMs), ...made, ...read].join('|');
}

/** When readings were taken, ms, worked out once for a list. */
const taken = new WeakMap<object, readonly number[]>();
function takenBy(list: ZoneBook['conditions'], nowMs: number): number {
  let times = taken.get(list);
  if (!times) taken.set(list, (times = list.map((c) => Date.parse(c.at)).sort((a, b) => a - b)));
  let count = times.length;
  while (count > 0 && (times[count - 1] ?? 0) > nowMs) count -= 1;
  return count;
}
