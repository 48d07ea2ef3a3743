/** What the record shows of a roof, and what it does not show yet. Nothing here is proven by the lack of an entry. */
import type { ZoneDetails } from '../details/index.ts';
import { latestDetails, type BayStatus, type SiteBook } from '../record/index.ts';
import { bayRuns } from '../words/index.ts';

export interface Standing {
  readonly shown: readonly string[];
  readonly open: readonly string[];
}

const bays = (list: readonly BayStatus[]): string => bayRuns(list.map((s) => s.bay.label));
const some = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

export function standingOf(
  statuses: readonly BayStatus[],
  details: ZoneDetails | undefined,
  book: Pick<SiteBook, 'zones'>,
  zoneId: string,
): Standing {
  const shown: string[] = [];
  const open: string[] = [];
  const sort = (
    good: readonly BayStatus[],
    bad: readonly BayStatus[],
    goodWords: (labels: string) => string,
    badWords: (labels: string) => string,
  ): void => {
    if (good.length > 0) shown.push(goodWords(bays(good)));
    if (bad.length > 0) open.push(badWords(bays(bad)));
  };
  const whole = statuses.filter((s) => s.buildUp !== undefined && s.next === undefined);
  if (statuses.length === 0) open.push('Nothing is laid: the roof is not cut into bays.');
  sort(
    whole,
    statuses.filter((s) => !whole.includes(s)),
    (b) => `Every layer of the build-up is on record: ${b}.`,
    (b) => `Layers are missing: ${b}.`,
  );
  const accepted = statuses.filter((s) => s.accepted !== undefined && s.hold === undefined);
  sort(
    accepted,
    statuses.filter((s) => !accepted.includes(s)),
    (b) => `Accepted: ${b}.`,
    (b) => `Not accepted: ${b}.`,
  );
  const laid = statuses.filter((s) => s.laid.length > 0);
  const doubtful = laid.filter((s) => s.laid.some((l) => l.judgement.outcome !== 'enough'));
  sort(
    laid.filter((s) => !doubtful.includes(s)),
    doubtful,
    (b) =>
      `The film of each coat is enough, by its readings where some were taken, else by consumption: ${b}.`,
    (b) => `The film of a coat is thin, thick, in doubt or not known: ${b}.`,
  );
  const missed = statuses.filter((s) => s.misses.some((m) => m.clearedMs === undefined));
  const mended = statuses.filter((s) => s.misses.length > 0 && !missed.includes(s));
  sort(
    mended,
    missed,
    (b) => `A limit was missed and mended, each step on record: ${b}.`,
    (b) => `A limit was missed and is not mended: ${b}.`,
  );
  const latest = latestDetails(book, zoneId);
  const work = details?.work ?? [];
  const done = work.filter((w) => latest.get(w.detail.id)?.step === 'accepted').length;
  if (done > 0) shown.push(`${some(done, 'detail is', 'details are')} accepted, of ${work.length}.`);
  if (done < work.length)
    open.push(`${some(work.length - done, 'detail is', 'details are')} not accepted, of ${work.length}.`);
  return { shown, open };
}
