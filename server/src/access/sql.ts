/** SQL of accounts, codes, sessions and the log of access. */
export const ACCESS_SQL = {
  firm: `SELECT name, cookie_secret AS "cookieSecret" FROM firm`,
  switchOn: `INSERT INTO firm (name, cookie_secret, since) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING`,
  /** Somebody who is let in, with every role they have. */
  account: `
    SELECT a.id, a.person_id AS "personId", p.name, a.login, a.firm_role AS "firmRole",
      coalesce((SELECT jsonb_object_agg(job_id, role) FROM job_role r WHERE r.account_id = a.id), '{}') AS "jobRoles"
    FROM account a JOIN person p ON p.id = a.person_id
    WHERE a.id = $1 AND a.closed_at IS NULL`,
  byLogin: `SELECT id, password_hash AS "passwordHash", closed_at AS "closedAt" FROM account WHERE login = $1`,
  passwordOf: `SELECT login, password_hash AS "passwordHash" FROM account WHERE id = $1`,
  list: `
    SELECT a.id, a.person_id AS "personId", p.name, a.login, a.firm_role AS "firmRole", a.made_at AS "madeAt",
      a.closed_at AS "closedAt",
      coalesce((SELECT jsonb_object_agg(job_id, role) FROM job_role r WHERE r.account_id = a.id), '{}') AS "jobRoles",
      (SELECT max(c.until) FROM access_code c WHERE c.account_id = a.id AND c.used_at IS NULL AND c.until > $1) AS "codeUntil",
      (SELECT max(s.seen_at) FROM session s WHERE s.sess ->> 'accountId' = a.id) AS "seenAt"
    FROM account a JOIN person p ON p.id = a.person_id ORDER BY (a.closed_at IS NOT NULL), p.name, a.id`,
  insert: `INSERT INTO account (id, person_id, firm_role, made_at) VALUES ($1, $2, $3, $4) ON CONFLICT (id) DO NOTHING`,
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
  dropCodes: `UPDATE access_code SET until = $2 WHERE account_id = $1 AND used_at IS NULL AND until > $2`,
  addCode: `INSERT INTO access_code (hash, account_id, made_by, made_at, until) VALUES ($1, $2, $3, $4, $5)`,
  code: `
    SELECT c.account_id AS "accountId", p.name, a.login FROM access_code c
    JOIN account a ON a.id = c.account_id JOIN person p ON p.id = a.person_id
    WHERE c.hash = $1 AND c.used_at IS NULL AND c.until > $2 AND a.closed_at IS NULL`,
  useCode: `UPDATE access_code SET used_at = $2 WHERE hash = $1 AND used_at IS NULL AND until > $2`,
  sessions: `
    SELECT sess ->> 'listedId' AS id, sess ->> 'device' AS device, sess ->> 'madeAt' AS "madeAt", seen_at AS "seenAt"
    FROM session WHERE sess ->> 'accountId' = $1 AND expire > now() ORDER BY seen_at DESC`,
  endSession: `DELETE FROM session WHERE sess ->> 'accountId' = $1 AND sess ->> 'listedId' = $2`,
  endSessions: `DELETE FROM session WHERE sess ->> 'accountId' = $1 AND sess ->> 'listedId' IS DISTINCT FROM $2`,
  lives: `SELECT 1 FROM session WHERE sess ->> 'accountId' = $1 AND sess ->> 'listedId' = $2 AND expire > now()`,
  seen: `UPDATE session SET seen_at = now() WHERE sess ->> 'accountId' = $1 AND sess ->> 'listedId' = $2`,
  log: `INSERT INTO security_event (at, what, account_id, about_id, address, detail) VALUES ($1, $2, $3, $4, $5, $6)`,
  readLog: `
    SELECT e.n::int, e.at, e.what, e.address, e.detail, p.name AS who, q.name AS about
    FROM security_event e
    LEFT JOIN account a ON a.id = e.account_id LEFT JOIN person p ON p.id = a.person_id
    LEFT JOIN account b ON b.id = e.about_id LEFT JOIN person q ON q.id = b.person_id
    WHERE e.n < $1 ORDER BY e.n DESC LIMIT $2`,
};
