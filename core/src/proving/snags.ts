/** What is to be put right: who found it, who does it, how far it is. */
import { allOf, type BookEntryOf, type SiteBook } from '../record/index.ts';

export type SnagState = 'open' | 'done' | 'accepted';

export interface Snag {
  readonly id: string;
  readonly found: BookEntryOf<'snag'>;
  readonly what: string;
  readonly forWhom: string | undefined;
  /** A day of the job's calendar. */
  readonly by: string | undefined;
  readonly state: SnagState;
  /** What was said of it since, in order. */
  readonly steps: readonly BookEntryOf<'snag'>[];
}

/** Snags in force, in the order in which they were found. What is not accepted is open again. */
export function snagsOf(book: SiteBook, zoneId?: string): Snag[] {
  const all = [...allOf(book, 'snag')].sort((a, b) => Date.parse(a.body.at) - Date.parse(b.body.at));
  return all.flatMap((found): Snag[] => {
    const { body } = found;
    if (body.step !== 'found' || (zoneId !== undefined && found.zoneId !== zoneId)) return [];
    const steps = all.filter((s) => s.body.step !== 'found' && s.body.snagId === found.id);
    const last = steps.at(-1)?.body.step;
    return [
      {
        ...{ id: found.id, found, what: body.what, forWhom: body.forWhom, by: body.by, steps },
        state: last === 'done' || last === 'accepted' ? last : 'open',
      },
    ];
  });
}
