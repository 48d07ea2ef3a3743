/**
 * Photographs on their way into the record: checked by drawing them, kept on this device under the hash of
 * their content, and sent when there is a signal. When and where they were taken is read from the file, where it says so.
 */
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { distanceKm } from '@lentum/core/weather';
import type { ReadPhoto } from '../workers/phototasks.ts';
import type { OpenPhotos } from '../workers/photowork.ts';
import { picturePath } from './api.ts';
import { keepFile } from './files.ts';

export interface Photo extends Omit<ReadPhoto, 'kept'> {
  readonly name: string;
}

/**
 * Keeps a photograph of a job.
 * @param from reads it, off the main thread
 * @throws with one sentence where it is none, is too large, or can neither be kept nor sent
 */
export async function keepPhoto(jobId: string, file: File, from: OpenPhotos['ask']): Promise<Photo> {
  const { kept, ...said } = await from.read(file, file.name);
  await keepFile(picturePath(jobId, said.id), kept);
  return { ...said, name: file.name.slice(0, 120) };
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
