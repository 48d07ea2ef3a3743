/** What is asked of finished work besides leak tests: its bond, its dry film, pictures of its details, snags put right. */
import { wetFilm } from '../buildup/index.ts';
import type { ZoneDetails } from '../details/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import { dryFilms, judgeReadings, meanOf, middleMm, shimOff } from '../film/index.ts';
import type { Practice } from '../practice/index.ts';
import { dryFilmOf, type Demand, type Snag } from '../proving/index.ts';
import {
  allOf,
  onBayOf,
  partedInGlue,
  type BayStatus,
  type BookEntry,
  type BookEntryOf,
  type SiteBook,
} from '../record/index.ts';

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

/** Figures of a test that were read on a bay since its last coat was finished. */
export function readSince(
  status: BayStatus,
  book: SiteBook,
  test: BookEntryOf<'test'>['body']['test'],
): { readonly entry: BookEntryOf<'test'>; readonly value: number }[] {
  const sinceMs = finishedMs(status);
  return onBayOf(book, status.bay, 'test').flatMap((entry) => {
    const { value, at } = entry.body;
    return entry.body.test === test &&
      typeof value === 'number' &&
      sinceMs !== undefined &&
      Date.parse(at) >= sinceMs
      ? [{ entry, value }]
      : [];
  });
}

/** Pull-off read on the finished work of a bay, against what is asked for. */
export function bondPoint(
  status: BayStatus,
  book: SiteBook,
  asked: NonNullable<Demand['bondMPa']>,
): FinishedPoint {
  const what = 'Pull-off of finished work';
  const limit = given('pull-off asked for', asked.value, 'stress', asked.source);
  const pulled = readSince(status, book, 'pull-off').map(({ entry, value }) => ({
    mpa: value,
    glue: partedInGlue(entry),
  }));
  // One that parted in the glue counts where it held as much as is asked for.
  const values = pulled.filter((p) => !p.glue || p.mpa >= limit.value).map((p) => p.mpa);
  const unread = pulled.length - values.length;
  const glue =
    unread === 0
      ? ''
      : ` ${unread} parted in the glue below it, which does not say how strong the bond is: pull again.`;
  if (values.length === 0)
    return {
      what,
      answer: 'not shown',
      says:
        unread === 0
          ? words`at least ${limit} is asked for; none was pulled since its last coat.`
          : words`at least ${limit} is asked for.${glue}`,
    };
  const lowest = given('lowest pulled', Math.min(...values), 'stress', 'measured');
  return {
    what,
    answer: lowest.value < limit.value ? 'failed' : unread > 0 ? 'not shown' : 'proven',
    says: words`${String(values.length)} pulled, lowest ${lowest}; at least ${limit} is asked for.${glue}`,
  };
}

const dayOf = (instant: string): string => new Date(Date.parse(instant)).toISOString().slice(0, 10);

/** Shims that an instrument was checked on, on the day of a reading, by whatever was entered then. */
const shimsThatDay = (book: SiteBook, { body }: BookEntryOf<'dry film'>) =>
  allOf(book, 'dry film')
    .filter((e) => e.body.instrument === body.instrument && dayOf(e.body.at) === dayOf(body.at))
    .flatMap((e) => e.body.shims);

/** Whether a gauge may be believed: what is cut out is measured, every other gauge is checked on a shim. */
function gaugeDoubt(book: SiteBook, entry: BookEntryOf<'dry film'>, practice: Practice): string | undefined {
  if (entry.body.gauge === 'cut-out') return undefined;
  const shims = shimsThatDay(book, entry);
  if (shims.length === 0) return 'the gauge was checked on no shim that day: read one, and enter it.';
  const off = shimOff(shims, practice.shimOffPct.value / 100);
  return off && `the gauge read ${off.readUm} µm on a shim of ${off.nominalUm} µm: set it and read again.`;
}

/** Dry film of a bay, what was there before taken off, against what its coats leave dry. */
export function dryFilmPoint(status: BayStatus, book: SiteBook, practice: Practice): FinishedPoint {
  const what = 'Dry film';
  const { buildUp } = status;
  const entries = onBayOf(book, status.bay, 'dry film');
  const latest = (when: 'before' | 'after') =>
    entries
      .filter((e) => e.body.when === when)
      .reduce<(typeof entries)[number] | undefined>(
        (last, e) => (last && Date.parse(last.body.at) > Date.parse(e.body.at) ? last : e),
        undefined,
      );
  const after = latest('after');
  const sinceMs = finishedMs(status);
  if (!buildUp || !after || sinceMs === undefined || Date.parse(after.body.at) < sinceMs)
    return { what, answer: 'not shown', says: ['asked for, and not read since its last coat.'] };
  const before = latest('before');
  const doubt = gaugeDoubt(book, after, practice) ?? (before && gaugeDoubt(book, before, practice));
  if (doubt !== undefined) return { what, answer: 'not shown', says: [doubt] };
  const read = dryFilms({
    readingsUm: after.body.readingsUm,
    beforeUm: before?.body.readingsUm ?? [],
    zeroUm: after.body.zeroUm,
  });
  if (!read)
    return {
      what,
      answer: 'not shown',
      says: ['what was there before was read once: three readings say how it varies.'],
    };
  const layers = after.body.layerId;
  const coats = status.laid
    .map((l) => l.coat)
    .filter((c, i, all) => all.findIndex((x) => x.id === c.id) === i)
    .filter((c) => (layers === undefined || c.id === layers) && c.treats === undefined);
  const design = dryFilmOf('Dry film of the design', coats, wetFilm);
  const judged = judgeReadings(buildUp.acceptance, read.films, design.value, practice);
  const mean = given(
    'mean read',
    meanOf(read.films.map(middleMm)) ?? 0,
    'film',
    'measured',
    `${read.films.length} ${read.films.length === 1 ? 'reading' : 'readings'}`,
  );
  const taken = given('taken off', read.takenOffMm, 'film', 'measured');
  const off = given('by so much it may be off', read.offMm, 'film', 'measured');
  return {
    what,
    answer: judged.outcome === 'passes' ? 'proven' : judged.outcome === 'fails' ? 'failed' : 'not shown',
    says: [
      ...words`mean ${mean}, wanted ${design}, by the rule of the build-up.`,
      ...(before
        ? words` What was there before, ${taken} ± ${off}, is taken off.`
        : read.takenOffMm !== 0
          ? words` What it reads on the bare ground, ${taken}, is taken off.`
          : [' What was there before was not read, and is not taken off.']),
    ],
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
