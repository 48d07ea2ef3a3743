/** How a rule is written down. */
import type { Given, Part } from '../figures/index.ts';
import type { TestKind } from '../survey/index.ts';
import type { Deciding } from './tests.ts';
import type { Case, Reason, ReasonFacts, Weight } from './types.ts';

export const reason = (
  rule: string,
  weight: Weight,
  subject: string,
  says: readonly Part[],
  change: readonly Part[] = [],
  facts: ReasonFacts = {},
): Reason => ({ rule, weight, subject, says, change, facts });

/** The facts of a reading against its limit. */
export const against = (found: Deciding, limit: Given): ReasonFacts => ({
  actual: found.reading,
  limit,
  readAtMs: Date.parse(found.test.takenAt),
  test: found.test.kind,
});
export const untested = (test: TestKind, limit?: Given): ReasonFacts => ({
  unknown: true,
  test,
  ...(limit ? { limit } : {}),
});

/** Who sets a limit, in brackets. */
export const by = (limit: Given): string =>
  limit.source === 'chosen' ? `(${limit.note ?? 'chosen for the job'})` : '(common practice)';

/** Looks at one thing; says nothing where it does not apply. */
export type Rule = (c: Case) => Reason | readonly Reason[] | undefined;

export const isMineral = (c: Case): boolean => c.substrate.family === 'mineral';
export const isTrafficked = (c: Case): boolean => c.family.trafficked !== 'no';
