/** The signature that a device may put under an entry: ECDSA on the curve P-256 with SHA-256 (ES256, RFC 7518, from memory). */
import { p256 } from '@noble/curves/nist.js';
import { utf8ToBytes } from '@noble/hashes/utils.js';
import type { Problem } from '../problems/index.ts';
import { bytesOf } from './base64url.ts';
import { isSecondForm, type EntryForm } from './entry.ts';
import { signedText } from './signedtext.ts';

/** A signature that is there has to be that of the entry under the key it names. */
export function signatureProblem(entry: EntryForm): Problem | undefined {
  if (!isSecondForm(entry) || !entry.signature) return undefined;
  const { key, value } = entry.signature;
  return holds(bytesOf(value), utf8ToBytes(signedText(entry)), bytesOf(key))
    ? undefined
    : {
        kind: 'wrong',
        field: 'signature',
        label: 'Entry, signature',
        actual: value,
        expected: 'the signature of this entry under the key that it names',
      };
}

function holds(value: Uint8Array, text: Uint8Array, key: Uint8Array): boolean {
  try {
    return p256.verify(value, text, key, { lowS: false });
  } catch {
    // A key that is no point of the curve, or a value of another length, signs nothing.
    return false;
  }
}
