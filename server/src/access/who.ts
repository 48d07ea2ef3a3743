/** Who asks, and what they may do here. */
import { may, onlyWho, RIGHTS, type Part, type Right } from '@lentum/core/access';
import { HttpProblem, notFound } from '../http/errors.ts';

export interface Account {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  readonly login: string;
  readonly firmRole: Part | null;
  /** By job. */
  readonly jobRoles: Readonly<Record<string, Part>>;
}

export class Who {
  private constructor(
    /** Absent where nobody signs in, and where nobody has. */
    readonly account: Account | undefined,
    readonly sessionId: string | undefined,
    private readonly firmPart: Part | undefined,
  ) {}

  /** Whoever sits at this machine, where nobody signs in. */
  static readonly ALONE = new Who(undefined, undefined, 'owner');
  /** Somebody who has not signed in. */
  static readonly NOBODY = new Who(undefined, undefined, undefined);

  static signedIn(account: Account, sessionId: string): Who {
    return new Who(account, sessionId, account.firmRole ?? undefined);
  }

  get isNobody(): boolean {
    return this === Who.NOBODY;
  }

  /** The parts that count for a right. @param jobId of the job that it is about */
  private parts(right: Right, jobId: string | undefined): readonly Part[] {
    const inFirm = this.firmPart === undefined ? [] : [this.firmPart];
    const roles = this.account?.jobRoles ?? {};
    switch (RIGHTS[right].on) {
      case 'firm':
        return inFirm;
      case 'any':
        return [...inFirm, ...Object.values(roles)];
      case 'job':
        return jobId !== undefined && Object.hasOwn(roles, jobId) && roles[jobId]
          ? [...inFirm, roles[jobId]]
          : inFirm;
    }
  }

  /** What somebody is in a job. */
  partsIn(jobId: string): readonly Part[] {
    return this.parts('read job', jobId);
  }

  may(right: Right, jobId?: string): boolean {
    return may(this.parts(right, jobId), right);
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
    return this.may('read job') ? undefined : Object.keys(this.account?.jobRoles ?? {});
  }
}
