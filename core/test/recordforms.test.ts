/** How entries are written: two forms in one chain, the canonical form, the schema, signatures, what was brought over. */
import { DEMO_ANCHOR } from '@lentum/demo';
import { createHash, webcrypto } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import canonicalize from 'canonicalize';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readJobFile, withTestsBroughtOver } from '@lentum/core/jobfile';
import {
  broughtOver,
  bytesOf,
  canonicalJson,
  chainProblem,
  EMPTY_BOOK,
  entryHash,
  entrySchema,
  foldRecord,
  KINDS,
  link,
  NOBODY,
  readEntry,
  secondFormSchema,
  signatureProblem,
  signedText,
  storedEntrySchema,
  testEntry,
  testsOf,
  textOfBytes,
  type Entry,
  type StoredEntry,
} from '@lentum/core/record';
import { surveyAt } from '../../demo/src/zones.ts';
import { canonical, checkChain, checkSignatures, hashOf } from '../../docs/formats/check-chain.mjs';
import { book, bookWith, job, make, names, now, recordWith, sample, SAMPLES } from './support/entries.ts';
import { publishedSchema } from '../../scripts/lib/schemas.ts';

const chains = new URL('./chains/', import.meta.url);
const stored = readdirSync(chains)
  .filter((f) => f.startsWith('first-form'))
  .map((file) => ({
    file,
    ...(JSON.parse(readFileSync(new URL(file, chains), 'utf8')) as {
      lastHash: string;
      record: StoredEntry[];
    }),
  }));
const docs = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../docs/formats/${name}`, import.meta.url), 'utf8'));

describe('chains of earlier days', () => {
  it('there are eight of them', () => expect(stored.length).toBe(8));
  it.each(stored)('$file verifies to the hash that it had then, and reads as it is written', (old) => {
    const parsed = old.record.map((s) => storedEntrySchema.parse(s));
    expect(parsed).toEqual(old.record);
    expect(chainProblem(parsed)).toBe(undefined);
    expect(parsed.at(-1)!.hash).toBe(old.lastHash);
    expect(checkChain(old.record)).toEqual({
      whole: true,
      entries: old.record.length,
      lastHash: old.lastHash,
    });
  });
  it.each(stored)('$file is read on, names and all, and goes on in the second form', (old) => {
    const last = old.record.at(-1)!;
    const next = link(last, sample('decision'), new Date(now).toISOString());
    expect(chainProblem([...old.record, next])).toBe(undefined);
    const read = foldRecord(EMPTY_BOOK, [...old.record, next], names);
    expect(read.seen.size).toBe(old.record.length + 1);
    const whos = new Set([...read.seen.values()].map((e) => e.who));
    expect([...whos].sort()).toEqual(['Ines', 'Marek', 'Tomas']);
    // What was superseded then is superseded now; every coat and step is found on its bay.
    const coats = old.record.filter((s) => s.entry.kind === 'coat').length;
    const struck = old.record.filter((s) => s.entry.supersedes !== undefined).length;
    expect([...read.bays.values()].flatMap((b) => b.coats).length).toBe(coats - struck);
  });
  it('an entry of the first form is read as the kind that does its work now', () => {
    const head = { id: 'x', madeAt: '2026-05-12T09:30:00Z', who: 'Ines', bayId: 'hall-1' };
    const at = head.madeAt;
    const as = (entry: Record<string, unknown>) => {
      const { kind, body, bays } = readEntry({ ...head, ...entry } as never, names);
      return { kind, body, bays };
    };
    const bays = [{ bayId: 'hall-1', share: 1 }];
    expect(as({ kind: 'step', step: 'prepared', at, note: 'dry' })).toEqual({
      ...{ kind: 'preparation', bays },
      body: { at, steps: [], complete: true, note: 'dry' },
    });
    expect(as({ kind: 'step', step: 'detailed', at, note: '' })).toEqual({
      ...{ kind: 'detail', bays },
      body: { at, detailId: 'all', name: 'All details', step: 'made' },
    });
    expect(as({ kind: 'step', step: 'held', at, note: 'blister' })).toEqual({
      ...{ kind: 'decision', bays },
      body: { at, what: 'held', reason: 'blister' },
    });
  });
  it.each(['job-early.json', 'job-late.json'])(
    'a whole job file of then, %s, is taken, and its tests brought over once',
    (file) => {
      const read = readJobFile(readFileSync(new URL(file, chains), 'utf8'));
      if (!read.ok) throw new Error('the file is not taken');
      const over = withTestsBroughtOver(read.value.content);
      const tests = over.survey.zones.flatMap((zone) => zone.tests);
      expect(tests.length).toBe(27);
      expect(over.record.length).toBe(read.value.content.record.length + tests.length);
      expect(chainProblem(over.record)).toBe(undefined);
      expect(over.people).toContainEqual(NOBODY);
      expect(withTestsBroughtOver(over)).toBe(over);
    },
  );
});

describe('the canonical form', () => {
  const json = fc.jsonValue().map((v) => JSON.parse(JSON.stringify(v)) as unknown);
  it('is that of RFC 8785: the same as an independent writer and the checker make', () => {
    fc.assert(
      fc.property(json, (value) => {
        expect(canonicalJson(value)).toBe(canonicalize(value));
        expect(canonical(value)).toBe(canonicalize(value));
      }),
    );
  });
  const vectors = docs('record-vectors.json') as {
    canonical: { value: unknown; text: string; sha256: string }[];
    chain: StoredEntry[];
  };
  it.each(vectors.canonical)('vector $text', ({ value, text, sha256 }) => {
    expect(canonicalJson(value)).toBe(text);
    expect(createHash('sha256').update(text, 'utf8').digest('hex')).toBe(sha256);
  });
  it('the vectors hold a chain of both forms, which core and checker find whole', () => {
    expect(vectors.chain.map((s) => 'form' in s.entry)).toEqual([false, true, true]);
    expect(chainProblem(vectors.chain)).toBe(undefined);
    expect(checkChain(vectors.chain).whole).toBe(true);
    for (const s of vectors.chain) {
      expect(hashOf(s)).toBe(s.hash);
      expect(entryHash(s.previousHash, s.seq, s.receivedAt, s.entry)).toBe(s.hash);
    }
  });
  it('core and checker agree on every edit of a chain', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: job.record.length - 1 }),
        fc.constantFrom('person', 'body', 'lose', 'time', 'number', 'bays'),
        (i, how) => {
          // A correction may share its list of bays with what it corrects: a copy through text shares nothing.
          const edited = JSON.parse(JSON.stringify(job.record)) as StoredEntry[];
          const e = edited[i]!;
          if (how === 'person') Object.assign(e.entry, { personId: 'somebody' });
          else if (how === 'body') Object.assign((e.entry as Entry).body, { at: '2020-01-01T00:00:00.000Z' });
          else if (how === 'bays') (e.entry as Entry).bays.push({ bayId: 'hall-1', share: 1 });
          else if (how === 'lose') edited.splice(i, 1);
          else if (how === 'time') edited[i] = { ...e, receivedAt: '2020-01-01T00:00:00.000Z' };
          else edited[i] = { ...e, seq: e.seq + 1 };
          // Losing the last one leaves a whole, shorter chain.
          const whole = how === 'lose' && i === job.record.length - 1;
          expect(chainProblem(edited)?.field).toBe(whole ? undefined : `record/${i}`);
          const found = checkChain(edited);
          expect([found.whole, found.breaksAt]).toEqual([whole, whole ? undefined : i + 1]);
        },
      ),
      { examples: [[94, 'bays']] },
    );
  });
});

describe('the schema', () => {
  const ajv = new Ajv2020({ strict: false });
  addFormats.default(ajv);
  const validate = ajv.compile(docs('record.schema.json') as object);
  it('as published is that of the code', () => {
    expect(docs('record.schema.json')).toEqual(publishedSchema('record'));
  });
  it('an independent validator takes every entry of the demo and of earlier days', () => {
    for (const s of [...job.record, ...stored.flatMap((f) => f.record)])
      expect(validate(s), JSON.stringify(validate.errors?.slice(0, 2))).toBe(true);
  });
  it.each([...KINDS])('a %s entry is read without changing a letter, and by both', (kind) => {
    const entry = sample(kind);
    expect(secondFormSchema.parse(entry)).toEqual(entry);
    expect(canonicalJson(entrySchema.parse(entry))).toBe(canonicalJson(entry));
    expect(validate(link(undefined, entry, new Date(now).toISOString()))).toBe(true);
    expect(validate(link(undefined, { ...entry, extra: 1 } as never, new Date(now).toISOString()))).toBe(
      false,
    );
  });
  it.each([
    ['spaces at its ends', ' a note '],
    ['a control character', 'a\u0000b'],
    ['half a character', 'a\ud83d'],
    ['another normal form', 'e\u0301'],
  ])('text with %s is no text of an entry', (_, note) => {
    expect(secondFormSchema.safeParse(sample('event', { note })).success).toBe(false);
  });
  it('an instant without milliseconds is none: there is one way to write it', () => {
    expect(secondFormSchema.safeParse(sample('event', { at: '2026-05-12T09:30:00Z' })).success).toBe(false);
  });
});

describe('signatures of a device', () => {
  const url = (bytes: ArrayBuffer): string => Buffer.from(bytes).toString('base64url');
  async function signed(entry: Entry, jobId?: string): Promise<Entry> {
    const { subtle } = webcrypto;
    const pair = await subtle.generateKey({ name: 'ECDSA', namedCurve: 'P-256' }, true, ['sign']);
    const value = await subtle.sign(
      { name: 'ECDSA', hash: 'SHA-256' },
      pair.privateKey,
      new TextEncoder().encode(
        // As a third party would put it together, without the code that is tested.
        jobId === undefined ? signedText(entry) : canonicalJson({ entry, jobId }),
      ),
    );
    const key = await subtle.exportKey('raw', pair.publicKey);
    const about = jobId === undefined ? {} : { jobId };
    return { ...entry, signature: { algorithm: 'ES256', key: url(key), ...about, value: url(value) } };
  }
  it('made by the platform holds; without one there is nothing to check', async () => {
    const entry = await signed(sample('event'));
    expect(signatureProblem(entry)).toBe(undefined);
    expect(secondFormSchema.parse(entry)).toEqual(entry);
    expect(signatureProblem(sample('event'))).toBe(undefined);
  });
  it('breaks with a letter of the entry, and under another key', async () => {
    const entry = await signed(sample('event'));
    const other = await signed(sample('event'));
    expect(signatureProblem({ ...entry, personId: 'marek' } as Entry)?.field).toBe('signature');
    expect(
      signatureProblem({ ...entry, signature: { ...entry.signature!, key: other.signature!.key } }),
    ).toBeTruthy();
    expect(signatureProblem({ ...entry, signature: { ...entry.signature!, key: 'AAAA' } })).toBeTruthy();
  });
  it('covers the job that it names: neither another nor none holds', async () => {
    const entry = await signed(sample('event'), 'pier');
    expect(signatureProblem(entry)).toBe(undefined);
    const { jobId: _jobId, ...bare } = entry.signature!;
    expect(signatureProblem({ ...entry, signature: bare })).toBeTruthy();
    expect(signatureProblem({ ...entry, signature: { ...bare, jobId: 'quay' } })).toBeTruthy();
  });
  it('a second implementation comes to the same, entry by entry', async () => {
    const entries = [
      await signed(sample('event')),
      await signed(sample('event'), 'pier'),
      sample('event'),
      { ...(await signed(sample('event'), 'pier')), madeAt: '2026-01-01T00:00:00.000Z' },
      { ...(await signed(sample('event'))), signature: (await signed(sample('snag'), 'pier')).signature },
    ] as Entry[];
    const chained = entries.map((entry, i) => ({ seq: i + 1, entry }));
    expect(checkSignatures(chained)).toEqual({
      hold: chained.filter((s) => s.entry.signature && !signatureProblem(s.entry)).map((s) => s.seq),
      broken: chained.filter((s) => signatureProblem(s.entry)).map((s) => s.seq),
    });
    expect(checkSignatures(chained)).toEqual({ hold: [1, 2], broken: [4, 5] });
  });
  it('bytes go to text and back, whatever their number; as the platform writes them', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 70 }), (bytes) => {
        expect(textOfBytes(bytes)).toBe(Buffer.from(bytes).toString('base64url'));
        expect([...bytesOf(textOfBytes(bytes))]).toEqual([...bytes]);
      }),
    );
  });
});

describe('tests of the survey', () => {
  const survey = surveyAt(new Date(now));
  const first = survey.zones[0]!.tests[0]!;
  it('become entries whose ids follow from the reading, so that once is enough', () => {
    const all = broughtOver(survey, () => false);
    expect(all.length).toBe(survey.zones.flatMap((zone) => zone.tests).length);
    expect(new Set(all.map((e) => e.id)).size).toBe(all.length);
    expect(broughtOver(survey, (id) => all.some((e) => e.id === id))).toEqual([]);
    expect(testEntry('hall', first)).toEqual(testEntry('hall', { ...first }));
    expect(testEntry('hall', first).id).not.toBe(testEntry('hall', { ...first, note: 'x' }).id);
    for (const e of all) expect(secondFormSchema.parse(e)).toEqual(e);
  });
  it('are marked, and the readiness sees them as it saw those of the survey', () => {
    const record = recordWith(...broughtOver(survey, () => false));
    const over = foldRecord(EMPTY_BOOK, record.slice(job.record.length), names);
    for (const zone of survey.zones) {
      const seen = testsOf(over, zone.id);
      expect(seen.map(({ id: _id, ...t }) => t)).toEqual(
        [...zone.tests]
          .sort((a, b) => Date.parse(a.takenAt) - Date.parse(b.takenAt))
          .map(({ id: _id, ...t }) => t),
      );
    }
    const one = [...over.seen.values()].find((e) => e.kind === 'test')!;
    expect(one.kind === 'test' && one.body.broughtOverFrom).toBeTruthy();
  });
  it('are no reading of the bond where it parted in the glue', () => {
    const pull = (id: string, brokeAt: 'in the ground' | 'in the glue') =>
      make(
        'test',
        {
          ...{ at: DEMO_ANCHOR, test: 'pull-off', instrument: 'x', value: 0.4, unprimed: false },
          ...{ brokeAt, brokePct: 80 },
        },
        { id, zoneId: 'hall' },
      );
    const seen = testsOf(bookWith(pull('a', 'in the glue'), pull('b', 'in the ground')), 'hall');
    expect(seen.map((t) => t.id)).toContain('b');
    expect(seen.map((t) => t.id)).not.toContain('a');
  });
  it('the demo tells its own as entries of the one who took them', () => {
    expect(job.survey.zones.every((zone) => zone.tests.length === 0)).toBe(true);
    expect(testsOf(book, 'deck').length).toBeGreaterThan(0);
    expect(Object.keys(SAMPLES).sort()).toEqual([...KINDS].sort());
  });
});
