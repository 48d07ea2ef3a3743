/** Folding entries into the book of the site: what is in force now, by bay, by zone and for the job. */
import { ALL_DETAILS } from './bodies/saying.ts';
import type { Body, StoredEntry } from './entry.ts';
import { partOf, readEntry, type BookEntry, type BookEntryOf, type Names } from './reading.ts';

interface Signed {
  readonly id: string;
  readonly seq: number;
  readonly who: string;
  readonly madeAt: string;
  readonly supersedes: string | undefined;
}

/** A coat as it lies on one bay. */
export interface CoatEntry extends Signed, Omit<Body<'coat'>, 'readings'> {
  readonly bayId: string;
  /** The bay's part of what the whole coat used, above 0 and up to 1. */
  readonly part: number;
  /** Last wet tooth of each reading on this bay, mm; 0 when no tooth was wet. */
  readonly lastWetMm: readonly number[];
}
/** A ply, a protection course or curb pieces as they lie on one bay; `used` is the bay's own part. */
export interface LaidEntry extends Signed, Body<'ply'> {
  readonly bayId: string;
  readonly part: number;
}
export type BayStep = 'prepared' | 'detailed' | 'held' | 'released' | 'accepted' | 'refused';
export interface StepEntry extends Signed {
  readonly step: BayStep;
  readonly at: string;
  readonly note: string;
}
export interface ConditionsEntry extends Signed, Body<'conditions'> {
  readonly zoneId: string;
}
export interface DetailEntry extends Signed, Body<'detail'> {
  readonly zoneId: string;
}

export interface BayBook {
  /** In force, in the order of the record. */
  readonly coats: readonly CoatEntry[];
  /** Plies and what else is laid by itself. */
  readonly laid: readonly LaidEntry[];
  readonly steps: readonly StepEntry[];
  /** Everything in force that names the bay. */
  readonly entries: readonly BookEntry[];
}
export interface ZoneBook {
  readonly conditions: readonly ConditionsEntry[];
  readonly details: readonly DetailEntry[];
  /** Said of the zone as a whole: they hold for each of its bays. */
  readonly steps: readonly StepEntry[];
  /** Everything in force that names the zone, with bays or without. */
  readonly entries: readonly BookEntry[];
}

export interface SiteBook {
  readonly lastSeq: number;
  /** When the newest entry was made, ms, by the clock of its device. */
  readonly lastMadeMs: number;
  /** Every entry ever folded in. */
  readonly seen: ReadonlyMap<string, BookEntry>;
  readonly superseded: ReadonlySet<string>;
  readonly bays: ReadonlyMap<string, BayBook>;
  readonly zones: ReadonlyMap<string, ZoneBook>;
  /** In force and of no zone: stock, permits, gauges. */
  readonly job: readonly BookEntry[];
}

export const EMPTY_BAY_BOOK: BayBook = { coats: [], laid: [], steps: [], entries: [] };
export const EMPTY_ZONE_BOOK: ZoneBook = { conditions: [], details: [], steps: [], entries: [] };
export const EMPTY_BOOK: SiteBook = {
  lastSeq: 0,
  lastMadeMs: -Infinity,
  seen: new Map(),
  superseded: new Set(),
  bays: new Map(),
  zones: new Map(),
  job: [],
};

const signed = (e: BookEntry): Signed => ({
  id: e.id,
  seq: e.seq,
  who: e.who,
  madeAt: e.madeAt,
  supersedes: e.supersedes,
});

/** A coat as it lies on one of its bays. */
export function coatOn(entry: BookEntryOf<'coat'>, bayId: string): CoatEntry {
  const { readings, ...body } = entry.body;
  return {
    ...signed(entry as BookEntry),
    ...body,
    bayId,
    part: partOf(entry.bays, bayId),
    lastWetMm: readings.filter((r) => r.bayId === bayId).flatMap((r) => r.lastWetMm),
  };
}

function laidOn(entry: BookEntryOf<'ply'>, bayId: string): LaidEntry {
  const part = partOf(entry.bays, bayId);
  return { ...signed(entry as BookEntry), ...entry.body, used: entry.body.used * part, bayId, part };
}

/** What an entry says of the state of a bay, besides what it lays there. */
function stepOf(entry: BookEntry): StepEntry | undefined {
  const step = (name: BayStep, at: string, note = ''): StepEntry => ({
    ...signed(entry),
    step: name,
    at,
    note,
  });
  if (entry.kind === 'preparation')
    return entry.body.complete ? step('prepared', entry.body.at, entry.body.note) : undefined;
  if (entry.kind === 'detail')
    return entry.body.detailId === ALL_DETAILS && entry.body.step === 'made'
      ? step('detailed', entry.body.at, entry.body.note)
      : undefined;
  if (entry.kind !== 'decision' || entry.body.about || entry.body.what === 'gate taken over')
    return undefined;
  return step(entry.body.what, entry.body.at, entry.body.reason);
}

type Open<T> = { -readonly [K in keyof T]: T[K] extends readonly (infer E)[] ? E[] : never };

/** Puts an entry where its number belongs: nearly always at the end. */
function place<T extends { readonly seq: number }>(list: T[], entry: T): void {
  let i = list.length;
  while (i > 0 && (list[i - 1]?.seq ?? 0) > entry.seq) i -= 1;
  list.splice(i, 0, entry);
}
/** Takes an entry out of a list in the order of the record, found by its number. */
function strikeFrom(list: { readonly id: string; readonly seq: number }[], old: BookEntry): void {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((list[middle]?.seq ?? 0) < old.seq) low = middle + 1;
    else high = middle;
  }
  for (let i = low; list[i]?.seq === old.seq; i += 1)
    if (list[i]?.id === old.id) {
      list.splice(i, 1);
      return;
    }
}

/** Books by a key, of which those that are written to are copied once, and the others shared. */
class Shelf<B extends object> {
  readonly books: Map<string, B>;
  private readonly own = new Set<string>();
  private readonly empty: B;

  constructor(before: ReadonlyMap<string, B>, empty: B) {
    this.books = new Map(before);
    this.empty = empty;
  }
  open(key: string): Open<B> {
    const there = this.books.get(key);
    if (there && this.own.has(key)) return there as unknown as Open<B>;
    const copied = Object.fromEntries(
      Object.entries(there ?? this.empty).map(([name, list]) => [name, [...(list as unknown[])]]),
    ) as B;
    this.own.add(key);
    this.books.set(key, copied);
    return copied as unknown as Open<B>;
  }
}

function onBay(book: Open<BayBook>, bayId: string, entry: BookEntry): void {
  const step = stepOf(entry);
  if (entry.kind === 'coat') place(book.coats, coatOn(entry, bayId));
  if (entry.kind === 'ply') place(book.laid, laidOn(entry, bayId));
  if (step) place(book.steps, step);
  place(book.entries, entry);
}

function onZone(book: Open<ZoneBook>, zoneId: string, entry: BookEntry): void {
  const step = entry.bays.length === 0 ? stepOf(entry) : undefined;
  if (entry.kind === 'conditions') place(book.conditions, { ...signed(entry), ...entry.body, zoneId });
  if (entry.kind === 'detail' && entry.body.detailId !== ALL_DETAILS)
    place(book.details, { ...signed(entry), ...entry.body, zoneId });
  if (step) place(book.steps, step);
  place(book.entries, entry);
}

/**
 * Adds entries to a book. Entries that are there already are passed over, and every list is kept in the order of the
 * record, so any order and any cut of the series into batches, overlapping or not, gives the same book. The book passed
 * in is not changed; what an entry does not touch is shared with it.
 */
export function foldRecord(
  before: SiteBook,
  entries: readonly StoredEntry[],
  names: Names = new Map(),
): SiteBook {
  const seen = new Map(before.seen);
  const superseded = new Set(before.superseded);
  const bays = new Shelf<BayBook>(before.bays, EMPTY_BAY_BOOK);
  const zones = new Shelf<ZoneBook>(before.zones, EMPTY_ZONE_BOOK);
  const job = [...before.job];
  let { lastSeq, lastMadeMs } = before;

  const strike = (id: string): void => {
    superseded.add(id);
    const old = seen.get(id);
    if (!old) return;
    for (const { bayId } of old.bays)
      for (const list of Object.values(bays.open(bayId))) strikeFrom(list, old);
    if (old.zoneId !== undefined)
      for (const list of Object.values(zones.open(old.zoneId))) strikeFrom(list, old);
    strikeFrom(job, old);
  };

  for (const stored of entries) {
    if (seen.has(stored.entry.id)) continue;
    const entry = readEntry(stored.entry, names, stored);
    seen.set(entry.id, entry);
    lastSeq = Math.max(lastSeq, entry.seq);
    lastMadeMs = Math.max(lastMadeMs, Date.parse(entry.madeAt));
    if (entry.supersedes !== undefined) strike(entry.supersedes);
    if (superseded.has(entry.id) || entry.kind === 'withdrawal') continue;
    for (const { bayId } of entry.bays) onBay(bays.open(bayId), bayId, entry);
    if (entry.zoneId !== undefined) onZone(zones.open(entry.zoneId), entry.zoneId, entry);
    else if (entry.bays.length === 0) place(job, entry);
  }
  return { lastSeq, lastMadeMs, seen, superseded, bays: bays.books, zones: zones.books, job };
}

/** What was said of a zone as a whole, by kind, sorted out once for a list: lists of a book never change. */
const zoneWide = new WeakMap<readonly BookEntry[], Map<string, BookEntry[]>>();

function saidOfZone(entries: readonly BookEntry[], kind: string): readonly BookEntry[] {
  let kinds = zoneWide.get(entries);
  if (!kinds) {
    kinds = new Map();
    for (const e of entries) {
      if (e.bays.length > 0) continue;
      const list = kinds.get(e.kind);
      if (list) list.push(e);
      else kinds.set(e.kind, [e]);
    }
    zoneWide.set(entries, kinds);
  }
  return kinds.get(kind) ?? [];
}

/** Everything of a kind in force on a bay, with what was said of its zone as a whole, in the order of the record. */
export function onBayOf<K extends BookEntry['kind']>(
  book: SiteBook,
  bay: { readonly id: string; readonly zoneId: string },
  kind: K,
): BookEntryOf<K>[] {
  const zone = book.zones.get(bay.zoneId);
  const whole = zone ? saidOfZone(zone.entries, kind) : [];
  const own = (book.bays.get(bay.id)?.entries ?? []).filter((e) => e.kind === kind);
  // Each list is in the order of the record by itself.
  const all = whole.length === 0 ? own : [...own, ...whole].sort((a, b) => a.seq - b.seq);
  return all as unknown as BookEntryOf<K>[];
}

/** Sorted once for a book: books never change. */
const byKind = new WeakMap<SiteBook, Map<string, BookEntry[]>>();

function kindsOf(book: SiteBook): Map<string, BookEntry[]> {
  const kept = byKind.get(book);
  if (kept) return kept;
  const kinds = new Map<string, BookEntry[]>();
  for (const e of [...book.seen.values()].sort((a, b) => a.seq - b.seq)) {
    if (book.superseded.has(e.id)) continue;
    const list = kinds.get(e.kind);
    if (list) list.push(e);
    else kinds.set(e.kind, [e]);
  }
  byKind.set(book, kinds);
  return kinds;
}

/** Everything of a kind in force, wherever it belongs, in the order of the record. */
export const allOf = <K extends BookEntry['kind']>(book: SiteBook, kind: K): readonly BookEntryOf<K>[] =>
  (kindsOf(book).get(kind) ?? []) as unknown as BookEntryOf<K>[];
