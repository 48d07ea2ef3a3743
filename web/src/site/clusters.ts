/** Verdicts that say the same of several bays share one line. */
import { bayRuns, verdictText, type Verdict } from '@lentum/core/words';

export interface Said {
  readonly label: string;
  readonly verdict: Verdict;
}
export interface Cluster<R> {
  readonly key: string;
  readonly rows: R[];
  readonly verdict: Verdict;
}

const HALF_HOUR_MS = 1_800_000;

/** What a verdict says apart from the bay's own label. */
function sense({ label, verdict }: Said): string {
  // Times within the same half hour are the same to those who plan with them.
  const text = verdictText([...verdict.says, ...(verdict.quiet ?? [])], 'metric', (ms) =>
    String(Math.round(ms / HALF_HOUR_MS)),
  );
  return `${verdict.outcome}|${verdict.subject.replace(label, '')}|${text}`;
}

/**
 * @param said of a row: its bay and what is said of it
 * @param inRuns T1–T3 for T1, T2, T3
 */
export function clustered<R>(rows: readonly R[], said: (row: R) => Said, inRuns: boolean): Cluster<R>[] {
  const clusters = new Map<string, { rows: R[]; first: Said }>();
  for (const row of rows) {
    const first = said(row);
    const key = sense(first);
    const there = clusters.get(key);
    if (there) there.rows.push(row);
    else clusters.set(key, { rows: [row], first });
  }
  return [...clusters].map(([key, c]) => {
    const labels = c.rows.map((r) => said(r).label);
    const named = inRuns ? bayRuns(labels) : labels.join(', ');
    const { verdict, label } = c.first;
    return { key, rows: c.rows, verdict: { ...verdict, subject: verdict.subject.replace(label, named) } };
  });
}
