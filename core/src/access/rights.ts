/**
 * Who may do what: one table. The server looks into it at every address, and the pages to show what may be done; there is no
 * other place that decides. Roles of the firm and of the job are joined: what either of them allows is allowed.
 */
import { OFFICE, ROLES, SITE, STAFF, type Part } from './roles.ts';

const EVERYBODY = [...ROLES, 'guest'] as const;
const PEOPLE = ROLES;
const OWNER = ['owner'] as const;

/**
 * Each right: whose role counts (in the job that it is about, in any job, in the firm), what it lets somebody do, as a
 * sentence goes on after "may", and who has it.
 */
export const RIGHTS = {
  'read job': { on: 'job', says: 'read this job', who: EVERYBODY },
  'read prices': { on: 'job', says: 'see prices', who: OFFICE },
  'change job': { on: 'job', says: 'start jobs, change their head and rules, put them away', who: OFFICE },
  'take job out': { on: 'job', says: 'take a whole job out as a file, with its prices', who: OFFICE },
  'share job': { on: 'job', says: 'share this job by a link', who: SITE },
  'change survey': { on: 'job', says: 'change the survey', who: SITE },
  'change build-up': { on: 'job', says: 'change the build-up', who: OFFICE },
  'change order': { on: 'job', says: 'change the order', who: OFFICE },
  'change programme': { on: 'job', says: 'change the programme', who: SITE },
  'change site': { on: 'job', says: 'change bays', who: SITE },
  'change weather': { on: 'job', says: 'change where the weather comes from', who: SITE },
  'change handover': { on: 'job', says: 'change what the handover proves', who: SITE },
  enter: { on: 'job', says: 'make entries in the record', who: PEOPLE },
  'correct others': { on: 'job', says: 'correct or withdraw what somebody else entered', who: SITE },
  compute: { on: 'any', says: 'compute', who: EVERYBODY },
  'read papers': { on: 'any', says: 'read data sheets and other papers', who: EVERYBODY },
  'file papers': { on: 'any', says: 'file data sheets and other papers', who: OFFICE },
  'read library': { on: 'any', says: 'read the library of build-ups', who: STAFF },
  'read practice': { on: 'any', says: 'read the firm’s numbers of practice', who: STAFF },
  'read people': { on: 'any', says: 'see who makes entries', who: STAFF },
  'use instruments': { on: 'any', says: 'read instruments', who: PEOPLE },
  'trace batches': { on: 'firm', says: 'follow a batch through all jobs', who: SITE },
  'change library': { on: 'firm', says: 'change the library of build-ups', who: OFFICE },
  'change practice': { on: 'firm', says: 'change the firm’s numbers of practice', who: OFFICE },
  'change sources': { on: 'firm', says: 'change which sources of weather there are', who: OFFICE },
  'allow hosts': { on: 'firm', says: 'say which hosts may be asked', who: OWNER },
  'admit people': { on: 'firm', says: 'say who may do what', who: OWNER },
  'look after server': { on: 'firm', says: 'see how the server does', who: OWNER },
  'read security log': { on: 'firm', says: 'read who came in and what was changed about access', who: OWNER },
} as const satisfies Record<
  string,
  { readonly on: 'job' | 'any' | 'firm'; readonly says: string; readonly who: readonly Part[] }
>;

export type Right = keyof typeof RIGHTS;
export const ALL_RIGHTS = Object.keys(RIGHTS) as readonly Right[];

/** Whether one of the parts that somebody plays is among these. */
export const isOneOf = (parts: readonly Part[], who: readonly Part[]): boolean =>
  parts.some((part) => who.includes(part));

/** Whether somebody who plays these parts here may do it. */
export const may = (parts: readonly Part[], right: Right): boolean => isOneOf(parts, RIGHTS[right].who);

/** Who may, for a sentence: "an owner or an estimator". */
export function whoMay(who: readonly Part[]): string {
  const named = who.map((part) => `${/^[aeiou]/.test(part) ? 'an' : 'a'} ${part}`);
  const last = named.at(-1) ?? 'nobody';
  return named.length < 2 ? last : `${named.slice(0, -1).join(', ')} or ${last}`;
}

/** Why somebody may not: "Only an owner or an estimator may change the order". */
export const onlyWho = (right: Right): string =>
  `Only ${whoMay(RIGHTS[right].who)} may ${RIGHTS[right].says}`;
