-- Up Migration

-- What the server makes while nobody has to wait with an open line: how far it is, and the file once it is there. Whose turn it
-- is stands in the tables of the queue. Kept for a day.
CREATE TABLE task (
  id text PRIMARY KEY,
  kind text NOT NULL,
  job_id text REFERENCES job (id),
  asked jsonb NOT NULL,
  -- Its turn in the queue, and how often it was begun.
  turn_id text NOT NULL,
  begun integer NOT NULL DEFAULT 0,
  asked_at timestamptz(3) NOT NULL DEFAULT now(),
  -- From 0 to 1, and what is done just now.
  share real NOT NULL DEFAULT 0 CHECK (share BETWEEN 0 AND 1),
  doing text NOT NULL DEFAULT '',
  cancelled boolean NOT NULL DEFAULT false,
  -- Why it cannot be made, as the API says it.
  problem jsonb,
  -- What came of it.
  answer jsonb,
  file_name text,
  media_type text,
  finished_at timestamptz(3)
);

-- Files in pieces: what was sent for a task, and what came of it.
CREATE TABLE task_piece (
  task_id text NOT NULL REFERENCES task (id) ON DELETE CASCADE,
  of text NOT NULL CHECK (of IN ('asked', 'made')),
  n integer NOT NULL CHECK (n >= 0),
  content bytea NOT NULL CHECK (octet_length(content) BETWEEN 1 AND 1048576),
  PRIMARY KEY (task_id, of, n)
);

-- Down Migration

DROP TABLE task_piece;
DROP TABLE task;
