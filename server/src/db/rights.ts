/**
 * What the role that serves may do, table by table. It owns nothing: it cannot change a table, a trigger or a function, and
 * cannot change or take away what is in the record or in the history of a document.
 */
import pg from 'pg';
import type { Db } from './pool.ts';

/** Where the queue keeps its tables. */
export const QUEUE_SCHEMA = 'pgboss';

/** Rights on a table; a list of columns in brackets after a right bounds it to them. */
export const RIGHTS: Readonly<Record<string, readonly string[]>> = {
  job: ['SELECT', 'INSERT', 'UPDATE (archived_at)'],
  document: ['SELECT', 'INSERT'],
  record_entry: ['SELECT', 'INSERT'],
  picture: ['SELECT', 'INSERT'],
  picture_scaled: ['SELECT', 'INSERT'],
  paper_file: ['SELECT', 'INSERT'],
  library_build_up: ['SELECT', 'INSERT', 'UPDATE (put_away_at)'],
  library_draft: ['SELECT', 'INSERT'],
  library_revision: ['SELECT', 'INSERT'],
  // A forecast that was replaced is thinned out, and one of the same name is written anew.
  weather_series: ['SELECT', 'INSERT', 'UPDATE', 'DELETE'],
  weather_host: ['SELECT', 'INSERT', 'DELETE'],
  weather_source: ['SELECT', 'INSERT'],
  weather_source_key: ['SELECT', 'INSERT', 'UPDATE (secret)', 'DELETE'],
  weather_asked: ['SELECT', 'INSERT', 'UPDATE'],
  person: ['SELECT', 'INSERT', 'UPDATE (name, written_at, forgotten_at)'],
  firm_practice: ['SELECT', 'INSERT'],
  firm: ['SELECT', 'INSERT', 'UPDATE (signed_since)'],
  account: ['SELECT', 'INSERT', 'UPDATE (login, password_hash, firm_role, closed_at)'],
  job_role: ['SELECT', 'INSERT', 'UPDATE (role)', 'DELETE'],
  device_key: ['SELECT', 'INSERT', 'UPDATE (device_id, name, session_id, withdrawn_at)'],
  passkey: ['SELECT', 'INSERT', 'UPDATE (counter, used_at, withdrawn_at, name)'],
  passkey_challenge: ['SELECT', 'INSERT', 'DELETE'],
  access_code: ['SELECT', 'INSERT', 'UPDATE (used_at, until)'],
  shared_link: ['SELECT', 'INSERT', 'UPDATE (ended_at, opened, opened_at)'],
  session: ['SELECT', 'INSERT', 'UPDATE', 'DELETE'],
  wrong_try: ['SELECT', 'INSERT', 'UPDATE', 'DELETE'],
  security_event: ['SELECT', 'INSERT'],
  signing_key: ['SELECT', 'INSERT'],
  receipt: ['SELECT', 'INSERT'],
  server_process: ['SELECT', 'INSERT', 'UPDATE', 'DELETE'],
  // Made anew when it is asked for again: nothing of it is a record.
  task: ['SELECT', 'INSERT', 'UPDATE', 'DELETE'],
  task_piece: ['SELECT', 'INSERT', 'DELETE'],
  tenant: ['SELECT'],
  migration: ['SELECT'],
};

/**
 * Gives a role these rights on the tables of the database, and no other ones.
 * @param owner a connection of the role that owns the tables
 * @param role the role that serves
 */
export async function grantRights(owner: Db, role: string): Promise<void> {
  const name = pg.escapeIdentifier(role);
  const sql = [
    `REVOKE ALL ON ALL TABLES IN SCHEMA public FROM ${name}, PUBLIC`,
    `REVOKE CREATE ON SCHEMA public FROM ${name}, PUBLIC`,
    `GRANT USAGE ON SCHEMA public TO ${name}`,
    // Whose turn it is: nothing that lasts, and the queue takes away what is done.
    `GRANT USAGE ON SCHEMA ${QUEUE_SCHEMA} TO ${name}`,
    `GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA ${QUEUE_SCHEMA} TO ${name}`,
    ...Object.entries(RIGHTS).map(([table, rights]) => `GRANT ${rights.join(', ')} ON ${table} TO ${name}`),
  ];
  await owner.query(`BEGIN; ${sql.join('; ')}; COMMIT`);
}
