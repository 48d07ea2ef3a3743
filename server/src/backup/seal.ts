/** A file that only whoever has the pass phrase can read: AES-256-GCM (NIST SP 800-38D), the key by scrypt (RFC 7914). */
import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';

const MARK = Buffer.from('LENTUM-1');
const SALT = 16;
const NONCE = 12;
const TAG = 16;
const HEAD = MARK.length + SALT + NONCE;

const keyOf = (phrase: string, salt: Buffer): Buffer =>
  scryptSync(phrase.normalize('NFC'), salt, 32, { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 });

export async function seal(from: string, to: string, phrase: string): Promise<void> {
  const [salt, nonce] = [randomBytes(SALT), randomBytes(NONCE)];
  const cipher = createCipheriv('aes-256-gcm', keyOf(phrase, salt), nonce);
  const out = createWriteStream(to, { mode: 0o600 });
  out.write(Buffer.concat([MARK, salt, nonce]));
  await pipeline(createReadStream(from), cipher, out, { end: false });
  await new Promise<void>((done, failed) => {
    out.once('error', failed);
    out.end(cipher.getAuthTag(), done);
  });
}

/** @throws where the pass phrase is another one, or a bit of the file has changed: then nothing of it is left in `to` */
export async function unseal(from: string, to: string, phrase: string): Promise<void> {
  const file = await open(from);
  let head: Buffer;
  let tag: Buffer;
  let size: number;
  try {
    ({ size } = await file.stat());
    if (size < HEAD + TAG) throw new Error('The backup is cut short.');
    head = (await file.read(Buffer.alloc(HEAD), 0, HEAD, 0)).buffer;
    tag = (await file.read(Buffer.alloc(TAG), 0, TAG, size - TAG)).buffer;
  } finally {
    await file.close();
  }
  if (!head.subarray(0, MARK.length).equals(MARK)) throw new Error('This is no sealed backup.');
  const salt = head.subarray(MARK.length, MARK.length + SALT);
  const opener = createDecipheriv('aes-256-gcm', keyOf(phrase, salt), head.subarray(MARK.length + SALT));
  opener.setAuthTag(tag);
  try {
    await pipeline(
      size === HEAD + TAG ? Readable.from([]) : createReadStream(from, { start: HEAD, end: size - TAG - 1 }),
      opener,
      createWriteStream(to, { mode: 0o600 }),
    );
  } catch {
    await rm(to, { force: true });
    throw new Error('The backup does not open: the pass phrase is another one, or the file was changed.');
  }
}
