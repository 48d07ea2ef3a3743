/**
 * Limits that were missed on a coat, what is to be done then, and what of it has been done. A miss is cleared by entries
 * that do every step of its remedy after it happened; who judged it is a decision that names it.
 */
import {
  whenMissed,
  wetFilm,
  isCoat,
  type BuildUp,
  type Coat,
  type Missable,
  type RemedyStep,
} from '../buildup/index.ts';
import { reachedAtMs, type TemperatureStep } from '../cure/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { onBayOf, type CoatEntry, type SiteBook } from './fold.ts';
import { filmMmOf, type CoatJudgement } from './judge.ts';
import type { BookEntryOf } from './reading.ts';

export interface CoatLaid {
  readonly entry: CoatEntry;
  readonly buildUp: BuildUp;
  readonly coat: Coat;
  readonly judgement: CoatJudgement;
}

export interface Miss {
  /** The entry of the coat. */
  readonly entryId: string;
  readonly coat: Coat;
  readonly limit: Missable;
  readonly atMs: number;
  /** What somebody saw happen; absent where the times tell it. */
  readonly event: BookEntryOf<'event'> | undefined;
  readonly steps: readonly RemedyStep[];
  /** Steps that were done, by their number. */
  readonly done: ReadonlyMap<number, BookEntryOf<'remedy'>>;
  /** When the last step was done; absent while one is missing. */
  readonly clearedMs: number | undefined;
  readonly judged: BookEntryOf<'decision'> | undefined;
}

interface Doings {
  readonly book: SiteBook;
  readonly remedies: readonly BookEntryOf<'remedy'>[];
  readonly decisions: readonly BookEntryOf<'decision'>[];
  readonly events: readonly BookEntryOf<'event'>[];
}

/** What was entered on a bay about misses, up to an instant. */
export function doingsOn(book: SiteBook, bay: { id: string; zoneId: string }, nowMs: number): Doings {
  const until = <T extends { body: { at: string } }>(list: readonly T[]): T[] =>
    list.filter((e) => Date.parse(e.body.at) <= nowMs);
  return {
    book,
    remedies: until(onBayOf(book, bay, 'remedy')),
    decisions: until(onBayOf(book, bay, 'decision')),
    events: until(onBayOf(book, bay, 'event')),
  };
}

/** The first entry of a chain of corrections: what names one of them means them all. */
function rootOf(book: SiteBook, id: string): string {
  const before = book.seen.get(id)?.supersedes;
  return before === undefined ? id : rootOf(book, before);
}

function missOf(
  laid: CoatLaid,
  limit: Missable,
  atMs: number,
  event: BookEntryOf<'event'> | undefined,
  doings: Doings,
): Miss {
  const { steps } = whenMissed(laid.coat, limit);
  const root = rootOf(doings.book, laid.entry.id);
  const same = (id: string | undefined): boolean => id !== undefined && rootOf(doings.book, id) === root;
  const done = new Map<number, BookEntryOf<'remedy'>>();
  for (const r of doings.remedies) {
    if (!same(r.body.entryId) || r.body.limit !== limit || Date.parse(r.body.at) < atMs) continue;
    for (const { n } of r.body.steps) if (n < steps.length && !done.has(n)) done.set(n, r);
  }
  const judged = doings.decisions.findLast(
    (d) => same(d.body.about?.entryId) && d.body.about?.limit === limit && Date.parse(d.body.at) >= atMs,
  );
  const last = Math.max(...[...done.values()].map((r) => Date.parse(r.body.at)));
  return {
    entryId: laid.entry.id,
    coat: laid.coat,
    limit,
    atMs,
    event,
    steps,
    done,
    clearedMs: done.size === steps.length ? last : undefined,
    judged,
  };
}

/** A film that is too thin or too thick, and what has been done about it. */
export const filmMiss = (
  book: SiteBook,
  bay: { id: string; zoneId: string },
  laid: CoatLaid,
  limit: 'leastRate' | 'mostRate',
  nowMs: number,
): Miss =>
  missOf(
    laid,
    limit,
    Date.parse(laid.entry.finishedAt ?? laid.entry.startedAt),
    undefined,
    doingsOn(book, bay, nowMs),
  );

/** What a coat's overcoat window counts from, and the misses until then. */
export interface Window {
  readonly opensMs: number | undefined;
  readonly closesMs: number | undefined;
  readonly misses: readonly Miss[];
}

/** More rounds than this of missing and mending are not looked at. */
const MOST_ROUNDS = 20;

/**
 * The overcoat window of a coat. Each time it closed before now and the remedy was done, it opens anew: from a coat of the
 * build-up that the remedy laid, by that coat's own times; else once the last step has dried, for as long as the coat's
 * own window, which is assumed.
 */
export function overcoatWindow(
  laid: CoatLaid,
  startMs: number,
  steps: readonly TemperatureStep[],
  nowMs: number,
  known: (ms: number | undefined) => number | undefined,
  doings: Doings,
): Window {
  const misses: Miss[] = [];
  let coat = laid.coat;
  let filmMm = filmMmOf(laid.judgement);
  let fromMs = startMs;
  let opensMs = known(reachedAtMs(coat.cure.overcoatFrom, fromMs, steps, filmMm));
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const until = coat.cure.overcoatUntil;
    const closesMs = until && known(reachedAtMs(until, fromMs, steps, filmMm));
    if (closesMs === undefined || nowMs < closesMs) return { opensMs, closesMs, misses };
    const miss = missOf(laid, 'overcoatUntil', closesMs, undefined, doings);
    misses.push(miss);
    if (miss.clearedMs === undefined) return { opensMs, closesMs, misses };
    fromMs = miss.clearedMs;
    const last = miss.steps.at(-1);
    const again = miss.steps.findLast((s) => s.layerId !== undefined);
    const renewed = laid.buildUp.layers.filter(isCoat).find((c) => c.id === again?.layerId);
    if (renewed) {
      coat = renewed;
      filmMm = wetFilm(renewed).value;
      opensMs = known(reachedAtMs(coat.cure.overcoatFrom, fromMs, steps, filmMm));
    } else {
      opensMs = fromMs + (last?.dryH?.value ?? 0) * MS_PER_HOUR;
    }
  }
  return { opensMs, closesMs: undefined, misses };
}

/** What an event does to a film that is not ready for it. */
const HARMS = {
  rain: ['rainSafe', 'rainSafe'],
  shoes: ['foot', 'foot'],
  traffic: ['wheels', 'wheels'],
  'standing water': ['flood', 'rainSafe'],
} as const;

type Harm = keyof typeof HARMS;
const isHarm = (what: string): what is Harm => what in HARMS;

/**
 * Events that came too early for the coat that lay on top. Where the times are not known, what somebody saw counts as too
 * early.
 */
export function eventMisses(
  laid: readonly CoatLaid[],
  steps: readonly TemperatureStep[],
  doings: Doings,
): Miss[] {
  return doings.events.flatMap((event): Miss[] => {
    const { what } = event.body;
    if (!isHarm(what)) return [];
    const atMs = Date.parse(event.body.at);
    const under = laid.findLast((l) => Date.parse(l.entry.startedAt) <= atMs);
    if (!under) return [];
    const [stage, limit] = HARMS[what];
    const table = under.coat.cure[stage];
    const { finishedAt } = under.entry;
    const readyMs =
      table && finishedAt !== undefined && steps.length > 0
        ? reachedAtMs(table, Date.parse(finishedAt), steps, filmMmOf(under.judgement))
        : undefined;
    return readyMs !== undefined && readyMs <= atMs ? [] : [missOf(under, limit, atMs, event, doings)];
  });
}
