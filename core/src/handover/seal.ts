/** The seal of the record: count of its entries and head of its chain. */
import { facts, group, heading, line, type Block, type Telling } from '../printout/index.ts';
import { GENESIS_HASH, type StoredEntry } from '../record/index.ts';

/** The newest entry; absent while the record is empty. */
export type Last = Pick<StoredEntry, 'seq' | 'hash'> | undefined;

/** Letters of a hash that stand on each page; the whole one stands on the last. */
const HASH_SHOWN = 16;

/** For the foot of each page. */
export const sealLine = (last: Last): string =>
  last ? `${last.seq} entries, head ${last.hash.slice(0, HASH_SHOWN)}` : 'no entries';

/** For the last page: the whole head, and what it is good for. */
export const sealBlock = (last: Last, t: Telling): Block =>
  group(
    heading(1, t.w('Seal of the record')),
    line(
      t.w(
        'Each entry of the record carries a SHA-256 hash over itself and the hash before it. Whoever keeps this page can tell whether the entries up to this one were changed since: the job file, or “Check the chain” in the record, must give the same head for the same count.',
      ),
    ),
    facts([
      [t.w('Entries'), String(last?.seq ?? 0)],
      [t.w('Head'), last?.hash ?? GENESIS_HASH],
    ]),
  );
