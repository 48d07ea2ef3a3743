/** Tasks, worked through one after the other: told how far they are, given up where they are taken back. */
import { randomUUID } from 'node:crypto';
import type { Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
import { setTimeout as wait } from 'node:timers/promises';
import { askingUntil } from '../compute/threads.ts';
import { poolOfTenant, type Pool } from '../db/pool.ts';
import type { Replica } from '../db/replica.ts';
import { log } from '../operations/log.ts';
import { HttpProblem } from '../http/errors.ts';
import { RETRIES, Turns } from './boss.ts';
import { FirmTasks } from './firmtasks.ts';
import { runOfTask } from './kinds.ts';
import { TASKS_SQL } from './sql.ts';
import { fileOf, piecesOf, readTask, type Task, type TaskProblem } from './store.ts';

/** A thread may compute so long for a task. */
const DEADLINE_MS = 240_000;
/** So often a server looks whether what it works on was taken back elsewhere. */
const LOOK_MS = 1000;
/** What is worked on has so long to put itself back when its server ends. */
const PUT_BACK_MS = 1000;

class TakenBack extends Error {}

const problemOf = (error: HttpProblem): TaskProblem => ({
  status: error.status,
  title: error.title,
  problems: error.problems,
});

async function look(pool: Pool, id: string, controller: AbortController): Promise<void> {
  const { rows } = await pool.query<{ cancelled: boolean }>(TASKS_SQL.isCancelled, [id]);
  if (rows[0]?.cancelled !== false) controller.abort();
}

export class Tasks {
  private readonly turns: Turns;
  /** What is worked on here. */
  private readonly running = new Map<string, AbortController>();
  private readonly works = new Set<Promise<void>>();
  private stopping = false;
  /** Called when work on a task begins here or ends. */
  changed: () => void = () => undefined;

  constructor(
    private readonly pool: Pool,
    private readonly now: () => Date,
    /** A copy of the database for reports. */
    private readonly replica?: Replica,
  ) {
    this.turns = new Turns(pool);
  }

  /** @param works whether this server does tasks, or only puts them in line for those that do */
  start(works = true): Promise<void> {
    return this.turns.start(works ? (id, tenant) => this.take(id, tenant) : undefined);
  }

  /** What is worked on here. */
  get workedOn(): readonly string[] {
    return [...this.running.keys()];
  }

  /** Puts back what is worked on here, for another server or a later start. That it was begun does not count as a try. */
  async stop(): Promise<void> {
    this.stopping = true;
    await this.turns.takeNoMore();
    for (const controller of this.running.values()) controller.abort();
    await Promise.race([Promise.allSettled(this.works), wait(PUT_BACK_MS)]);
    await this.turns.stop();
  }

  /** Tasks as the people of one firm ask for them. */
  inFirm(pool: Pool): FirmTasks {
    return new FirmTasks(pool, this.turns, (id) => this.running.get(id)?.abort());
  }

  private async take(id: string, tenant?: number): Promise<void> {
    const pool = tenant === undefined ? this.pool : poolOfTenant(this.pool, tenant);
    const work = this.work(pool, id);
    this.works.add(work);
    try {
      await work;
    } finally {
      this.works.delete(work);
    }
  }

  private async putBack(pool: Pool, id: string): Promise<void> {
    const turnId = randomUUID();
    const { rowCount } = await pool.query(TASKS_SQL.putBack, [id, turnId]);
    if (rowCount === 1) await this.turns.put(turnId, id, pool.tenant);
  }

  private async work(pool: Pool, id: string): Promise<void> {
    const begun = (await pool.query<{ begun: number }>(TASKS_SQL.begin, [id])).rows[0]?.begun;
    const task = begun === undefined ? undefined : await readTask(pool, id);
    // Taken back before its turn.
    if (!task || begun === undefined) return;
    const controller = new AbortController();
    this.running.set(id, controller);
    if (this.stopping) controller.abort();
    this.changed();
    const looking = setInterval(() => void look(pool, id, controller), LOOK_MS);
    try {
      await pool.query(TASKS_SQL.clear, [id]);
      await this.make(pool, task, controller.signal);
    } catch (error) {
      const now = await readTask(pool, id);
      if (error instanceof TakenBack || now?.cancelled) return;
      if (this.stopping) {
        await this.putBack(pool, id);
        return;
      }
      // What is wrong with what was asked is as wrong the next time.
      const final = error instanceof HttpProblem && error.status < 500 && error.status !== 499;
      if (!final && begun <= RETRIES) throw error;
      const said =
        error instanceof HttpProblem
          ? error
          : new HttpProblem(500, 'It failed twice; the server’s log says why');
      if (!(error instanceof HttpProblem)) log().error({ err: error }, 'a task failed');
      await pool.query(TASKS_SQL.fail, [id, JSON.stringify(problemOf(said))]);
    } finally {
      clearInterval(looking);
      this.running.delete(id);
      this.changed();
    }
  }

  private async make(pool: Pool, task: Task, signal: AbortSignal): Promise<void> {
    const { id, kind, jobId, asked } = task;
    let out: { readonly stream: Writable; readonly name: string; readonly mediaType: string } | undefined;
    const answer = await runOfTask(kind)({
      ...{ pool, now: this.now, replica: this.replica, jobId, asked, signal },
      ask: askingUntil(signal, DEADLINE_MS),
      tell: async (share, doing) => {
        const { rowCount } = await pool.query(TASKS_SQL.tell, [id, share, doing]);
        if (rowCount !== 1) throw new TakenBack();
      },
      sent: () => fileOf(pool, id, 'asked'),
      file: (name, mediaType) => {
        const stream = piecesOf(pool, id, 'made');
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
    await pool.query(TASKS_SQL.finish, [id, said, out?.name ?? null, out?.mediaType ?? null]);
  }
}
