-- Up Migration

-- Whoever makes entries. An entry names the person by the id only, so that a name can be replaced without touching a hash.
CREATE TABLE person (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  name text NOT NULL CHECK (name <> ''),
  written_at timestamptz(3) NOT NULL DEFAULT now()
);

-- Tests that the survey once held are brought over into the record; who read them is not known.
INSERT INTO person (id, name) VALUES ('brought-over', 'brought over from the survey');

-- Down Migration

DROP TABLE person;
