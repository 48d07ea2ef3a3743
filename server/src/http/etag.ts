/** ETag and If-Match: the version of a document, in quotes. */
import type { Request, Response } from 'express';
import { HttpProblem } from './errors.ts';

export const setVersion = (res: Response, version: number): void => {
  res.setHeader('ETag', `"${version}"`);
};

/** At most so many tags are looked at. */
const MOST_TAGS = 20;
const TAG = /^(?:W\/)?"(\d{1,9})"$/;

/**
 * The version that a write was made from (RFC 9110, 13.1.1): a tag; the one of several that is the current one, or the
 * first; or, for "*", whichever is there.
 * @param current asked only for "*" and for several tags; 0 where there is none yet
 * @throws HttpProblem 428 when it is not said, 400 when it is no version, 412 for "*" where nothing is there
 */
export async function expectedVersion(
  req: Request,
  current: () => number | Promise<number>,
): Promise<number> {
  const text = req.headers['if-match'];
  if (text === undefined) throw new HttpProblem(428, 'Say which version this was made from, with If-Match');
  if (text.trim() === '*') {
    const version = await current();
    if (version === 0) throw new HttpProblem(412, 'There is no version yet that “*” could stand for');
    return version;
  }
  const versions = text.split(',', MOST_TAGS).map((tag) => TAG.exec(tag.trim())?.[1]);
  const [first] = versions;
  if (first === undefined || versions.includes(undefined)) {
    throw new HttpProblem(400, 'The request is wrong', [
      {
        kind: 'wrong',
        field: 'If-Match',
        label: 'If-Match',
        actual: text.slice(0, 40),
        expected: 'a version in quotes, such as "3", several of them, or *',
      },
    ]);
  }
  if (versions.length === 1) return Number(first);
  const now = await current();
  return versions.some((v) => Number(v) === now) ? now : Number(first);
}
