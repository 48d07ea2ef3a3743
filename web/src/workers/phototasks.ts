/** A photograph as its file has it: checked by drawing it, drawn anew where it is too large, and what it says of time and place. */
import { hashOf } from '../app/contenthash.ts';

/** Larger ones are drawn anew, smaller: the server takes no more than 12 MB. */
const MOST_KEPT_BYTES = 11_500_000;
/** More than any camera makes. */
const MOST_BYTES = 80_000_000;
const LONGEST_SIDE_PX = 4000;
const QUALITY = 0.88;

export interface ReadPhoto {
  /** Hash of what is kept. */
  readonly id: string;
  readonly kept: Blob;
  /** By the camera's own clock, which may know nothing of time zones; undefined: the file does not say. */
  readonly takenMs: number | undefined;
  readonly place: { readonly latitudeDeg: number; readonly longitudeDeg: number } | undefined;
  /** It was too large to be kept as it is. */
  readonly isReduced: boolean;
}

const mb = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`;

async function reduced(bitmap: ImageBitmap): Promise<Blob> {
  const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}

interface Exif {
  readonly DateTimeOriginal?: Date;
  readonly latitude?: number;
  readonly longitude?: number;
}
async function exifOf(file: Blob): Promise<Exif> {
  try {
    const { default: exifr } = await import('exifr');
    return ((await exifr.parse(file, { gps: true })) as Exif | undefined) ?? {};
  } catch {
    // A picture need not say when it was taken.
    return {};
  }
}

/** @throws Error with one sentence where it is none, or is too large */
async function read(file: Blob, name: string): Promise<ReadPhoto> {
  if (file.size > MOST_BYTES)
    throw new Error(`“${name}” has ${mb(file.size)}; expected a picture of at most ${mb(MOST_BYTES)}.`);
  const bitmap = await createImageBitmap(file).catch(() => undefined);
  if (!bitmap) throw new Error(`“${name}” is no picture; expected a PNG or JPEG.`);
  const fits = file.size <= MOST_KEPT_BYTES && (file.type === 'image/jpeg' || file.type === 'image/png');
  const kept = fits ? file : await reduced(bitmap);
  bitmap.close();
  const { DateTimeOriginal: taken, latitude, longitude } = await exifOf(file);
  return {
    ...{ id: await hashOf(kept), kept, isReduced: !fits },
    takenMs: taken instanceof Date && !Number.isNaN(taken.getTime()) ? taken.getTime() : undefined,
    place:
      typeof latitude === 'number' && typeof longitude === 'number'
        ? { latitudeDeg: latitude, longitudeDeg: longitude }
        : undefined,
  };
}

export const photoTasks = { read };
export type PhotoTasks = typeof photoTasks;
