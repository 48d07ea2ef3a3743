-- Up Migration
-- Sources of weather and instruments that are asked over HTTP. What they are is the firm's; their keys never leave the server.

-- Hosts that the firm's owner allows to be asked; no other one is.
CREATE TABLE weather_host (
  tenant_id integer NOT NULL DEFAULT current_tenant() REFERENCES tenant (id),
  host text NOT NULL CHECK (host ~ '^[a-z0-9.:-]+$' AND length(host) BETWEEN 3 AND 260),
  allowed_by text,
  allowed_at timestamptz(3) NOT NULL,
  PRIMARY KEY (tenant_id, host)
);

-- Every version is kept; two writers from one version collide on the primary key.
CREATE TABLE weather_source (
  tenant_id integer NOT NULL DEFAULT current_tenant() REFERENCES tenant (id),
  id text NOT NULL CHECK (id ~ '^[A-Za-z0-9_-]{1,36}$'),
  version integer NOT NULL CHECK (version >= 1),
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'object'),
  put_away boolean NOT NULL DEFAULT false,
  written_at timestamptz(3) NOT NULL DEFAULT now(),
  PRIMARY KEY (tenant_id, id, version)
);

-- Apart from the versions, so that a key that is replaced is gone.
CREATE TABLE weather_source_key (
  tenant_id integer NOT NULL DEFAULT current_tenant() REFERENCES tenant (id),
  source_id text NOT NULL,
  secret text NOT NULL CHECK (secret <> ''),
  PRIMARY KEY (tenant_id, source_id)
);

-- When a source was asked for a job, how that went, and when it may be asked again.
CREATE TABLE weather_asked (
  tenant_id integer NOT NULL DEFAULT current_tenant(),
  job_id text NOT NULL,
  source_id text NOT NULL,
  -- Of which version of the source, and for which place.
  version integer NOT NULL,
  place jsonb NOT NULL,
  asked_at timestamptz(3) NOT NULL,
  next_at timestamptz(3) NOT NULL,
  good_at timestamptz(3),
  problem text,
  -- What the answer said of its age, to ask whether there is a newer one.
  policy jsonb,
  -- The last reading of an instrument.
  reading jsonb,
  PRIMARY KEY (tenant_id, job_id, source_id),
  FOREIGN KEY (tenant_id, job_id) REFERENCES job (tenant_id, id)
);

DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['weather_host', 'weather_source', 'weather_source_key', 'weather_asked'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_firm ON %I USING (tenant_id = (SELECT current_tenant()))', t);
  END LOOP;
END
$$;

-- Down Migration

DROP TABLE weather_asked;
DROP TABLE weather_source_key;
DROP TABLE weather_source;
DROP TABLE weather_host;
