export const PICTURES_SQL = {
  insert: `INSERT INTO picture (job_id, sha256, media_type, content) VALUES ($1, $2, $3, $4) ON CONFLICT DO NOTHING`,
  read: `SELECT media_type AS "mediaType", content FROM picture WHERE job_id = $1 AND sha256 = $2`,
};
