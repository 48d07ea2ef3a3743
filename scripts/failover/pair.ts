/** A primary and its replica. When the primary is gone the replica takes its place; the old one comes back and follows it. */
import { setTimeout as wait } from 'node:timers/promises';
import { PgNode } from '../lib/pgnode.ts';

const LOOK_MS = 250;
/** A primary that misses so many looks in a row is taken for gone. */
const MISSES = 3;

/** Both keep enough for the other to come back after a time away. */
const SETTINGS = {
  wal_level: 'replica',
  hot_standby: 'on',
  wal_keep_size: '512MB',
  synchronous_commit: 'on',
};

export class Pair {
  private constructor(
    private nodes: { primary: PgNode; replica: PgNode },
    /** Whether what is acknowledged stands in both. */
    private readonly waits: boolean,
  ) {}

  static async begin(folder: string, password: string, waits: boolean): Promise<Pair> {
    const primary = await PgNode.make('a', folder, password, SETTINGS);
    primary.start();
    const replica = await PgNode.copyOf(primary, 'b');
    replica.start();
    const pair = new Pair({ primary, replica }, waits);
    await pair.joined();
    return pair;
  }

  get primary(): PgNode {
    return this.nodes.primary;
  }
  get replica(): PgNode {
    return this.nodes.replica;
  }

  /** Until the replica follows; from then on the primary waits for it, where it is to. */
  private async joined(): Promise<void> {
    await this.replicaIs('async', 'sync');
    if (!this.waits) return;
    await this.primary.query(`ALTER SYSTEM SET synchronous_standby_names = '*'`);
    await this.primary.query('SELECT pg_reload_conf()');
    await this.replicaIs('sync');
  }
  private async replicaIs(...states: readonly string[]): Promise<void> {
    for (;;) {
      const rows = await this.primary.query(
        `SELECT FROM pg_stat_replication WHERE state = 'streaming' AND sync_state = ANY ($1)`,
        { values: [states] },
      );
      if (rows.length > 0) return;
      await wait(50);
    }
  }

  /** The replica hears nothing from its primary any more. */
  async cutOff(): Promise<void> {
    await this.replica.query(`ALTER SYSTEM SET primary_conninfo = 'host=127.0.0.1 port=1'`);
    await this.replica.query('SELECT pg_reload_conf()');
  }

  /** Until the primary does not answer any more. */
  async noticed(): Promise<void> {
    for (let missed = 0; missed < MISSES; await wait(LOOK_MS)) {
      missed = await this.primary.query('SELECT 1').then(
        () => 0,
        () => missed + 1,
      );
    }
  }

  /** The replica takes the place of the primary, which must not come back by itself meanwhile. */
  async takeOver(): Promise<void> {
    await this.primary.kill();
    this.replica.promote();
    this.nodes = { primary: this.replica, replica: this.primary };
  }

  /** The one that was killed takes back what its successor never had, and follows it. */
  async comeBack(): Promise<void> {
    // Until it has written one, its successor says that it still is where both were.
    await this.primary.query('CHECKPOINT');
    this.replica.rewindTo(this.primary);
    this.replica.start();
    await this.joined();
  }

  end(): void {
    this.replica.stop();
    this.primary.stop();
  }
}
