-- Up Migration
-- The chain is checked once for all entries that come together, and no less strictly: the first follows the end of the
-- record, each other one the one before it.

CREATE OR REPLACE FUNCTION record_is_chained() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE
  wrong record;
BEGIN
  SELECT f.job_id, f.seq INTO wrong
    FROM (SELECT job_id, seq, previous_hash,
                 lag(seq) OVER w AS before_seq, lag(hash) OVER w AS before_hash
          FROM fresh WINDOW w AS (PARTITION BY job_id ORDER BY seq)) f
    WHERE CASE
      WHEN f.before_seq IS NOT NULL THEN f.seq <> f.before_seq + 1 OR f.previous_hash <> f.before_hash
      WHEN f.seq = 1 THEN f.previous_hash <> repeat('0', 64)
      ELSE NOT EXISTS (SELECT 1 FROM record_entry r
                       WHERE r.job_id = f.job_id AND r.seq = f.seq - 1 AND r.hash = f.previous_hash)
    END
    ORDER BY f.seq LIMIT 1;
  IF FOUND THEN
    RAISE EXCEPTION 'entry % does not follow entry %', wrong.seq,
      (SELECT coalesce(max(r.seq), 0) FROM record_entry r WHERE r.job_id = wrong.job_id AND r.seq < wrong.seq)
      USING ERRCODE = 'restrict_violation';
  END IF;
  RETURN NULL;
END
$$;

DROP TRIGGER record_chain ON record_entry;
CREATE TRIGGER record_chain AFTER INSERT ON record_entry
  REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION record_is_chained();

-- Down Migration

DROP TRIGGER record_chain ON record_entry;
CREATE OR REPLACE FUNCTION record_is_chained() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE
  last_seq integer;
  last_hash text;
BEGIN
  SELECT seq, hash INTO last_seq, last_hash FROM record_entry
    WHERE job_id = NEW.job_id ORDER BY seq DESC LIMIT 1;
  IF NEW.seq <> coalesce(last_seq, 0) + 1 OR NEW.previous_hash <> coalesce(last_hash, repeat('0', 64)) THEN
    RAISE EXCEPTION 'entry % does not follow entry %', NEW.seq, coalesce(last_seq, 0) USING ERRCODE = 'restrict_violation';
  END IF;
  RETURN NEW;
END
$$;
CREATE TRIGGER record_chain BEFORE INSERT ON record_entry
  FOR EACH ROW EXECUTE FUNCTION record_is_chained();
