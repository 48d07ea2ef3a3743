/** Who a session is, kept by two servers on one database: neither goes on knowing what is not so any more. */
import { randomUUID } from 'node:crypto';
import net from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { KnownSessions } from '../src/access/knownsessions.ts';
import { createPool } from '../src/db/pool.ts';
import { createApp } from '../src/http/app.ts';
import { FRESH_MS, LISTENER, LiveFeed } from '../src/live/feed.ts';
import { ensureDatabase } from '../../scripts/lib/postgres.mjs';
import { HEAD, NOW, V1 } from './support/api.ts';
import { openFirm, PASSWORD, type Agent, type FirmHouse } from './support/firm.ts';

const NAME = 'lentum_test_known';

/** A line to the database that can be frozen: nothing that is sent arrives any more, and nothing says so. */
class Line {
  private frozen = false;
  private constructor(
    private readonly server: net.Server,
    readonly address: string,
  ) {}
  static async to(database: string): Promise<Line> {
    const to = new URL(database);
    let made: Line | undefined;
    const server = net.createServer((near) => {
      const far = net.connect(Number(to.port), to.hostname);
      const carry = (from: net.Socket, into: net.Socket): void => {
        from.on('data', (bytes) => void (made?.frozen !== true && into.write(bytes)));
        from.on('error', () => into.destroy());
        from.on('close', () => into.destroy());
      };
      carry(near, far);
      carry(far, near);
    });
    await new Promise<void>((listens) => server.listen(0, '127.0.0.1', listens));
    const through = new URL(database);
    through.hostname = '127.0.0.1';
    through.port = String((server.address() as net.AddressInfo).port);
    return (made = new Line(server, through.href));
  }
  freeze(): void {
    this.frozen = true;
  }
  thaw(): void {
    this.frozen = false;
  }
  end(): void {
    this.server.close();
  }
}

let firm: FirmHouse;
let line: Line;
const feeds: LiveFeed[] = [];
/** The server where nothing is changed: its pool, and how often it asked whose a session is. */
let pool: ReturnType<typeof createPool>;
let other: ReturnType<typeof createApp>;
let asked = 0;

beforeAll(async () => {
  const { url } = await ensureDatabase(NAME);
  line = await Line.to(url);
  feeds.push(new LiveFeed(url), new LiveFeed(line.address));
  firm = await openFirm(NAME, { live: feeds[0] });
  pool = createPool(url);
  const query = pool.query.bind(pool) as (...of: unknown[]) => Promise<unknown>;
  pool.query = ((...of: unknown[]) => {
    if (JSON.stringify(of[0]).includes('FROM session s WHERE')) asked += 1;
    return query(...of);
  }) as typeof pool.query;
  other = createApp({ pool, now: () => NOW, live: feeds[1] });
});
afterAll(async () => {
  line.thaw();
  for (const feed of feeds) await feed.end();
  line.end();
  await pool.end();
  await firm.end();
});

/** Somebody signed in on both servers' sides with one session: their browser at each. */
async function joined(login: string): Promise<{ id: string; here: Agent; there: Agent }> {
  const { id } = await firm.join(login, 'foreman');
  const here = firm.browser();
  const answer = await here.post(`${V1}/session`).send({ login, password: PASSWORD }).expect(200);
  const there = request.agent(other).set('Cookie', String(answer.headers['set-cookie']).split(';')[0] ?? '');
  // A feed begins to listen with the first who asks.
  await vi.waitFor(
    async () => {
      await there.get(`${V1}/jobs`).expect(200);
      const before = asked;
      await there.get(`${V1}/jobs`).expect(200);
      expect(asked).toBe(before);
    },
    { timeout: 20_000, interval: 100 },
  );
  return { id, here, there };
}
/** Sooner than what was kept would grow old. */
const soon = (work: () => Promise<unknown>): Promise<unknown> =>
  vi.waitFor(work, { timeout: 3000, interval: 20 });

describe('a session that a server knows', () => {
  it('is asked for once, and not again with the next request', async () => {
    const { there } = await joined('ana');
    const before = asked;
    for (let i = 0; i < 10; i += 1) await there.get(`${V1}/jobs`).expect(200);
    expect(asked).toBe(before);
  });
  it('is asked for with whatever is not of one job, as it may change who may do what', async () => {
    const { there } = await joined('bea');
    const before = asked;
    await there.put(`${V1}/session/password`).send({ old: 'it is not', password: 'seven grey seagulls' });
    expect(asked).toBe(before + 1);
  });
  it('ended here is refused here with the next request, and there as soon as it is told', async () => {
    const { here, there } = await joined('carl');
    await here.get(`${V1}/jobs`).expect(200);
    await here.post(`${V1}/session/end`).send({}).expect(204);
    await here.get(`${V1}/jobs`).expect(401);
    await soon(() => there.get(`${V1}/jobs`).expect(401));
  });
  it('by its owner, with a new role, a new name, and an account that is closed', async () => {
    const { id, there } = await joined('dora');
    const change = (said: object) => firm.owner.put(`${V1}/accounts/${id}`).send(said).expect(200);
    await change({ name: 'dora', firmRole: null, jobRoles: {} });
    await soon(() => there.put(`${V1}/jobs/${randomUUID()}`).send(HEAD).expect(404));
    await change({ name: 'Dora Lind', firmRole: 'foreman', jobRoles: {} });
    await soon(async () => {
      const { body } = await there.get(`${V1}/session`).expect(200);
      expect(JSON.stringify(body)).toContain('Dora Lind');
    });
    await firm.owner.post(`${V1}/accounts/${id}/closed`).send({ closed: true }).expect(200);
    await soon(() => there.get(`${V1}/jobs`).expect(401));
  });
  it('with any change of any of the tables that say who somebody is', async () => {
    const { id, there } = await joined('hana');
    const job = await firm.startJob();
    const reads = (status: number) => () => there.get(`${V1}/jobs/${job}`).expect(status);
    await there.get(`${V1}/jobs/${job}`).expect(200);
    await firm.pool.query('UPDATE account SET firm_role = NULL WHERE id = $1', [id]);
    await soon(reads(404));
    await firm.pool.query(`INSERT INTO job_role (account_id, job_id, role) VALUES ($1, $2, 'client')`, [
      id,
      job,
    ]);
    await soon(reads(200));
    await firm.pool.query('DELETE FROM job_role WHERE account_id = $1', [id]);
    await soon(reads(404));
    await firm.pool.query(`UPDATE person SET name = 'Hana Berg' WHERE id = $1`, [id]);
    await soon(async () => {
      const { body } = await there.get(`${V1}/session`).expect(200);
      expect(JSON.stringify(body)).toContain('Hana Berg');
    });
    await firm.pool.query('DELETE FROM session WHERE account_id = $1', [id]);
    await soon(() => there.get(`${V1}/jobs`).expect(401));
  });
  it('is asked for each time while the line that tells is cut, and then kept again', async () => {
    const { here, there } = await joined('egon');
    await firm.pool.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE application_name = '${LISTENER}' AND datname = $1`,
      [NAME],
    );
    await here.post(`${V1}/session/end`).send({}).expect(204);
    await soon(() => there.get(`${V1}/jobs`).expect(401));
    const again = await joined('fred');
    await again.there.get(`${V1}/jobs`).expect(200);
  });
  it(
    'over a line that died unnoticed: changes are asked for all the same, and the rest is known for some seconds at most',
    { timeout: 60_000 },
    async () => {
      const { here, there } = await joined('gina');
      line.freeze();
      await here.post(`${V1}/session/end`).send({}).expect(204);
      await there
        .put(`${V1}/session/password`)
        .send({ old: PASSWORD, password: 'seven grey seagulls' })
        .expect(401);
      await wait(FRESH_MS + 100);
      await there.get(`${V1}/jobs`).expect(401);
    },
  );
});

describe('what is kept', () => {
  /** A line that tells, or not. */
  const told = () => {
    let doubt = (): void => undefined;
    return { tells: true, hearAccess: (heard: () => void) => void (doubt = heard), doubt: () => doubt() };
  };
  it('is not what was read before all was forgotten', async () => {
    const live = told();
    const known = new KnownSessions<{ n: number }>(live);
    let answer = (_: { n: number }): void => undefined;
    const slow = known.of('a', () => new Promise((done) => (answer = done)));
    live.doubt();
    answer({ n: 1 });
    expect(await slow).toEqual({ n: 1 });
    expect(await known.of('a', () => Promise.resolve({ n: 2 }))).toEqual({ n: 2 });
    expect(await known.of('a', () => Promise.resolve({ n: 3 }))).toEqual({ n: 2 });
  });
  it('is asked for once by many at the same time, and by whoever comes after a change anew', async () => {
    const live = told();
    const known = new KnownSessions<{ n: number }>(live);
    let times = 0;
    const ask = async (): Promise<{ n: number }> => {
      const n = (times += 1);
      await wait(5);
      return { n };
    };
    const first = [known.of('a', ask), known.of('a', ask), known.of('b', ask)];
    known.forget();
    const after = known.of('a', ask);
    expect(await Promise.all(first)).toEqual([{ n: 1 }, { n: 1 }, { n: 2 }]);
    expect(await after).toEqual({ n: 3 });
    expect(times).toBe(3);
  });
  it('is not used while nothing is told, and nobody who is not found is kept', async () => {
    const live = told();
    const known = new KnownSessions<{ n: number }>(live);
    await known.of('a', () => Promise.resolve({ n: 1 }));
    live.tells = false;
    expect(await known.of('a', () => Promise.resolve({ n: 2 }))).toEqual({ n: 2 });
    live.tells = true;
    expect(await known.of('b', () => Promise.resolve(undefined))).toBeUndefined();
    expect(await known.of('b', () => Promise.resolve({ n: 4 }))).toEqual({ n: 4 });
  });
  it('that could not be read is asked for again', async () => {
    const known = new KnownSessions<{ n: number }>(told());
    await expect(known.of('a', () => Promise.reject(new Error('away')))).rejects.toThrow('away');
    expect(await known.of('a', () => Promise.resolve({ n: 1 }))).toEqual({ n: 1 });
  });
});
