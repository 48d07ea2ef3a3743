/** Tasks as people ask for them: put in line, taken back, tried again. */
import { randomUUID } from 'node:crypto';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Pool } from '../db/pool.ts';
import type { Turns } from './boss.ts';
import { TASKS_SQL } from './sql.ts';
import { piecesOf, type Task } from './store.ts';

export class FirmTasks {
  constructor(
    private readonly pool: Pool,
    private readonly turns: Turns,
    /** Ends the work on a task, where it is worked on by this server. */
    private readonly stopHere: (id: string) => void,
  ) {}

  /** @param sent a file that goes with it */
  async put(kind: string, jobId: string | null, asked: object, sent?: Buffer): Promise<string> {
    const [id, turnId] = [randomUUID(), randomUUID()];
    await this.pool.query(TASKS_SQL.forget);
    await this.pool.query(TASKS_SQL.insert, [id, kind, jobId, JSON.stringify(asked), turnId]);
    if (sent) await pipeline(Readable.from([sent]), piecesOf(this.pool, id, 'asked'));
    await this.turns.put(turnId, id, this.pool.tenant);
    return id;
  }

  /** @returns false where it is done already */
  async cancel(task: Task): Promise<boolean> {
    const { rowCount } = await this.pool.query(TASKS_SQL.cancel, [task.id]);
    this.stopHere(task.id);
    await this.turns.takeOut(task.turnId);
    return rowCount === 1;
  }

  /** One that was taken back or failed, from the beginning. */
  async again(task: Task): Promise<void> {
    const turnId = randomUUID();
    await this.pool.query(TASKS_SQL.again, [task.id, turnId]);
    await this.turns.put(turnId, task.id, this.pool.tenant);
  }

  async stateOf(task: Task): Promise<'waiting' | 'working' | 'done' | 'failed' | 'cancelled'> {
    if (task.cancelled) return 'cancelled';
    if (task.problem) return 'failed';
    if (task.finishedAt) return 'done';
    const at = await this.turns.at(task.turnId);
    return at === 'over' ? 'failed' : at;
  }
}
