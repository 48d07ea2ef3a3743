/** The queue: whose turn it is, on PostgreSQL. Its tables belong to the owner; the role that serves only works with them. */
import PgBoss from 'pg-boss';
import { log } from '../operations/log.ts';
import type { Db } from '../db/pool.ts';
import { QUEUE_SCHEMA } from '../db/rights.ts';

/** One queue for all that takes long: it is worked through in order, by as many servers as there are. */
const QUEUE = 'tasks';
/** Tried once more where a server ended meanwhile. */
export const RETRIES = 1;
/** A task that says nothing for so long is taken for lost. */
const EXPIRES_S = 300;
const POLL_S = 1;

const options = (db: Db): PgBoss.ConstructorOptions => ({
  db: { executeSql: (text: string, values: unknown[]) => db.query(text, values) },
  schema: QUEUE_SCHEMA,
  schedule: false,
});

/** Makes the tables of the queue, or brings them up to date. @param owner a connection of the role that owns the data */
export async function prepareQueue(owner: Db): Promise<void> {
  const boss = new PgBoss({ ...options(owner), migrate: true, supervise: false });
  boss.on('error', () => undefined);
  await boss.start();
  await boss.createQueue(QUEUE, {
    name: QUEUE,
    retryLimit: RETRIES,
    retryDelay: 1,
    expireInSeconds: EXPIRES_S,
    retentionMinutes: 24 * 60,
  });
  await boss.stop({ graceful: false, close: false });
}

/** The queue as a server works with it. */
export class Turns {
  private readonly boss: PgBoss;
  private worker: string | undefined;

  constructor(db: Db) {
    this.boss = new PgBoss({
      ...options(db),
      migrate: false,
      supervise: true,
      maintenanceIntervalSeconds: 60,
    });
    this.boss.on('error', (error) => log().error({ err: error }, 'the queue failed'));
  }

  /** @param work does a task by its id; where it throws, the task is tried once more. Undefined: others do them */
  async start(work: ((id: string, tenant?: number) => Promise<void>) | undefined): Promise<void> {
    await this.boss.start();
    if (!work) return;
    this.worker = await this.boss.work(
      QUEUE,
      { pollingIntervalSeconds: POLL_S, batchSize: 1 },
      async (jobs) => {
        for (const { data } of jobs) {
          const { id, tenant } = data as { id: string; tenant?: number };
          await work(id, tenant);
        }
      },
    );
  }

  /** Puts a task in line. @param turnId a UUID, its turn @param tenant its firm, where there are several */
  async put(turnId: string, id: string, tenant?: number): Promise<void> {
    await this.boss.send(QUEUE, { id, ...(tenant === undefined ? {} : { tenant }) }, { id: turnId });
    if (this.worker !== undefined) this.boss.notifyWorker(this.worker);
  }

  async takeOut(turnId: string): Promise<void> {
    await this.boss.cancel(QUEUE, turnId);
  }

  /** Whether a turn has come, is still to come, or is over. */
  async at(turnId: string): Promise<'waiting' | 'working' | 'over'> {
    const job = await this.boss.getJobById(QUEUE, turnId);
    if (job?.state === 'created' || job?.state === 'retry') return 'waiting';
    return job?.state === 'active' ? 'working' : 'over';
  }

  /** No further turn is taken here; what is worked on goes on. */
  async takeNoMore(): Promise<void> {
    if (this.worker === undefined) return;
    await this.boss.offWork({ id: this.worker });
    this.worker = undefined;
  }

  /** What is still worked on after a second fails, and is tried once more. */
  stop(): Promise<void> {
    return this.boss.stop({ graceful: true, close: false, timeout: 1000 });
  }
}
