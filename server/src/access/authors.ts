/** Whose entry it is: where people sign in, nobody enters in another's name. */
import { mayEnter, onlyWho, whoMay, whoMayEnter } from '@lentum/core/access';
import { isSecondForm, type EntryForm, type StoredEntry } from '@lentum/core/record';
import { HttpProblem, unprocessable } from '../http/errors.ts';
import type { Who } from './who.ts';

/**
 * Looks whether somebody may make an entry as it is.
 * @throws 422 where it names another person, 403 where their role may not make entries of its kind
 */
export function needAuthor(who: Who, jobId: string, entry: EntryForm): void {
  const { account } = who;
  if (!account) return;
  const named = isSecondForm(entry) ? entry.personId : entry.who;
  if (named !== account.personId)
    throw unprocessable([
      {
        kind: 'wrong',
        field: 'personId',
        label: 'Entry, person',
        actual: named,
        expected: `the one who is signed in, ${account.name}: nobody enters in another’s name`,
      },
    ]);
  if (isSecondForm(entry) && !mayEnter(who.partsIn(jobId), entry))
    throw new HttpProblem(403, `Only ${whoMay(whoMayEnter(entry))} may make this entry (${entry.kind})`);
}

/** @throws 403 where an entry takes the place of somebody else's, and that is not for them to do */
export function needOwn(who: Who, jobId: string, superseded: StoredEntry | undefined): void {
  if (!who.account || !superseded || who.may('correct others', jobId)) return;
  const { entry } = superseded;
  if (isSecondForm(entry) && entry.personId === who.account.personId) return;
  throw new HttpProblem(403, onlyWho('correct others'));
}
