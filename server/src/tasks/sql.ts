const READ = `
  SELECT id, kind, turn_id AS "turnId", begun, job_id AS "jobId", asked, asked_at AS "askedAt", share, doing, cancelled, problem, answer,
    file_name AS "fileName", media_type AS "mediaType", finished_at AS "finishedAt"
  FROM task WHERE id = $1`;

export const TASKS_SQL = {
  insert: `INSERT INTO task (id, kind, job_id, asked, turn_id) VALUES ($1, $2, $3, $4, $5)`,
  read: READ,
  /** Nothing where it was taken back meanwhile. */
  tell: `UPDATE task SET share = $2, doing = $3 WHERE id = $1 AND NOT cancelled AND finished_at IS NULL RETURNING id`,
  isCancelled: `SELECT cancelled FROM task WHERE id = $1`,
  begin: `
    UPDATE task SET share = 0, doing = '', begun = begun + 1
    WHERE id = $1 AND finished_at IS NULL RETURNING begun`,
  /** A server that ends puts it back: that it was begun does not count. Nothing where it is over. */
  putBack: `
    UPDATE task SET share = 0, doing = '', begun = greatest(begun - 1, 0), turn_id = $2
    WHERE id = $1 AND finished_at IS NULL RETURNING id`,
  clear: `DELETE FROM task_piece WHERE task_id = $1 AND of = 'made'`,
  finish: `
    UPDATE task SET share = 1, doing = '', answer = $2, file_name = $3, media_type = $4, finished_at = now()
    WHERE id = $1 AND NOT cancelled RETURNING id`,
  fail: `UPDATE task SET problem = $2, finished_at = now() WHERE id = $1`,
  cancel: `UPDATE task SET cancelled = true, finished_at = now() WHERE id = $1 AND finished_at IS NULL RETURNING id`,
  again: `
    UPDATE task SET cancelled = false, share = 0, doing = '', problem = NULL, finished_at = NULL, begun = 0, turn_id = $2
    WHERE id = $1`,
  putPiece: `INSERT INTO task_piece (task_id, of, n, content) VALUES ($1, $2, $3, $4)`,
  readPiece: `SELECT content FROM task_piece WHERE task_id = $1 AND of = $2 AND n = $3`,
  size: `
    SELECT coalesce(sum(octet_length(content)), 0)::int8 AS bytes FROM task_piece WHERE task_id = $1 AND of = 'made'`,
  forget: `DELETE FROM task WHERE asked_at < now() - interval '1 day'`,
};
