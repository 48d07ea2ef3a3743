/** Tasks as the database holds them, and their files in pieces. */
import { Readable, Writable } from 'node:stream';
import type { Problem } from '@lentum/core/problems';
import type { Db } from '../db/pool.ts';
import { TASKS_SQL } from './sql.ts';

/** Why it cannot be made, as the API says it. */
export interface TaskProblem {
  readonly status: number;
  readonly title: string;
  readonly problems: readonly Problem[];
}

export interface Task {
  readonly id: string;
  readonly kind: string;
  readonly turnId: string;
  /** How often it was begun. */
  readonly begun: number;
  readonly jobId: string | null;
  readonly asked: unknown;
  readonly askedAt: Date;
  readonly share: number;
  readonly doing: string;
  readonly cancelled: boolean;
  readonly problem: TaskProblem | null;
  readonly answer: unknown;
  readonly fileName: string | null;
  readonly mediaType: string | null;
  readonly finishedAt: Date | null;
}

export const readTask = async (db: Db, id: string): Promise<Task | undefined> =>
  (await db.query<Task>(TASKS_SQL.read, [id])).rows[0];

/** Bytes of one piece. */
const PIECE = 1_048_576;
type Which = 'asked' | 'made';

/** Writes a file into the pieces of a task. */
export function piecesOf(db: Db, id: string, which: Which): Writable {
  let held: Buffer[] = [];
  let bytes = 0;
  let n = 0;
  /** Whole pieces, and at the end the rest. */
  async function put(atEnd: boolean): Promise<void> {
    if (bytes < PIECE && !atEnd) return;
    const all = Buffer.concat(held);
    let at = 0;
    while (all.length - at >= PIECE || (atEnd && at < all.length)) {
      await db.query(TASKS_SQL.putPiece, [id, which, n++, all.subarray(at, at + PIECE)]);
      at += PIECE;
    }
    held = at < all.length ? [all.subarray(at)] : [];
    bytes = Math.max(0, all.length - at);
  }
  return new Writable({
    write(chunk: Buffer, _encoding, done) {
      held.push(chunk);
      bytes += chunk.length;
      put(false).then(() => done(), done);
    },
    final(done) {
      put(true).then(() => done(), done);
    },
  });
}

async function* pieces(db: Db, id: string, which: Which): AsyncGenerator<Buffer> {
  for (let n = 0; ; n++) {
    const { rows } = await db.query<{ content: Buffer }>(TASKS_SQL.readPiece, [id, which, n]);
    const piece = rows[0];
    if (!piece) return;
    yield piece.content;
  }
}

/** Reads a file out of the pieces of a task, one at a time. */
export const fileOf = (db: Db, id: string, which: Which): Readable => Readable.from(pieces(db, id, which));

export async function sizeOf(db: Db, id: string): Promise<number> {
  return Number((await db.query<{ bytes: string }>(TASKS_SQL.size, [id])).rows[0]?.bytes ?? 0);
}
