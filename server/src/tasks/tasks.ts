/** Tasks, worked through one after the other: told how far they are, given up where they are taken back. */
import type { Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
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
    return this.turns.start(works ? (id, tenant) => this.work(id, tenant) : undefined);
  }

  /** What is worked on here. */
  get workedOn(): readonly string[] {
    return [...this.running.keys()];
  }

  async stop(): Promise<void> {
    for (const controller of this.running.values()) controller.abort();
    await this.turns.stop();
  }

  /** Tasks as the people of one firm ask for them. */
  inFirm(pool: Pool): FirmTasks {
    return new FirmTasks(pool, this.turns, (id) => this.running.get(id)?.abort());
  }

  private async work(id: string, tenant?: number): Promise<void> {
    const pool = tenant === undefined ? this.pool : poolOfTenant(this.pool, tenant);
    const begun = (await pool.query<{ begun: number }>(TASKS_SQL.begin, [id])).rows[0]?.begun;
    const task = begun === undefined ? undefined : await readTask(pool, id);
    // Taken back before its turn.
    if (!task || begun === undefined) return;
    const controller = new AbortController();
    this.running.set(id, controller);
    this.changed();
    const looking = setInterval(() => void look(pool, id, controller), LOOK_MS);
    try {
      await pool.query(TASKS_SQL.clear, [id]);
      await this.make(pool, task, controller.signal);
    } catch (error) {
      const now = await readTask(pool, id);
      if (error instanceof TakenBack || now?.cancelled) return;
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
