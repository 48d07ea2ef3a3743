/** The ZIP of a handover, unpacked by another program and held against its manifest, the record and the core. */
import { createHash, randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { get, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { EMPTY_BOOK, foldRecord, namesOf, type StoredEntry } from '@lentum/core/record';
import { checkChain } from '../../docs/formats/check-chain.mjs';
import { readPdf, textOf } from '../../scripts/lib/readpdf.ts';
import { createApp } from '../src/http/app.ts';
import { api, detail, importDemo, NOW, pool, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';

const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==',
  'base64',
);
const shaOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
interface Manifest {
  readonly draft: string | null;
  readonly seal: { readonly entries: number; readonly head: string };
  readonly picturesMissing: string[];
  readonly files: { readonly name: string; readonly bytes: number; readonly sha256: string }[];
}

async function unpacked(job: string, words = 'zone=hall'): Promise<Record<string, Uint8Array>> {
  const r = await api.get(`${V1}/jobs/${job}/handover.zip?${words}`).buffer(true).parse(bytesOf).expect(200);
  expect(r.headers['content-type']).toBe('application/zip');
  return unzipSync(r.body as Uint8Array);
}
const jsonIn = <T>(files: Record<string, Uint8Array>, name: string): T =>
  JSON.parse(strFromU8(files[name] ?? new Uint8Array())) as T;

/** A snag of the hall with pictures; those that are not sent stay on a device. */
async function snagWith(job: string, attachments: string[]): Promise<void> {
  const record = jsonIn<StoredEntry[]>(await unpacked(job), 'record.json');
  const personId = record.map((r) => r.entry).find((e) => 'personId' in e)?.personId;
  const id = randomUUID();
  await api
    .put(`${V1}/jobs/${job}/record/${id}`)
    .send({
      ...{ form: 2, id, kind: 'snag', version: 1, deviceId: 'test', bays: [], attachments, personId },
      ...{ zoneId: 'hall', madeAt: '2026-05-12T09:00:00.000Z' },
      body: { step: 'found', at: '2026-05-12T09:00:00.000Z', what: 'a pinhole' },
    })
    .expect(201);
}

describe('the ZIP of a handover', () => {
  it('has what its manifest says, each file with its hash, and nothing else', async () => {
    const job = await importDemo();
    const [sha, away] = [shaOf(PNG), 'f'.repeat(64)];
    await api.put(`${V1}/jobs/${job}/pictures/${sha}`).type('image/png').send(PNG).expect(201);
    await snagWith(job, [sha, away]);
    const files = await unpacked(job);
    const manifest = jsonIn<Manifest>(files, 'manifest.json');
    expect(manifest.files.map((f) => f.name).sort()).toEqual(
      Object.keys(files)
        .filter((n) => n !== 'manifest.json')
        .sort(),
    );
    for (const f of manifest.files)
      expect([f.name, f.sha256, f.bytes]).toEqual([f.name, shaOf(files[f.name]!), files[f.name]!.length]);
    const pictures = manifest.files.filter((f) => f.name.startsWith('pictures/')).map((f) => f.sha256);
    expect(pictures).toContain(sha);
    expect(manifest.picturesMissing).toEqual([away]);
    expect(manifest.draft).toMatch(/^Draft/);
  });

  it('says what the record says: its chain is whole, its head is on the paper, its tables have its numbers', async () => {
    const job = await importDemo();
    const files = await unpacked(job);
    const record = jsonIn<StoredEntry[]>(files, 'record.json');
    const { seal } = jsonIn<Manifest>(files, 'manifest.json');
    expect(checkChain(record)).toMatchObject({ whole: true, entries: seal.entries, lastHash: seal.head });
    expect(textOf(await readPdf(files['handover.pdf']!))).toContain(seal.head);
    // Every coat of the hall that the record holds in force has a row with its film.
    const bays = Papa.parse<Record<string, string>>(strFromU8(files['bays.csv']!), { header: true }).data;
    const book = foldRecord(EMPTY_BOOK, record, namesOf([]));
    const { bays: cut } = jsonIn<{ bays: { id: string; zoneId: string }[] }>(files, 'job/site.json');
    const coats = cut.filter((b) => b.zoneId === 'hall').flatMap((b) => book.bays.get(b.id)?.coats ?? []);
    expect(coats.length).toBeGreaterThan(10);
    expect(bays.map((b) => b['started_at']).sort()).toEqual(coats.map((c) => c.startedAt).sort());
    for (const row of bays) expect(Number(row['design_wet_mm'])).toBeGreaterThan(0);
    const rows = Papa.parse<Record<string, string>>(strFromU8(files['record.csv']!), { header: true }).data;
    // One on several bays has a row for each.
    expect([...new Set(rows.map((r) => Number(r['seq'])))]).toEqual(record.map((r) => r.seq));
    const film = Papa.parse<Record<string, string>>(strFromU8(files['films/second.csv']!), {
      header: true,
    }).data;
    const read = coats.filter((c) => c.layerId === 'second').flatMap((c) => c.lastWetMm);
    expect(film.reduce((n, r) => n + Number(r['readings']), 0)).toBe(read.length);
    // Metres are no GeoJSON: the demo's plan lies nowhere on the globe, or its rings close in degrees.
    const geo = files['films/second.geojson'];
    const survey = jsonIn<{ origin?: unknown }>(files, 'job/survey.json');
    expect(geo !== undefined).toBe(survey.origin !== undefined);
    const proof = jsonIn<{ subject: string; answer: string; good: number; of: number }[]>(
      files,
      'proof.json',
    );
    expect(proof.find((l) => l.subject === 'film')).toMatchObject({ answer: 'failed', good: 8, of: 10 });
  });

  it('that nobody waits for any more is broken off, and nothing else is', async () => {
    const job = await importDemo();
    const server = createApp({ pool, now: () => NOW }).listen(0, '127.0.0.1');
    await once(server, 'listening');
    const { port } = server.address() as AddressInfo;
    const asked = get(`http://127.0.0.1:${port}${V1}/jobs/${job}/handover.zip?zone=hall`);
    const [answer] = (await once(asked, 'response')) as [IncomingMessage];
    await once(answer, 'data');
    answer.destroy();
    await once(answer, 'close');
    const again = await fetch(`http://127.0.0.1:${port}${V1}/jobs/${job}/upkeep?zone=hall`);
    expect(again.status).toBe(200);
    server.close();
  });
  it('of a roof that is not there is refused before anything is sent', async () => {
    const job = await importDemo();
    expect(detail(await api.get(`${V1}/jobs/${job}/handover.zip?zone=attic`).expect(422))).toContain(
      'expected a zone of the survey',
    );
    await api.get(`${V1}/jobs/no-such-job/handover.zip?zone=hall`).expect(404);
  });
});
