/** Whether a symptom goes with a batch: it is seen on the bays of one batch, and hardly on the rest of what was looked at. */
import { batchesOf, isSameBatch, type BayStatus, type SiteBook } from '../record/index.ts';
import { entriesOn } from './atrisk.ts';
import type { Fact } from './facts.ts';

export interface Seen {
  /** Bays that show the same, by their ids; the one that is asked about is not among them. */
  readonly also: ReadonlySet<string>;
  /** The others of the roof were looked at, and do not show it. */
  readonly others: boolean;
}

const batchesOn = (s: BayStatus, book: SiteBook): string[] => entriesOn(s, book).flatMap(batchesOf);

/** Of a batch it is seen on at least so many of its bays, as a share. */
const MOST = 0.5;
/** And on at most so much of that share elsewhere. */
const HARDLY = 0.4;

/**
 * @param status the bay that is asked about
 * @param all bays that are laid on its roof
 * @returns the fact, or nothing: nobody said what the others show, or no other bay has a batch of this one
 */
export function neighbourFacts(
  status: BayStatus,
  { also, others }: Seen,
  all: readonly BayStatus[],
  book: SiteBook,
): Fact[] {
  const rest = all.filter((s) => s.bay.id !== status.bay.id);
  const own = [...new Set(batchesOn(status, book))];
  const has = (s: BayStatus): boolean => also.has(s.bay.id);
  const groups = own.flatMap((batch) => {
    const same = rest.filter((s) => batchesOn(s, book).some((b) => isSameBatch(b, batch)));
    const away = rest.filter((s) => !same.includes(s));
    // A batch that lies everywhere tells nothing.
    if (same.length === 0 || away.length === 0) return [];
    const share = (list: readonly BayStatus[]): number => list.filter(has).length / list.length;
    return [{ batch, same, away, here: share(same), there: share(away) }];
  });
  const told = groups.find((g) => g.here >= MOST && g.there <= HARDLY * g.here);
  const labels = (list: readonly BayStatus[]): string => list.map((s) => s.bay.label).join(', ');
  // Without a look at the others, those that show it may be some of many.
  if (told && others)
    return [
      {
        ...{ key: 'batchToo', is: true },
        says: [
          `batch ${told.batch} lies on ${told.same.length} other ${told.same.length === 1 ? 'bay' : 'bays'}, and it is seen on ${labels(told.same.filter(has))}; elsewhere on ${told.away.filter(has).length} of ${told.away.length}.`,
        ],
      },
    ];
  if (!others || groups.length === 0) return [];
  return [
    {
      ...{ key: 'batchToo', is: false },
      says: [
        also.size === 0
          ? `no other bay shows it, also none of ${labels(groups[0]?.same ?? [])} with the same batch.`
          : 'where it is seen does not follow a batch.',
      ],
    },
  ];
}
