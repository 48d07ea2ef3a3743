-- Up Migration

-- Which jobs have a roof that was handed over is asked for a list of them.
CREATE INDEX record_entry_upkeep ON record_entry (job_id) WHERE entry ->> 'kind' = 'upkeep';

-- Down Migration

DROP INDEX record_entry_upkeep;
