-- Up Migration

-- A stream looks again and again whether its session was ended.
CREATE INDEX session_listed ON session ((sess ->> 'listedId'));

-- Down Migration

DROP INDEX session_listed;
