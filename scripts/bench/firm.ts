/** What a firm costs: signing in, looking who may do what, and streams that stay open. Switches accounts on: the last one to run. */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import http from 'node:http';
import pg from 'pg';
import { ACCESS_SQL } from '../../server/src/access/sql.ts';
import { readDocument } from '../../server/src/db/documents.ts';
import type { Addresses } from '../../server/src/db/prepare.ts';
import { MOST_STREAMS } from '../../server/src/live/routes.ts';
import { startApp } from '../lib/server.mjs';
import { median, p95, type Row } from './table.ts';

const PASSWORD = 'blue ladder tin 44';
const ASKED = 5000;
/** Before that, so that none is measured which the machine sees for the first time. */
const WARMING = 500;
const SIGN_INS = 60;
const STREAMS = 2000;
const AT_ONCE = 50;

const ALONE = 'lentum_bench_alone';

const ms = (v: number): string => `${v.toFixed(1)} ms`;

async function each(times: number, work: (n: number) => Promise<unknown>): Promise<number[]> {
  const took: number[] = [];
  for (let n = 0; n < times; n += 1) {
    const from = performance.now();
    await work(n);
    took.push(performance.now() - from);
  }
  return took;
}

/** Memory of a process, MB. */
const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024;

export async function benchFirm(): Promise<Row[]> {
  const url = process.env['DATABASE_URL'] ?? '';
  const database = { url, ownerUrl: process.env['DATABASE_OWNER_URL'] ?? url };
  const app = await startApp(database, {
    env: { LENTUM_DEMO: 'off', LENTUM_RATES: 'off', LENTUM_PROXY: 'yes' },
    quiet: true,
  });
  const base = `http://127.0.0.1:${app.port}/api/v1`;
  let cookie = '';
  const ask = async (method: string, path: string, body?: unknown): Promise<Response> => {
    const answer = await fetch(`${base}${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', ...(cookie === '' ? {} : { Cookie: cookie }) },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
    return answer;
  };
  const read = async (path: string): Promise<void> => void (await (await ask('GET', path)).arrayBuffer());
  try {
    const id = randomUUID();
    await ask('PUT', `/demo/${id}`);
    const { job: head } = (await (await ask('GET', `/jobs/${id}`)).json()) as { job: object };
    const survey = `/jobs/${id}/survey`;
    const switched = await ask('POST', '/firm/accounts', {
      ...{ firm: 'Harbour Coatings', name: 'Oda', login: 'oda', password: PASSWORD },
    });
    cookie = (switched.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
    const [firm = [], bare = [], alone = [], unknown = []] = await beside(database, id, () => read(survey));
    // Each time as a browser that was not here before.
    const signIn = async (): Promise<void> => {
      const { ok } = await fetch(`${base}/session`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ login: 'oda', password: PASSWORD }),
      });
      if (!ok) throw new Error('signing in failed');
    };
    const one = await each(SIGN_INS, signIn);
    const four: number[] = [];
    await each(SIGN_INS / 4, async () => {
      const from = performance.now();
      await Promise.all(
        Array.from({ length: 4 }, () => signIn().then(() => four.push(performance.now() - from))),
      );
    });
    const asking = p95(firm) - p95(alone);
    return [
      {
        what: `sign in, one after the other, p95 of ${SIGN_INS}`,
        measured: ms(p95(one)),
        aim: '< 400 ms',
        held: p95(one) < 400,
      },
      {
        what: `sign in, four at once, p95 of ${SIGN_INS}`,
        measured: ms(p95(four)),
        aim: '< 400 ms',
        held: p95(four) < 400,
      },
      {
        what: `who may do it: p95 with accounts less p95 without, of ${ASKED}`,
        measured: ms(asking),
        aim: `<= 2 ms (medians ${ms(median(firm))}, ${ms(median(alone))})`,
        held: asking <= 2,
      },
      {
        what: 'where it is not known yet who asks: the query of their session, p95',
        measured: ms(p95(unknown)),
        aim: `(median ${ms(median(unknown))})`,
      },
      {
        what: 'a document over the API, beside the bare query of its row, p95',
        measured: `${ms(p95(alone))}, ${ms(p95(bare))}`,
        aim: `<= 3 times (${(p95(alone) / p95(bare)).toFixed(1)})`,
        held: p95(alone) <= 3 * p95(bare),
      },
      ...(await manyStreams(app.port, app.child.pid ?? 0, id, cookie, async () => {
        const answer = await fetch(`${base}/jobs/${id}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json', 'If-Match': '"1"', Cookie: cookie },
          body: JSON.stringify({ ...head, name: 'Another' }),
        });
        if (!answer.ok) throw new Error(`the job was not renamed: ${answer.status}`);
      })),
    ];
  } finally {
    await app.stop();
  }
}

/** A database beside, made anew. */
async function another(...addresses: [url: string, ownerUrl: string]): Promise<Addresses> {
  const admin = new pg.Client({ connectionString: addresses[1] });
  await admin.connect();
  await admin.query(`DROP DATABASE IF EXISTS ${ALONE} WITH (FORCE)`);
  await admin.query(`CREATE DATABASE ${ALONE}`);
  await admin.end();
  const [url, ownerUrl] = addresses.map((address) => address.replace(/\/[^/]*$/, `/${ALONE}`));
  return { url: url ?? '', ownerUrl: ownerUrl ?? '' };
}

/** What each took, ms, in turns of every order: what one leaves behind falls on each of the others as often. */
async function inTurns(turns: readonly (() => Promise<unknown>)[]): Promise<number[][]> {
  const took: number[][] = turns.map(() => []);
  for (let n = 0; n < WARMING + ASKED; n += 1) {
    const turned = turns.map((_, k) => (k + n) % turns.length);
    for (const i of n % (2 * turns.length) < turns.length ? turned : turned.reverse()) {
      const [ms] = await each(1, turns[i] as () => Promise<unknown>);
      if (n >= WARMING) took[i]?.push(ms ?? Number.NaN);
    }
  }
  return took;
}

/**
 * One document of a firm, its bare row, the same document of a server where nobody signs in, and the query of a session, ms. In turns:
 * what the machine does beside touches all alike.
 */
async function beside(
  { url, ownerUrl }: Addresses,
  id: string,
  ofFirm: () => Promise<void>,
): Promise<number[][]> {
  const app = await startApp(await another(url, ownerUrl), {
    env: { LENTUM_DEMO: 'off', LENTUM_RATES: 'off' },
    quiet: true,
  });
  const db = new pg.Client({ connectionString: url });
  await db.connect();
  try {
    const base = `http://127.0.0.1:${app.port}/api/v1`;
    await fetch(`${base}/demo/${id}`, { method: 'PUT', headers: { 'Content-Type': 'application/json' } });
    const ofNobody = async (): Promise<void> => {
      const answer = await fetch(`${base}/jobs/${id}/survey`);
      await answer.arrayBuffer();
      if (!answer.ok) throw new Error(`the document was answered with ${answer.status}`);
    };
    const { rows } = await db.query<{ sid: string }>('SELECT sid FROM session LIMIT 1');
    // Both servers are asked as often after the row as after the session.
    return await inTurns([
      ...[ofFirm, () => readDocument(db, id, 'survey'), ofNobody],
      () => db.query(ACCESS_SQL.session, [rows[0]?.sid, Date.now() / 1000]),
    ]);
  } finally {
    await db.end();
    await app.stop();
  }
}

/** Streams from many addresses, as a proxy tells them; how soon a change is told to all, and what they cost. */
async function manyStreams(
  port: number,
  pid: number,
  job: string,
  cookie: string,
  change: () => Promise<void>,
): Promise<Row[]> {
  const before = residentMb(pid);
  const agent = new http.Agent({ keepAlive: false });
  let ready = 0;
  let told = 0;
  const open = (n: number): Promise<http.ClientRequest> =>
    new Promise((opened, failed) => {
      const address = Math.floor(n / MOST_STREAMS) + 1;
      const asked = http.get(
        {
          ...{ host: '127.0.0.1', port, agent, path: `/api/v1/jobs/${job}/live` },
          headers: { Cookie: cookie, 'X-Forwarded-For': `198.51.100.${address}` },
        },
        (answer) => {
          if (answer.statusCode !== 200)
            return failed(new Error(`a stream was answered with ${answer.statusCode}`));
          answer.setEncoding('utf8');
          answer.on('data', (text: string) => {
            if (text.includes('retry')) ready += 1;
            if (text.includes('"version":2')) told += 1;
          });
          answer.on('error', () => undefined);
          return opened(asked);
        },
      );
      asked.on('error', failed);
    });
  const all: http.ClientRequest[] = [];
  for (let n = 0; n < STREAMS; n += AT_ONCE)
    all.push(...(await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => open(n + i)))));
  // Long enough that each was looked at once: whether whoever reads it still may.
  await new Promise((r) => setTimeout(r, 25_000));
  const from = performance.now();
  await change();
  while (told < STREAMS && performance.now() - from < 30_000) await new Promise((r) => setTimeout(r, 5));
  const took = performance.now() - from;
  const resident = residentMb(pid);
  for (const asked of all) asked.destroy();
  return [
    {
      what: `${ready} streams on one server: its memory, of which ${before.toFixed(0)} MB before`,
      measured: `${resident.toFixed(0)} MB`,
      aim: '< 600 MB',
      held: resident < 600 && ready === STREAMS,
    },
    { what: `a change told to ${told} of them`, measured: ms(took), aim: '', held: told === STREAMS },
  ];
}
