/** Bays in groups, by what can be done with them. */
import type { BayStatus } from '@lentum/core/record';
import type { Verdict } from '@lentum/core/words';

export interface Row {
  readonly status: BayStatus;
  readonly verdict: Verdict;
  /** The same in a few words, for the phone. */
  readonly brief?: Verdict | undefined;
}
export interface Group {
  readonly name: string;
  readonly rows: readonly Row[];
}

const GROUPS: readonly { name: string; has: (r: Row) => boolean }[] = [
  { name: 'Stopped', has: (r) => r.verdict.outcome === 'stop' && r.status.state !== 'wet' },
  { name: 'Wet', has: (r) => r.status.state === 'wet' },
  { name: 'Window closing', has: (r) => r.status.state === 'closing' },
  { name: 'Can be done now', has: (r) => r.verdict.outcome === 'go' },
  { name: 'To be checked first', has: (r) => r.verdict.outcome === 'check' },
  { name: 'On hold', has: (r) => r.verdict.outcome === 'hold' },
  { name: 'At work', has: (r) => r.verdict.outcome === 'curing' },
  { name: 'Done', has: (r) => r.verdict.outcome === 'done' },
];

/** Each bay stands in the first group that has it. */
export function groupsByState(rows: readonly Row[]): Group[] {
  const left = new Set(rows);
  return GROUPS.map((g) => {
    const mine = [...left].filter(g.has);
    mine.forEach((r) => left.delete(r));
    return { name: g.name, rows: mine };
  }).filter((g) => g.rows.length > 0);
}
