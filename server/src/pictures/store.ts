/** Pictures of a job, checked by their content and not by what they are called. */
import type { Db } from '../db/pool.ts';
import { checkContent } from '../http/filecontent.ts';
import { PICTURES_SQL } from './sql.ts';

export const MEDIA_TYPES = ['image/png', 'image/jpeg'] as const;

const PICTURE = {
  label: 'The picture',
  field: 'picture',
  mediaTypes: MEDIA_TYPES,
  expected: 'a PNG or JPEG',
};

/** Stores a picture under the hash of its content. @returns false where it was there: the same one twice is stored once */
export async function storePicture(db: Db, jobId: string, sha256: string, content: Buffer): Promise<boolean> {
  const mediaType = await checkContent(PICTURE, sha256, content);
  const { rowCount } = await db.query(PICTURES_SQL.insert, [jobId, sha256, mediaType, content]);
  return rowCount === 1;
}

export interface StoredPicture {
  readonly mediaType: (typeof MEDIA_TYPES)[number];
  readonly content: Buffer;
}

export async function readPicture(db: Db, jobId: string, sha256: string): Promise<StoredPicture | undefined> {
  const { rows } = await db.query<StoredPicture>(PICTURES_SQL.read, [jobId, sha256]);
  return rows[0];
}
