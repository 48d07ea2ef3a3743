const COLUMNS = `seq, received_at AS "receivedAt", previous_hash AS "previousHash", hash, entry`;

export const RECORD_SQL = {
  page: `SELECT ${COLUMNS} FROM record_entry WHERE job_id = $1 AND seq > $2 ORDER BY seq LIMIT $3`,
  /** The same as whoever sees the rows of all firms reads it. */
  pageOfFirm: `
    SELECT ${COLUMNS} FROM record_entry WHERE tenant_id = $4 AND job_id = $1 AND seq > $2 ORDER BY seq LIMIT $3`,
  last: `SELECT ${COLUMNS} FROM record_entry WHERE job_id = $1 ORDER BY seq DESC LIMIT 1`,
  byId: `SELECT ${COLUMNS} FROM record_entry WHERE job_id = $1 AND id = $2`,
  /** Work on some bays, or on a zone as a whole, that somebody made and that is in force. */
  madeBy: `
    SELECT 1 FROM record_entry e
    WHERE e.job_id = $1 AND e.entry ->> 'personId' = $2
      AND (e.entry ->> 'kind' IN ('preparation', 'coat', 'ply', 'broadcast', 'remedy')
        OR (e.entry ->> 'kind' = 'detail' AND e.entry -> 'body' ->> 'step' = 'made'))
      AND (e.id = $5 OR CASE WHEN cardinality($3::text[]) = 0 THEN e.entry ->> 'zoneId' = $4
        ELSE EXISTS (SELECT 1 FROM jsonb_array_elements(e.entry -> 'bays') b WHERE b ->> 'bayId' = ANY ($3)) END)
      AND NOT EXISTS (SELECT 1 FROM record_entry l WHERE l.job_id = e.job_id AND l.supersedes = e.id)
    LIMIT 1`,
  byIds: `SELECT ${COLUMNS} FROM record_entry WHERE job_id = $1 AND id = ANY ($2::text[])`,
  known: `SELECT id FROM record_entry WHERE job_id = $1 AND id = ANY ($2::text[])`,
  /** Jobs whose newest survey holds tests. */
  jobsWithTests: `
    SELECT s.job_id AS "jobId"
    FROM (SELECT DISTINCT ON (job_id) job_id, body FROM document WHERE kind = 'survey'
          ORDER BY job_id, version DESC) s
    WHERE jsonb_path_exists(s.body, '$.zones[*].tests[*]')`,
  supersededBy: `SELECT id FROM record_entry WHERE job_id = $1 AND supersedes = $2`,
  /** Where rows are of firms, PostgreSQL takes a stream only into a table that is nobody’s. */
  incoming: `
    CREATE TEMP TABLE incoming ON COMMIT DROP AS
    SELECT job_id, seq, id, supersedes, received_at, entry, previous_hash, hash FROM record_entry WITH NO DATA`,
  copy: `COPY incoming FROM STDIN`,
  /** The firm is asked for once: a default is asked for each row. */
  insertIncoming: `
    INSERT INTO record_entry (tenant_id, job_id, seq, id, supersedes, received_at, entry, previous_hash, hash)
    SELECT (SELECT current_tenant()), i.* FROM incoming i`,
  dropIncoming: `DROP TABLE incoming`,
  insert: `
    INSERT INTO record_entry (job_id, seq, id, supersedes, received_at, entry, previous_hash, hash)
    SELECT $1, * FROM unnest($2::int[], $3::text[], $4::text[], $5::timestamptz[], $6::jsonb[], $7::text[], $8::text[])`,
};
