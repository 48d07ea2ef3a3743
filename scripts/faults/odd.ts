/** Odd input over every address that the server describes, while another client asks whether it is alive. */
import { setTimeout as wait } from 'node:timers/promises';
import { otherClient } from '../lib/otherclient.mjs';
import type { Target } from './target.ts';

const HALF = '\ud83d';
/** Values that no form sends. */
const NASTY: readonly unknown[] = [
  ...['', ' ', '\u0000', HALF, `a${HALF}b`, '\ufeff', '..', '../../etc', '%00', '%2e%2e', "'; --", '=1+1'],
  ...['1~x', '2147483648', '-1', '1e309', 'NaN', '0000-01-01T00:00:00Z', '2026-02-30T25:61:00Z', 'null'],
  ...[0, -1, 1e9, 1e308, -1e308, 0.1 + 0.2, 2 ** 53, null, true, [], {}, [[]], { a: { b: [] } }],
];
const TYPES = ['application/json', 'text/plain', 'application/x-www-form-urlencoded', 'image/png', ''];
const CODINGS = ['gzip', 'br', 'deflate', 'zstd', 'identity', 'made-up'];

interface Description {
  readonly paths: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
}

export interface Odd {
  readonly inputs: number;
  /** By hundreds: 2 for 2xx. */
  readonly byHundreds: Readonly<Record<string, number>>;
  readonly faults: readonly string[];
  readonly hangs: readonly string[];
  /** The longest that the other client waited, ms. */
  readonly longestWaitMs: number;
}

const HANG_MS = 2000;
const AT_ONCE = 6;
const PING_MS = 20;
/** For the threads that are started with the server. */
const SETTLE_MS = 4000;

export async function odd(target: Target, inputs: number, chance: () => number): Promise<Odd> {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
  const jobId = await target.job();
  const { paths } = await target.read<Description>('/openapi.json');
  const routes = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({
      path: path.replace('/api/v1', ''),
      method: method.toUpperCase(),
    })),
  );
  const bodies: unknown[] = [];
  for (const path of ['', '/survey', '/build-up', '/site', '/order', '/weather'])
    bodies.push(await target.read(`/jobs/${jobId}${path}`));

  /** A value with some of its parts put in the place of something odd. */
  const spoilt = (value: unknown): unknown => {
    if (chance() < 0.15) return pick(NASTY);
    if (Array.isArray(value)) return value.map(spoilt);
    if (value === null || typeof value !== 'object') return value;
    const parts = Object.entries(value).map(([k, v]): [string, unknown] => [
      chance() < 0.05 ? JSON.stringify(pick(NASTY)) : k,
      spoilt(v),
    ]);
    return Object.fromEntries(parts);
  };
  const escaped = (value: unknown): string => {
    const text = typeof value === 'string' ? value : JSON.stringify(value);
    try {
      return chance() < 0.3 ? text.replaceAll(/[^\w%.~-]/g, '') : encodeURIComponent(text);
    } catch {
      return '%ed%a0%80';
    }
  };

  const byHundreds: Record<string, number> = {};
  const faults: string[] = [];
  const hangs: string[] = [];
  async function oneInput(): Promise<void> {
    const { path, method } = pick(routes);
    const filled = path.replaceAll(/\{\w+\}/g, (name) =>
      name === '{jobId}' && chance() < 0.6 ? jobId : escaped(pick(NASTY)).slice(0, 2000),
    );
    const query =
      chance() < 0.3 ? `?${pick(['after', 'limit', 'at', 'until', 'q'])}=${escaped(pick(NASTY))}` : '';
    const address = `${filled}${query}`;
    const headers: Record<string, string> = { 'Content-Type': pick(TYPES) };
    if (chance() < 0.1) headers['Content-Encoding'] = pick(CODINGS);
    if (chance() < 0.3) headers['If-Match'] = pick(['"1"', '*', '"x"', '1', '""']);
    const text = JSON.stringify(spoilt(pick(bodies))) ?? '';
    const body = chance() < 0.1 ? text.slice(0, Math.floor(text.length / 2)) : text;
    const from = performance.now();
    let status: string;
    try {
      const r = await fetch(`${target.base}${address}`, {
        method,
        headers,
        ...(method === 'GET' ? {} : { body }),
        signal: AbortSignal.timeout(30_000),
      });
      // A stream goes on by itself: that it began is its answer.
      if (r.headers.get('content-type')?.startsWith('text/event-stream')) await r.body?.cancel();
      else await r.arrayBuffer();
      status = String(r.status);
    } catch (error) {
      status = error instanceof Error ? error.name : 'nothing';
    }
    const took = performance.now() - from;
    const hundred = /^\d/.test(status) ? `${status[0]}xx` : status;
    byHundreds[hundred] = (byHundreds[hundred] ?? 0) + 1;
    const what = `${method} ${address.slice(0, 120)} ${status}`;
    if (/^5/.test(status)) faults.push(what);
    if (took > HANG_MS) hangs.push(`${what}, ${took.toFixed(0)} ms`);
  }

  // Its threads are started: that is no answer's fault.
  while ((await target.ask('GET', `/jobs/${jobId}/today`)) !== 200) await wait(PING_MS);
  await wait(SETTLE_MS);
  const longest = otherClient(`${target.base}/health`);
  let left = inputs;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (left > 0) {
        left -= 1;
        await oneInput();
      }
    }),
  );
  const longestWaitMs = await longest();
  return { inputs, byHundreds, faults, hangs, longestWaitMs };
}
