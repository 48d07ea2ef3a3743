/** SQL of accounts, codes, sessions and the log of access. */
import { jobNameOf } from '../db/jobname.ts';

/** Somebody with every role they have. */
const ACCOUNT = `
  SELECT a.id, a.person_id AS "personId", p.name, a.login, a.firm_role AS "firmRole",
    coalesce((SELECT jsonb_object_agg(job_id, role) FROM job_role r WHERE r.account_id = a.id), '{}') AS "jobRoles"
  FROM account a JOIN person p ON p.id = a.person_id`;

export const ACCESS_SQL = {
  personId: `SELECT person_id AS "personId" FROM account WHERE id = $1`,
  signedSince: `SELECT signed_since AS since FROM firm`,
  demandSigned: `UPDATE firm SET signed_since = $1`,
  firm: `SELECT name, cookie_secret AS "cookieSecret" FROM firm`,
  switchOn: `INSERT INTO firm (name, cookie_secret, since) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING`,
  /** Somebody who is let in, with every role they have. */
  account: `${ACCOUNT} WHERE a.id = $1 AND a.closed_at IS NULL`,
  /** A session that is not over, with the account that it is of as that stands now. */
  session: `
    SELECT s.sess, (SELECT row_to_json(w) FROM (${ACCOUNT} WHERE a.id = s.account_id AND a.closed_at IS NULL) w) AS account
    FROM session s WHERE s.sid = $1 AND s.expire >= to_timestamp($2)`,
  byLogin: `SELECT id, password_hash AS "passwordHash", closed_at AS "closedAt" FROM account WHERE login = $1`,
  passwordOf: `SELECT login, password_hash AS "passwordHash" FROM account WHERE id = $1`,
  list: `
    SELECT a.id, a.person_id AS "personId", p.name, a.login, a.firm_role AS "firmRole", a.made_at AS "madeAt",
      a.closed_at AS "closedAt", p.forgotten_at AS "forgottenAt",
      coalesce((SELECT jsonb_object_agg(job_id, role) FROM job_role r WHERE r.account_id = a.id), '{}') AS "jobRoles",
      (SELECT max(c.until) FROM access_code c WHERE c.account_id = a.id AND NOT c.for_device AND c.used_at IS NULL AND c.until > $1) AS "codeUntil",
      (SELECT max(s.seen_at) FROM session s WHERE s.account_id = a.id) AS "seenAt"
    FROM account a JOIN person p ON p.id = a.person_id ORDER BY (a.closed_at IS NOT NULL), p.name, a.id`,
  /** Whoever stands in a record and cannot come in; not the one for what a survey said. */
  others: `
    SELECT p.id AS "personId", p.name, p.forgotten_at AS "forgottenAt" FROM person p
    WHERE p.id <> $1 AND NOT EXISTS (SELECT 1 FROM account a WHERE a.person_id = p.id) ORDER BY p.name, p.id`,
  insert: `INSERT INTO account (id, person_id, firm_role, made_at) VALUES ($1, $2, $3, $4) ON CONFLICT (tenant_id, id) DO NOTHING`,
  setRole: `UPDATE account SET firm_role = $2 WHERE id = $1`,
  setClosed: `UPDATE account SET closed_at = $2 WHERE id = $1`,
  setPassword: `UPDATE account SET login = $2, password_hash = $3 WHERE id = $1`,
  /** Whoever changes who is an owner waits for the other who does. */
  lock: `SELECT pg_advisory_xact_lock(4711175)`,
  ownersLeft: `SELECT count(*)::int AS n FROM account WHERE firm_role = 'owner' AND closed_at IS NULL AND login IS NOT NULL`,
  dropJobRoles: `DELETE FROM job_role WHERE account_id = $1`,
  addJobRoles: `
    INSERT INTO job_role (account_id, job_id, role)
    SELECT $1, j.key, j.value FROM jsonb_each_text($2::jsonb) j`,
  dropCodes: `
    UPDATE access_code SET until = $2 WHERE account_id = $1 AND for_device = $3 AND used_at IS NULL AND until > $2`,
  addCode: `
    INSERT INTO access_code (hash, account_id, made_by, made_at, until, for_device, only_job)
    VALUES ($1, $2, $3, $4, $5, $6, $7)`,
  code: `
    SELECT c.account_id AS "accountId", p.name, a.login, c.for_device AS "forDevice", c.only_job AS "onlyJob"
    FROM access_code c
    JOIN account a ON a.id = c.account_id JOIN person p ON p.id = a.person_id
    WHERE c.hash = $1 AND c.used_at IS NULL AND c.until > $2 AND a.closed_at IS NULL`,
  codeToSend: `
    SELECT p.name, c.until, c.for_device AS "forDevice" FROM access_code c
    JOIN account a ON a.id = c.account_id JOIN person p ON p.id = a.person_id
    WHERE c.hash = $1 AND c.account_id = $2 AND c.used_at IS NULL AND c.until > $3 AND a.closed_at IS NULL`,
  useCode: `UPDATE access_code SET used_at = $2 WHERE hash = $1 AND used_at IS NULL AND until > $2`,
  sessions: `
    SELECT s.listed_id AS id, s.sess ->> 'device' AS device, s.sess ->> 'madeAt' AS "madeAt",
      s.seen_at AS "seenAt", k.name,
      CASE WHEN s.sess ->> 'onlyJob' IS NOT NULL THEN coalesce(
        ${jobNameOf("s.sess ->> 'onlyJob'")}, '') END AS job
    FROM session s
    LEFT JOIN LATERAL (SELECT name FROM device_key WHERE session_id = s.listed_id AND withdrawn_at IS NULL
      ORDER BY made_at DESC LIMIT 1) k ON true
    WHERE s.account_id = $1 AND s.expire > now() ORDER BY s.seen_at DESC`,
  endSession: `DELETE FROM session WHERE account_id = $1 AND listed_id = $2`,
  endSessions: `DELETE FROM session WHERE account_id = $1 AND listed_id IS DISTINCT FROM $2`,
  /** What a session says, as long as it was not ended. */
  lives: `
    SELECT account_id AS "accountId", link_id AS "linkId", sess ->> 'onlyJob' AS "onlyJob"
    FROM session WHERE listed_id = $1 AND expire > now()`,
  /** A key that was withdrawn stays so. */
  keepKey: `
    INSERT INTO device_key (account_id, key, device_id, name, session_id, made_at) VALUES ($1, $2, $3, $4, $5, $6)
    ON CONFLICT (tenant_id, account_id, key) DO UPDATE SET device_id = $3, session_id = $5 WHERE device_key.withdrawn_at IS NULL`,
  /** The keys that an entry has to do with: the one that it names, and that of the device that sends it. */
  keysFor: `
    SELECT key, withdrawn_at AS "withdrawnAt" FROM device_key WHERE account_id = $1 AND (key = $2 OR session_id = $3)`,
  withdrawKey: `
    UPDATE device_key SET withdrawn_at = $3 WHERE account_id = $1 AND session_id = $2 AND withdrawn_at IS NULL`,
  withdrawKeys: `UPDATE device_key SET withdrawn_at = $2 WHERE account_id = $1 AND withdrawn_at IS NULL`,
  seen: `UPDATE session SET seen_at = now() WHERE account_id = $1 AND listed_id = $2`,
  addLink: `
    INSERT INTO shared_link (id, hash, job_id, opens, for_whom, made_by, made_at, until)
    VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
  openLink: `
    UPDATE shared_link SET opened = opened + 1, opened_at = $2 WHERE hash = $1 AND ended_at IS NULL AND until > $2
    RETURNING id, job_id AS "jobId", opens, until`,
  link: `
    SELECT id, job_id AS "jobId", opens, until FROM shared_link WHERE id = $1 AND ended_at IS NULL AND until > $2`,
  links: `
    SELECT l.id, l.opens, l.for_whom AS "forWhom", p.name AS "madeBy", l.made_at AS "madeAt", l.until,
      l.ended_at AS "endedAt", l.opened, l.opened_at AS "openedAt"
    FROM shared_link l JOIN account a ON a.id = l.made_by JOIN person p ON p.id = a.person_id
    WHERE l.job_id = $1 ORDER BY l.made_at DESC, l.id`,
  endLink: `
    UPDATE shared_link SET ended_at = $3 WHERE job_id = $1 AND id = $2 AND ended_at IS NULL RETURNING for_whom AS "forWhom"`,
  endGuests: `DELETE FROM session WHERE link_id = $1`,
  log: `INSERT INTO security_event (at, what, account_id, about_id, address, detail) VALUES ($1, $2, $3, $4, $5, $6)`,
  readLog: `
    SELECT e.n::int, e.at, e.what, e.address, e.detail, p.name AS who, q.name AS about
    FROM security_event e
    LEFT JOIN account a ON a.id = e.account_id LEFT JOIN person p ON p.id = a.person_id
    LEFT JOIN account b ON b.id = e.about_id LEFT JOIN person q ON q.id = b.person_id
    WHERE e.n < $1 ORDER BY e.n DESC LIMIT $2`,
};
