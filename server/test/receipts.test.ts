/** The end of a record is signed, and what is done to the record behind the application's back is found by the receipt. */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { unzipSync } from 'fflate';
import { contentChecksum, type JobFile } from '@lentum/core/jobfile';
import { afterEach, describe, expect, it } from 'vitest';
import { link, type Entry, type StoredEntry } from '@lentum/core/record';
import { isSigned, type Receipt } from '@lentum/core/sealed';
import { signAll } from '../src/sealed/receipts.ts';
import { api, detail, importDemo, NOW, owner, pool, startJob, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';
import { readPdf, textOf } from '../../scripts/lib/readpdf.ts';

const ask = async (job: string): Promise<Receipt> =>
  (await api.post(`${V1}/jobs/${job}/receipts`).send({}).expect(200)).body as Receipt;
const list = async (job: string) =>
  (
    (await api.get(`${V1}/jobs/${job}/receipts`).expect(200)).body as {
      receipts: { receipt: Receipt; why: string }[];
    }
  ).receipts;
const entries = async (job: string) =>
  ((await api.get(`${V1}/jobs/${job}/record?limit=2000`).expect(200)).body as { entries: StoredEntry[] })
    .entries;
const check = async (job: string) =>
  (await api.get(`${V1}/jobs/${job}/record-check`).expect(200)).body as {
    whole: boolean;
    problem?: string;
    receipts?: number;
  };
const compared = async (job: string, receipt: Receipt) =>
  (
    (
      await api
        .post(`${V1}/jobs/${job}/receipts/compare`)
        .send({ receipts: [receipt] })
        .expect(200)
    ).body as {
      compared: { outcome: string; says: string }[];
    }
  ).compared[0];

/** Somebody who owns the database writes the record anew, triggers and receipts aside. */
async function behindTheBack(
  job: string,
  record: readonly StoredEntry[],
  withReceipts = false,
): Promise<void> {
  const db = await owner.connect();
  try {
    await db.query(`BEGIN; SET LOCAL session_replication_role = replica`);
    await db.query('DELETE FROM record_entry WHERE job_id = $1', [job]);
    if (withReceipts) await db.query('DELETE FROM receipt WHERE job_id = $1', [job]);
    for (const e of record)
      await db.query(
        `INSERT INTO record_entry (job_id, seq, id, supersedes, received_at, entry, previous_hash, hash) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
        [
          job,
          e.seq,
          e.entry.id,
          e.entry.supersedes ?? null,
          e.receivedAt,
          JSON.stringify(e.entry),
          e.previousHash,
          e.hash,
        ],
      );
    await db.query('COMMIT');
  } finally {
    db.release();
  }
}
const folders: string[] = [];
afterEach(() => folders.splice(0).forEach((f) => rmSync(f, { recursive: true, force: true })));
/** The checker that shares no code with the application. */
function checker(record: object, receipt: Receipt): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'lentum-receipt-'));
  folders.push(folder);
  const [r, s] = [path.join(folder, 'record.json'), path.join(folder, 'receipt.json')];
  writeFileSync(r, JSON.stringify(record));
  writeFileSync(s, JSON.stringify(receipt));
  const script = fileURLToPath(new URL('../../docs/formats/check-chain.mjs', import.meta.url));
  try {
    return execFileSync(process.execPath, [script, r, '--receipt', s], { encoding: 'utf8' });
  } catch (error) {
    return (error as { stdout: string }).stdout;
  }
}

describe('a receipt', () => {
  it('names the end of the record, is signed, and is the same until something is entered', async () => {
    const job = await importDemo();
    const record = await entries(job);
    const first = await ask(job);
    expect(first).toMatchObject({
      jobId: job,
      entries: record.length,
      head: record.at(-1)?.hash,
      at: NOW.toISOString(),
    });
    expect(isSigned(first)).toBe(true);
    expect(await ask(job)).toEqual(first);
    expect(await list(job)).toEqual([{ receipt: first, why: 'asked' }]);
    expect(await check(job)).toMatchObject({ whole: true, receipts: 1 });
    expect(checker({ entries: record }, first)).toContain(`it begins with what was signed ${first.at}`);
  });
  it('of a job without entries says so, and of no job is none', async () => {
    const job = await startJob();
    expect(await ask(job)).toMatchObject({ entries: 0, head: '0'.repeat(64) });
    await api.post(`${V1}/jobs/none/receipts`).send({}).expect(404);
    await api.get(`${V1}/jobs/none/receipts`).expect(404);
  });
  it('is made with every hand-over, by night for what has grown, and goes with the files', async () => {
    const job = await importDemo();
    const person = randomUUID();
    await api.put(`${V1}/people/${person}`).send({ name: 'Ada' }).expect(200);
    const entry = {
      ...{
        form: 2,
        kind: 'upkeep',
        version: 1,
        id: randomUUID(),
        personId: person,
        deviceId: 'desk',
        bays: [],
      },
      ...{ madeAt: NOW.toISOString(), offsetMs: 0, zoneId: 'office', attachments: [] },
      body: { step: 'handed over', at: NOW.toISOString(), to: 'the owner', unproven: [] },
    } as unknown as Entry;
    await api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry).expect(201);
    const record = await entries(job);
    expect(await list(job)).toMatchObject([{ why: 'handed over', receipt: { entries: record.length } }]);
    // Sent twice it is stored once, and signed once.
    await api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry).expect(200);
    expect(await list(job)).toHaveLength(1);
    const other = await importDemo();
    expect(await signAll(pool, NOW)).toBeGreaterThan(0);
    expect(await list(other)).toMatchObject([{ why: 'night' }]);
    expect(await list(job)).toHaveLength(1);
    expect(await signAll(pool, NOW)).toBe(0);
    const zip = await api
      .get(`${V1}/jobs/${job}/handover.zip?zone=office`)
      .buffer(true)
      .parse(bytesOf)
      .expect(200);
    const files = unzipSync(new Uint8Array(zip.body as Buffer));
    const packed = JSON.parse(new TextDecoder().decode(files['receipt.json'])) as Receipt;
    expect(packed).toEqual((await list(job))[0]?.receipt);
  });
});

describe('a receipt on paper', () => {
  const paper = async (job: string, more = ''): Promise<string> => {
    const { body } = await api
      .get(`${V1}/jobs/${job}/handover.pdf?zone=hall${more}`)
      .buffer(true)
      .parse(bytesOf)
      .expect(200);
    return textOf(await readPdf(body as Uint8Array));
  };
  /** As somebody types it out, field by field. */
  const typed = (text: string): Receipt => {
    const [, jobId, count, head, at, key, signature] =
      /ReceiptTheserver.*?Job([0-9a-f-]{36})Entries(\d+)Head([0-9a-f]{64})At([0-9T:.-]+Z)Key([\w-]{43})Signature([\w-]{86})/.exec(
        text,
      ) ?? [];
    return {
      ...{
        format: 'lentum-receipt',
        version: 1,
        jobId: jobId ?? '',
        entries: Number(count),
        head: head ?? '',
      },
      ...{ at: at ?? '', key: key ?? '', signature: signature ?? '' },
    };
  };

  it('is that of the record that is printed, and can be typed out and checked apart', async () => {
    const job = await importDemo();
    const receipt = typed(await paper(job));
    const record = await entries(job);
    expect(receipt).toEqual((await list(job)).at(-1)?.receipt);
    expect(receipt.entries).toBe(record.length);
    expect(checker({ entries: record }, receipt)).toContain('it begins with what was signed');
    expect(checker({ entries: record.slice(0, -1) }, receipt)).not.toContain(
      'it begins with what was signed',
    );
  });
  it('of a roof as it stood earlier is one that was signed by then, or none', async () => {
    const earlier = `&at=${new Date(NOW.getTime() - 60_000).toISOString()}`;
    const job = await importDemo();
    expect(/Signature/.test(await paper(job, earlier))).toBe(false);
    const signed = await ask(job);
    expect(/Signature/.test(await paper(job, earlier))).toBe(false);
    expect(typed(await paper(job, `&at=${NOW.toISOString()}`))).toEqual(signed);
  });
});

describe('a file of a record that was signed here', () => {
  const fileOf = async (job: string): Promise<JobFile> =>
    (await api.get(`${V1}/jobs/${job}/file`).expect(200)).body as JobFile;
  /** The file with another record, its checksum made anew as whoever forges it would. */
  const withRecord = ({ content, ...file }: JobFile, record: readonly StoredEntry[]): JobFile => {
    const other = { ...content, record: [...record] };
    return { ...file, content: other, checksum: contentChecksum(other) };
  };
  const bring = (file: JobFile) => api.put(`${V1}/jobs/${randomUUID()}/file`).send(file);
  /** Chained anew from the first. */
  const anew = (record: readonly StoredEntry[]): StoredEntry[] =>
    record.reduce<StoredEntry[]>((all, s) => [...all, link(all.at(-1), s.entry as Entry, s.receivedAt)], []);
  /** A record of its own, so that nothing else that was signed here is part of it. */
  async function signed(): Promise<{ job: string; file: JobFile; receipt: Receipt }> {
    const job = await startJob();
    const person = randomUUID();
    await api.put(`${V1}/people/${person}`).send({ name: 'Ada' }).expect(200);
    for (let n = 0; n < 4; n += 1) {
      const entry = {
        ...{ form: 2, kind: 'stock', version: 1, id: randomUUID(), personId: person, deviceId: 'desk' },
        ...{ bays: [], madeAt: NOW.toISOString(), attachments: [] },
        body: { at: NOW.toISOString(), step: 'came', item: 'x', name: 'Primer', count: n + 1, batch: 'A' },
      };
      await api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry).expect(201);
    }
    return { job, receipt: await ask(job), file: await fileOf(job) };
  }

  it('that is as it was comes in, and so does one that others went on with', async () => {
    const { file, job } = await signed();
    const { body } = await bring(file).expect(201);
    expect(body).not.toHaveProperty('says');
    // The copy goes its own way, and so does the first.
    const copy = (body as { id: string }).id;
    for (const id of [copy, job]) {
      const [last] = (await entries(id)).slice(-1);
      const entry = { ...(last?.entry as Entry), id: randomUUID() };
      await api.put(`${V1}/jobs/${id}/record/${entry.id}`).send(entry).expect(201);
      await ask(id);
    }
    const again = await bring(await fileOf(copy)).expect(201);
    expect((again.body as { says: string }).says).toMatch(
      /^From entry 5 on .* than the 5 that were signed here at 2026-05-12 09:30 UTC: it is a copy that went on elsewhere, or its end was replaced\.$/,
    );
  });
  it('that is shorter comes in, and says so', async () => {
    const { file } = await signed();
    const { body } = await bring(withRecord(file, file.content.record.slice(0, 2))).expect(201);
    expect((body as { says: string }).says).toMatch(/ends with entry 2; 4 of it were signed here/);
  });
  it('in which an entry says something else, or is left out, is refused, and nothing of it is stored', async () => {
    const { file } = await signed();
    const [first, second, ...rest] = file.content.record;
    if (!first || !second) throw new Error('the record is too short');
    const told = { ...second, entry: { ...(second.entry as Entry), offsetMs: 1 } } as StoredEntry;
    const left = anew([first, ...rest]);
    for (const record of [anew([first, told, ...rest]), left]) {
      const id = randomUUID();
      const answer = await api.put(`${V1}/jobs/${id}/file`).send(withRecord(file, record)).expect(409);
      expect(JSON.stringify(answer.body)).toMatch(
        /Entry 2 of the record in the file is not the one that was signed here/,
      );
      await api.get(`${V1}/jobs/${id}`).expect(404);
    }
  });
});

describe('what is done behind the application’s back', () => {
  it('a tail that was cut off is found, whole in itself as it is', async () => {
    const job = await importDemo();
    const receipt = await ask(job);
    const record = await entries(job);
    await behindTheBack(job, record.slice(0, -5));
    const found = await check(job);
    expect(found.whole).toBe(false);
    expect(found.problem).toContain(`${record.length} were signed ${receipt.at}. The tail is missing`);
    expect(checker(await entries(job), receipt)).toContain('whole in itself, but it has');
  });
  it('an entry that was changed and chained anew is found', async () => {
    const job = await importDemo();
    const receipt = await ask(job);
    const made: StoredEntry[] = [];
    for (const [i, e] of (await entries(job)).entries())
      made.push(
        link(made.at(-1), i === 20 ? ({ ...e.entry, deviceId: 'forged' } as Entry) : e.entry, e.receivedAt),
      );
    await behindTheBack(job, made);
    expect((await check(job)).problem).toContain('is another one than was signed');
    expect(await compared(job, receipt)).toMatchObject({ outcome: 'other' });
    expect(checker(await entries(job), receipt)).toContain('is another one than was signed');
  });
  it('a server that was brought back to an older state, receipts and all, is found by the receipt that a client holds', async () => {
    const job = await importDemo();
    const receipt = await ask(job);
    const record = await entries(job);
    await behindTheBack(job, record.slice(0, 100), true);
    // By itself the server cannot know: all it has is of one moment.
    expect(await check(job)).toMatchObject({ whole: true, entries: 100, receipts: 0 });
    expect(await compared(job, receipt)).toMatchObject({
      ...{ outcome: 'cut' },
      says: expect.stringContaining('or the server was brought back to an older state') as string,
    });
  });
  it('a receipt that somebody made up, or changed, proves nothing', async () => {
    const job = await importDemo();
    const receipt = await ask(job);
    expect(await compared(job, { ...receipt, entries: receipt.entries + 1 })).toMatchObject({
      outcome: 'not signed',
    });
    const wrong = await api
      .post(`${V1}/jobs/${job}/receipts/compare`)
      .send({ receipts: [{ ...receipt, head: 'x' }] })
      .expect(422);
    expect(detail(wrong)).toContain('64 hexadecimal digits');
  });
  it('the role that serves can neither change a receipt nor take it away', async () => {
    await expect(pool.query(`UPDATE receipt SET entries = 0`)).rejects.toThrow(
      /permission denied|append-only/,
    );
    await expect(pool.query('DELETE FROM receipt')).rejects.toThrow(/permission denied|append-only/);
    await expect(pool.query(`UPDATE signing_key SET public_key = 'x'`)).rejects.toThrow(/permission denied/);
  });
});
