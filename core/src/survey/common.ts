import { z } from 'zod';

/** No roof side is longer; a slip of the decimal point is. */
export const MOST_M = 2000;

export const coordinate = z.number().min(-MOST_M).max(MOST_M);
export const pointSchema = z.tuple([coordinate, coordinate]);
export const ringSchema = z.array(pointSchema).min(3).max(2000);

/**
 * A place in a zone as it is set out with a tape: so far along side 1 from corner 1, and so far from side 1 into the
 * zone.
 */
export const placeSchema = z.strictObject({ alongM: coordinate, acrossM: coordinate });
export type Place = z.infer<typeof placeSchema>;
