/** Several firms in one database: each sees its own rows, whatever it asks for and whichever ids it knows. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { ensureDatabase } from '../../scripts/lib/postgres.mjs';
import { Firms } from '../src/access/firms.ts';
import { addFirm, listFirms, nameFirm } from '../src/access/firmsmade.ts';
import { codeForOwner } from '../src/access/owncode.ts';
import { brokenChains, differencesOf, figuresOf } from '../src/backup/figures.ts';
import { createPool, poolOfTenant, transaction, type Pool } from '../src/db/pool.ts';
import { prepare } from '../src/db/prepare.ts';
import { RIGHTS } from '../src/db/rights.ts';
import { ROUTES } from '../src/http/allroutes.ts';
import { createApp } from '../src/http/app.ts';
import type { AnyRoute } from '../src/http/routes.ts';
import { LiveFeed } from '../src/live/feed.ts';
import { signAll } from '../src/sealed/receipts.ts';
import { Tasks } from '../src/tasks/tasks.ts';
import { HEAD, NOW, V1 } from './support/api.ts';
import { PASSWORD, type Agent } from './support/firm.ts';

/** Tables that are of no firm. */
const OF_ALL: readonly string[] = ['migration', 'tenant', 'server_process', 'wrong_try'];
const BOUND = Object.keys(RIGHTS).filter((table) => !OF_ALL.includes(table));
const [NORTH, SOUTH] = ['north.test', 'south.test'];

let database: Awaited<ReturnType<typeof ensureDatabase>>;
let pool: Pool;
let owner: Pool;
let feed: LiveFeed;
let tasks: Tasks;
let app: ReturnType<typeof createApp>;
/** Where the feed and the tasks are of the database of both. */
const browser = (host: string): Agent => request.agent(app).set('Host', host) as Agent;

interface House {
  readonly tenant: number;
  readonly agent: Agent;
  readonly code: string;
  readonly job: string;
  readonly ids: Readonly<Record<string, string>>;
}
let north: House;
let south: House;
/** In both firms, from one file. */
const TWIN = 'twin-of-both';

async function house(host: string, firm: string): Promise<House> {
  const { id: tenant, code } = await addFirm(database, { host, firm, owner: `Oda of ${firm}` }, NOW);
  const agent = browser(host);
  await agent
    .post(`${V1}/codes/use`)
    .send({ code, login: 'oda', password: `${PASSWORD} ${host}` })
    .expect(200);
  const job = randomUUID();
  await agent
    .put(`${V1}/jobs/${job}`)
    .send({ ...HEAD, name: `Roof of ${firm}` })
    .expect(201);
  await agent
    .put(`${V1}/jobs/${TWIN}/file`)
    .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
    .expect(201);
  const account = randomUUID();
  await agent
    .put(`${V1}/accounts/${account}`)
    .send({ name: `Ivo of ${firm}`, firmRole: 'foreman', jobRoles: {} })
    .expect(201);
  const { id: linkId } = (
    await agent
      .post(`${V1}/jobs/${job}/links`)
      .send({ opens: 'job', forWhom: `Client of ${firm}`, days: 7 })
      .expect(201)
  ).body as { id: string };
  const buildUp = randomUUID();
  await agent
    .put(`${V1}/library/${buildUp}`)
    .set('If-Match', '"0"')
    .send({ name: `Deck of ${firm}` });
  return {
    ...{ tenant, agent, code, job },
    ids: { jobId: job, accountId: account, personId: account, linkId, buildUpId: buildUp },
  };
}

beforeAll(async () => {
  database = await ensureDatabase('lentum_test_firms', { fresh: true });
  await prepare(database);
  pool = createPool(database.url);
  owner = createPool(database.ownerUrl);
  feed = new LiveFeed(database.url);
  tasks = new Tasks(pool, () => NOW);
  await tasks.start();
  app = createApp({ pool, several: true, now: () => NOW, live: feed, tasks });
  north = await house(NORTH, 'North');
  south = await house(SOUTH, 'South');
}, 120_000);
afterAll(async () => {
  await feed.end();
  await tasks.stop();
  await Promise.all([pool.end(), owner.end()]);
});

/** Every row of a firm, table by table, as a digest. */
async function digestOf(tenant: number): Promise<Record<string, string>> {
  const found: Record<string, string> = {};
  for (const table of BOUND.filter((t) => t !== 'session')) {
    const { rows } = await owner.query<{ digest: string }>(
      `SELECT count(*) || ' ' || md5(coalesce(string_agg(md5(t::text), '' ORDER BY md5(t::text)), '')) AS digest
       FROM ${table} t WHERE tenant_id = $1`,
      [tenant],
    );
    found[table] = rows[0]?.digest ?? '';
  }
  return found;
}

describe('the database', () => {
  it('has rules on every table that is of a firm, and knows each table', async () => {
    const { rows } = await owner.query<{ name: string; rules: boolean }>(
      `SELECT relname AS name, relrowsecurity AND EXISTS (SELECT 1 FROM pg_policy WHERE polrelid = c.oid) AS rules
       FROM pg_class c WHERE relnamespace = 'public'::regnamespace AND relkind = 'r' ORDER BY 1`,
    );
    expect(rows.filter((r) => !r.rules).map((r) => r.name)).toEqual([...OF_ALL].sort());
    expect(rows.map((r) => r.name).sort()).toEqual(Object.keys(RIGHTS).sort());
  });
  it('ties rows to rows of the same firm only, and finds them by their firm first', async () => {
    const { rows: ties } = await owner.query<{ name: string; here: string; there: string }>(
      `SELECT conname AS name, (conkey::int[])[1]::text AS here,
         (SELECT attname FROM pg_attribute WHERE attrelid = conrelid AND attnum = conkey[1]) AS there
       FROM pg_constraint WHERE contype = 'f' AND connamespace = 'public'::regnamespace`,
    );
    expect(ties.length).toBeGreaterThan(30);
    expect(ties.filter((t) => t.there !== 'tenant_id').map((t) => t.name)).toEqual([]);
    const { rows: indexes } = await owner.query<{ name: string }>(
      `SELECT i.indexrelid::regclass::text AS name FROM pg_index i JOIN pg_class c ON c.oid = i.indrelid
       JOIN pg_attribute a ON a.attrelid = i.indrelid AND a.attnum = i.indkey[0]
       WHERE c.relnamespace = 'public'::regnamespace AND c.relrowsecurity AND a.attname <> 'tenant_id' ORDER BY 1`,
    );
    // By what nobody can guess, by when it is over, and by a number that is one for all.
    expect(indexes.map((i) => i.name)).toEqual(['security_event_pkey', 'session_expire', 'session_pkey']);
  });
  it('shows nothing and takes nothing where it was not said for which firm', async () => {
    for (const table of BOUND) {
      const { rows } = await pool.query<{ n: number }>(`SELECT count(*)::int AS n FROM ${table}`);
      expect([table, rows[0]?.n]).toEqual([table, 0]);
    }
    await expect(pool.query(`INSERT INTO person (id, name) VALUES ('x', 'X')`)).rejects.toThrow(
      'row-level security',
    );
  });
  it('says it for one transaction: the connection knows nothing of it afterwards', async () => {
    const one = createPool(database.url, { least: 1 });
    one.options.max = 1;
    const ofNorth = poolOfTenant(one, north.tenant);
    const names = async (of: Pool): Promise<unknown[]> =>
      (await of.query<{ name: string }>('SELECT name FROM firm')).rows.map((r) => r.name);
    expect(await names(ofNorth)).toEqual(['North']);
    expect(await names(one)).toEqual([]);
    await expect(ofNorth.query('SELECT 1 / 0')).rejects.toThrow('division by zero');
    expect(await names(one)).toEqual([]);
    expect(await names(poolOfTenant(one, south.tenant))).toEqual(['South']);
    await one.end();
  });
  it('refuses a row of another firm, and one that belongs to what is another firm’s', async () => {
    const ofNorth = poolOfTenant(pool, north.tenant);
    await expect(
      ofNorth.query(`INSERT INTO person (tenant_id, id, name) VALUES ($1, 'x', 'X')`, [south.tenant]),
    ).rejects.toThrow('row-level security');
    await expect(
      ofNorth.query(`INSERT INTO document (job_id, kind, version, body) VALUES ($1, 'site', 9, '{}')`, [
        south.job,
      ]),
    ).rejects.toThrow('foreign key');
    await expect(
      ofNorth.query(`INSERT INTO job_role (account_id, job_id, role) VALUES ($1, $2, 'client')`, [
        ...[south.ids['accountId'], north.job],
      ]),
    ).rejects.toThrow('foreign key');
    const changed = await ofNorth.query(`UPDATE job SET archived_at = now() WHERE id = $1`, [south.job]);
    expect(changed.rowCount).toBe(0);
  });
});

describe('a firm over the API', () => {
  const addressesOf = (ids: Readonly<Record<string, string>>, { path }: AnyRoute): string =>
    V1 + path.replace(/\{(\w+)\}/g, (_, name: string) => ids[name] ?? 'a'.repeat(64));
  /** Gives the job that both firms have another name in one of them. */
  async function rename({ agent }: House, name: string): Promise<void> {
    const { job: head, version } = (await agent.get(`${V1}/jobs/${TWIN}`)).body as {
      job: object;
      version: number;
    };
    await agent
      .put(`${V1}/jobs/${TWIN}`)
      .set('If-Match', `"${version}"`)
      .send({ ...head, name })
      .expect(200);
  }
  const param = (route: AnyRoute): boolean => route.path.includes('{');

  it('reads nothing of another firm’s by any address, with its ids', { timeout: 120_000 }, async () => {
    let asked = 0;
    const found: string[] = [];
    for (const route of ROUTES.filter((r) => r.method === 'get')) {
      const zone = /handover|upkeep/.test(route.path)
        ? `?zone=hall${/sheet/.test(route.path) ? '&year=2030' : ''}`
        : '';
      const answer = await north.agent.get(addressesOf(south.ids, route) + zone).timeout(20_000);
      asked += 1;
      const said = `${route.path} ${JSON.stringify(answer.body)} ${answer.text}`;
      expect(said).not.toMatch(/South/);
      for (const id of [south.job, south.ids['accountId'] ?? '', south.ids['linkId'] ?? ''])
        if (!param(route)) expect(said).not.toContain(id);
      // What is found under such an id may be an empty list of the own firm, and never that thing itself.
      if (route.path.startsWith('/jobs/{jobId}') && answer.status !== 404)
        found.push(`${route.path} ${answer.status}`);
    }
    expect(found).toEqual([]);
    expect(asked).toBeGreaterThan(55);
  });
  it('changes nothing of another firm’s by any address, with its ids', { timeout: 120_000 }, async () => {
    const before = await digestOf(south.tenant);
    expect(Object.keys(before).length).toBe(BOUND.length - 1);
    let asked = 0;
    for (const route of ROUTES.filter((r) => r.method !== 'get' && !r.path.startsWith('/session'))) {
      const address = addressesOf(south.ids, route);
      const bodies = [
        {},
        HEAD,
        { closed: true },
        { archived: true },
        { name: 'Taken', firmRole: 'owner', jobRoles: {} },
      ];
      for (const body of route.raw ? [Buffer.from('odd')] : bodies) {
        await north.agent[route.method](address).set('If-Match', '"1"').send(body).timeout(20_000);
        asked += 1;
      }
    }
    expect(asked).toBeGreaterThan(150);
    expect(await digestOf(south.tenant)).toEqual(before);
    // The same agent writes where it may: the requests above came through.
    expect(Object.values(await digestOf(north.tenant))).not.toEqual(Object.values(before));
  });
  it('has a job of the same id as another one, and each its own record', async () => {
    const name = async ({ agent }: House): Promise<unknown> =>
      ((await agent.get(`${V1}/jobs/${TWIN}`).expect(200)).body as { job: { name: string } }).job.name;
    await rename(north, 'Only in the north');
    expect(await name(north)).toBe('Only in the north');
    expect(await name(south)).toBe(velmora(NOW).job.name);
    const { account } = (await north.agent.get(`${V1}/session`)).body as { account: { personId: string } };
    const entry = {
      ...{
        form: 2,
        kind: 'event',
        version: 1,
        id: randomUUID(),
        personId: account.personId,
        deviceId: 'phone',
      },
      ...{ bays: [], madeAt: NOW.toISOString(), offsetMs: 0, zoneId: 'hall', attachments: [] },
      body: { at: NOW.toISOString(), what: 'rain' },
    };
    const count = async ({ agent }: House): Promise<number> =>
      ((await agent.get(`${V1}/jobs/${TWIN}/record-check`).expect(200)).body as { entries: number }).entries;
    const were = [await count(north), await count(south)];
    const put = await north.agent.put(`${V1}/jobs/${TWIN}/record/${entry.id}`).send(entry);
    expect([put.status, put.text.slice(0, 200)]).toEqual([201, expect.any(String)]);
    expect([await count(north), await count(south)]).toEqual([(were[0] ?? 0) + 1, were[1]]);
  });
  it('is not told what another one changes in a job of the same id', async () => {
    const heard: Record<string, number> = { north: 0, south: 0 };
    let looks = 0;
    const ends = [
      feed.hear(TWIN, (c) => (c ? (heard['north'] = (heard['north'] ?? 0) + 1) : looks++), north.tenant),
      feed.hear(TWIN, (c) => (c ? (heard['south'] = (heard['south'] ?? 0) + 1) : looks++), south.tenant),
    ];
    await expect.poll(() => looks, { timeout: 10_000 }).toBe(2);
    await rename(south, 'Only in the south');
    await expect.poll(() => heard['south'], { timeout: 10_000 }).toBe(1);
    await wait(100);
    expect(heard).toEqual({ north: 0, south: 1 });
    for (const end of ends) end();
  });
  it('has papers made for it and for nobody else', { timeout: 200_000 }, async () => {
    const { task } = (
      await south.agent
        .post(`${V1}/jobs/${TWIN}/handover/tasks`)
        .send({ make: 'pdf', zone: 'hall', size: 'A4' })
        .expect(202)
    ).body as { task: string };
    await expect
      .poll(async () => ((await south.agent.get(`${V1}/tasks/${task}`)).body as { state: string }).state, {
        timeout: 150_000,
      })
      .toBe('done');
    await south.agent.get(`${V1}/tasks/${task}/file`).expect(200);
    await north.agent.get(`${V1}/tasks/${task}`).expect(404);
    await north.agent.post(`${V1}/tasks/${task}/again`).expect(404);
  });
  it('lists its own of what waits, and not the servers of all', async () => {
    const { body } = (await north.agent.get(`${V1}/server`).expect(200)) as {
      body: { servers: unknown; databaseBytes: unknown; jobs: number; tasks: unknown[] };
    };
    expect([body.servers, body.databaseBytes, body.tasks]).toEqual([null, null, []]);
    expect(body.jobs).toBe((await poolOfTenant(pool, north.tenant).query('SELECT 1 FROM job')).rowCount);
  });
});

describe('who comes in', () => {
  it('is nobody under the name of another firm, with session, code, password and link', async () => {
    const signedIn = await browser(NORTH)
      .post(`${V1}/session`)
      .send({ login: 'oda', password: `${PASSWORD} ${NORTH}` });
    const cookie = (signedIn.headers['set-cookie'] as unknown as string[])[0]?.split(';')[0] ?? '';
    const under = async (host: string): Promise<number> =>
      (await request(app).get(`${V1}/jobs/${TWIN}`).set('Host', host).set('Cookie', cookie)).status;
    expect([await under(NORTH), await under(SOUTH)]).toEqual([200, 401]);
    await browser(SOUTH)
      .post(`${V1}/session`)
      .send({ login: 'oda', password: `${PASSWORD} ${NORTH}` })
      .expect(401);
    const { code } = (await north.agent.post(`${V1}/accounts/${north.ids['accountId']}/code`).send({}))
      .body as {
      code: string;
    };
    await browser(SOUTH).post(`${V1}/codes/look`).send({ code }).expect(404);
    await browser(NORTH).post(`${V1}/codes/look`).send({ code }).expect(200);
    const { secret } = (
      await north.agent
        .post(`${V1}/jobs/${north.job}/links`)
        .send({ opens: 'job', forWhom: 'A client', days: 7 })
    ).body as { secret: string };
    await browser(SOUTH).post(`${V1}/shared/open`).send({ secret }).expect(404);
    await browser(NORTH).post(`${V1}/shared/open`).send({ secret }).expect(200);
  });
  it('who guesses a name in one firm locks nobody out of the other', async () => {
    for (let n = 0; n < 7; n += 1)
      await browser(NORTH).post(`${V1}/session`).send({ login: 'oda', password: 'wrong wrong wrong' });
    await browser(NORTH)
      .post(`${V1}/session`)
      .send({ login: 'oda', password: `${PASSWORD} ${NORTH}` })
      .expect(429);
    await browser(SOUTH)
      .post(`${V1}/session`)
      .send({ login: 'oda', password: `${PASSWORD} ${SOUTH}` })
      .expect(200);
  });
  it('finds a firm under its own name only, and none before it has an owner', async () => {
    await request(app).get(`${V1}/session`).set('Host', 'other.test').expect(403);
    await request(app).get(`${V1}/session`).set('Host', 'localhost').expect(404);
    await request(app).get(`${V1}/health`).set('Host', 'localhost').expect(200);
    // The first one, of which the database was before, has neither name nor owner yet.
    expect(await nameFirm(database, 1, 'First.Test')).toBe('first.test');
    await request(app).get(`${V1}/session`).set('Host', 'first.test').expect(403);
    await addFirm(database, { host: 'first.test', firm: 'First', owner: 'Ada' }, NOW);
    const fresh = createApp({ pool, several: true, now: () => NOW });
    await request(fresh).get(`${V1}/session`).set('Host', 'first.test').expect(200);
    await request(fresh).get(`${V1}/jobs`).set('Host', 'first.test').expect(401);
    expect((await listFirms(database)).map((f) => [f.id, f.host, f.name])).toEqual([
      [1, 'first.test', 'First'],
      [north.tenant, NORTH, 'North'],
      [south.tenant, SOUTH, 'South'],
    ]);
  });
  it('each mistake of whoever makes firms is one sentence', async () => {
    const made = { host: NORTH, firm: 'Another', owner: 'Ada' };
    await expect(addFirm(database, made, NOW)).rejects.toThrow('There is a firm under north.test already.');
    await expect(addFirm(database, { ...made, host: 'https://x' }, NOW)).rejects.toThrow(/no host name/);
    await expect(addFirm(database, { ...made, host: 'x.test', owner: ' ' }, NOW)).rejects.toThrow(
      'Its owner',
    );
    await expect(nameFirm(database, south.tenant, NORTH)).rejects.toThrow(
      'Another firm has the name north.test.',
    );
    await expect(nameFirm(database, 99, 'y.test')).rejects.toThrow('There is no firm 99.');
  });
  it('an owner of one firm gets a code at the machine', async () => {
    await expect(codeForOwner(database.ownerUrl, undefined, NOW)).rejects.toThrow('Which firm?');
    const said = await codeForOwner(database.ownerUrl, undefined, NOW, SOUTH);
    const code = /: ([0-9A-Z-]{19})\n/.exec(said)?.[1] ?? '';
    expect(said).toContain('Oda of South');
    await browser(NORTH).post(`${V1}/codes/look`).send({ code }).expect(404);
    await browser(SOUTH).post(`${V1}/codes/look`).send({ code }).expect(200);
  });
});

describe('what is done for all firms', () => {
  it('signs the records of each with a key of its own', async () => {
    const firms = new Firms(pool, true);
    let signed = 0;
    await firms.each(async (one) => void (signed += await signAll(one, NOW)));
    expect(signed).toBeGreaterThan(0);
    await firms.each(async (one) => expect([one.tenant, await signAll(one, NOW)]).toEqual([one.tenant, 0]));
    const receipts = await owner.query<{ ok: boolean }>(
      `SELECT count(DISTINCT tenant_id) = 2 AND bool_and(entries > 0) AS ok FROM receipt`,
    );
    expect(receipts.rows).toEqual([{ ok: true }]);
    const keys = await owner.query<{ tenant: number; n: number }>(
      `SELECT tenant_id AS tenant, count(*)::int AS n FROM signing_key GROUP BY 1 ORDER BY 1`,
    );
    expect(keys.rows).toEqual([north, south].map(({ tenant }) => ({ tenant, n: 1 })));
  });
  it('clears the sessions that are over of each', async () => {
    await owner.query(`UPDATE session SET expire = now() - interval '1 day' WHERE tenant_id = $1`, [
      south.tenant,
    ]);
    const there = async ({ tenant }: House): Promise<number> =>
      (await owner.query(`SELECT 1 FROM session WHERE tenant_id = $1`, [tenant])).rowCount ?? 0;
    const [ofNorth, ofSouth] = [await there(north), await there(south)];
    expect(ofSouth).toBeGreaterThan(0);
    await new Firms(pool, true).prune();
    expect([await there(north), await there(south)]).toEqual([ofNorth, 0]);
  });
  it('a backup tells the records of one from those of the other, and finds where one is broken', async () => {
    const figures = await transaction(owner, figuresOf);
    const keys = [north, south].map(({ tenant }) => `${tenant}/${TWIN}`);
    expect(Object.keys(figures.records)).toEqual(expect.arrayContaining(keys));
    expect(Object.keys(figures.records).filter((key) => !/^[23]\//.test(key))).toEqual([]);
    expect(await brokenChains(owner, figures)).toEqual([]);
    await transaction(owner, async (db) => {
      await db.query('ALTER TABLE record_entry DISABLE TRIGGER record_no_change');
      await db.query(`UPDATE record_entry SET hash = repeat('1', 64) WHERE tenant_id = $1 AND seq = 3`, [
        south.tenant,
      ]);
      await db.query('ALTER TABLE record_entry ENABLE TRIGGER record_no_change');
    });
    expect(await brokenChains(owner, figures)).toEqual([expect.stringContaining(`${south.tenant}/${TWIN}`)]);
    expect(differencesOf(figures, await transaction(owner, figuresOf))).toEqual([
      'record_entry: the rows hold something else than was backed up.',
    ]);
  });
  it('a server that would show all firms to everybody does not start', async () => {
    await expect(new Firms(pool, false).check()).rejects.toThrow('The database holds 3 firms');
    await expect(new Firms(owner, true).check()).rejects.toThrow('a serving role that owns no table');
    await new Firms(pool, true).check();
  });
});
