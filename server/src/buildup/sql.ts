export const BUILD_UP_SQL = {
  used: `
    SELECT laid ->> 'buildUpId' AS id, (laid ->> 'revision')::int AS revision, count(*)::int AS uses
    FROM record_entry, coalesce(entry -> 'body', entry) AS laid
    WHERE job_id = $1 AND laid ? 'buildUpId' GROUP BY 1, 2 ORDER BY 1, 2`,
};
