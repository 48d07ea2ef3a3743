/** Moves a job in time, so that the demo is always about today. */
import type { JobContent } from '@lentum/core/jobfile';
import type { Entry } from '@lentum/core/record';
import { chain } from './velmora.ts';

const INSTANTS = ['madeAt', 'at', 'startedAt', 'finishedAt'] as const;

/** The same job with every instant later by so many milliseconds, chained anew. */
export function shiftJob(content: JobContent, byMs: number): JobContent {
  const move = (instant: string): string => new Date(Date.parse(instant) + byMs).toISOString();
  const moved = content.record.map(({ entry, receivedAt }) => {
    const next: Record<string, unknown> = { ...entry };
    for (const key of INSTANTS) {
      const value = next[key];
      if (typeof value === 'string') next[key] = move(value);
    }
    return { entry: next as Entry, receivedAt: move(receivedAt) };
  });
  return { ...content, record: chain(moved) };
}
