-- Up Migration

-- The servers that are at work on this database: each says now and then that it is still there, and takes its row away when it
-- ends. One that was killed stops saying so.
CREATE TABLE server_process (
  id text PRIMARY KEY,
  host text NOT NULL,
  pid integer NOT NULL,
  -- What it does: pages and tasks, or one of them.
  does text NOT NULL CHECK (does IN ('all', 'pages', 'tasks')),
  begun_at timestamptz(3) NOT NULL DEFAULT now(),
  seen_at timestamptz(3) NOT NULL DEFAULT now(),
  streams integer NOT NULL DEFAULT 0,
  -- The tasks that it works on.
  tasks text[] NOT NULL DEFAULT '{}',
  -- It ends: it takes no more work.
  ends boolean NOT NULL DEFAULT false
);

-- Down Migration

DROP TABLE server_process;
