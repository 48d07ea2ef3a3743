/** Folding entries into the book of the site: what is in force now, by bay, by zone and for the job. */
import type { Place } from '../survey/index.ts';
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
  /** Where each of them was taken; null: somewhere on the bay. */
  readonly places: readonly (Place | null)[];
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
  /** Of these, what is said of the zone as a whole. */
  readonly whole: readonly BookEntry[];
  /** Of these, its tests. */
  readonly tests: readonly BookEntryOf<'test'>[];
}
/** Everything of a kind in force, wherever it belongs, in the order of the record. */
interface KindBook {
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
  readonly kinds: ReadonlyMap<string, KindBook>;
  /** In force and of no zone: stock, permits, gauges. */
  readonly job: readonly BookEntry[];
}

export const EMPTY_BAY_BOOK: BayBook = { coats: [], laid: [], steps: [], entries: [] };
export const EMPTY_ZONE_BOOK: ZoneBook = {
  ...{ conditions: [], details: [], steps: [], entries: [] },
  ...{ whole: [], tests: [] },
};
const EMPTY_KIND_BOOK: KindBook = { entries: [] };
export const EMPTY_BOOK: SiteBook = {
  lastSeq: 0,
  lastMadeMs: -Infinity,
  seen: new Map(),
  superseded: new Set(),
  bays: new Map(),
  zones: new Map(),
  kinds: new Map(),
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
  const own = readings.filter((r) => r.bayId === bayId);
  return {
    ...signed(entry as BookEntry),
    ...body,
    bayId,
    part: partOf(entry.bays, bayId),
    lastWetMm: own.flatMap((r) => r.lastWetMm),
    places: own.flatMap((r) => r.places ?? r.lastWetMm.map(() => null)),
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

/** Puts an entry where its number belongs: nearly always at the end. */
function place<T extends { readonly seq: number }>(list: T[], entry: T): void {
  let i = list.length;
  while (i > 0 && (list[i - 1]?.seq ?? 0) > entry.seq) i -= 1;
  list.splice(i, 0, entry);
}
/** Where an entry stands in a list in the order of the record, found by its number; below nothing where it is not there. */
function placeIn(list: readonly { readonly id: string; readonly seq: number }[], old: BookEntry): number {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((list[middle]?.seq ?? 0) < old.seq) low = middle + 1;
    else high = middle;
  }
  for (let i = low; list[i]?.seq === old.seq; i += 1) if (list[i]?.id === old.id) return i;
  return -1;
}

interface Numbered {
  readonly id: string;
  readonly seq: number;
}
type Lists<B> = { readonly [K in keyof B]: B[K] extends readonly (infer E extends Numbered)[] ? E : never };

/** Books by a key, of which only the lists that are written to are copied, once; all others are shared. */
class Shelf<B extends object> {
  readonly books: Map<string, B>;
  private readonly ownBooks = new Set<string>();
  private readonly ownLists = new Set<unknown>();
  private readonly empty: B;

  constructor(before: ReadonlyMap<string, B>, empty: B) {
    this.books = new Map(before);
    this.empty = empty;
  }

  private own<K extends keyof B>(key: string, name: K): Lists<B>[K][] {
    let book = this.books.get(key) ?? this.empty;
    if (!this.ownBooks.has(key)) {
      book = { ...book };
      this.books.set(key, book);
      this.ownBooks.add(key);
    }
    let list = book[name] as unknown as Lists<B>[K][];
    if (!this.ownLists.has(list)) {
      list = [...list];
      this.ownLists.add(list);
      book[name] = list as unknown as B[K];
    }
    return list;
  }
  add<K extends keyof B>(key: string, name: K, item: Lists<B>[K]): void {
    place(this.own(key, name), item);
  }
  /** Takes an entry out of every list of a book in which it stands. */
  strike(key: string, old: BookEntry): void {
    for (const [name, list] of Object.entries(this.books.get(key) ?? {})) {
      const i = placeIn(list as readonly Numbered[], old);
      if (i >= 0) this.own(key, name as keyof B).splice(i, 1);
    }
  }
}

function onBay(bays: Shelf<BayBook>, bayId: string, entry: BookEntry): void {
  const step = stepOf(entry);
  if (entry.kind === 'coat') bays.add(bayId, 'coats', coatOn(entry, bayId));
  if (entry.kind === 'ply') bays.add(bayId, 'laid', laidOn(entry, bayId));
  if (step) bays.add(bayId, 'steps', step);
  bays.add(bayId, 'entries', entry);
}

function onZone(zones: Shelf<ZoneBook>, zoneId: string, entry: BookEntry): void {
  const whole = entry.bays.length === 0;
  const step = whole ? stepOf(entry) : undefined;
  if (entry.kind === 'conditions')
    zones.add(zoneId, 'conditions', { ...signed(entry), ...entry.body, zoneId });
  if (entry.kind === 'detail' && entry.body.detailId !== ALL_DETAILS)
    zones.add(zoneId, 'details', { ...signed(entry), ...entry.body, zoneId });
  if (entry.kind === 'test') zones.add(zoneId, 'tests', entry);
  if (step) zones.add(zoneId, 'steps', step);
  if (whole) zones.add(zoneId, 'whole', entry);
  zones.add(zoneId, 'entries', entry);
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
  const kinds = new Shelf<KindBook>(before.kinds, EMPTY_KIND_BOOK);
  const ofJob = new Shelf<KindBook>(new Map([['job', { entries: before.job }]]), EMPTY_KIND_BOOK);
  let { lastSeq, lastMadeMs } = before;

  const strike = (id: string): void => {
    superseded.add(id);
    const old = seen.get(id);
    if (!old) return;
    for (const { bayId } of old.bays) bays.strike(bayId, old);
    if (old.zoneId !== undefined) zones.strike(old.zoneId, old);
    kinds.strike(old.kind, old);
    ofJob.strike('job', old);
  };

  for (const stored of entries) {
    if (seen.has(stored.entry.id)) continue;
    const entry = readEntry(stored.entry, names, stored);
    seen.set(entry.id, entry);
    lastSeq = Math.max(lastSeq, entry.seq);
    lastMadeMs = Math.max(lastMadeMs, Date.parse(entry.madeAt));
    if (entry.supersedes !== undefined) strike(entry.supersedes);
    if (superseded.has(entry.id) || entry.kind === 'withdrawal') continue;
    kinds.add(entry.kind, 'entries', entry);
    for (const { bayId } of entry.bays) onBay(bays, bayId, entry);
    if (entry.zoneId !== undefined) onZone(zones, entry.zoneId, entry);
    else if (entry.bays.length === 0) ofJob.add('job', 'entries', entry);
  }
  return {
    ...{ lastSeq, lastMadeMs, seen, superseded, bays: bays.books, zones: zones.books },
    ...{ kinds: kinds.books, job: ofJob.books.get('job')?.entries ?? before.job },
  };
}

/** What was said of a zone as a whole, by kind, sorted out once for a list: lists of a book never change. */
const zoneWide = new WeakMap<readonly BookEntry[], Map<string, BookEntry[]>>();

function saidOfZone(entries: readonly BookEntry[], kind: string): readonly BookEntry[] {
  let kinds = zoneWide.get(entries);
  if (!kinds) {
    kinds = new Map();
    for (const e of entries) {
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
  const whole = zone ? saidOfZone(zone.whole, kind) : [];
  const own = (book.bays.get(bay.id)?.entries ?? []).filter((e) => e.kind === kind);
  // Each list is in the order of the record by itself.
  const all = whole.length === 0 ? own : [...own, ...whole].sort((a, b) => a.seq - b.seq);
  return all as unknown as BookEntryOf<K>[];
}

/** Everything of a kind in force, wherever it belongs, in the order of the record. */
export const allOf = <K extends BookEntry['kind']>(book: SiteBook, kind: K): readonly BookEntryOf<K>[] =>
  (book.kinds.get(kind)?.entries ?? []) as unknown as BookEntryOf<K>[];
