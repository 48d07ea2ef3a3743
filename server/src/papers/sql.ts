export const PAPERS_SQL = {
  insert: `INSERT INTO paper_file (sha256, media_type, content) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING`,
  read: `SELECT media_type AS "mediaType", content FROM paper_file WHERE sha256 = $1`,
  known: `SELECT sha256 FROM paper_file WHERE sha256 = ANY($1)`,
};
