-- Up Migration
-- An entry belongs to a job: looked up for the first entry of a record, and not for each of 125,000. Every later one follows
-- an entry of the same job (record_chain), and none is ever taken out (record_no_change), so that the job stays there.

ALTER TABLE record_entry
  DROP CONSTRAINT record_entry_job_id_fkey,
  ADD COLUMN begins_job_id text GENERATED ALWAYS AS (CASE WHEN seq = 1 THEN job_id END) STORED,
  ADD CONSTRAINT record_entry_begins_job_id_fkey
    FOREIGN KEY (tenant_id, begins_job_id) REFERENCES job (tenant_id, id);

-- Down Migration

ALTER TABLE record_entry
  DROP CONSTRAINT record_entry_begins_job_id_fkey,
  DROP COLUMN begins_job_id,
  ADD CONSTRAINT record_entry_job_id_fkey FOREIGN KEY (tenant_id, job_id) REFERENCES job (tenant_id, id);
