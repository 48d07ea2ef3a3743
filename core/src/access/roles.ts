/** The parts that people play: in the firm as a whole, and in one job. */

export const ROLES = ['owner', 'estimator', 'foreman', 'applicator', 'inspector', 'client'] as const;
export type Role = (typeof ROLES)[number];

/** A part that somebody plays here; whoever opens a shared link is a guest. */
export type Part = Role | 'guest';

/** Roles that somebody may have in every job of the firm. A client has only jobs of their own. */
export const FIRM_ROLES = [
  'owner',
  'estimator',
  'foreman',
  'applicator',
  'inspector',
] as const satisfies readonly Role[];
/** Roles that somebody may have in one job. */
export const JOB_ROLES = [
  'estimator',
  'foreman',
  'applicator',
  'inspector',
  'client',
] as const satisfies readonly Role[];

/** Those who prepare and order the work; who lead it; and who make it. */
export const OFFICE = ['owner', 'estimator'] as const satisfies readonly Role[];
export const SITE = [...OFFICE, 'foreman'] as const satisfies readonly Role[];
export const STAFF = [...SITE, 'applicator'] as const satisfies readonly Role[];

/** What each is called, and what it is for, in one line. */
export const ROLE_WORDS: Readonly<Record<Part, { readonly name: string; readonly says: string }>> = {
  owner: { name: 'Owner', says: 'everything, and who may do what' },
  estimator: { name: 'Estimator', says: 'jobs, build-ups, orders and prices' },
  foreman: { name: 'Foreman', says: 'survey, programme, site and record, without prices' },
  applicator: { name: 'Applicator', says: 'reads the job and makes entries, without prices' },
  inspector: { name: 'Inspector', says: 'reads the job, tests, accepts and refuses, without prices' },
  client: { name: 'Client', says: 'reads the job, accepts and refuses, without prices' },
  guest: { name: 'Guest', says: 'reads one job, without prices' },
};
