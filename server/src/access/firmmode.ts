/** Whether people sign in here. Until it is switched on, whoever sits at this machine is the owner. */
import type { Pool } from '../db/pool.ts';
import { ACCESS_SQL } from './sql.ts';

export interface Firm {
  readonly name: string;
  readonly cookieSecret: string;
}

/**
 * Without a firm it is looked up again after so long: another server on the same database may have switched it on. Whoever
 * asks meanwhile may do no more than a moment before.
 */
const AGAIN_MS = 1000;

export class FirmMode {
  private firm: Firm | undefined;
  private lookedMs = -Infinity;

  constructor(private readonly pool: Pool) {}

  /** @returns undefined while nobody has to sign in. It is never switched off by a running server. */
  async read(): Promise<Firm | undefined> {
    if (this.firm || performance.now() - this.lookedMs < AGAIN_MS) return this.firm;
    const { rows } = await this.pool.query<Firm>(ACCESS_SQL.firm);
    this.lookedMs = performance.now();
    this.firm = rows[0];
    return this.firm;
  }

  /** It was just switched on here. */
  forget(): void {
    this.lookedMs = -Infinity;
  }
}
