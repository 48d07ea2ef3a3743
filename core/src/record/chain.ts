/** The hash chain of the record: every entry's hash covers its content and the hash before it (SHA-256). */
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { canonicalJson } from '../job/index.ts';
import type { Problem } from '../problems/index.ts';
import type { EntryForm, StoredEntry } from './entry.ts';

export const GENESIS_HASH = '0'.repeat(64);

export const hashText = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

export const entryHash = (previousHash: string, seq: number, receivedAt: string, entry: EntryForm): string =>
  hashText(canonicalJson({ previousHash, seq, receivedAt, entry }));

/** Puts an entry behind the last one. */
export function link(last: StoredEntry | undefined, entry: EntryForm, receivedAt: string): StoredEntry {
  const seq = (last?.seq ?? 0) + 1;
  const previousHash = last?.hash ?? GENESIS_HASH;
  return { seq, receivedAt, previousHash, hash: entryHash(previousHash, seq, receivedAt, entry), entry };
}

/** The first place where the chain is broken; undefined when it is whole. */
export function chainProblem(entries: readonly StoredEntry[], after?: StoredEntry): Problem | undefined {
  let seq = after?.seq ?? 0;
  let hash = after?.hash ?? GENESIS_HASH;
  for (const stored of entries) {
    seq += 1;
    const whole =
      stored.seq === seq &&
      stored.previousHash === hash &&
      stored.hash === entryHash(hash, seq, stored.receivedAt, stored.entry);
    if (!whole) {
      return {
        kind: 'chain',
        field: `record/${seq - 1}`,
        label: 'The record',
        actual: `the chain breaks at entry ${seq}`,
        expected: 'every entry unchanged and in its place',
      };
    }
    hash = stored.hash;
  }
  return undefined;
}
