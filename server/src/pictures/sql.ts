export const PICTURES_SQL = {
  insert: `INSERT INTO picture (job_id, sha256, media_type, content) VALUES ($1, $2, $3, $4) ON CONFLICT DO NOTHING`,
  read: `SELECT media_type AS "mediaType", content FROM picture WHERE job_id = $1 AND sha256 = $2`,
  insertScaled: `
    INSERT INTO picture_scaled (job_id, sha256, longest_px, width_px, height_px, content)
    VALUES ($1, $2, $3, $4, $5, $6) ON CONFLICT DO NOTHING`,
  readScaled: `
    SELECT width_px AS "widthPx", height_px AS "heightPx", content FROM picture_scaled
    WHERE job_id = $1 AND sha256 = $2 AND longest_px = $3`,
};
