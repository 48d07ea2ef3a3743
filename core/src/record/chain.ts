/** The hash chain of the record: every entry's hash covers its content and the hash before it (SHA-256). */
import { canonicalJson } from '../job/index.ts';
import type { Problem } from '../problems/index.ts';
import { hashText } from './hash.ts';
import type { EntryForm, StoredEntry } from './entry.ts';

export const GENESIS_HASH = '0'.repeat(64);

/** What an entry's hash covers, as canonical JSON: keys in their order. */
const covered = (previousHash: string, seq: number, receivedAt: string, entryText: string): string =>
  `{"entry":${entryText},"previousHash":${JSON.stringify(previousHash)},"receivedAt":${JSON.stringify(receivedAt)},"seq":${seq}}`;

export const entryHash = (previousHash: string, seq: number, receivedAt: string, entry: EntryForm): string =>
  hashText(covered(previousHash, seq, receivedAt, canonicalJson(entry)));

/** Puts an entry behind the last one. */
export function link(last: StoredEntry | undefined, entry: EntryForm, receivedAt: string): StoredEntry {
  const seq = (last?.seq ?? 0) + 1;
  const previousHash = last?.hash ?? GENESIS_HASH;
  return { seq, receivedAt, previousHash, hash: entryHash(previousHash, seq, receivedAt, entry), entry };
}

/**
 * Follows a chain entry by entry, for whoever has their texts only one after the other.
 * @returns asked for each next entry with its canonical JSON, what is wrong there; undefined while the chain is whole
 */
export function chainFollower(
  after?: StoredEntry,
): (stored: StoredEntry, text: string) => Problem | undefined {
  let seq = after?.seq ?? 0;
  let hash = after?.hash ?? GENESIS_HASH;
  return (stored, text) => {
    seq += 1;
    const whole =
      stored.seq === seq &&
      stored.previousHash === hash &&
      stored.hash === hashText(covered(hash, seq, stored.receivedAt, text));
    hash = stored.hash;
    return whole
      ? undefined
      : {
          kind: 'chain',
          field: `record/${seq - 1}`,
          label: 'The record',
          actual: `the chain breaks at entry ${seq}`,
          expected: 'every entry unchanged and in its place',
        };
  };
}

/** The first place where the chain is broken; undefined when it is whole. */
export function chainProblem(entries: readonly StoredEntry[], after?: StoredEntry): Problem | undefined {
  const wrongAt = chainFollower(after);
  for (const stored of entries) {
    const problem = wrongAt(stored, canonicalJson(stored.entry));
    if (problem) return problem;
  }
  return undefined;
}
