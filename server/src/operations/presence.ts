/** Each server says that it is there: an owner sees how many there are, and what each works on. */
import { randomUUID } from 'node:crypto';
import { hostname } from 'node:os';
import type { Pool } from '../db/pool.ts';
import { log } from './log.ts';
import { OPERATIONS_SQL } from './sql.ts';

/** So often it is said. */
const SAID_MS = 10_000;
/** A server that says nothing for so long is taken for lost. */
export const LOST_MS = 45_000;

export interface Doing {
  readonly streams: number;
  /** Tasks that it works on. */
  readonly tasks: readonly string[];
}

export class Presence {
  private readonly id = randomUUID();
  private timer: NodeJS.Timeout | undefined;
  private ends = false;

  constructor(
    private readonly pool: Pool,
    private readonly does: 'all' | 'pages' | 'tasks',
    private readonly doing: () => Doing,
  ) {}

  async begin(): Promise<void> {
    await this.say();
    this.timer = setInterval(() => this.sayNow(), SAID_MS);
    this.timer.unref();
  }

  /** Something changed: it is said, and nobody waits for it. */
  sayNow(): void {
    if (this.ends) return;
    this.say().catch((error: unknown) => log().warn({ err: error }, 'not said that this server is there'));
  }

  private async say(): Promise<void> {
    const { streams, tasks } = this.doing();
    await this.pool.query(OPERATIONS_SQL.say, [
      ...[this.id, hostname(), process.pid, this.does],
      ...[streams, tasks, this.ends],
    ]);
  }

  /** It takes no more work, and says so. */
  async leaving(): Promise<void> {
    this.ends = true;
    clearInterval(this.timer);
    await this.say().catch(() => undefined);
  }

  /** It is gone. */
  async gone(): Promise<void> {
    await this.pool.query(OPERATIONS_SQL.gone, [this.id]).catch(() => undefined);
  }
}
