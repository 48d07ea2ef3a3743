/** Limits that the coat on top has missed: each holds what comes next until its remedy is done, or somebody answers for it. */
import { MISSED_NAMES, whenMissed, type Missable } from '../buildup/index.ts';
import { words } from '../figures/index.ts';
import type { BayStatus } from '../record/index.ts';
import type { Gate } from './gate.ts';

/** Said by gates of their own. */
const OWN_GATE: readonly Missable[] = ['overcoatUntil', 'leastRate', 'mostRate'];
export const missKey = (limit: Missable): string =>
  limit === 'overcoatUntil' ? 'overcoat/until' : `below/missed-${limit}`;

export function missGates({ misses, laid }: BayStatus): Gate[] {
  const top = laid.at(-1)?.entry.id;
  const own = misses.filter((m) => m.entryId === top && !OWN_GATE.includes(m.limit));
  // The last of a kind speaks: an earlier one that is not cleared is still said.
  const byLimit = new Map(
    [...own]
      .sort((a, b) => Number(a.clearedMs === undefined) - Number(b.clearedMs === undefined))
      .map((m) => [m.limit, m]),
  );
  return [...byLimit.values()].map((m) => ({
    key: missKey(m.limit),
    group: 'below',
    name: MISSED_NAMES[m.limit],
    answer: m.clearedMs === undefined ? 'broken' : 'holds',
    says: [
      ...words`${m.coat.name.toLowerCase()}, ${{ atMs: m.atMs }}`,
      m.event?.body.note ? `: ${m.event.body.note}.` : '.',
      ...(m.clearedMs === undefined ? [] : words` Put right ${{ atMs: m.clearedMs }}.`),
    ],
    opens: [whenMissed(m.coat, m.limit).says],
    readAtMs: m.atMs,
    settle: { by: 'entry', kind: 'remedy', known: { entryId: m.entryId, limit: m.limit } },
  }));
}
