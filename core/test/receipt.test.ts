/** Receipts: signed ends of a record, compared with what is shown later; beside a second checker that shares no code. */
import { generateKeyPairSync, sign } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { ed25519 } from '@noble/curves/ed25519.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bytesOf, GENESIS_HASH, link, type EntryForm, type StoredEntry } from '@lentum/core/record';
import {
  compareReceipt,
  isSigned,
  receiptSchema,
  receiptText,
  receiptWords,
  type Receipt,
} from '@lentum/core/sealed';
import { receiptTrouble } from '../../docs/formats/check-chain.mjs';
import { job } from './support/entries.ts';
import { publishedSchema } from '../../scripts/lib/schemas.ts';

const pair = generateKeyPairSync('ed25519');
/** Signed by the runtime's own library, not by the one that verifies. */
function signed(over: Partial<Receipt> = {}): Receipt {
  const record = job.record;
  const bare: Receipt = {
    ...{ format: 'lentum-receipt', version: 1, jobId: 'demo', entries: record.length },
    ...{ head: record.at(-1)?.hash ?? '', at: '2026-05-04T18:00:00.000Z' },
    ...{ key: pair.publicKey.export({ format: 'jwk' }).x ?? '', signature: '' },
    ...over,
  };
  return {
    ...bare,
    signature: sign(null, Buffer.from(receiptText(bare)), pair.privateKey).toString('base64url'),
  };
}
const shown = (record: readonly StoredEntry[]) => ({
  entries: record.length,
  hashAt: (seq: number) => record[seq - 1]?.hash,
});
const at = (n: number): Receipt => signed({ entries: n, head: job.record[n - 1]?.hash ?? GENESIS_HASH });
/** The record with one entry changed and everything behind it chained anew, as somebody would who has the database. */
function forged(from: number): StoredEntry[] {
  const made: StoredEntry[] = [];
  for (const [i, { entry, receivedAt }] of job.record.entries()) {
    const changed = i === from ? ({ ...entry, deviceId: 'another' } as EntryForm) : entry;
    made.push(link(made.at(-1), changed, receivedAt));
  }
  return made;
}

describe('a receipt', () => {
  it('the published schema is that of the code', () => {
    const file = new URL('../../docs/formats/receipt.schema.json', import.meta.url);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(publishedSchema('receipt'));
  });
  it('the library verifies the first vector of RFC 8032 (7.1, from memory)', () => {
    const hex = (text: string) => Uint8Array.from(text.match(/../g) ?? [], (b) => parseInt(b, 16));
    const key = hex('d75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a');
    const value = hex(
      'e5564300c360ac729086e2cc806e828a84877f1eb8e5d974d873e065224901555fb8821590a33bacc61e39701cf9b46bd25bf5f0595bbe24655141438e7a100b',
    );
    expect(ed25519.verify(value, new Uint8Array(), key)).toBe(true);
  });
  it('is signed by one library and verified by the other; any change of it is found', () => {
    const receipt = signed();
    expect(receiptSchema.parse(receipt)).toEqual(receipt);
    expect(isSigned(receipt)).toBe(true);
    for (const change of [
      { entries: receipt.entries - 1 },
      { head: GENESIS_HASH },
      { jobId: 'x' },
      { at: '2026-05-05T18:00:00.000Z' },
    ])
      expect(isSigned({ ...receipt, ...change })).toBe(false);
    const other = generateKeyPairSync('ed25519').publicKey.export({ format: 'jwk' }).x ?? '';
    expect(isSigned({ ...receipt, key: other })).toBe(false);
    for (const odd of ['', 'A', 'AAAA', receipt.signature.slice(1)])
      expect(isSigned({ ...receipt, signature: odd })).toBe(false);
    expect(compareReceipt({ ...receipt, entries: 1 }, shown(job.record)).outcome).toBe('not signed');
  });
  it('any bytes come back from base64url', () => {
    fc.assert(
      fc.property(fc.uint8Array(), (bytes) => {
        expect(bytesOf(Buffer.from(bytes).toString('base64url'))).toEqual(bytes);
      }),
    );
  });
});

describe('a record beside a receipt', () => {
  const numbers = fc.integer({ min: 0, max: job.record.length });
  it('that grew on from it holds; one that was cut before it is found, by both checkers', () => {
    fc.assert(
      fc.property(numbers, numbers, (had, has) => {
        const receipt = at(had);
        const record = job.record.slice(0, has);
        const found = compareReceipt(receipt, shown(record));
        expect(found).toEqual(has < had ? { outcome: 'cut', has, had } : { outcome: 'holds' });
        expect(receiptTrouble(receipt, record) === undefined).toBe(has >= had);
      }),
      { numRuns: 60 },
    );
  });
  it('of which an entry was changed and all behind it chained anew is found, if it was signed with it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: job.record.length - 1 }), numbers, (from, had) => {
        const receipt = at(had);
        const record = forged(from);
        const found = compareReceipt(receipt, shown(record));
        expect(found).toEqual(from < had ? { outcome: 'other', at: had } : { outcome: 'holds' });
        expect(receiptTrouble(receipt, record) === undefined).toBe(from >= had);
      }),
      { numRuns: 40 },
    );
  });
  it.each([
    [
      at(3),
      job.record.slice(0, 1),
      'The record has 1 entry; 3 were signed at six. The tail is missing: entries were cut off, or the server was brought back to an older state.',
    ],
    [
      at(3),
      forged(1),
      'Entry 3 is another one than was signed at six: the record was changed before it and chained anew, or this is another record.',
    ],
    [at(3), job.record, 'The record begins with what was signed at six.'],
    [
      { ...at(3), entries: 4 },
      job.record,
      'This receipt is not signed under its key, or it was changed: it proves nothing.',
    ],
  ])('%# says so', (receipt, record, says) => {
    expect(receiptWords(compareReceipt(receipt, shown(record)), 'at six')).toBe(says);
  });
});
