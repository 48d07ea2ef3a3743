const RECEIPTS = `
  SELECT r.job_id AS "jobId", r.entries, r.head, r.at, k.public_key AS key, r.signature, r.why
  FROM receipt r JOIN signing_key k ON k.id = r.key_id WHERE r.job_id = $1`;

export const SEALED_SQL = {
  key: `SELECT id, public_key AS "publicKey", private_key AS "privateKey" FROM signing_key ORDER BY made_at DESC, id LIMIT 1`,
  /** Of servers that start together one makes the key. */
  lockKey: `SELECT pg_advisory_xact_lock(4711176)`,
  addKey: `INSERT INTO signing_key (id, public_key, private_key, made_at) VALUES ($1, $2, $3, $4)`,
  head: `SELECT seq AS entries, hash AS head FROM record_entry WHERE job_id = $1 ORDER BY seq DESC LIMIT 1`,
  list: `${RECEIPTS} ORDER BY r.n`,
  last: `${RECEIPTS} ORDER BY r.n DESC LIMIT 1`,
  hashesAt: `SELECT seq, hash FROM record_entry WHERE job_id = $1 AND seq = ANY ($2::int[])`,
  /** What was signed last of each job whose record begins with an entry of this hash. */
  sameRecord: `
    SELECT e.job_id AS "jobId", r.entries, r.head, r.at FROM record_entry e
    CROSS JOIN LATERAL (SELECT entries, head, at FROM receipt WHERE job_id = e.job_id ORDER BY n DESC LIMIT 1) r
    WHERE e.seq = 1 AND e.hash = $1 ORDER BY r.entries DESC, e.job_id`,
  signedPart: `SELECT id, hash FROM record_entry WHERE job_id = $1 AND seq <= $2 ORDER BY seq`,
  add: `
    INSERT INTO receipt (job_id, n, entries, head, at, key_id, signature, why)
    SELECT $1, coalesce((SELECT max(n) FROM receipt WHERE job_id = $1), 0) + 1, $2, $3, $4, $5, $6, $7`,
  /** Jobs whose record has grown since it was last signed. */
  unsigned: `
    SELECT e.job_id AS "jobId" FROM (SELECT job_id, max(seq) AS entries FROM record_entry GROUP BY job_id) e
    LEFT JOIN (SELECT job_id, max(entries) AS entries FROM receipt GROUP BY job_id) r ON r.job_id = e.job_id
    WHERE e.entries > coalesce(r.entries, 0)`,
};
