export const JOBS_SQL = {
  exists: `SELECT archived_at IS NOT NULL AS archived, created_at FROM job WHERE id = $1`,
  lock: `SELECT 1 FROM job WHERE id = $1 FOR UPDATE`,
  insert: `INSERT INTO job (id, is_demo, created_at) VALUES ($1, $2, $3) ON CONFLICT (tenant_id, id) DO NOTHING`,
  archive: `UPDATE job SET archived_at = CASE WHEN $2 THEN coalesce(archived_at, now()) END WHERE id = $1`,
  /** Taken first, so that of several demos started at once the last one stays. */
  lockDemos: `SELECT pg_advisory_xact_lock(hashtext('demo'))`,
  onlyDemo: `
    UPDATE job SET archived_at = CASE WHEN id = $1 THEN NULL ELSE now() END
    WHERE is_demo AND (archived_at IS NULL OR id = $1)`,
  list: `
    SELECT j.id, j.created_at AS "createdAt", j.archived_at IS NOT NULL AS archived, d.version, d.body AS job,
           (SELECT coalesce(max(seq), 0) FROM record_entry r WHERE r.job_id = j.id) AS entries,
           EXISTS (
             SELECT 1 FROM record_entry r
             WHERE r.job_id = j.id AND r.entry ->> 'kind' = 'upkeep' AND r.entry -> 'body' ->> 'step' = 'handed over'
           ) AS "handedOver"
    FROM job j
    CROSS JOIN LATERAL (SELECT version, body FROM document WHERE job_id = j.id AND kind = 'job' ORDER BY version DESC LIMIT 1) d
    WHERE (j.archived_at IS NOT NULL) = $1
      AND ($5::text IS NULL OR position(lower($5) in lower(concat_ws(' ', d.body ->> 'name', d.body ->> 'place'))) > 0)
      AND ($6::text[] IS NULL OR j.id = ANY ($6))
      AND ($2::timestamptz IS NULL OR (j.created_at, j.id) < ($2, $3))
    ORDER BY j.created_at DESC, j.id DESC
    LIMIT $4`,
};
