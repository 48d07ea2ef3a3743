/** Tasks: asked for, worked through one after the other, told how far they are, taken back, tried again. */
import { randomUUID } from 'node:crypto';
import { Readable, type Writable } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import { askingUntil } from '../compute/threads.ts';
import type { Pool } from '../db/pool.ts';
import { log } from '../operations/log.ts';
import { HttpProblem } from '../http/errors.ts';
import { RETRIES, Turns } from './boss.ts';
import { runOfTask } from './kinds.ts';
import { TASKS_SQL } from './sql.ts';
import { fileOf, piecesOf, readTask, type Task, type TaskProblem } from './store.ts';

/** A thread may compute so long for a task. */
const DEADLINE_MS = 240_000;
/** So often a server looks whether what it works on was taken back elsewhere. */
const LOOK_MS = 1000;

class TakenBack extends Error {}

const problemOf = (error: HttpProblem): TaskProblem => ({
  status: error.status,
  title: error.title,
  problems: error.problems,
});

export class Tasks {
  private readonly turns: Turns;
  /** What is worked on here. */
  private readonly running = new Map<string, AbortController>();
  /** Called when work on a task begins here or ends. */
  changed: () => void = () => undefined;

  constructor(
    private readonly pool: Pool,
    private readonly now: () => Date,
  ) {
    this.turns = new Turns(pool);
  }

  /** @param works whether this server does tasks, or only puts them in line for those that do */
  start(works = true): Promise<void> {
    return this.turns.start(works ? (id) => this.work(id) : undefined);
  }

  /** What is worked on here. */
  get workedOn(): readonly string[] {
    return [...this.running.keys()];
  }

  async stop(): Promise<void> {
    for (const controller of this.running.values()) controller.abort();
    await this.turns.stop();
  }

  /** @param sent a file that goes with it */
  async put(kind: string, jobId: string | null, asked: object, sent?: Buffer): Promise<string> {
    const [id, turnId] = [randomUUID(), randomUUID()];
    await this.pool.query(TASKS_SQL.forget);
    await this.pool.query(TASKS_SQL.insert, [id, kind, jobId, JSON.stringify(asked), turnId]);
    if (sent) await pipeline(Readable.from([sent]), piecesOf(this.pool, id, 'asked'));
    await this.turns.put(turnId, id);
    return id;
  }

  /** @returns false where it is done already */
  async cancel(task: Task): Promise<boolean> {
    const { rowCount } = await this.pool.query(TASKS_SQL.cancel, [task.id]);
    this.running.get(task.id)?.abort();
    await this.turns.takeOut(task.turnId);
    return rowCount === 1;
  }

  /** One that was taken back or failed, from the beginning. */
  async again(task: Task): Promise<void> {
    const turnId = randomUUID();
    await this.pool.query(TASKS_SQL.again, [task.id, turnId]);
    await this.turns.put(turnId, task.id);
  }

  async stateOf(task: Task): Promise<'waiting' | 'working' | 'done' | 'failed' | 'cancelled'> {
    if (task.cancelled) return 'cancelled';
    if (task.problem) return 'failed';
    if (task.finishedAt) return 'done';
    const at = await this.turns.at(task.turnId);
    return at === 'over' ? 'failed' : at;
  }

  private async work(id: string): Promise<void> {
    const begun = (await this.pool.query<{ begun: number }>(TASKS_SQL.begin, [id])).rows[0]?.begun;
    const task = begun === undefined ? undefined : await readTask(this.pool, id);
    // Taken back before its turn.
    if (!task || begun === undefined) return;
    const controller = new AbortController();
    this.running.set(id, controller);
    this.changed();
    const looking = setInterval(() => void this.look(id, controller), LOOK_MS);
    try {
      await this.pool.query(TASKS_SQL.clear, [id]);
      await this.make(task, controller.signal);
    } catch (error) {
      const now = await readTask(this.pool, id);
      if (error instanceof TakenBack || now?.cancelled) return;
      // What is wrong with what was asked is as wrong the next time.
      const final = error instanceof HttpProblem && error.status < 500 && error.status !== 499;
      if (!final && begun <= RETRIES) throw error;
      const said =
        error instanceof HttpProblem
          ? error
          : new HttpProblem(500, 'It failed twice; the server’s log says why');
      if (!(error instanceof HttpProblem)) log().error({ err: error }, 'a task failed');
      await this.pool.query(TASKS_SQL.fail, [id, JSON.stringify(problemOf(said))]);
    } finally {
      clearInterval(looking);
      this.running.delete(id);
      this.changed();
    }
  }

  private async look(id: string, controller: AbortController): Promise<void> {
    const { rows } = await this.pool.query<{ cancelled: boolean }>(TASKS_SQL.isCancelled, [id]);
    if (rows[0]?.cancelled !== false) controller.abort();
  }

  private async make(task: Task, signal: AbortSignal): Promise<void> {
    const { id, kind, jobId, asked } = task;
    let out: { readonly stream: Writable; readonly name: string; readonly mediaType: string } | undefined;
    const answer = await runOfTask(kind)({
      ...{ pool: this.pool, now: this.now, jobId, asked, signal },
      ask: askingUntil(signal, DEADLINE_MS),
      tell: async (share, doing) => {
        const { rowCount } = await this.pool.query(TASKS_SQL.tell, [id, share, doing]);
        if (rowCount !== 1) throw new TakenBack();
      },
      sent: () => fileOf(this.pool, id, 'asked'),
      file: (name, mediaType) => {
        const stream = piecesOf(this.pool, id, 'made');
        // What breaks it off is met where it is written to.
        stream.on('error', () => undefined);
        out = { stream, name, mediaType };
        return stream;
      },
    });
    if (out && !out.stream.writableFinished) {
      if (!out.stream.writableEnded) out.stream.end();
      await finished(out.stream);
    }
    const said = answer === undefined ? null : JSON.stringify(answer);
    await this.pool.query(TASKS_SQL.finish, [id, said, out?.name ?? null, out?.mediaType ?? null]);
  }
}
