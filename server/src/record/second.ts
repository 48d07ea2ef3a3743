/** Where the job asks for it, what somebody made is accepted by somebody else. */
import { rulesOf, type JobHead } from '@lentum/core/job';
import { isSecondForm, type Entry, type EntryForm } from '@lentum/core/record';
import { readDocument } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { unprocessable } from '../http/errors.ts';
import { RECORD_SQL } from './sql.ts';

const isAcceptance = (entry: Entry): boolean =>
  (entry.kind === 'decision' && entry.body.what === 'accepted') ||
  (entry.kind === 'detail' && entry.body.step === 'accepted');

/** @throws 422 where whoever accepts has worked on it, and the job wants two people */
export async function needSecond(db: Db, jobId: string, entry: EntryForm): Promise<void> {
  if (!isSecondForm(entry) || !isAcceptance(entry)) return;
  const head = await readDocument<JobHead>(db, jobId, 'job');
  if (rulesOf(head?.body).otherAccepts !== true) return;
  const about = entry.kind === 'decision' ? entry.body.about?.entryId : undefined;
  const { rowCount } = await db.query(RECORD_SQL.madeBy, [
    ...[jobId, entry.personId, entry.bays.map((b) => b.bayId)],
    ...[entry.zoneId ?? null, about ?? null],
  ]);
  if (rowCount === 0) return;
  throw unprocessable([
    {
      kind: 'wrong',
      field: 'personId',
      label: 'Accepted',
      actual: 'by somebody who worked on it',
      expected: 'somebody else, as the rules of this job ask',
    },
  ]);
}
