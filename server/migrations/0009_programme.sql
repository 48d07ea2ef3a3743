-- Up Migration

ALTER TABLE document DROP CONSTRAINT document_kind_check;
ALTER TABLE document ADD CONSTRAINT document_kind_check
  CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'programme', 'site', 'weather'));

-- Jobs of earlier days say nothing of their days yet.
INSERT INTO document (job_id, kind, version, body) SELECT id, 'programme', 1, '{}' FROM job;

-- Down Migration

DELETE FROM document WHERE kind = 'programme';
ALTER TABLE document DROP CONSTRAINT document_kind_check;
ALTER TABLE document ADD CONSTRAINT document_kind_check
  CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'site', 'weather'));
