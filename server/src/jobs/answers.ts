/** Answers with versions of documents, worked out and packed once: a version stays as it was written. */
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';

const packed = promisify(gzip);

/** All answers of one server together. */
const MOST_BYTES = 32 * 2 ** 20;
/** Shorter ones are sent as they are. */
const WORTH_PACKING_BYTES = 1024;

/** About that much for its key. */
const KEY_BYTES = 200;

interface Answer {
  readonly plain: Buffer;
  readonly packed: Buffer | undefined;
}

const kept = new LRUCache<string, Answer>({
  maxSize: MOST_BYTES,
  sizeCalculation: ({ plain, packed: small }) => plain.length + (small?.length ?? 0) + KEY_BYTES,
});

/**
 * Sends as JSON what never changes.
 * @param key all that the answer depends on
 * @param read works it out, where it is not kept
 */
export async function sendOnce(
  req: Request,
  res: Response,
  key: string,
  read: () => Promise<unknown>,
): Promise<void> {
  let answer = kept.get(key);
  if (!answer) {
    const plain = Buffer.from(JSON.stringify(await read()));
    answer = { plain, packed: plain.length < WORTH_PACKING_BYTES ? undefined : await packed(plain) };
    kept.set(key, answer);
  }
  const small = req.acceptsEncodings('gzip') === 'gzip' ? answer.packed : undefined;
  res.type('json').vary('Accept-Encoding');
  if (small) res.setHeader('Content-Encoding', 'gzip');
  res.send(small ?? answer.plain);
}
