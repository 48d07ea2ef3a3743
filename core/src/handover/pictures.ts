/** Pictures of entries in force, each with what it shows and the number of its entry. */
import { heading, pictures, type SimpleBlock, type Telling } from '../printout/index.ts';
import { entriesOf, laterEntries, type BookEntry } from '../record/index.ts';
import { entryLine, markShapes, type MarkTerms } from '../words/index.ts';
import type { Lines } from './sections.ts';

const markTerms = (t: Telling): MarkTerms => ({ mm: (mm) => t.value(mm, 'lap'), w: t.w });

/** @param shows which entries; every one whose pictures stand nowhere else */
export function picturesOf(
  zoneId: string,
  c: Lines,
  t: Telling,
  shows: (entry: BookEntry) => boolean,
): SimpleBlock[] {
  const later = laterEntries(c.book);
  const items = entriesOf(zoneId, c.site, c.book)
    .reverse()
    .filter((e) => e.attachments.length > 0 && !later.has(e.id) && shows(e))
    .flatMap((e) =>
      e.attachments.map((sha256) => ({
        sha256,
        caption: `${t.w('No.')} ${e.seq}, ${t.time(e.madeAt)}, ${e.who}. ${entryLine(e, c)}`,
        shapes: markShapes(sha256, e.marks, markTerms(t)),
      })),
    );
  return items.length === 0 ? [] : [pictures(items)];
}

const ELSEWHERE: readonly BookEntry['kind'][] = ['detail', 'snag'];

/** Those that stand with no other section. */
export function picturesSection(zoneId: string, c: Lines, t: Telling): SimpleBlock[] {
  const shown = picturesOf(zoneId, c, t, (e) => !ELSEWHERE.includes(e.kind));
  return shown.length === 0 ? [] : [heading(1, t.w('Pictures')), ...shown];
}
