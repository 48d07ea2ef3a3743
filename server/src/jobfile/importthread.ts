/** A thread for job files: checks one, stores one while another thread checks it, writes one, or stores the demo's. */
import { once } from 'node:events';
import type { MessagePort } from 'node:worker_threads';
import { checkJobFile, jobFileSchema, type JobContent } from '@lentum/core/jobfile';
import { check, type Problem } from '@lentum/core/problems';
import { stepBack } from '../compute/stepback.ts';
import { createPool, poolOfTenant, unavailable, type Pool } from '../db/pool.ts';
import { loadDemo } from '../demo/load.ts';
import '../fasthash.ts';
import { HttpProblem } from '../http/errors.ts';
import { notPlain } from '../http/plaintext.ts';
import { exportJob, importJob } from './store.ts';

stepBack();

export interface Database {
  readonly url: string;
  /** The firm, where there are several. */
  readonly tenant: number | undefined;
}
export type ImportAsked =
  | { readonly task: 'check'; readonly bytes: SharedArrayBuffer }
  | {
      readonly task: 'store';
      readonly bytes: SharedArrayBuffer;
      /** Says true once the file was found whole. */
      readonly verdict: MessagePort;
      readonly id: string;
      readonly nowMs: number;
      readonly database: Database;
    };
export interface ExportAsked {
  readonly task: 'export';
  readonly id: string;
  readonly nowMs: number;
  readonly database: Database;
}
export interface DemoAsked {
  readonly task: 'demo';
  readonly id: string;
  readonly nowMs: number;
  readonly database: Database;
}
export type DemoTold =
  { readonly unavailable: 'busy' | 'gone' } | { readonly taken: string } | { readonly loaded: true };
export type ExportTold =
  | { readonly unavailable: 'busy' | 'gone' }
  | { readonly missing: true }
  | { readonly name: string; readonly bytes: Uint8Array };
export type CheckTold =
  { readonly notJson: true } | { readonly problems: readonly Problem[] } | { readonly whole: true };
export type StoreTold =
  | { readonly unavailable: 'busy' | 'gone' }
  | { readonly taken: string }
  | {
      readonly fresh: boolean;
      readonly name: string;
      readonly entries: number;
      readonly says?: string | undefined;
    };

/** Only text with one of these escapes can hold a NUL or half a character: JSON has no other way to write them. */
const ODD = /\\u0000|\\u[dD][89a-fA-F]/;

const textOf = (bytes: SharedArrayBuffer): string => Buffer.from(bytes).toString('utf8');

function checkFile(bytes: SharedArrayBuffer): CheckTold {
  const text = textOf(bytes);
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    return { notJson: true };
  }
  const odd = ODD.test(text) ? notPlain(body, 'The request', true) : undefined;
  if (odd) return { problems: [odd] };
  const file = checkJobFile(body);
  return file.ok ? { whole: true } : { problems: file.problems };
}

/** The file was not found whole: what was stored of it goes. */
class NotWhole extends Error {}

/** The content with the documents as they are read. The record is taken as it was written: reading changes nothing in it. */
function contentOf(bytes: SharedArrayBuffer): JobContent | undefined {
  const body = JSON.parse(textOf(bytes)) as { content?: Record<string, unknown> };
  const record = body.content?.['record'];
  if (!Array.isArray(record)) return undefined;
  const read = check(jobFileSchema, { ...body, content: { ...body.content, record: [] } }, 'The job file');
  return read.ok ? { ...read.value.content, record: record as JobContent['record'] } : undefined;
}

let pool: { readonly url: string; readonly pool: Pool } | undefined;
function poolOf({ url, tenant }: Database): Pool {
  if (pool?.url !== url) pool = { url, pool: createPool(url, { least: 0 }) };
  return tenant === undefined ? pool.pool : poolOfTenant(pool.pool, tenant);
}

/** What keeps content from being stored that is no fault of the server's; any other error is thrown again. */
function hindrance(error: unknown): { readonly taken: string } | { readonly unavailable: 'busy' | 'gone' } {
  if (error instanceof HttpProblem && error.status === 409) return { taken: error.title };
  const why = unavailable(error);
  if (why !== undefined) return { unavailable: why };
  throw error;
}

async function demo({ id, nowMs, database }: DemoAsked): Promise<DemoTold> {
  try {
    await loadDemo(poolOf(database), id, new Date(nowMs));
    return { loaded: true };
  } catch (error) {
    return hindrance(error);
  }
}

async function store(asked: Extract<ImportAsked, { task: 'store' }>): Promise<StoreTold> {
  const heard = once(asked.verdict, 'message') as Promise<[boolean]>;
  const whole = async (): Promise<void> => {
    const [is] = await heard;
    if (!is) throw new NotWhole();
  };
  try {
    const content = contentOf(asked.bytes);
    // The other thread says what is wrong with it.
    if (!content) throw new NotWhole();
    const now = new Date(asked.nowMs);
    const stored = await importJob(poolOf(asked.database), asked.id, content, now, whole);
    return { ...stored, name: content.job.name, entries: content.record.length };
  } catch (error) {
    return hindrance(error);
  } finally {
    asked.verdict.close();
  }
}

async function write({ id, nowMs, database }: ExportAsked): Promise<ExportTold> {
  try {
    const file = await exportJob(poolOf(database), id, new Date(nowMs));
    return { name: file.content.job.name, bytes: new TextEncoder().encode(JSON.stringify(file)) };
  } catch (error) {
    if (error instanceof HttpProblem && error.status === 404) return { missing: true };
    const why = unavailable(error);
    if (why !== undefined) return { unavailable: why };
    throw error;
  }
}

export default function work(
  asked: ImportAsked | ExportAsked | DemoAsked,
): CheckTold | Promise<StoreTold> | Promise<ExportTold> | Promise<DemoTold> {
  switch (asked.task) {
    case 'check':
      return checkFile(asked.bytes);
    case 'store':
      return store(asked);
    case 'export':
      return write(asked);
    case 'demo':
      return demo(asked);
  }
}
