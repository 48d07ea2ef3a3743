/** Accounts as an owner sees them, and what is said of each in a line. */
import { FIRM_ROLES, JOB_ROLES, ROLE_WORDS, type Role } from '@lentum/core/access';
import { get } from '../app/api.ts';
import { when } from '../app/time.ts';

export interface Account {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  readonly login: string | null;
  readonly firmRole: Role | null;
  readonly jobRoles: Readonly<Record<string, Role>>;
  readonly madeAt: string;
  readonly closedAt: string | null;
  readonly codeUntil: string | null;
  readonly seenAt: string | null;
  /** Since when the name is replaced for good. */
  readonly forgottenAt: string | null;
}
/** Somebody who stands in records and cannot come in. */
export type Other = Pick<Account, 'personId' | 'name' | 'forgottenAt'>;
export interface JobName {
  readonly id: string;
  readonly name: string;
}

/** The jobs that whoever asks sees, by name. */
export async function readJobNames(): Promise<JobName[]> {
  const { body } = await get<{ jobs: { id: string; job: { name: string } }[] }>('/jobs?limit=200');
  return body.jobs.map(({ id, job }) => ({ id, name: job.name }));
}

/** Where all that is kept of a person is read as a file. */
export const keptOf = (personId: string): string => `/api/v1/people/${personId}/file`;

/** No role in the firm. */
export const ONLY_JOBS = 'jobs';
export const firmRoleOptions = [
  ...FIRM_ROLES.map((value) => ({
    value: value as string,
    label: `${ROLE_WORDS[value].name}: ${ROLE_WORDS[value].says}`,
  })),
  { value: ONLY_JOBS, label: 'Only in the jobs below' },
];
export const jobRoleOptions = JOB_ROLES.map((value) => ({
  value: value as string,
  label: ROLE_WORDS[value].name,
}));

/** What somebody is, in words. @param jobs those that there are, to name them by */
export function rolesLine({ firmRole, jobRoles }: Account, jobs: readonly JobName[]): string {
  const named = Object.entries(jobRoles).map(
    ([id, role]) =>
      `${ROLE_WORDS[role].name} in ${jobs.find((j) => j.id === id)?.name ?? 'a job that is put away'}`,
  );
  const all = [...(firmRole === null ? [] : [`${ROLE_WORDS[firmRole].name} in all jobs`]), ...named];
  return all.length === 0 ? 'Nothing: they see no job' : all.join('; ');
}

/** How it stands with an account. @param nowMs the instant, ms */
export function standing({ closedAt, login, codeUntil, seenAt }: Account): string {
  if (closedAt !== null) return `closed ${when(closedAt)}`;
  if (codeUntil !== null) return `a code is good until ${when(codeUntil)}`;
  if (login === null && seenAt === null) return 'was never here, and has no code';
  return seenAt === null ? 'signed in nowhere' : `last here ${when(seenAt)}`;
}
