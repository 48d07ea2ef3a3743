-- Up Migration

-- Records that come in by a file are found by their first entry.
CREATE INDEX record_entry_first ON record_entry (hash) WHERE seq = 1;

-- Down Migration

DROP INDEX record_entry_first;
