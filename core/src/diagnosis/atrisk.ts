/** Who else is at risk: other bays with the same batch, laid in one go, or by the same person within half a day. */
import { batchesOf, isSameBatch, type BayStatus, type BookEntry, type SiteBook } from '../record/index.ts';
import { MS_PER_DAY } from '../units/index.ts';

export interface AtRisk {
  readonly why: 'the same batch' | 'laid in one go with it' | 'laid by the same person within half a day';
  readonly what: string;
  readonly bays: readonly string[];
}

/** When an entry was begun, ms. */
export const startOf = (e: BookEntry): number =>
  Date.parse(e.kind === 'coat' || e.kind === 'ply' ? e.body.startedAt : e.madeAt);

/** The entries by which layers lie on a bay. */
export const entriesOn = (s: BayStatus, book: SiteBook): BookEntry[] =>
  [...s.laid, ...s.others].flatMap(({ entry }) => book.seen.get(entry.id) ?? []);

/** @param all bays of the job */
export function atRisk(status: BayStatus, all: readonly BayStatus[], book: SiteBook): AtRisk[] {
  const found: AtRisk[] = [];
  const others = all.filter((s) => s.bay.id !== status.bay.id);
  const put = (why: AtRisk['why'], what: string, fits: (e: BookEntry) => boolean): void => {
    const bays = others.filter((s) => entriesOn(s, book).some(fits)).map((s) => s.bay.label);
    if (bays.length > 0) found.push({ why, what, bays });
  };
  const own = entriesOn(status, book);
  for (const entry of own)
    if (entry.bays.length > 1) put('laid in one go with it', `entry ${entry.seq}`, (e) => e.id === entry.id);
  const batches = [...new Set(own.flatMap(batchesOf))];
  for (const batch of batches)
    put('the same batch', batch, (e) => batchesOf(e).some((b) => isSameBatch(b, batch)));
  const last = own.at(-1);
  if (last)
    put(
      'laid by the same person within half a day',
      last.who,
      (e) => e.who === last.who && Math.abs(startOf(e) - startOf(last)) < MS_PER_DAY / 2,
    );
  return found;
}
