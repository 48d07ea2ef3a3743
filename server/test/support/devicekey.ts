/** A device with a key of its own, as a browser makes it, through the platform's cryptography and none of ours. */
import { webcrypto } from 'node:crypto';
import canonicalize from 'canonicalize';
import type { Entry } from '@lentum/core/record';

const ES256 = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const url = (bytes: ArrayBuffer): string => Buffer.from(bytes).toString('base64url');

export interface KeyHolder {
  readonly key: string;
  /** @param jobId as it is signed */
  readonly sign: (entry: Entry, jobId: string) => Promise<Entry>;
}

export async function keyHolder(): Promise<KeyHolder> {
  const pair = await webcrypto.subtle.generateKey(ES256, false, ['sign', 'verify']);
  const key = url(await webcrypto.subtle.exportKey('raw', pair.publicKey));
  return {
    key,
    sign: async (entry, jobId) => {
      const text = new TextEncoder().encode(canonicalize({ entry, jobId }));
      const value = await webcrypto.subtle.sign({ name: 'ECDSA', hash: 'SHA-256' }, pair.privateKey, text);
      return { ...entry, signature: { algorithm: 'ES256', key, jobId, value: url(value) } };
    },
  };
}
