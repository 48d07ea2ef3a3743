export const WEATHER_SQL = {
  insert: `
    INSERT INTO weather_series (job_id, id, kind, source, issued_at, start_at, end_at, body)
    VALUES ($1, $2, $3, $4, $5, $6, $7, $8)
    ON CONFLICT (tenant_id, job_id, id) DO NOTHING`,
  /** The day of a station that goes on: longer, never shorter. What was put away comes back when it is told again. */
  extend: `
    INSERT INTO weather_series (job_id, id, kind, source, issued_at, start_at, end_at, body)
    VALUES ($1, $2, $3, $4, $5, $6, $7, $8)
    ON CONFLICT (tenant_id, job_id, id) DO UPDATE
      SET issued_at = EXCLUDED.issued_at, end_at = EXCLUDED.end_at, body = EXCLUDED.body, withdrawn_at = NULL
      WHERE weather_series.end_at < EXCLUDED.end_at OR weather_series.withdrawn_at IS NOT NULL`,
  read: `SELECT body FROM weather_series WHERE job_id = $1 AND id = $2 AND withdrawn_at IS NULL`,
  /**
   * Observations that reach into a span, and of each source the newest forecast. What the stand-in made up counts for
   * nothing once the job asks somebody else.
   */
  inForce: `
    SELECT body FROM weather_series
    WHERE job_id = $1 AND withdrawn_at IS NULL
      AND (source <> $3 OR (SELECT body->>'service' FROM document
        WHERE job_id = $1 AND kind = 'weather' ORDER BY version DESC LIMIT 1) = 'simulated')
      AND (kind = 'climate' OR kind = 'observed' AND end_at > $2 OR id IN (
        SELECT DISTINCT ON (source) id FROM weather_series
        WHERE job_id = $1 AND kind = 'forecast' AND withdrawn_at IS NULL
        ORDER BY source, issued_at DESC, id))
    ORDER BY start_at, id`,
  newestForecast: `
    SELECT issued_at AS "issuedAt" FROM weather_series
    WHERE job_id = $1 AND kind = 'forecast' AND source = $2 AND withdrawn_at IS NULL
    ORDER BY issued_at DESC LIMIT 1`,
  observedDays: `
    SELECT id, end_at AS "endAt" FROM weather_series
    WHERE job_id = $1 AND kind = 'observed' AND source = $2 AND end_at > $3 AND withdrawn_at IS NULL`,
  /** Forecasts are kept for two days after a newer one came. */
  forget: `
    DELETE FROM weather_series
    WHERE job_id = $1 AND kind = 'forecast' AND source = $2 AND issued_at < $3`,
  /** What a service told of another place. */
  leave: `
    UPDATE weather_series SET withdrawn_at = $4
    WHERE job_id = $1 AND source = $2 AND withdrawn_at IS NULL AND body->'place' IS DISTINCT FROM $3::jsonb`,
  withdraw: `UPDATE weather_series SET withdrawn_at = $3 WHERE job_id = $1 AND id = $2 AND withdrawn_at IS NULL`,
};
