/** What somebody has been given: a role in the firm, roles in jobs; and which of them count for a right. */
import { may, RIGHTS, type Right } from './rights.ts';
import type { Part } from './roles.ts';

export interface Holder {
  /** In every job of the firm; null for who has only jobs of their own. */
  readonly firmRole: Part | null;
  /** By job. */
  readonly jobRoles: Readonly<Record<string, Part>>;
  /** They came in for this job alone: nothing counts but what they are in it. */
  readonly onlyJob?: string | undefined;
}

/** Whoever sits at a machine where nobody signs in. */
export const ALONE: Holder = { firmRole: 'owner', jobRoles: {} };
/** Somebody who has not signed in. */
export const NOBODY_IN: Holder = { firmRole: null, jobRoles: {} };

/** Whoever came in by a link: a reader of that one job. */
export const guestIn = (jobId: string): Holder => ({
  firmRole: null,
  jobRoles: { [jobId]: 'guest' },
  onlyJob: jobId,
});

/** What somebody is in a job; without one, in the firm. */
export function partsIn({ firmRole, jobRoles, onlyJob }: Holder, jobId: string | undefined): readonly Part[] {
  if (onlyJob !== undefined && jobId !== onlyJob) return [];
  const inFirm = firmRole === null ? [] : [firmRole];
  const inJob = jobId !== undefined && Object.hasOwn(jobRoles, jobId) ? jobRoles[jobId] : undefined;
  return inJob === undefined ? inFirm : [...inFirm, inJob];
}

/** The parts that count for a right. @param jobId of the job that it is about */
export function partsFor(holder: Holder, right: Right, jobId?: string): readonly Part[] {
  const { on } = RIGHTS[right];
  if (on === 'any' && holder.onlyJob !== undefined) return partsIn(holder, holder.onlyJob);
  const parts = partsIn(holder, on === 'job' ? jobId : undefined);
  return on === 'any' ? [...parts, ...Object.values(holder.jobRoles)] : parts;
}

export const holds = (holder: Holder, right: Right, jobId?: string): boolean =>
  may(partsFor(holder, right, jobId), right);
