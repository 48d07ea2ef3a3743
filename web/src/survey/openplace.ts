/** A place of which one measure or both are still to be said. */
import type { Place } from '@lentum/core/survey';

export type OpenPlace = { readonly [K in keyof Place]?: number | undefined };

export const isPlace = (place: OpenPlace): place is Place =>
  place.alongM !== undefined && place.acrossM !== undefined;

/** What waits for its place and is not there yet. */
export const NEW_PLACE = 'new';
