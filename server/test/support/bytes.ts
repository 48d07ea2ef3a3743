/** Reads an answer as bytes. */
import type { Response } from 'superagent';

export function bytesOf(res: Response, done: (error: Error | null, body: unknown) => void): void {
  const parts: Buffer[] = [];
  res.on('data', (part: Buffer) => parts.push(part));
  res.on('end', () => done(null, Buffer.concat(parts)));
}
