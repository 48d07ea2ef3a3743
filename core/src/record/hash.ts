/** SHA-256 (FIPS 180-4) of text in UTF-8, in hexadecimal. */
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

export interface Hashing {
  readonly update: (text: string) => void;
  readonly digest: () => string;
}

function anywhere(): Hashing {
  const hashing = sha256.create();
  return {
    update: (text) => void hashing.update(utf8ToBytes(text)),
    digest: () => bytesToHex(hashing.digest()),
  };
}
let begin: () => Hashing = anywhere;

/** Where the machine has a faster one that gives the same, such as on a server. Without an argument: the one for anywhere. */
export function useHash(faster: () => Hashing = anywhere): void {
  begin = faster;
}

/** The hash of pieces of text, one behind the other. */
export function hashPieces(pieces: Iterable<string>): string {
  const hashing = begin();
  for (const piece of pieces) hashing.update(piece);
  return hashing.digest();
}
export const hashText = (text: string): string => hashPieces([text]);
