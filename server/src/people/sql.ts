export const PEOPLE_SQL = {
  all: `SELECT id, name FROM person ORDER BY name, id`,
  exists: `SELECT 1 FROM person WHERE id = $1`,
  write: `INSERT INTO person (id, name) VALUES ($1, $2)
          ON CONFLICT (id) DO UPDATE SET name = excluded.name, written_at = now()`,
  /** Names that come with a job file do not replace those that are here. */
  add: `INSERT INTO person (id, name) SELECT * FROM unnest($1::text[], $2::text[]) ON CONFLICT (id) DO NOTHING`,
  named: `SELECT id, name FROM person WHERE id = ANY ($1::text[]) ORDER BY id`,
};
