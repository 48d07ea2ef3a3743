/** How a job is called now, inside another query. @param jobId an expression of SQL; never what somebody sent */
export const jobNameOf = (jobId: string): string =>
  `(SELECT d.body ->> 'name' FROM document d WHERE d.job_id = ${jobId} AND d.kind = 'job' ORDER BY d.version DESC LIMIT 1)`;
