export const DEMO_SQL = {
  /** How many jobs there are, and whether the demo in use is old and untouched since it was loaded. */
  standing: `
    SELECT (SELECT count(*)::int FROM job) AS jobs,
           (SELECT j.created_at < $1::timestamptz - make_interval(hours => $2)
                   AND NOT EXISTS (SELECT 1 FROM document d WHERE d.job_id = j.id AND d.version > 1)
                   AND NOT EXISTS (SELECT 1 FROM record_entry r WHERE r.job_id = j.id AND r.received_at > j.created_at)
            FROM job j WHERE j.is_demo AND j.archived_at IS NULL ORDER BY j.created_at DESC LIMIT 1) AS stale`,
};
