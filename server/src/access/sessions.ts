/**
 * Sessions in the database, by express-session and connect-pg-simple. A session is written once, when somebody signs in, and
 * never changed: one that was ended meanwhile cannot come back. Its id is kept as a hash, so that whoever reads the database
 * cannot use it.
 */
import { createHash, randomUUID } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import connectPg from 'connect-pg-simple';
import session from 'express-session';
import type { Pool as PgPool } from 'pg';
import type { Pool } from '../db/pool.ts';
import { isRead } from '../http/methods.ts';
import type { Firm, FirmMode } from './firmmode.ts';
import type { KnownSessions } from './knownsessions.ts';
import { linkNow } from './links.ts';
import { ACCESS_SQL } from './sql.ts';
import { Who, type Account } from './who.ts';

declare module 'express-session' {
  interface SessionData {
    /** To list and end it by: not what the cookie says. */
    listedId: string;
    accountId?: string;
    /** By which somebody without an account came in. */
    linkId?: string;
    /** What the browser says of itself. */
    device: string;
    madeAt: string;
    /** The device was let in for this job alone. */
    onlyJob?: string;
    /** Whose it is, as it was read with the session; null where the account is closed. It is not kept. */
    account?: Account | null;
  }
}

/** After this long everybody signs in again. */
const SESSION_DAYS = 30;
const SESSION_MS = SESSION_DAYS * 86_400_000;
/** So often it is noted that a session is in use. */
const SEEN_MS = 300_000;
const MOST_DEVICE = 200;

const PgStore = connectPg(session);
const hashed = (sid: string): string => createHash('sha256').update(sid).digest('base64url');

/** A session as it is stored, and whose it is. */
export interface StoredSession {
  readonly sess: session.SessionData;
  readonly account: Account | null;
}

const isOver = ({ sess }: StoredSession): boolean =>
  new Date(sess.cookie.expires ?? 0).getTime() < Date.now();

/** Keeps the hash of an id in place of the id. */
class HashedStore extends PgStore {
  constructor(
    private readonly own: Pool,
    options: ConstructorParameters<typeof PgStore>[0],
    /** What need not be asked again; absent where each request asks the database. */
    private readonly known?: KnownSessions<StoredSession>,
  ) {
    super({ ...options, pool: own as PgPool });
  }
  /** One way to the database for both: the session, and whose it is as that stands now. */
  override get(sid: string, done: (error: unknown, found?: session.SessionData | null) => void): void {
    const key = hashed(sid);
    const asked = (): Promise<StoredSession | undefined> => this.ask(key);
    const found = this.known ? this.known.of(`${this.own.tenant ?? ''} ${key}`, asked) : asked();
    found.then(
      // Whoever gets it changes its cookie.
      (row) => done(null, row && !isOver(row) ? { ...row.sess, account: row.account } : null),
      (error: unknown) => done(error),
    );
  }
  private async ask(key: string): Promise<StoredSession | undefined> {
    const { rows } = await this.own.query<StoredSession>({
      ...(this.own.plansOnce === true ? { name: 'session' } : {}),
      text: ACCESS_SQL.session,
      values: [key, Date.now() / 1000],
    });
    return rows[0];
  }
  override set(sid: string, data: session.SessionData, done?: (error?: unknown) => void): void {
    super.set(hashed(sid), data, done);
  }
  override destroy(sid: string, done?: (error?: unknown) => void): void {
    super.destroy(hashed(sid), done);
  }
}

/** The cookie by which a browser or a program stays signed in. */
export const SESSION_COOKIE = 'lentum';

const sessionsOf = (
  pool: Pool,
  { cookieSecret }: Firm,
  known?: KnownSessions<StoredSession>,
): RequestHandler =>
  session({
    name: SESSION_COOKIE,
    secret: cookieSecret,
    resave: false,
    saveUninitialized: false,
    store: new HashedStore(
      pool,
      {
        ...{ tableName: 'session', disableTouch: true, errorLog: () => undefined },
        // Where there are several firms a night's work does it for all of them; else the one store that writes.
        ...(pool.tenant === undefined && !known ? {} : { pruneSessionInterval: false as const }),
      },
      known,
    ),
    cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: SESSION_MS, path: '/' },
  });

/**
 * Reads the session of a request, where people sign in.
 * @param known what need not be asked each time; absent where each request asks the database. Whoever changes what is not of
 *   one job, accounts and what they may do among it, is looked up in any case
 */
export function readSession(
  pool: Pool,
  mode: FirmMode,
  known?: KnownSessions<StoredSession>,
): RequestHandler {
  let asking: RequestHandler | undefined;
  let knowing: RequestHandler | undefined;
  return async (req, res, next) => {
    const firm = await mode.read();
    if (!firm) return next();
    asking ??= sessionsOf(pool, firm);
    knowing ??= known ? sessionsOf(pool, firm, known) : asking;
    const mayBeKnown = isRead(req.method) || req.path.startsWith('/jobs/');
    return (mayBeKnown ? knowing : asking)(req, res, next);
  };
}

/** When each session was last noted to be in use, ms; by its id. */
const noted = new Map<string, number>();

function noteUse(pool: Pool, accountId: string, sessionId: string): void {
  const nowMs = Date.now();
  if (nowMs - (noted.get(sessionId) ?? -Infinity) < SEEN_MS) return;
  if (noted.size > 10_000) noted.clear();
  noted.set(sessionId, nowMs);
  // It is only shown; whoever asks does not wait for it.
  pool.query(ACCESS_SQL.seen, [accountId, sessionId]).catch(() => undefined);
}

/** What a session says of who began it. */
export type SessionSaid = Partial<
  Pick<session.SessionData, 'accountId' | 'linkId' | 'listedId' | 'account'>
> & {
  readonly onlyJob?: string | null;
};

const accountNow = async (pool: Pool, accountId: string): Promise<Account | undefined> =>
  (await pool.query<Account>(ACCESS_SQL.account, [accountId])).rows[0];

/** Who that is, as accounts, roles and links stand now. */
export async function whoOf(
  { pool, now }: { readonly pool: Pool; readonly now: () => Date },
  { accountId, linkId, listedId, onlyJob, account }: SessionSaid,
): Promise<Who> {
  if (typeof linkId === 'string') {
    const link = await linkNow(pool, linkId, now());
    return link ? Who.guest(link, listedId) : Who.NOBODY;
  }
  if (typeof accountId !== 'string' || listedId === undefined) return Who.NOBODY;
  const found = account === undefined ? await accountNow(pool, accountId) : account;
  return found ? Who.signedIn({ ...found, onlyJob: onlyJob ?? undefined }, listedId) : Who.NOBODY;
}

/** Who asks. */
export async function whoAsks(
  req: Request,
  served: { readonly pool: Pool; readonly mode: FirmMode; readonly now: () => Date },
): Promise<Who> {
  if (!(await served.mode.read())) return Who.ALONE;
  // A request that began before people had to sign in has read none.
  const data = req.session as SessionSaid | undefined;
  const who = await whoOf(served, data ?? {});
  if (who.account && who.sessionId !== undefined) noteUse(served.pool, who.account.id, who.sessionId);
  return who;
}

/** Waits for what calls back. */
const called = (work: (done: (error?: unknown) => void) => unknown): Promise<void> =>
  new Promise((done, fail) => {
    work((error) => (error ? fail(error instanceof Error ? error : new Error(String(error))) : done()));
  });

/** Whose session it is: of an account, on a device that may be for one job; or of whoever came by a link. */
export type SessionOf =
  | { readonly accountId: string; readonly onlyJob?: string | undefined; readonly now: Date }
  | { readonly linkId: string; readonly now: Date };

/**
 * Begins a session for somebody who has shown who they are. The id from before is not good any more.
 * @returns what the session is listed as
 */
export async function beginSession(
  { req, res }: { readonly req: Request; readonly res: Response },
  { pool, mode }: { readonly pool: Pool; readonly mode: FirmMode },
  { now, ...of }: SessionOf,
): Promise<string> {
  // Where people sign in from this very request on, there is none yet.
  if (!('session' in req)) await called((done) => void readSession(pool, mode)(req, res, done));
  await called((done) => req.session.regenerate(done));
  const listedId = randomUUID();
  Object.assign(req.session, {
    ...{ listedId, madeAt: now.toISOString(), ...of },
    device: (req.headers['user-agent'] ?? 'unknown').slice(0, MOST_DEVICE),
  });
  await called((done) => req.session.save(done));
  return listedId;
}

/** Ends the session of a request, and its cookie. */
export async function endSession(req: Request, res: Response): Promise<void> {
  await called((done) => req.session.destroy(done));
  res.clearCookie('lentum', { path: '/' });
}
