export const SITE_SQL = {
  baysUsed: `
    SELECT entry ->> 'bayId' AS id, count(*)::int AS uses
    FROM record_entry WHERE job_id = $1 AND entry ? 'bayId' GROUP BY 1`,
};
