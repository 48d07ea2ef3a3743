/** Firms of one database, as whoever looks after the machine makes and names them. Needs the role that owns the tables. */
import { randomUUID } from 'node:crypto';
import { connected } from '../backup/backup.ts';
import { createPool, poolOfTenant, sqlState, transaction, UNIQUE_VIOLATION } from '../db/pool.ts';
import type { Addresses } from '../db/prepare.ts';
import { switchOn, writeAccount } from './accounts.ts';
import { makeCode } from './codes.ts';
import { logAccess } from './log.ts';

const FIRMS_SQL = {
  list: `
    SELECT t.id, t.host, f.name, (SELECT count(*)::int FROM job j WHERE j.tenant_id = t.id) AS jobs
    FROM tenant t LEFT JOIN firm f ON f.tenant_id = t.id ORDER BY t.id`,
  // The same asked for again goes on with what is there.
  add: `INSERT INTO tenant (host) VALUES ($1) ON CONFLICT (host) DO UPDATE SET host = excluded.host RETURNING id`,
  name: `UPDATE tenant SET host = $2 WHERE id = $1`,
};

export interface ListedFirm {
  readonly id: number;
  readonly host: string | null;
  /** Null before it has an owner. */
  readonly name: string | null;
  readonly jobs: number;
}

const HOST = /^(?=.{1,253}$)[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?(\.[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?)*$/;
const MOST_NAME = 120;

function hostOf(typed: string): string {
  const host = typed.trim().toLowerCase();
  if (HOST.test(host)) return host;
  throw new Error(
    `“${typed}” is no host name; expected one such as north.example.org, without https:// and port.`,
  );
}
function nameOf(typed: string, what: string): string {
  const name = typed.trim();
  if (name !== '' && name.length <= MOST_NAME) return name;
  throw new Error(`${what}: “${name.slice(0, 40)}” does not fit; expected 1 to ${MOST_NAME} letters.`);
}

export const listFirms = ({ ownerUrl }: Addresses): Promise<ListedFirm[]> =>
  connected(ownerUrl, async (db) => (await db.query<ListedFirm>(FIRMS_SQL.list)).rows);

/**
 * A new firm, with accounts from the first day.
 * @returns a code with which its first owner comes in
 */
export async function addFirm(
  { url, ownerUrl }: Addresses,
  said: { readonly host: string; readonly firm: string; readonly owner: string },
  now: Date,
): Promise<{ readonly id: number; readonly host: string; readonly code: string; readonly until: Date }> {
  const host = hostOf(said.host);
  const firm = nameOf(said.firm, 'The firm');
  const owner = nameOf(said.owner, 'Its owner');
  const id = await connected(
    ownerUrl,
    async (db) => (await db.query<{ id: number }>(FIRMS_SQL.add, [host])).rows[0]?.id,
  );
  if (id === undefined) throw new Error('The database made no firm.');
  const all = createPool(url);
  try {
    return await transaction(poolOfTenant(all, id), async (db) => {
      if (!(await switchOn(db, firm, now))) throw new Error(`There is a firm under ${host} already.`);
      const accountId = randomUUID();
      const account = { name: owner, firmRole: 'owner', jobRoles: {} };
      await writeAccount(db, { id: accountId, personId: accountId, said: account, now });
      await logAccess(db, {
        what: 'account made',
        at: now,
        aboutId: accountId,
        detail: { at: 'the machine itself' },
      });
      return { id, host, ...(await makeCode(db, { accountId }, null, now)) };
    });
  } finally {
    await all.end();
  }
}

/** Names a firm anew: the first one has no name while it is the only one. */
export async function nameFirm({ ownerUrl }: Addresses, id: number, typed: string): Promise<string> {
  const host = hostOf(typed);
  await connected(ownerUrl, async (db) => {
    const named = await db.query(FIRMS_SQL.name, [id, host]).catch((error: unknown) => {
      if (sqlState(error) === UNIQUE_VIOLATION)
        throw new Error(`Another firm has the name ${host}.`, { cause: error });
      throw error;
    });
    if (named.rowCount !== 1) throw new Error(`There is no firm ${id}.`);
  });
  return host;
}
