/** Pictures of a job, checked by their content and not by what they are called. */
import { createHash } from 'node:crypto';
import { fileTypeFromBuffer } from 'file-type';
import type { Problem } from '@lentum/core/problems';
import type { Db } from '../db/pool.ts';
import { unprocessable } from '../http/errors.ts';
import { PICTURES_SQL } from './sql.ts';

export const MEDIA_TYPES = ['image/png', 'image/jpeg'] as const;

const trouble = (kind: Problem['kind'], actual: string, expected: string): Problem => ({
  kind,
  field: 'picture',
  label: 'The picture',
  actual,
  expected,
});

/** Stores a picture under the hash of its content; the same one twice is stored once. */
export async function storePicture(db: Db, jobId: string, sha256: string, content: Buffer): Promise<void> {
  const type = await fileTypeFromBuffer(content);
  const mediaType = MEDIA_TYPES.find((t) => t === type?.mime);
  if (!mediaType) throw unprocessable([trouble('wrong', type?.mime ?? 'no picture', 'a PNG or JPEG')]);
  const hash = createHash('sha256').update(content).digest('hex');
  if (hash !== sha256) {
    const actual = `its content is ${hash.slice(0, 12)}…, not ${sha256.slice(0, 12)}…`;
    throw unprocessable([trouble('malformed', actual, 'a picture that arrived whole')]);
  }
  await db.query(PICTURES_SQL.insert, [jobId, sha256, mediaType, content]);
}

export interface StoredPicture {
  readonly mediaType: (typeof MEDIA_TYPES)[number];
  readonly content: Buffer;
}

export async function readPicture(db: Db, jobId: string, sha256: string): Promise<StoredPicture | undefined> {
  const { rows } = await db.query<StoredPicture>(PICTURES_SQL.read, [jobId, sha256]);
  return rows[0];
}
