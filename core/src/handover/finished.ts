/** What is asked of finished work besides leak tests: its bond, its dry film, pictures of its details, snags put right. */
import { wetFilm } from '../buildup/index.ts';
import type { ZoneDetails } from '../details/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import { judgeReadings, meanOf, type Reading } from '../film/index.ts';
import type { Practice } from '../practice/index.ts';
import { dryFilmOf, type Demand, type Snag } from '../proving/index.ts';
import { convert } from '../units/index.ts';
import { onBayOf, type BayStatus, type BookEntry, type SiteBook } from '../record/index.ts';

export interface FinishedPoint {
  readonly what: string;
  readonly answer: 'proven' | 'not shown' | 'failed';
  readonly says: readonly Part[];
}

/** When the last coat of a bay was finished; undefined while none is. */
function finishedMs({ laid }: BayStatus): number | undefined {
  const last = laid.at(-1)?.entry.finishedAt;
  return last === undefined ? undefined : Date.parse(last);
}

/** Pull-off read on the finished work of a bay, against what is asked for. */
export function bondPoint(
  status: BayStatus,
  book: SiteBook,
  asked: NonNullable<Demand['bondMPa']>,
): FinishedPoint {
  const what = 'Pull-off of finished work';
  const limit = given('pull-off asked for', asked.value, 'stress', asked.source);
  const sinceMs = finishedMs(status);
  const read = onBayOf(book, status.bay, 'test').filter(
    (e) =>
      e.body.test === 'pull-off' &&
      typeof e.body.value === 'number' &&
      sinceMs !== undefined &&
      Date.parse(e.body.at) >= sinceMs,
  );
  const values = read.flatMap((e) => (typeof e.body.value === 'number' ? [e.body.value] : []));
  if (values.length === 0)
    return {
      what,
      answer: 'not shown',
      says: words`at least ${limit} is asked for; none was pulled since its last coat.`,
    };
  const lowest = given('lowest pulled', Math.min(...values), 'stress', 'measured');
  return {
    what,
    answer: lowest.value >= limit.value ? 'proven' : 'failed',
    says: words`${String(values.length)} pulled, lowest ${lowest}; at least ${limit} is asked for.`,
  };
}

const mmOf = (um: number): number => convert(um, 'µm', 'mm');
/** A gauge shows whole thousandths of a millimetre. */
const asReading = (mm: number): Reading => ({ lowMm: mm, highMm: mm + mmOf(1) });

/** Dry film of a bay, what was there before taken off, against what its coats leave dry. */
export function dryFilmPoint(status: BayStatus, book: SiteBook, practice: Practice): FinishedPoint {
  const what = 'Dry film';
  const { buildUp } = status;
  const read = onBayOf(book, status.bay, 'dry film');
  const latest = (when: 'before' | 'after') =>
    read
      .filter((e) => e.body.when === when)
      .reduce<(typeof read)[number] | undefined>(
        (last, e) => (last && Date.parse(last.body.at) > Date.parse(e.body.at) ? last : e),
        undefined,
      );
  const after = latest('after');
  const sinceMs = finishedMs(status);
  if (!buildUp || !after || sinceMs === undefined || Date.parse(after.body.at) < sinceMs)
    return { what, answer: 'not shown', says: ['asked for, and not read since its last coat.'] };
  const before = latest('before');
  const beforeMm = mmOf(meanOf(before?.body.readingsUm ?? []) ?? 0);
  const layers = after.body.layerId;
  const coats = status.laid
    .map((l) => l.coat)
    .filter((c, i, all) => all.findIndex((x) => x.id === c.id) === i)
    .filter((c) => (layers === undefined || c.id === layers) && c.treats === undefined);
  const design = dryFilmOf('Dry film of the design', coats, wetFilm);
  const films = after.body.readingsUm.map((um) => mmOf(um) - beforeMm);
  const judged = judgeReadings(buildUp.acceptance, films.map(asReading), design.value, practice);
  const mean = given('mean read', meanOf(films) ?? 0, 'film', 'measured', `${films.length} readings`);
  const taken = before ? '' : ' What was there before was not read, and is not taken off.';
  return {
    what,
    answer: judged.outcome === 'passes' ? 'proven' : judged.outcome === 'fails' ? 'failed' : 'not shown',
    says: words`mean ${mean}, wanted ${design}, by the rule of the build-up.${taken}`,
  };
}

/** Whether something on record shows a detail as it was accepted. */
export function picturePoint(
  { detail }: ZoneDetails['work'][number],
  entries: readonly BookEntry[],
): FinishedPoint {
  const shown = entries.some(
    (e) => e.kind === 'detail' && e.body.detailId === detail.id && e.attachments.length > 0,
  );
  return {
    what: 'Picture',
    answer: shown ? 'proven' : 'not shown',
    says: [shown ? 'there is one.' : 'a picture is asked for, and none is with what was said of it.'],
  };
}

/** A snag as a thing that is left to do. */
export const snagPoint = (snag: Snag): FinishedPoint => ({
  what: 'Snag',
  answer: snag.state === 'accepted' ? 'proven' : snag.state === 'done' ? 'not shown' : 'failed',
  says: [
    `“${snag.what}” ${snag.state === 'accepted' ? 'is put right.' : snag.state === 'done' ? 'is done, and nobody has accepted it.' : 'is open.'}`,
  ],
});
