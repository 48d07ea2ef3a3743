/** A square of five metres, as it was walked. */
import type { Leg } from '@lentum/core/geometry';
import type { Zone } from '@lentum/core/survey';
import { newWalked } from '../src/survey/newzone.ts';

export const SQUARE: readonly Leg[] = Array.from({ length: 4 }, () => ({
  lengthM: 5,
  turnDeg: 90,
  turn: 'left',
}));
export const squareZone = (zones: readonly Zone[]): Zone => newWalked(zones, SQUARE);
