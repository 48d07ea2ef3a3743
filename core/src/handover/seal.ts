/** The seal of the record: count of its entries and head of its chain. */
import {
  facts,
  group,
  heading,
  line,
  type Block,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import { GENESIS_HASH, type StoredEntry } from '../record/index.ts';
import type { Receipt } from '../sealed/index.ts';

/** The newest entry; absent while the record is empty. */
export type Last = Pick<StoredEntry, 'seq' | 'hash'> | undefined;

/** Letters of a hash that stand on each page; the whole one stands on the last. */
const HASH_SHOWN = 16;

/** For the foot of each page. */
export const sealLine = (last: Last): string =>
  last ? `${last.seq} entries, head ${last.hash.slice(0, HASH_SHOWN)}` : 'no entries';

/**
 * What the server has signed of it, field by field, so that the receipt can be typed out from the page.
 * @param entries of the record as it is printed
 */
const receiptBlocks = (receipt: Receipt, entries: number, t: Telling): SimpleBlock[] => [
  heading(2, t.w('Receipt')),
  line(
    t.w(
      'The server that keeps the record has signed its end: Ed25519 over the canonical JSON of what stands below, with format “lentum-receipt” and version 1. A record that is shown later has to begin with what was signed; “Check the chain” and check-chain.mjs compare it.',
    ),
  ),
  facts([
    [t.w('Job'), receipt.jobId],
    [t.w('Entries'), String(receipt.entries)],
    [t.w('Head'), receipt.head],
    [t.w('At'), receipt.at],
    [t.w('Key'), receipt.key],
    [t.w('Signature'), receipt.signature],
  ]),
  ...(entries > receipt.entries
    ? [line(t.w(`Entries ${receipt.entries + 1} to ${entries} came after it.`), 'quiet')]
    : []),
];

/** For the last page: the whole head, and what it is good for; with the receipt of it, where there is one. */
export const sealBlock = (last: Last, t: Telling, receipt?: Receipt): Block =>
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
    ...(receipt ? receiptBlocks(receipt, last?.seq ?? 0, t) : []),
  );
