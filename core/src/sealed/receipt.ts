/**
 * Receipts: what a server has signed of the end of a record, Ed25519 (RFC 8032) over canonical JSON. Whoever holds one can
 * tell whether a record that is shown later still begins with what was there then: a tail that was cut off, entries that were
 * changed and chained anew, a server that was brought back to an older state.
 */
import { ed25519 } from '@noble/curves/ed25519.js';
import { utf8ToBytes } from '@noble/hashes/utils.js';
import { z } from 'zod';
import { canonicalJson, idSchema } from '../job/index.ts';
import { bytesOf, GENESIS_HASH } from '../record/index.ts';

const base64url = z.string().regex(/^[A-Za-z0-9_-]+$/, 'base64url without padding');

export const receiptSchema = z.strictObject({
  format: z.literal('lentum-receipt'),
  version: z.literal(1),
  jobId: idSchema,
  /** How many entries the record had. */
  entries: z.number().int().min(0).max(2_147_483_647),
  /** Hash of the last of them; zeros for none. */
  head: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
  /** The server's clock. */
  at: z.iso.datetime(),
  /** The public key, 32 bytes. */
  key: base64url.max(60),
  /** 64 bytes. */
  signature: base64url.max(120),
});
export type Receipt = z.infer<typeof receiptSchema>;

/** What is signed: the canonical form of the receipt without its signature. */
export const receiptText = ({ signature: _signature, ...rest }: Receipt): string => canonicalJson(rest);

/** Whether the signature is that of the receipt under the key that it names. Whose key it is, is another question. */
export function isSigned(receipt: Receipt): boolean {
  try {
    return ed25519.verify(
      bytesOf(receipt.signature),
      utf8ToBytes(receiptText(receipt)),
      bytesOf(receipt.key),
    );
  } catch {
    // A key that is no point of the curve, or a value of another length, signs nothing.
    return false;
  }
}

export type ReceiptOutcome =
  /** The record begins with what was signed. */
  | { readonly outcome: 'holds' }
  /** Nobody has signed this, or it was changed. */
  | { readonly outcome: 'not signed' }
  /** The record ends before what was signed. */
  | { readonly outcome: 'cut'; readonly has: number; readonly had: number }
  /** The entry in that place is another one. */
  | { readonly outcome: 'other'; readonly at: number };

/**
 * Compares a record with a receipt. That the chain of the record is whole in itself has to be looked at first.
 * @param record how many entries it has, and the hash of each by its number, from 1
 */
export function compareReceipt(
  receipt: Receipt,
  record: { readonly entries: number; readonly hashAt: (seq: number) => string | undefined },
): ReceiptOutcome {
  if (!isSigned(receipt)) return { outcome: 'not signed' };
  if (record.entries < receipt.entries) return { outcome: 'cut', has: record.entries, had: receipt.entries };
  const there = receipt.entries === 0 ? GENESIS_HASH : record.hashAt(receipt.entries);
  return there === receipt.head ? { outcome: 'holds' } : { outcome: 'other', at: receipt.entries };
}

/** The same in a sentence. @param when the instant of the receipt, as a reader writes it */
export function receiptWords(found: ReceiptOutcome, when: string): string {
  switch (found.outcome) {
    case 'holds':
      return `The record begins with what was signed ${when}.`;
    case 'not signed':
      return 'This receipt is not signed under its key, or it was changed: it proves nothing.';
    case 'cut':
      return `The record has ${found.has} ${found.has === 1 ? 'entry' : 'entries'}; ${found.had} were signed ${when}. The tail is missing: entries were cut off, or the server was brought back to an older state.`;
    case 'other':
      return `Entry ${found.at} is another one than was signed ${when}: the record was changed before it and chained anew, or this is another record.`;
  }
}
