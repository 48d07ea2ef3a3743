/** SQL of what the firm says for all its jobs. */
export const FIRM_SQL = {
  practice: 'SELECT version, body FROM firm_practice ORDER BY version DESC LIMIT 1',
  writePractice: `INSERT INTO firm_practice (version, body)
    SELECT $1 + 1, $2::jsonb WHERE COALESCE((SELECT max(version) FROM firm_practice), 0) = $1`,
} as const;
