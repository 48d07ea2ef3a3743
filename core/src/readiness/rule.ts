/** How a rule is written down. */
import type { Part } from '../figures/index.ts';
import type { Case, Reason, Weight } from './types.ts';

export const reason = (
  rule: string,
  weight: Weight,
  subject: string,
  says: readonly Part[],
  change: readonly Part[] = [],
): Reason => ({ rule, weight, subject, says, change });

/** Looks at one thing; says nothing where it does not apply. */
export type Rule = (c: Case) => Reason | readonly Reason[] | undefined;

export const isMineral = (c: Case): boolean => c.substrate.family === 'mineral';
export const isTrafficked = (c: Case): boolean => c.family.trafficked !== 'no';
