import { jobNameOf } from '../db/jobname.ts';

export const PEOPLE_SQL = {
  all: `SELECT id, name FROM person ORDER BY name, id`,
  exists: `SELECT 1 FROM person WHERE id = $1`,
  write: `INSERT INTO person (id, name) VALUES ($1, $2)
          ON CONFLICT (tenant_id, id) DO UPDATE SET name = excluded.name, written_at = now() WHERE person.forgotten_at IS NULL`,
  /** Names that come with a job file do not replace those that are here. */
  add: `INSERT INTO person (id, name) SELECT * FROM unnest($1::text[], $2::text[]) ON CONFLICT (tenant_id, id) DO NOTHING`,
  one: `SELECT id, name, forgotten_at AS "forgottenAt" FROM person WHERE id = $1`,
  account: `
    SELECT id, login, firm_role AS "firmRole", made_at AS "madeAt", closed_at AS "closedAt" FROM account
    WHERE person_id = $1`,
  forget: `UPDATE person SET name = $2, written_at = $3, forgotten_at = $3 WHERE id = $1`,
  forgetLogin: `UPDATE account SET login = NULL, password_hash = NULL WHERE id = $1`,
  forgetDevices: `UPDATE device_key SET name = 'device' WHERE account_id = $1`,
  forgetPasskeys: `UPDATE passkey SET name = 'a key' WHERE account_id = $1`,
  roles: `SELECT job_id AS "jobId", role FROM job_role WHERE account_id = $1 ORDER BY job_id`,
  keys: `
    SELECT key, device_id AS "deviceId", name, made_at AS "madeAt", withdrawn_at AS "withdrawnAt" FROM device_key
    WHERE account_id = $1 ORDER BY made_at`,
  links: `
    SELECT job_id AS "jobId", for_whom AS "forWhom", made_at AS "madeAt", until, ended_at AS "endedAt", opened
    FROM shared_link WHERE made_by = $1 ORDER BY made_at`,
  log: `
    SELECT n::int, at, what, address, detail, account_id = $1 AS "didIt" FROM security_event
    WHERE account_id = $1 OR about_id = $1 ORDER BY n`,
  entries: `
    SELECT e.job_id AS "jobId",
      ${jobNameOf('e.job_id')} AS job,
      e.seq, e.received_at AS "receivedAt", e.entry
    FROM record_entry e WHERE e.entry ->> 'personId' = $1 ORDER BY e.job_id, e.seq`,
  named: `SELECT id, name FROM person WHERE id = ANY ($1::text[]) ORDER BY id`,
};
