/** For whoever runs the machine: a code for an owner who cannot come in any more. Reads DATABASE_OWNER_URL. */
import { parseArgs } from 'node:util';
import type pg from 'pg';
import { connected } from '../backup/backup.ts';
import { makeCode } from './codes.ts';
import { logAccess } from './log.ts';

/** Owners who may come in, by what they sign in with; the name for those who never did. */
const OWNERS = `
  SELECT a.id, p.name, a.login FROM account a JOIN person p ON p.tenant_id = a.tenant_id AND p.id = a.person_id
  WHERE a.tenant_id = current_tenant() AND a.firm_role = 'owner' AND a.closed_at IS NULL ORDER BY p.name`;

/** From here on the firm of a host name; without one the only firm there is. @throws where that is none */
async function goTo(db: pg.Client, host: string | undefined): Promise<void> {
  const { rows: hosts } = await db.query<{ id: number; host: string | null }>(
    'SELECT id, host FROM tenant ORDER BY id',
  );
  const meant = host === undefined ? hosts : hosts.filter((h) => h.host === host.toLowerCase());
  const [firm] = meant;
  if (!firm || meant.length > 1)
    throw new Error(
      `Which firm? npm run owner-code -- --firm HOST, with one of ${hosts.flatMap((h) => h.host ?? []).join(', ')}.`,
    );
  await db.query(`SELECT set_config('lentum.tenant', $1, false)`, [String(firm.id)]);
}

interface Owner {
  readonly id: string;
  readonly name: string;
  readonly login: string | null;
}

/**
 * @param asked what the owner signs in with, or their name; not needed where there is one
 * @param host of the firm, where there are several
 * @throws with one sentence where nobody signs in, or it is not plain who is meant
 */
export function codeForOwner(
  ownerUrl: string,
  asked: string | undefined,
  now: Date,
  host?: string,
): Promise<string> {
  return connected(ownerUrl, async (db) => {
    await goTo(db, host);
    const { rows } = await db.query<Owner>(OWNERS);
    if (rows.length === 0) throw new Error('Nobody signs in here: no code is needed.');
    const meant = rows.filter(
      (o) => asked === undefined || o.login === asked.toLowerCase() || o.name === asked,
    );
    const [owner] = meant;
    if (!owner || meant.length > 1)
      throw new Error(
        `Which owner? npm run owner-code -- NAME, with one of ${rows.map((o) => o.login ?? o.name).join(', ')}.`,
      );
    await db.query('BEGIN');
    const { code, until } = await makeCode(db, { accountId: owner.id }, null, now);
    await logAccess(db, {
      what: 'code made',
      at: now,
      aboutId: owner.id,
      detail: { at: 'the machine itself' },
    });
    await db.query('COMMIT');
    return `Code for ${owner.name}, good once until ${until.toISOString()}: ${code}\nOpen /join and type it; a new password is chosen there.`;
  });
}

if (process.argv[1]?.endsWith('owncode.ts')) {
  try {
    const url = process.env['DATABASE_OWNER_URL'] ?? process.env['DATABASE_URL'] ?? '';
    const { positionals, values } = parseArgs({
      allowPositionals: true,
      options: { firm: { type: 'string' } },
    });
    console.log(await codeForOwner(url, positionals[0], new Date(), values.firm));
  } catch (error) {
    console.error(error instanceof Error ? error.message : error);
    process.exitCode = 1;
  }
}
