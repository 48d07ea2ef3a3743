-- Up Migration

-- Pictures made smaller for the net and for paper; the picture itself stays as it was taken. Each can be made anew.
CREATE TABLE picture_scaled (
  job_id text NOT NULL,
  sha256 text NOT NULL,
  longest_px integer NOT NULL CHECK (longest_px BETWEEN 1 AND 10000),
  width_px integer NOT NULL CHECK (width_px BETWEEN 1 AND 10000),
  height_px integer NOT NULL CHECK (height_px BETWEEN 1 AND 10000),
  -- A JPEG.
  content bytea NOT NULL,
  PRIMARY KEY (job_id, sha256, longest_px),
  FOREIGN KEY (job_id, sha256) REFERENCES picture (job_id, sha256)
);

-- Down Migration

DROP TABLE picture_scaled;
