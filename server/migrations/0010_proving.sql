-- Up Migration

ALTER TABLE document DROP CONSTRAINT document_kind_check;
ALTER TABLE document ADD CONSTRAINT document_kind_check
  CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'programme', 'site', 'weather', 'proving'));

-- Jobs of earlier days ask nothing yet.
INSERT INTO document (job_id, kind, version, body) SELECT id, 'proving', 1, '{}' FROM job;

-- Down Migration

DELETE FROM document WHERE kind = 'proving';
ALTER TABLE document DROP CONSTRAINT document_kind_check;
ALTER TABLE document ADD CONSTRAINT document_kind_check
  CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'programme', 'site', 'weather'));
