/** The limits of the role that serves, where a pooler stands between: what a connection asks for does not come through. */
import { WAITS } from '../../server/src/db/pool.ts';

const inSeconds = (ms: number): string => `${ms / 1000}s`;

export const LOCK_LIMIT = inSeconds(WAITS.lockMs);
const STATEMENT_LIMIT = inSeconds(WAITS.statementMs);

/** @returns the statements that give them to a role; docs/several.md has the same */
export const limitsOf = (role: string): readonly string[] => [
  `ALTER ROLE ${role} SET lock_timeout = '${LOCK_LIMIT}';`,
  `ALTER ROLE ${role} SET statement_timeout = '${STATEMENT_LIMIT}';`,
  `ALTER ROLE ${role} SET idle_in_transaction_session_timeout = '${STATEMENT_LIMIT}';`,
];
