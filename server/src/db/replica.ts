/**
 * A copy of the database that follows it, for reports: long reads that need not burden the one that takes writes. A report is
 * never older than what its reader may have seen: it is read from the copy once that has caught up, else from the first.
 */
import { setTimeout as wait } from 'node:timers/promises';
import { log } from '../operations/log.ts';
import { poolOfTenant, type Pool } from './pool.ts';

/** So long a report waits for the copy. */
const PATIENCE_MS = 500;
const LOOK_MS = 10;
/** A copy that failed is let be for so long. */
const AWAY_MS = 10_000;

const SQL = {
  written: `SELECT pg_current_wal_lsn()::text AS at`,
  /** One that was promoted follows nobody any more. */
  caughtUp: `SELECT pg_is_in_recovery() AND pg_last_wal_replay_lsn() >= $1::pg_lsn AS is`,
};

export class Replica {
  private awayUntilMs = -Infinity;
  /** How many reports were read from the copy, and how many were not. */
  readonly read = { copy: 0, first: 0 };

  /**
   * @param first takes writes
   * @param copy follows it
   */
  constructor(
    private readonly first: Pool,
    private readonly copy: Pool,
  ) {}

  /** Where a report of a firm is read now. @param pool of the firm, in the database that takes writes */
  async forReport(pool: Pool): Promise<Pool> {
    const caughtUp = await this.catchesUp();
    this.read[caughtUp ? 'copy' : 'first'] += 1;
    if (!caughtUp) return pool;
    return pool.tenant === undefined ? this.copy : poolOfTenant(this.copy, pool.tenant);
  }

  private async catchesUp(): Promise<boolean> {
    if (performance.now() < this.awayUntilMs) return false;
    const { rows } = await this.first.query<{ at: string }>(SQL.written);
    const until = performance.now() + PATIENCE_MS;
    try {
      do {
        const asked = await this.copy.query<{ is: boolean | null }>(SQL.caughtUp, [rows[0]?.at]);
        if (asked.rows[0]?.is === true) return true;
        await wait(LOOK_MS);
      } while (performance.now() < until);
    } catch (error) {
      log().warn({ err: error }, 'the copy for reports does not answer');
    }
    this.awayUntilMs = performance.now() + AWAY_MS;
    return false;
  }
}

/** Where a report is read: the copy, where there is one. */
export const reportPool = ({
  pool,
  replica,
}: {
  readonly pool: Pool;
  readonly replica?: Replica | undefined;
}): Pool | Promise<Pool> => replica?.forReport(pool) ?? pool;
