/**
 * A thousand firms with fifty jobs each in one database, and each address of the API asked in firms and jobs at random.
 * `npm run bench -- firms`, or `firms=100` for fewer; it is not among those that run when nothing is named.
 */
import http from 'node:http';
import { seeded } from '@lentum/core/keeping';
import { prepare } from '../../server/src/db/prepare.ts';
import { ROUTES } from '../../server/src/http/allroutes.ts';
import type { AnyRoute } from '../../server/src/http/routes.ts';
import { startApp } from '../lib/server.mjs';
import { hostOf, jobOf, JOBS, makeFirms, PASSWORD, sizesOf } from './manyfirms.ts';
import { median, p95, type Row } from './table.ts';

const FIRMS = 1000;
/** Firms that ask; each of them in all of its jobs. */
const ASKING = 60;
const MOST_TIMES = 100;
/** An address that takes long is asked for so long. */
const MOST_MS = 3000;
interface Answer {
  readonly status: number;
  readonly cookie: string;
}
interface Asking {
  readonly host: string;
  readonly cookie: string;
}

export async function benchFirms(firms = FIRMS): Promise<Row[]> {
  const url = process.env['DATABASE_URL'] ?? '';
  const database = { url, ownerUrl: process.env['DATABASE_OWNER_URL'] ?? url };
  await prepare(database);
  const making = await makeFirms(database, firms);
  const app = await startApp(database, {
    env: { LENTUM_DEMO: 'off', LENTUM_RATES: 'off', LENTUM_FIRMS: 'several', LENTUM_BACKUPS: 'off' },
    quiet: true,
  });
  const agent = new http.Agent({ keepAlive: true });
  const ask = (method: string, path: string, { host, cookie }: Asking, body?: unknown) =>
    new Promise<Answer>((done, fail) => {
      const text = body === undefined ? undefined : JSON.stringify(body);
      const asked = http.request(
        {
          ...{ host: '127.0.0.1', port: app.port, agent, method, path: `/api/v1${path}` },
          headers: {
            ...{ Host: host, Cookie: cookie, 'Accept-Encoding': 'gzip' },
            ...(text === undefined ? {} : { 'Content-Type': 'application/json' }),
          },
        },
        (answer) => {
          answer.resume();
          answer.on('end', () =>
            done({
              status: answer.statusCode ?? 0,
              cookie: (answer.headers['set-cookie']?.[0] ?? '').split(';')[0] ?? '',
            }),
          );
        },
      );
      asked.setTimeout(20_000, () => asked.destroy(new Error(`${method} ${path} was not answered`)));
      asked.on('error', fail);
      asked.end(text);
    });
  try {
    // Two runs ask the same.
    const next = seeded(7);
    const any = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
    const people: (Asking & { readonly firm: number })[] = [];
    const signingIn: number[] = [];
    for (let n = 0; n < Math.min(ASKING, firms - 1); n += 1) {
      const firm = 2 + Math.floor(next() * (firms - 1));
      const host = hostOf(firm);
      const from = performance.now();
      const { status, cookie } = await ask(
        'POST',
        '/session',
        { host, cookie: '' },
        { login: 'oda', password: PASSWORD },
      );
      signingIn.push(performance.now() - from);
      if (status !== 200) throw new Error(`signing in to firm ${firm} was answered with ${status}`);
      people.push({ firm, host, cookie });
    }
    const times = new Map<string, number[]>([['POST /session', signingIn]]);
    const odd: string[] = [];
    const pathOf = ({ path }: AnyRoute, firm: number): string =>
      path.replace('{jobId}', jobOf(firm, 1 + Math.floor(next() * JOBS))).replace(/\{\w+\}/g, 'none') +
      (/handover|upkeep/.test(path) ? `?zone=hall${path.includes('sheet') ? '&year=2030' : ''}` : '');
    const measure = async (
      name: string,
      once: (who: (typeof people)[number], n: number) => Promise<Answer>,
    ) => {
      const took: number[] = [];
      const begun = performance.now();
      for (let n = 0; n < MOST_TIMES && performance.now() - begun < MOST_MS; n += 1) {
        const from = performance.now();
        const { status } = await once(any(people), n);
        took.push(performance.now() - from);
        if (status >= 500) odd.push(`${name}: ${status}`);
      }
      times.set(name, took);
    };
    // A stream has no end to wait for.
    const read = ROUTES.filter((r) => r.method === 'get' && r.answerType !== 'text/event-stream');
    for (const route of read)
      await measure(`GET ${route.path}`, (who) => ask('GET', pathOf(route, who.firm), who));
    const at = new Date().toISOString();
    await measure('PUT /jobs/{jobId} (new)', (who, n) =>
      ask('PUT', `/jobs/new-${n}`, who, { name: 'A roof', place: '', timeZone: 'Etc/GMT', units: 'metric' }),
    );
    await measure('PUT /jobs/{jobId}/record/{entryId}', (who, n) =>
      ask('PUT', `/jobs/${jobOf(who.firm, 1 + (n % JOBS))}/record/bench-${n}`, who, {
        ...{ form: 2, kind: 'event', version: 1, id: `bench-${n}`, personId: 'owner', deviceId: 'bench' },
        ...{ bays: [], madeAt: at, offsetMs: 0, zoneId: 'hall', attachments: [], body: { at, what: 'rain' } },
      }),
    );
    await measure('POST /jobs/{jobId}/receipts', (who, n) =>
      ask('POST', `/jobs/${jobOf(who.firm, 1 + (n % JOBS))}/receipts`, who, {}),
    );
    const ms = (v: number): string => `${v.toFixed(1)} ms`;
    const mb = (bytes: number): string => `${(bytes / 1e6).toFixed(0)} MB`;
    return [
      {
        what: `made: ${firms - 1} firms with ${JOBS} jobs each`,
        measured: `${making.toFixed(0)} s`,
        aim: '',
      },
      ...(await sizesOf(database.ownerUrl)).map(({ table, rows, bytes, indexBytes }) => ({
        what: `  ${table}: ${Math.round(rows).toLocaleString('en-GB')} rows`,
        measured: mb(bytes),
        aim: `and ${mb(indexBytes)} of indexes`,
      })),
      {
        what: 'answered with a fault of the server',
        measured: String(odd.length),
        aim: '0',
        held: odd.length === 0,
      },
      ...[...times]
        .sort(([, a], [, b]) => p95(b) - p95(a))
        .map(([what, took]) => ({
          what,
          measured: ms(p95(took)),
          aim: `median ${ms(median(took))}, of ${took.length}`,
        })),
    ];
  } finally {
    agent.destroy();
    await app.stop();
  }
}
