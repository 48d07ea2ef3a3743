/** Which backups are kept: the last ones, then one a day, one a week and one a month, each for a while. */

export const KEEP = { last: 3, days: 7, weeks: 5, months: 12 } as const;

const DAY_MS = 86_400_000;

/** The instant in a folder's name, ms; undefined where it is none. */
export function instantOf(name: string): number | undefined {
  const m = /^(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z$/.exec(name);
  const ms = m ? Date.parse(`${m[1]}T${m[2]}:${m[3]}:${m[4]}.${m[5]}Z`) : NaN;
  return Number.isNaN(ms) ? undefined : ms;
}

/**
 * Names that may go. Of a day, a week and a month the newest backup stays.
 * @param names of folders, in any order; those that are no instant are left alone
 */
export function toForget(names: readonly string[], nowMs: number): string[] {
  const all = names
    .flatMap((name) => {
      const ms = instantOf(name);
      return ms === undefined ? [] : [{ name, ms }];
    })
    .sort((a, b) => b.ms - a.ms);
  const kept = new Set(all.slice(0, KEEP.last).map((b) => b.name));
  const keepOneOf = (ageMs: number, periodOf: (ms: number) => string): void => {
    const seen = new Set<string>();
    for (const { name, ms } of all) {
      const period = periodOf(ms);
      if (nowMs - ms > ageMs || seen.has(period)) continue;
      seen.add(period);
      kept.add(name);
    }
  };
  keepOneOf(KEEP.days * DAY_MS, (ms) => new Date(ms).toISOString().slice(0, 10));
  // Weeks from Monday on: the first of January 1970 was a Thursday.
  keepOneOf(KEEP.weeks * 7 * DAY_MS, (ms) => String(Math.floor((ms / DAY_MS + 3) / 7)));
  keepOneOf(KEEP.months * 31 * DAY_MS, (ms) => new Date(ms).toISOString().slice(0, 7));
  return all.filter((b) => !kept.has(b.name)).map((b) => b.name);
}
