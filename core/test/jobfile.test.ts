import Ajv2020 from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import canonicalize from 'canonicalize';
import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, DEMO_FILE, velmora } from '@lentum/demo';
import { contentChecksum, readJobFile, writeJobFile, type JobFile } from '@lentum/core/jobfile';
import { sentence } from '@lentum/core/problems';
import {
  canonicalJson,
  entryHash,
  GENESIS_HASH,
  hashPieces,
  hashText,
  link,
  storedEntrySchema,
  useHash,
  type EntryForm,
  type StoredEntry,
} from '@lentum/core/record';
import { PUBLISHED, publishedSchema } from '../../scripts/lib/schemas.ts';

const text = readFileSync(DEMO_FILE, 'utf8');
const file = JSON.parse(text) as JobFile;

it('the demo file is what its story tells now', () => {
  expect(file).toEqual(JSON.parse(JSON.stringify(writeJobFile(velmora(new Date(DEMO_ANCHOR)), DEMO_ANCHOR))));
});

describe('the published schema', () => {
  const published = JSON.parse(
    readFileSync(new URL('../../docs/formats/job.schema.json', import.meta.url), 'utf8'),
  ) as object;
  it('is the one the application uses', () => {
    expect(published).toEqual(publishedSchema('job'));
  });
  it.each(PUBLISHED)('%s: every part of it has a name that says where it belongs', (name) => {
    const { $defs = {} } = publishedSchema(name) as { $defs?: object };
    expect(Object.keys($defs).filter((part) => part.startsWith('_'))).toEqual([]);
  });
  it('takes the demo and refuses an edited one, by an independent validator (ajv)', () => {
    const ajv = new Ajv2020({ strict: false });
    addFormats(ajv);
    const validate = ajv.compile(published);
    expect(validate(file), JSON.stringify(validate.errors?.[0])).toBe(true);
    expect(validate({ ...file, version: 2 })).toBe(false);
    const bad = structuredClone(file) as { content: { survey: { zones: { code: string }[] } } };
    bad.content.survey.zones[0]!.code = 'lower';
    expect(validate(bad)).toBe(false);
  });
});

/** A file whose record was chained and summed up anew after a change: whole in form, wrong in sense. */
function rechained(change: (entries: EntryForm[]) => void): string {
  const entries = structuredClone(file.content.record).map((s) => s.entry);
  change(entries);
  const record: StoredEntry[] = [];
  for (const entry of entries) record.push(link(record.at(-1), entry, entry.madeAt));
  return JSON.stringify(writeJobFile({ ...file.content, record }, DEMO_ANCHOR));
}

describe('reading', () => {
  const edit = (change: (f: JobFile) => void): string => {
    const f = structuredClone(file);
    change(f);
    return JSON.stringify(f);
  };
  it('takes the demo as it is', () =>
    expect(readJobFile(text)).toMatchObject({
      ok: true,
      value: { content: { job: { name: 'Velmora ferry terminal' } } },
    }));
  it.each([
    ['cut short', text.slice(0, 5000), 'The job file is cut short: it ends with'],
    [
      'another program’s file',
      '{"type":"FeatureCollection"}',
      'The job file, format: “none” does not fit; expected “lentum-job”: a file that this application has written.',
    ],
    ['no JSON', 'PK\u0003\u0004', 'The job file cannot be read'],
    ['a list', '[]', 'The job file, format: “none”'],
    ['nothing', '', 'The job file cannot be read'],
    [
      'a changed name',
      edit((f) => (f.content.job.name = 'Other')),
      'the file was changed after it was written',
    ],
    [
      'a changed entry',
      edit((f) => (f.content.record[3]!.entry.madeAt = '2026-01-01T00:00:00.000Z')),
      'The record: the chain breaks at entry 4; expected every entry unchanged and in its place.',
    ],
    [
      'a missing part',
      edit((f) => delete (f.content as Partial<JobFile['content']>).site),
      'The job file, content › site is missing; expected an object.',
    ],
    [
      'an unknown zone',
      edit((f) => (f.content.job.timeZone = 'Mars/Olympus')),
      'timeZone: “Mars/Olympus” does not fit; expected a time zone such as Europe/Lisbon.',
    ],
    [
      'one entry twice',
      rechained((e) => void e.push({ ...e[4]!, madeAt: '2026-01-01T00:00:00.000Z' })),
      `Entry ${file.content.record.length + 1}, id: “`,
    ],
    [
      'an entry of somebody without a name',
      JSON.stringify(writeJobFile({ ...file.content, people: file.content.people.slice(1) }, DEMO_ANCHOR)),
      'name of person velmora-ines is missing; expected everybody who made an entry to be among the people',
    ],
    [
      'a correction of what is not there',
      rechained((e) => (e[4] = { ...e[4]!, supersedes: 'gone' } as EntryForm)),
      'Entry 5: Correction of: “gone” is not known here',
    ],
    [
      'bays on no zone',
      edit((f) => f.content.survey.zones.splice(2, 1)),
      'zone: “canopy” is not known here; expected a zone of the survey.',
    ],
  ])('%s', (_, given, words) => {
    const r = readJobFile(given);
    expect(r.ok ? 'read' : r.problems.map(sentence).join(' ')).toContain(words);
  });
});

describe('large files are read fast, and no other way', () => {
  afterEach(() => useHash());
  const chains = new URL('./chains/', import.meta.url);
  const stored = readdirSync(chains)
    .filter((n) => n.startsWith('job-'))
    .map((n) => JSON.parse(readFileSync(new URL(n, chains), 'utf8')) as JobFile);
  const all = [file, ...stored];

  it('the checksum, made piece by piece, is that of the whole as canonical JSON', () => {
    for (const { content, checksum } of all) {
      expect(contentChecksum(content)).toBe(hashText(canonicalJson(content)));
      expect(contentChecksum(content)).toBe(checksum);
      const without = { ...content, record: [] };
      expect(contentChecksum(without)).toBe(hashText(canonicalJson(without)));
    }
  });
  it('what an entry’s hash covers is written as canonical JSON writes it', () => {
    const entries = all.flatMap((f) => f.content.record);
    for (const { seq, receivedAt, previousHash, entry } of entries)
      expect(entryHash(previousHash, seq, receivedAt, entry)).toBe(
        hashText(canonicalJson({ seq, receivedAt, previousHash, entry })),
      );
    expect(entryHash(GENESIS_HASH, 1, 'a"b', entries[0]!.entry)).toBe(
      hashText(
        canonicalJson({ seq: 1, receivedAt: 'a"b', previousHash: GENESIS_HASH, entry: entries[0]!.entry }),
      ),
    );
  });
  it('reading an entry changes nothing in it: it is stored as it was written', () => {
    for (const entry of all.flatMap((f) => f.content.record))
      expect(canonicalJson(storedEntrySchema.parse(entry))).toBe(canonicalJson(entry));
  });
  it('canonical JSON is that of an independent writer (canonicalize, RFC 8785)', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.jsonValue(),
          fc.jsonValue({ stringUnit: 'binary' }),
          // Few keys and many are sorted in two ways; some keys look like numbers.
          fc.dictionary(fc.oneof(fc.string(), fc.nat({ max: 99 }).map(String)), fc.double(), { maxKeys: 60 }),
        ),
        (value) => {
          expect(canonicalJson(value)).toBe(canonicalize(JSON.parse(JSON.stringify(value))));
        },
      ),
    );
  });
  it('a faster hash gives the same', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary' }), { maxLength: 4 }), (pieces) => {
        useHash();
        const slow = hashPieces(pieces);
        const whole = (of: string): string => createHash('sha256').update(of).digest('hex');
        useHash({
          begin: () => {
            const hash = createHash('sha256');
            return { update: (t) => void hash.update(t), digest: () => hash.digest('hex') };
          },
          whole,
        });
        expect(hashPieces(pieces)).toBe(slow);
        expect(hashText(pieces.join(''))).toBe(slow);
        // Many pieces are gathered before they are hashed.
        const many = Array.from({ length: 300 }, () => [...pieces, 'Naht über die Kante ']).flat();
        const long = whole(many.join(''));
        expect(hashPieces(many)).toBe(long);
        useHash();
        expect([hashPieces(many), hashText(many.join(''))]).toEqual([long, long]);
      }),
    );
  });
});
