-- Up Migration
-- Whoever listens is told which job has changed, and what of it, as soon as the change stands.

CREATE FUNCTION tell_documents() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('lentum_live', json_build_object('jobId', job_id, 'what', kind, 'version', max(version))::text)
    FROM fresh GROUP BY job_id, kind;
  RETURN NULL;
END
$$;
CREATE TRIGGER document_told AFTER INSERT ON document
  REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION tell_documents();

CREATE FUNCTION tell_record() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('lentum_live', json_build_object('jobId', job_id, 'what', 'record', 'version', max(seq))::text)
    FROM fresh GROUP BY job_id;
  RETURN NULL;
END
$$;
CREATE TRIGGER record_told AFTER INSERT ON record_entry
  REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION tell_record();

CREATE FUNCTION tell_series() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('lentum_live', json_build_object('jobId', job_id, 'what', 'weather-series', 'version', 0)::text)
    FROM fresh GROUP BY job_id;
  RETURN NULL;
END
$$;
CREATE TRIGGER series_told AFTER INSERT ON weather_series
  REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION tell_series();
CREATE TRIGGER series_change_told AFTER UPDATE ON weather_series
  REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION tell_series();

-- Down Migration

DROP TRIGGER document_told ON document;
DROP TRIGGER record_told ON record_entry;
DROP TRIGGER series_told ON weather_series;
DROP TRIGGER series_change_told ON weather_series;
DROP FUNCTION tell_documents();
DROP FUNCTION tell_record();
DROP FUNCTION tell_series();
