/** Folding entries into the book of the site: what is in force now, by bay and by zone. */
import type {
  CoatEntry,
  ConditionsEntry,
  DetailEntry,
  Entry,
  LaidEntry,
  StepEntry,
  StoredEntry,
} from './schema.ts';

export interface BayBook {
  /** In force, in the order in which they were entered. */
  readonly coats: readonly CoatEntry[];
  /** Plies and what else is laid by itself. */
  readonly laid: readonly LaidEntry[];
  readonly steps: readonly StepEntry[];
}

export interface SiteBook {
  readonly lastSeq: number;
  /** Every entry ever folded in. */
  readonly seen: ReadonlyMap<string, Entry>;
  readonly superseded: ReadonlySet<string>;
  readonly bays: ReadonlyMap<string, BayBook>;
  /** Conditions in force, by zone. */
  readonly conditions: ReadonlyMap<string, readonly ConditionsEntry[]>;
  /** What was said of details, in force, by zone. */
  readonly details: ReadonlyMap<string, readonly DetailEntry[]>;
}

export const EMPTY_BOOK: SiteBook = {
  lastSeq: 0,
  seen: new Map(),
  superseded: new Set(),
  bays: new Map(),
  conditions: new Map(),
  details: new Map(),
};

export const EMPTY_BAY_BOOK: BayBook = { coats: [], laid: [], steps: [] };

interface OpenBay {
  coats: CoatEntry[];
  laid: LaidEntry[];
  steps: StepEntry[];
}

/** The list of a map's key, made when it is not there yet. */
function slot<V>(map: Map<string, V>, key: string, make: () => V): V {
  let value = map.get(key);
  if (value === undefined) {
    value = make();
    map.set(key, value);
  }
  return value;
}

const without = <E extends Entry>(list: readonly E[], id: string): E[] => list.filter((e) => e.id !== id);

/**
 * Adds entries to a book. Entries that are there already are passed over, so any cut of the series into batches,
 * overlapping or not, gives the same book. The book passed in is not changed.
 */
export function foldRecord(before: SiteBook, entries: readonly StoredEntry[]): SiteBook {
  let lastSeq = before.lastSeq;
  const seen = new Map(before.seen);
  const superseded = new Set(before.superseded);
  const bays = new Map<string, OpenBay>(
    [...before.bays].map(([id, b]) => [id, { coats: [...b.coats], laid: [...b.laid], steps: [...b.steps] }]),
  );
  const conditions = new Map<string, ConditionsEntry[]>(
    [...before.conditions].map(([id, list]) => [id, [...list]]),
  );
  const details = new Map<string, DetailEntry[]>([...before.details].map(([id, list]) => [id, [...list]]));
  const bayOf = (id: string): OpenBay => slot(bays, id, () => ({ coats: [], laid: [], steps: [] }));

  const strike = (id: string): void => {
    superseded.add(id);
    const old = seen.get(id);
    if (old?.kind === 'coat') bayOf(old.bayId).coats = without(bayOf(old.bayId).coats, id);
    else if (old?.kind === 'laid') bayOf(old.bayId).laid = without(bayOf(old.bayId).laid, id);
    else if (old?.kind === 'step') bayOf(old.bayId).steps = without(bayOf(old.bayId).steps, id);
    else if (old?.kind === 'detail') details.set(old.zoneId, without(details.get(old.zoneId) ?? [], id));
    else if (old?.kind === 'conditions')
      conditions.set(old.zoneId, without(conditions.get(old.zoneId) ?? [], id));
  };

  for (const { seq, entry } of entries) {
    if (seen.has(entry.id)) continue;
    seen.set(entry.id, entry);
    lastSeq = Math.max(lastSeq, seq);
    if (entry.supersedes !== undefined) strike(entry.supersedes);
    if (superseded.has(entry.id)) continue;
    if (entry.kind === 'coat') bayOf(entry.bayId).coats.push(entry);
    else if (entry.kind === 'laid') bayOf(entry.bayId).laid.push(entry);
    else if (entry.kind === 'step') bayOf(entry.bayId).steps.push(entry);
    else if (entry.kind === 'detail') slot(details, entry.zoneId, (): DetailEntry[] => []).push(entry);
    else if (entry.kind === 'conditions')
      slot(conditions, entry.zoneId, (): ConditionsEntry[] => []).push(entry);
  }
  return { lastSeq, seen, superseded, bays, conditions, details };
}
