export const LIBRARY_SQL = {
  list: `
    SELECT b.id, b.put_away_at IS NOT NULL AS "putAway", d.version, d.body AS draft, r.revision, r.body AS released
    FROM library_build_up b
    LEFT JOIN LATERAL (
      SELECT version, body FROM library_draft WHERE build_up_id = b.id ORDER BY version DESC LIMIT 1) d ON true
    LEFT JOIN LATERAL (
      SELECT revision, body FROM library_revision WHERE build_up_id = b.id ORDER BY revision DESC LIMIT 1) r ON true
    ORDER BY b.id`,
  add: `INSERT INTO library_build_up (id) VALUES ($1) ON CONFLICT DO NOTHING`,
  lock: `SELECT put_away_at IS NOT NULL AS "putAway" FROM library_build_up WHERE id = $1 FOR UPDATE`,
  draft: `SELECT version, body FROM library_draft WHERE build_up_id = $1 ORDER BY version DESC LIMIT 1`,
  addDraft: `INSERT INTO library_draft (build_up_id, version, body) VALUES ($1, $2, $3)`,
  revisions: `
    SELECT revision, released_at AS "releasedAt", who, note FROM library_revision
    WHERE build_up_id = $1 ORDER BY revision DESC`,
  revision: `SELECT body FROM library_revision WHERE build_up_id = $1 AND revision = $2`,
  addRevision: `INSERT INTO library_revision (build_up_id, revision, body, released_at, who, note) VALUES ($1, $2, $3, $4, $5, $6)`,
  away: `UPDATE library_build_up SET put_away_at = CASE WHEN $2 THEN coalesce(put_away_at, $3) END WHERE id = $1`,
};
