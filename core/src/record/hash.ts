/** SHA-256 (FIPS 180-4) of text in UTF-8, in hexadecimal. */
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

export interface Hashing {
  readonly update: (text: string) => void;
  readonly digest: () => string;
}
export interface Hasher {
  readonly begin: () => Hashing;
  /** The hash of one text. */
  readonly whole: (text: string) => string;
}

const ANYWHERE: Hasher = {
  begin: () => {
    const hashing = sha256.create();
    return {
      update: (text) => void hashing.update(utf8ToBytes(text)),
      digest: () => bytesToHex(hashing.digest()),
    };
  },
  whole: (text) => bytesToHex(sha256(utf8ToBytes(text))),
};
let hasher = ANYWHERE;

/** Where the machine has a faster one that gives the same, such as on a server. Without an argument: the one for anywhere. */
export function useHash(faster: Hasher = ANYWHERE): void {
  hasher = faster;
}

/** So much is gathered before it is hashed, characters: a call for each small piece takes longer than its hash. */
const GATHERED = 1 << 15;

/** The hash of pieces of text, one behind the other. No piece may end within a character. */
export function hashPieces(pieces: Iterable<string>): string {
  const hashing = hasher.begin();
  let gathered = '';
  for (const piece of pieces) {
    gathered += piece;
    if (gathered.length < GATHERED) continue;
    hashing.update(gathered);
    gathered = '';
  }
  hashing.update(gathered);
  return hashing.digest();
}
export const hashText = (text: string): string => hasher.whole(text);
