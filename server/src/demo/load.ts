/** The demo job: read from its file, moved to the present, stored as a job of its own. */
import { readFileSync } from 'node:fs';
import { readJobFile, type JobContent } from '@lentum/core/jobfile';
import { sentence } from '@lentum/core/problems';
import { DEMO_ANCHOR, DEMO_FILE, shiftJob } from '@lentum/demo';
import type { Pool } from '../db/pool.ts';
import { importJob } from '../jobfile/store.ts';
import { JOBS_SQL } from '../jobs/sql.ts';
import { fetchWeather } from '../weather/store.ts';
import { DEMO_SQL } from './sql.ts';

let whole: JobContent | undefined;
/** The demo's file, checked once. */
function demoContent(): JobContent {
  if (!whole) {
    const file = readJobFile(readFileSync(DEMO_FILE, 'utf8'));
    if (!file.ok) throw new Error(`the demo file is not whole: ${file.problems.map(sentence).join(' ')}`);
    whole = file.value.content;
  }
  return whole;
}

/** Stores a fresh demo under an id, with its weather, and puts earlier demos away: nobody sees it half made. */
export async function loadDemo(pool: Pool, id: string, now: Date): Promise<void> {
  const content = shiftJob(demoContent(), now.getTime() - Date.parse(DEMO_ANCHOR));
  await importJob(pool, id, content, now, async (db) => {
    await fetchWeather(db, id, now);
    await db.query(JOBS_SQL.lockDemos);
    await db.query(JOBS_SQL.onlyDemo, [id]);
  });
}

/** A demo that nobody wrote to is renewed when it is this old: its "today" is gone. */
const STALE_HOURS = 20;

/** Loads the demo into an empty database, and again when the one in place is untouched and out of date. */
export async function keepDemoAlive(pool: Pool, newId: () => string, now: Date): Promise<boolean> {
  const { rows } = await pool.query<{ jobs: number; stale: boolean | null }>(DEMO_SQL.standing, [
    now,
    STALE_HOURS,
  ]);
  const standing = rows[0];
  if (!standing || (standing.jobs > 0 && standing.stale !== true)) return false;
  await loadDemo(pool, newId(), now);
  return true;
}
