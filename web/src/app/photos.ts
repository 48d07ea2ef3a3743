/**
 * Photographs on their way into the record: checked by drawing them, kept on this device under the hash of
 * their content, and sent when there is a signal. When and where they were taken is read from the file, where it says so.
 */
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { distanceKm } from '@lentum/core/weather';
import { hashOf, picturePath } from './api.ts';
import { keepFile } from './files.ts';

/** Larger ones are drawn anew, smaller: the server takes no more than 12 MB. */
const MOST_KEPT_BYTES = 11_500_000;
/** More than any camera makes. */
const MOST_BYTES = 80_000_000;
const LONGEST_SIDE_PX = 4000;
const QUALITY = 0.88;

export interface Photo {
  readonly id: string;
  readonly name: string;
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

/**
 * Keeps a photograph of a job.
 * @throws with one sentence where it is none, is too large, or can neither be kept nor sent
 */
export async function keepPhoto(jobId: string, file: File): Promise<Photo> {
  if (file.size > MOST_BYTES)
    throw new Error(`“${file.name}” has ${mb(file.size)}; expected a picture of at most ${mb(MOST_BYTES)}.`);
  const bitmap = await createImageBitmap(file).catch(() => undefined);
  if (!bitmap) throw new Error(`“${file.name}” is no picture; expected a PNG or JPEG.`);
  const fits = file.size <= MOST_KEPT_BYTES && (file.type === 'image/jpeg' || file.type === 'image/png');
  const kept = fits ? file : await reduced(bitmap);
  bitmap.close();
  const { DateTimeOriginal: taken, latitude, longitude } = await exifOf(file);
  const id = await hashOf(kept);
  await keepFile(picturePath(jobId, id), kept);
  return {
    ...{ id, name: file.name.slice(0, 120), isReduced: !fits },
    takenMs: taken instanceof Date && !Number.isNaN(taken.getTime()) ? taken.getTime() : undefined,
    place:
      typeof latitude === 'number' && typeof longitude === 'number'
        ? { latitudeDeg: latitude, longitudeDeg: longitude }
        : undefined,
  };
}

export interface PhotoTerms {
  /** When the entry says that it was. */
  readonly atMs: number;
  readonly nowMs: number;
  /** Where the job is, if that is known. */
  readonly jobPlace: Photo['place'];
  readonly time: (ms: number) => string;
}

const AWAY_KM = 2;
/** A camera's clock says no time zone: half a day off says nothing. */
const ZONES_MS = 14 * MS_PER_HOUR;

/** What the file says against the entry. */
export function photoDoubts(photo: Photo, { atMs, nowMs, jobPlace, time }: PhotoTerms): string[] {
  const { takenMs, place } = photo;
  const said: string[] = [];
  if (takenMs !== undefined && takenMs > nowMs + ZONES_MS)
    said.push(`by its camera it was taken ${time(takenMs)}, which has not come: the camera’s clock is off`);
  else if (takenMs !== undefined && Math.abs(takenMs - atMs) > Math.max(MS_PER_DAY, ZONES_MS)) {
    const days = Math.round(Math.abs(takenMs - atMs) / MS_PER_DAY);
    said.push(
      `by its camera it was taken ${time(takenMs)}, ${days} ${days === 1 ? 'day' : 'days'} ${takenMs < atMs ? 'before' : 'after'} what it is entered for`,
    );
  }
  if (place && jobPlace) {
    const km = distanceKm(place, jobPlace);
    if (km > AWAY_KM) said.push(`by its camera it was taken ${Math.round(km)} km from the job`);
  }
  return said.map((s) => `${photo.name}: ${s}.`);
}
