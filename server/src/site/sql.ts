export const SITE_SQL = {
  baysUsed: `
    SELECT id, count(*)::int AS uses FROM (
      SELECT entry ->> 'bayId' AS id FROM record_entry WHERE job_id = $1 AND entry ? 'bayId'
      UNION ALL
      SELECT bay ->> 'bayId' FROM record_entry, jsonb_array_elements(entry -> 'bays') AS bay
      WHERE job_id = $1 AND entry ? 'bays'
    ) AS named GROUP BY 1`,
};
