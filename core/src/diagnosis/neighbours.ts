/**
 * Whether a symptom goes with a batch, with hours or with a person: it is seen on the bays of that group, and hardly on the rest
 * of what was looked at. Where two kinds of group hold the same bays, both are told, for nothing tells them apart.
 */
import { words, type Part } from '../figures/index.ts';
import { batchesOf, isSameBatch, type BayStatus, type BookEntry, type SiteBook } from '../record/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { entriesOn, startOf } from './atrisk.ts';
import { byChance } from './bychance.ts';
import type { Fact, FactKey } from './facts.ts';

export interface Seen {
  /** Bays that show the same, by their ids; the one that is asked about is not among them. */
  readonly also: ReadonlySet<string>;
  /** The others of the roof were looked at, and do not show it. */
  readonly others: boolean;
}

type Kind = 'batchToo' | 'hoursToo' | 'personToo';
interface Group {
  readonly kind: Kind;
  readonly name: readonly Part[];
  readonly same: readonly BayStatus[];
  readonly away: readonly BayStatus[];
  /** Shares of the group, and of the rest, that show it. */
  readonly here: number;
  readonly there: number;
}

/** Of a group it is seen on at least so many of its bays, as a share. */
const MOST = 0.5;
/** And on at most so much of that share elsewhere. */
const HARDLY = 0.4;
/** What was begun so near together had the same sky and the same slab. */
const SAME_HOURS_MS = 3 * MS_PER_HOUR;
/** Among as many groups as a bay lies in, one that looks like this by chance alone may come up no oftener than so. */
const MOST_BY_CHANCE = 0.1;
/** Kinds whose shares part it less clearly than the clearest by more than this do not follow it. */
const AS_CLEAR = 0.1;

const KINDS: Readonly<Record<Kind, string>> = {
  batchToo: 'a batch',
  hoursToo: 'the hours of laying',
  personToo: 'who laid it',
};

/** Whether a fact is told by what other bays show. */
export const isOfNeighbours = (key: FactKey): boolean => key in KINDS;

interface Way {
  readonly kind: Kind;
  readonly name: readonly Part[];
  readonly fits: (e: BookEntry) => boolean;
}

/** The groups that a bay lies in, each with what puts another entry into it. */
function waysOf(own: readonly BookEntry[]): Way[] {
  const batches = [...new Set(own.flatMap(batchesOf))];
  const people = [...new Set(own.map((e) => e.who))];
  return [
    ...batches.map((batch) => ({
      ...{ kind: 'batchToo' as const, name: [`batch ${batch}`] },
      fits: (e: BookEntry) => batchesOf(e).some((b) => isSameBatch(b, batch)),
    })),
    ...own.map((entry) => ({
      ...{ kind: 'hoursToo' as const, name: words`what was laid about ${{ atMs: startOf(entry) }}` },
      fits: (e: BookEntry) => Math.abs(startOf(e) - startOf(entry)) <= SAME_HOURS_MS,
    })),
    ...people.map((who) => ({
      ...{ kind: 'personToo' as const, name: [`what ${who} laid`] },
      fits: (e: BookEntry) => e.who === who,
    })),
  ];
}

const labels = (list: readonly BayStatus[]): string => list.map((s) => s.bay.label).join(', ');
const parted = (g: Group): number => g.here - g.there;
const bays = (n: number): string => `${n} other ${n === 1 ? 'bay' : 'bays'}`;

/**
 * @param status the bay that is asked about
 * @param all bays that are laid on its roof
 * @returns a fact of each kind of group that other bays share with it and some do not; none where nobody looked at the others,
 *   for then those that show it may be some of many, and none where so few bays may look like it by chance
 */
export function neighbourFacts(
  status: BayStatus,
  { also, others }: Seen,
  all: readonly BayStatus[],
  book: SiteBook,
): Fact[] {
  if (!others) return [];
  const rest = all.filter((s) => s.bay.id !== status.bay.id);
  const has = (s: BayStatus): boolean => also.has(s.bay.id);
  const share = (list: readonly BayStatus[]): number => list.filter(has).length / list.length;
  const groups = waysOf(entriesOn(status, book)).flatMap(({ kind, name, fits }): Group[] => {
    const same = rest.filter((s) => entriesOn(s, book).some(fits));
    const away = rest.filter((s) => !same.includes(s));
    // What holds for all of them tells nothing.
    if (same.length === 0 || away.length === 0) return [];
    return [{ kind, name, same, away, here: share(same), there: share(away) }];
  });
  const seems = groups.filter((g) => g.here >= MOST && g.there <= HARDLY * g.here);
  const chanceOf = (g: Group): number =>
    byChance(rest.length, rest.filter(has).length, g.same.length, g.same.filter(has).length);
  const clear = seems.filter((g) => chanceOf(g) * groups.length <= MOST_BY_CHANCE);
  const clearest = Math.max(...clear.map(parted));
  return (Object.keys(KINDS) as Kind[]).flatMap((key): Fact[] => {
    const own = groups.filter((g) => g.kind === key).sort((a, b) => parted(b) - parted(a));
    if (own.length === 0) return [];
    const told = own.find((g) => clear.includes(g) && parted(g) >= clearest - AS_CLEAR);
    const seenOn = (g: Group): string =>
      ` lies on ${bays(g.same.length)}, and it is seen on ${labels(g.same.filter(has))}; elsewhere on ${g.away.filter(has).length} of ${g.away.length}.`;
    if (told) return [{ key, is: true, says: [...told.name, seenOn(told)] }];
    // It looks so, but the bays are too few: nobody can say either way.
    if (own.some((g) => seems.includes(g) && !clear.includes(g))) return [];
    const none = `no other bay shows it, also none of ${labels(own[0]?.same ?? [])}: `;
    return [
      {
        ...{ key, is: false },
        says:
          also.size === 0
            ? [none, ...(own[0]?.name ?? []), ' lies there too.']
            : [`where it is seen does not follow ${KINDS[key]}.`],
      },
    ];
  });
}
