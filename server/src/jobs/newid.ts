import { idSchema } from '@lentum/core/job';
import { unprocessable } from '../http/errors.ts';

/** The id that a client made for a new job, or 422 when it is none. */
export function newJobId(params: Readonly<Record<string, string>>): string {
  const id = params['jobId'] ?? '';
  if (idSchema.safeParse(id).success) return id;
  const expected = '1 to 64 letters, digits, - and _';
  throw unprocessable([
    { kind: 'wrong', field: 'jobId', label: 'Job, id', actual: id.slice(0, 80), expected },
  ]);
}
