/** Who asks, and what they may do here. */
import {
  ALONE,
  guestIn,
  holds,
  NOBODY_IN,
  onlyWho,
  partsIn,
  type Holder,
  type Part,
  type Right,
} from '@lentum/core/access';
import { HttpProblem, notFound } from '../http/errors.ts';
import type { OpenLink } from './links.ts';

export interface Account extends Holder {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  /** What is typed to sign in; null for who came in with a code for a device only. */
  readonly login: string | null;
}

export class Who {
  private constructor(
    /** Absent where nobody signs in, and where nobody has. */
    readonly account: Account | undefined,
    readonly sessionId: string | undefined,
    private readonly holder: Holder,
    /** By which somebody without an account came in. */
    readonly link?: OpenLink,
  ) {}

  /** Whoever sits at this machine, where nobody signs in. */
  static readonly ALONE = new Who(undefined, undefined, ALONE);
  /** Somebody who has not signed in. */
  static readonly NOBODY = new Who(undefined, undefined, NOBODY_IN);

  static signedIn(account: Account, sessionId: string): Who {
    return new Who(account, sessionId, account);
  }

  /** Somebody who came in by a link: a reader of one job. */
  static guest(link: OpenLink, sessionId?: string): Who {
    return new Who(undefined, sessionId, guestIn(link.jobId), link);
  }

  get isNobody(): boolean {
    return this === Who.NOBODY;
  }

  /** What somebody is in a job. */
  partsIn(jobId: string): readonly Part[] {
    return partsIn(this.holder, jobId);
  }

  may(right: Right, jobId?: string): boolean {
    return holds(this.holder, right, jobId);
  }

  /** @throws 401 for who has not signed in, 404 where even the job is none of theirs, 403 with who may */
  need(right: Right, jobId?: string): void {
    if (this.may(right, jobId)) return;
    if (this.isNobody) throw new HttpProblem(401, 'Sign in first');
    // That there is such a job is not told to those whom it does not concern.
    if (jobId !== undefined && !this.may('read job', jobId)) throw notFound('Job', jobId);
    throw new HttpProblem(403, onlyWho(right));
  }

  /** The jobs that they may read; undefined for all. */
  jobs(): readonly string[] | undefined {
    const { jobRoles, onlyJob } = this.holder;
    if (onlyJob !== undefined) return [onlyJob];
    return this.may('read job') ? undefined : Object.keys(jobRoles);
  }
}
