export const SOURCES_SQL = {
  hosts: 'SELECT host, allowed_at AS "allowedAt" FROM weather_host ORDER BY host',
  allow: `INSERT INTO weather_host (host, allowed_by, allowed_at) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING`,
  disallow: 'DELETE FROM weather_host WHERE host = $1',
  /** The newest version of each that is not put away. */
  list: `
    SELECT s.id, s.version, s.body, k.secret
    FROM (SELECT DISTINCT ON (id) * FROM weather_source ORDER BY id, version DESC) s
    LEFT JOIN weather_source_key k ON k.source_id = s.id
    WHERE NOT s.put_away ORDER BY s.body->>'name', s.id`,
  newest: `
    SELECT s.version, s.put_away AS "putAway", s.body, k.secret
    FROM weather_source s LEFT JOIN weather_source_key k ON k.source_id = s.id
    WHERE s.id = $1 ORDER BY s.version DESC LIMIT 1`,
  write: `
    INSERT INTO weather_source (id, version, body, put_away)
    SELECT $1, $2 + 1, $3::jsonb, $4
    WHERE COALESCE((SELECT max(version) FROM weather_source WHERE id = $1), 0) = $2`,
  setKey: `
    INSERT INTO weather_source_key (source_id, secret) VALUES ($1, $2)
    ON CONFLICT (tenant_id, source_id) DO UPDATE SET secret = EXCLUDED.secret`,
  dropKey: 'DELETE FROM weather_source_key WHERE source_id = $1',
  /**
   * Whose turn it is: of several who would ask at once one does. A source that has changed, or a job that was moved, begins
   * anew.
   */
  claim: `
    INSERT INTO weather_asked AS a (job_id, source_id, version, place, asked_at, next_at)
    VALUES ($1, $2, $3, $4, $5, $6)
    ON CONFLICT (tenant_id, job_id, source_id) DO UPDATE SET
      asked_at = EXCLUDED.asked_at, next_at = EXCLUDED.next_at, version = EXCLUDED.version, place = EXCLUDED.place,
      policy = CASE WHEN a.version = EXCLUDED.version AND a.place = EXCLUDED.place THEN a.policy END,
      good_at = CASE WHEN a.version = EXCLUDED.version AND a.place = EXCLUDED.place THEN a.good_at END,
      reading = CASE WHEN a.version = EXCLUDED.version AND a.place = EXCLUDED.place THEN a.reading END
      WHERE a.next_at <= EXCLUDED.asked_at OR a.version <> EXCLUDED.version OR a.place <> EXCLUDED.place
    RETURNING policy, good_at AS "goodAt"`,
  good: `
    UPDATE weather_asked SET good_at = $3, next_at = $4, policy = $5, reading = COALESCE($6, reading), problem = NULL
    WHERE job_id = $1 AND source_id = $2`,
  failed: `UPDATE weather_asked SET next_at = $3, problem = $4 WHERE job_id = $1 AND source_id = $2`,
  asked: `
    SELECT source_id AS "sourceId", version, asked_at AS "askedAt", next_at AS "nextAt", good_at AS "goodAt", problem, reading
    FROM weather_asked WHERE job_id = $1`,
  /** What it told in another version, or of another place, is no longer looked at. */
  leave: `
    UPDATE weather_series SET withdrawn_at = $5
    WHERE job_id = $1 AND withdrawn_at IS NULL AND id ~ ('^[fo]-' || $2 || '-[0-9]+-[0-9]+$')
      AND (id !~ ('^[fo]-' || $2 || '-' || $3 || '-') OR body->'place' IS DISTINCT FROM $4::jsonb)`,
} as const;
