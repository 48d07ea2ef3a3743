/** A job as its handover and its upkeep are made from it: the state of a snapshot, and what is to be proven. */
import { rulesOf } from '@lentum/core/job';
import { provingSchema, type ProvingDoc } from '@lentum/core/proving';
import { EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import { jobState, type JobState } from '@lentum/core/state';
import type { JobSnapshot, ReadBody } from '../site/snapshot.ts';

export type Asked = JobSnapshot & { readonly zoneId: string; readonly asked: unknown };

/** What the job asks to be proven, out of the same snapshot. */
export const alsoAsked = (body: ReadBody) => ({ asked: body('proving') });

export function stateOf({ head, record, people, inputs, asked }: Asked): {
  readonly state: JobState;
  readonly asked: ProvingDoc;
} {
  const book = foldRecord(EMPTY_BOOK, record, namesOf(people));
  return { state: jobState({ ...inputs, book, rules: rulesOf(head) }), asked: provingSchema.parse(asked) };
}
