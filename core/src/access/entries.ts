/** Who may make which entry. Whoever may make an entry may also correct and withdraw their own. */
import type { Entry, Kind } from '../record/index.ts';
import { isOneOf } from './rights.ts';
import { ROLES as ALL, SITE, STAFF, type Part, type Role } from './roles.ts';

const TESTING: readonly Role[] = [...STAFF, 'inspector'];

/** What is said of each kind, where it does not hang on what the entry says. */
const BY_KIND: Readonly<Record<Kind, readonly Role[]>> = {
  conditions: TESTING,
  preparation: STAFF,
  test: TESTING,
  trial: STAFF,
  coat: STAFF,
  ply: STAFF,
  broadcast: STAFF,
  mix: STAFF,
  melt: STAFF,
  permit: SITE,
  watch: STAFF,
  'dry film': TESTING,
  gauge: TESTING,
  flood: TESTING,
  'leak test': TESTING,
  snag: ALL,
  upkeep: ALL,
  event: ALL,
  opening: SITE,
  decision: SITE,
  detail: STAFF,
  remedy: STAFF,
  stock: STAFF,
  withdrawal: ALL,
};

/** Accepting and refusing is for those who answer for the work, and for those whom it is made for. */
const JUDGING: readonly Role[] = [...SITE, 'inspector', 'client'];
const JUDGEMENTS: readonly string[] = ['accepted', 'refused'];

/** Who may make this entry. A detail that is made is work; one that is accepted or refused is a judgement, as a decision is. */
export function whoMayEnter(entry: Pick<Entry, 'kind' | 'body'>): readonly Role[] {
  const { kind, body } = entry;
  if (kind === 'decision' && 'what' in body && JUDGEMENTS.includes(String(body.what))) return JUDGING;
  if (kind === 'detail' && 'step' in body && JUDGEMENTS.includes(String(body.step))) return JUDGING;
  return BY_KIND[kind];
}

/** Whether there is an entry of this kind that somebody who plays these parts here may make. */
export const mayEnterAny = (parts: readonly Part[], kind: Kind): boolean =>
  isOneOf(parts, kind === 'decision' || kind === 'detail' ? [...BY_KIND[kind], ...JUDGING] : BY_KIND[kind]);

/** Whether somebody who plays these parts here may make it. */
export const mayEnter = (parts: readonly Part[], entry: Pick<Entry, 'kind' | 'body'>): boolean =>
  isOneOf(parts, whoMayEnter(entry));
