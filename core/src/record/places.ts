/** Where entries belong, and the latest word on each detail. */
import type { SiteDoc } from '../site/index.ts';
import type { DetailEntry, SiteBook } from './fold.ts';
import type { BookEntry } from './reading.ts';

/** The zone that each entry belongs to; nothing for what belongs to the job as a whole. What takes one back belongs where it does. */
function zonesOf(
  site: Pick<SiteDoc, 'bays'>,
  book: Pick<SiteBook, 'seen'>,
): (entry: BookEntry) => string | undefined {
  const zones = new Map(site.bays.map((b) => [b.id, b.zoneId]));
  const zoneOf = (e: BookEntry): string | undefined => {
    if (e.zoneId !== undefined) return e.zoneId;
    const first = e.bays[0];
    if (first) return zones.get(first.bayId);
    const target = e.supersedes === undefined ? undefined : book.seen.get(e.supersedes);
    return target && zoneOf(target);
  };
  return zoneOf;
}

/** Every entry of a zone and of the job as a whole, newest first. */
export function entriesOf(
  zoneId: string,
  site: Pick<SiteDoc, 'bays'>,
  book: Pick<SiteBook, 'seen'>,
): BookEntry[] {
  const zoneOf = zonesOf(site, book);
  return [...book.seen.values()]
    .filter((e) => [zoneId, undefined].includes(zoneOf(e)))
    .sort((a, b) => b.seq - a.seq);
}

/** What took the place of an entry, by the id of the one that no longer counts. */
export const laterEntries = (book: Pick<SiteBook, 'seen'>): ReadonlyMap<string, BookEntry> =>
  new Map(
    [...book.seen.values()].flatMap((e) => (e.supersedes === undefined ? [] : [[e.supersedes, e] as const])),
  );

/** The latest word on each detail of a zone, by the id of the detail. */
export function latestDetails(book: Pick<SiteBook, 'zones'>, zoneId: string): Map<string, DetailEntry> {
  const found = new Map<string, DetailEntry>();
  for (const entry of book.zones.get(zoneId)?.details ?? []) {
    const there = found.get(entry.detailId);
    if (!there || Date.parse(entry.at) >= Date.parse(there.at)) found.set(entry.detailId, entry);
  }
  return found;
}
