/** The firms that a server serves: the only one of its database, or each under the name that stands in its address. */
import type { RequestHandler } from 'express';
import { LRUCache } from 'lru-cache';
import { poolOfTenant, type Pool } from '../db/pool.ts';
import { CannotServe } from '../db/prepare.ts';
import { HttpProblem } from '../http/errors.ts';
import type { FirmTasks } from '../tasks/firmtasks.ts';
import type { Tasks } from '../tasks/tasks.ts';
import { FirmMode } from './firmmode.ts';
import type { KnownSessions } from './knownsessions.ts';
import { readSession, type StoredSession } from './sessions.ts';
import { Tries } from './tries.ts';

/** What requests of one firm are answered from. */
export interface Served {
  readonly pool: Pool;
  readonly mode: FirmMode;
  readonly tries: Tries;
  readonly tasks: FirmTasks | undefined;
  readonly readSession: RequestHandler;
  /** Absent where each request asks the database. */
  readonly known: KnownSessions<StoredSession> | undefined;
}

const FIRMS_SQL = {
  byHost: `SELECT id FROM tenant WHERE host = $1`,
  all: `SELECT id FROM tenant ORDER BY id`,
  /** How many there are, and whether rules on rows hold for the role that asks. */
  standing: `SELECT (SELECT count(*)::int FROM tenant) AS firms, row_security_active('job') AS apart`,
  prune: `DELETE FROM session WHERE expire < now()`,
};

/** A name that was looked up is taken as it was for so long. */
const HOST_MS = 10_000;
const MOST_HOSTS = 20_000;
const MOST_KNOWN = 5000;
/** No firm has this number. */
const NONE = 0;

export class Firms {
  private only: Served | undefined;
  private tries: Tries | undefined;
  private readonly hosts = new LRUCache<string, number>({ max: MOST_HOSTS, ttl: HOST_MS });
  private readonly known = new LRUCache<number, Served>({ max: MOST_KNOWN });

  constructor(
    private readonly pool: Pool,
    /** Whether the database holds several. */
    private readonly several: boolean,
    private readonly tasks?: Tasks,
    private readonly knownSessions?: KnownSessions<StoredSession>,
  ) {}

  private served(pool: Pool): Served {
    const mode = new FirmMode(pool);
    this.tries ??= Tries.of(this.pool);
    return {
      ...{ pool, mode },
      tries: pool.tenant === undefined ? this.tries : this.tries.inFirm(pool.tenant),
      tasks: this.tasks?.inFirm(pool),
      readSession: readSession(pool, mode, this.knownSessions),
      known: this.knownSessions,
    };
  }

  /** The firm of a host name; of any where there is one firm only. @returns undefined where no firm has that name */
  async of(host: string): Promise<Served | undefined> {
    if (!this.several) return (this.only ??= this.served(this.pool));
    let id = this.hosts.get(host);
    if (id === undefined) {
      id = (await this.pool.query<{ id: number }>(FIRMS_SQL.byHost, [host])).rows[0]?.id ?? NONE;
      this.hosts.set(host, id);
    }
    if (id === NONE) return undefined;
    const known = this.known.get(id) ?? this.served(poolOfTenant(this.pool, id));
    this.known.set(id, known);
    // Until it has an owner whoever comes first would be one.
    return (await known.mode.read()) ? known : undefined;
  }

  /** @throws 404 where the address is that of no firm */
  async need(host: string): Promise<Served> {
    const served = await this.of(host);
    if (!served) throw new HttpProblem(404, 'No firm is reached under this name');
    return served;
  }

  /** Does something for each firm, one after the other. */
  async each(work: (pool: Pool) => Promise<unknown>): Promise<void> {
    if (!this.several) {
      await work(this.pool);
      return;
    }
    const { rows } = await this.pool.query<{ id: number }>(FIRMS_SQL.all);
    for (const { id } of rows) await work(poolOfTenant(this.pool, id));
  }

  /** Sessions that are over go; where there is one firm only, the keeper of sessions does that itself. */
  async prune(): Promise<void> {
    if (this.several) await this.each((pool) => pool.query(FIRMS_SQL.prune));
  }

  /** @throws CannotServe where the database holds more than is served, or does not keep its firms apart */
  async check(): Promise<void> {
    const { rows } = await this.pool.query<{ firms: number; apart: boolean }>(FIRMS_SQL.standing);
    const { firms = 1, apart = false } = rows[0] ?? {};
    if (this.several && !apart)
      throw new CannotServe(
        'Several firms need a serving role that owns no table, or the database would not keep them apart: set DATABASE_OWNER_URL to the role that owns them, and DATABASE_URL to another one.',
      );
    if (!this.several && firms > 1)
      throw new CannotServe(
        `The database holds ${firms} firms: start the server with LENTUM_FIRMS=several, so that each is reached under its own name.`,
      );
  }
}
