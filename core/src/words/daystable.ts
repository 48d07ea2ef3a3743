/** The works of a plan as rows of a table, one a line, in order. */
import type { PlanAnswer } from '../planning/index.ts';
import { unitSymbol } from '../units/index.ts';

/** What a work is called in every calendar: the same as long as it is there, wherever it stands. */
export const workEventId = (jobId: string, taskId: string): string =>
  `${jobId}-${taskId.replaceAll('/', '-')}@lentum`;

export const DAY_COLUMNS = [
  'date',
  'from',
  'to',
  'crew',
  'roof',
  'bay',
  'work',
  'amount',
  'unit',
  'overcoat from',
  'overcoat until',
  'by hand',
] as const;

/** Amounts metric. @param time an instant by the clocks of the job, such as 2026-05-12 09:30 */
export function dayRows(answer: PlanAnswer, time: (ms: number) => string): (string | number)[][] {
  return [...answer.tasks]
    .sort((a, b) => a.startMs - b.startMs || a.id.localeCompare(b.id))
    .map((t) => [
      time(t.startMs).slice(0, 10),
      time(t.startMs).slice(11),
      time(t.endMs).slice(11),
      answer.crews[t.crew]?.name ?? '',
      answer.zones[t.zone]?.name ?? '',
      t.bay,
      t.name,
      t.amount ? Number(t.amount.value.toFixed(2)) : '',
      t.amount ? unitSymbol(t.amount.quantity, 'metric') : '',
      t.opensMs === undefined ? '' : time(t.opensMs),
      t.closesMs === undefined ? '' : time(t.closesMs),
      t.pinned ? 'yes' : '',
    ]);
}
