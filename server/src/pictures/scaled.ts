/** Pictures made smaller: for lists and paper, and for a screen over a slow net. The picture as it was taken is kept. */
import sharp from 'sharp';
import type { Db } from '../db/pool.ts';
import { PICTURES_SQL } from './sql.ts';
import { readPicture } from './store.ts';

/** Longest side, pixels. */
const SCALED_PX = { small: 640, screen: 1600 } as const;
export type ScaledSize = keyof typeof SCALED_PX;

export interface ScaledPicture {
  readonly widthPx: number;
  readonly heightPx: number;
  /** A JPEG. */
  readonly content: Buffer;
}

const QUALITY = 78;
/** More than any camera takes. */
const MOST_PX = 200_000_000;

/** A picture turned as its camera was held, no side longer than it may be. @returns nothing where it cannot be read */
async function scaled(content: Buffer, longestPx: number): Promise<ScaledPicture | undefined> {
  try {
    const { data, info } = await sharp(content, { limitInputPixels: MOST_PX })
      .rotate()
      .resize(longestPx, longestPx, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { widthPx: info.width, heightPx: info.height, content: data };
  } catch {
    return undefined;
  }
}

/** Makes one of the sizes of a picture that is at hand, and keeps it. @returns nothing where it cannot be read */
export async function keepScaled(
  db: Db,
  jobId: string,
  sha256: string,
  size: ScaledSize,
  picture: Buffer,
): Promise<ScaledPicture | undefined> {
  const longestPx = SCALED_PX[size];
  const made = await scaled(picture, longestPx);
  if (!made) return undefined;
  const { widthPx, heightPx, content } = made;
  await db.query(PICTURES_SQL.insertScaled, [jobId, sha256, longestPx, widthPx, heightPx, content]);
  return made;
}

/**
 * A picture of a job in one of its sizes: made the first time that it is asked for, and kept.
 * @returns nothing where there is no such picture, or it cannot be read
 */
export async function readScaled(
  db: Db,
  jobId: string,
  sha256: string,
  size: ScaledSize,
): Promise<ScaledPicture | undefined> {
  const kept = await db.query<ScaledPicture>(PICTURES_SQL.readScaled, [jobId, sha256, SCALED_PX[size]]);
  if (kept.rows[0]) return kept.rows[0];
  const picture = await readPicture(db, jobId, sha256);
  return picture && keepScaled(db, jobId, sha256, size, picture.content);
}
