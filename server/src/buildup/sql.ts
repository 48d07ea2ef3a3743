export const BUILD_UP_SQL = {
  used: `
    SELECT entry ->> 'buildUpId' AS id, (entry ->> 'revision')::int AS revision, count(*)::int AS uses
    FROM record_entry WHERE job_id = $1 AND entry ->> 'kind' IN ('coat', 'laid') GROUP BY 1, 2 ORDER BY 1, 2`,
};
