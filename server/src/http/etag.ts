/** ETag and If-Match: the version of a document, in quotes. */
import type { Request, Response } from 'express';
import { HttpProblem } from './errors.ts';

export const setVersion = (res: Response, version: number): void => {
  res.setHeader('ETag', `"${version}"`);
};

/** The version that a write was made from; 428 when it is not said, 400 when it is no version. */
export function expectedVersion(req: Request): number {
  const text = req.headers['if-match'];
  if (text === undefined) throw new HttpProblem(428, 'Say which version this was made from, with If-Match');
  const version = /^(?:W\/)?"(\d{1,9})"$/.exec(text)?.[1];
  if (version === undefined) {
    throw new HttpProblem(400, 'The request is wrong', [
      {
        kind: 'wrong',
        field: 'If-Match',
        label: 'If-Match',
        actual: text.slice(0, 40),
        expected: 'a version in quotes, such as "3"',
      },
    ]);
  }
  return Number(version);
}
