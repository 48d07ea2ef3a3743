import { jobNameOf } from '../db/jobname.ts';

export const OPERATIONS_SQL = {
  say: `
    INSERT INTO server_process (id, host, pid, does, streams, tasks, ends) VALUES ($1, $2, $3, $4, $5, $6, $7)
    ON CONFLICT (id) DO UPDATE SET seen_at = now(), streams = $5, tasks = $6, ends = $7`,
  gone: `DELETE FROM server_process WHERE id = $1 OR seen_at < now() - interval '1 day'`,
  servers: `
    SELECT host, pid, does, begun_at AS "begunAt", seen_at AS "seenAt", streams, cardinality(tasks) AS tasks, ends,
      seen_at < now() - $1 * interval '1 millisecond' AS lost
    FROM server_process ORDER BY begun_at, id`,
  /** What waits or is worked on, and what failed of late. */
  tasks: `
    SELECT t.id, t.kind, t.asked_at AS "askedAt", t.share, t.doing, t.problem ->> 'title' AS says,
      t.finished_at AS "finishedAt",
      ${jobNameOf('t.job_id')} AS job,
      t.begun > 0 AS begun
    FROM task t WHERE NOT t.cancelled AND (t.finished_at IS NULL OR t.problem IS NOT NULL)
    ORDER BY (t.finished_at IS NOT NULL), t.asked_at DESC LIMIT 100`,
  size: `SELECT pg_database_size(current_database())::float8 AS "databaseBytes"`,
  kept: `
    SELECT (SELECT count(*)::int FROM job) AS jobs, (SELECT count(*)::int FROM record_entry) AS entries,
      (SELECT max(at) FROM receipt) AS "signedAt"`,
};
