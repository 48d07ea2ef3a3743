/** Zones for tests: rectangles by their corners, walks by their legs. */
import { blankOpening, blankZone, type Opening, type Outline, type Zone } from '@lentum/core/survey';

export const corners = (w: number, h: number): [number, number][] => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];

export const zoneOf = (outline: Outline, more: Partial<Zone> = {}): Zone => ({
  ...blankZone({ id: 'z', code: 'Z', name: 'Zone', outline }),
  ...more,
});

export const pointsZone = (points: [number, number][], more: Partial<Zone> = {}): Zone =>
  zoneOf({ kind: 'points', origin: 'typed', points }, more);

export const rect = (id: string, alongM: number, acrossM: number, lengthM: number, widthM: number): Opening =>
  blankOpening({ id, name: id, shape: { kind: 'rectangle', alongM, acrossM, lengthM, widthM } });

export const leg = (lengthM: number, turn: 'left' | 'right' = 'left', turnDeg = 90) => ({
  lengthM,
  turnDeg,
  turn,
});
