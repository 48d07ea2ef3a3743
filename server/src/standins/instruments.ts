/**
 * Instruments that can be read over the network, behind the interface that a real one would have. What ships is a
 * stand-in: deterministic, and marked as simulated wherever it is named.
 */
import { createHash } from 'node:crypto';
import { z } from 'zod';
import { MS_PER_DAY } from '@lentum/core/units';

const placeSchema = z.strictObject({ alongM: z.number(), acrossM: z.number() });

export const readingRequest = z.strictObject({
  /** What is measured: the same target read twice on one day gives the same readings. */
  target: z.string().min(1).max(64),
  places: z.array(placeSchema).min(1).max(500),
});

export const readingAnswer = z.strictObject({
  instrument: z.string(),
  takenAt: z.iso.datetime(),
  readings: z.array(z.strictObject({ at: placeSchema, value: z.number() })),
});

export const instrumentSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  measures: z.enum(['moisture']),
  unit: z.string(),
  simulated: z.boolean(),
  /** It reads where it is set down, one place at a time. */
  onePlace: z.boolean(),
});

type Place = z.infer<typeof placeSchema>;

export interface Instrument extends z.infer<typeof instrumentSchema> {
  readonly read: (target: string, places: readonly Place[], now: Date) => number[];
}

/** A number from 0 to 1 that follows from a text. */
function share(text: string): number {
  return createHash('sha256').update(text).digest().readUInt32BE(0) / 2 ** 32;
}

/**
 * A slab that dries: wetter in two places of its own, drier day by day toward 3 %, and read with a meter that scatters
 * by a tenth. Made up.
 */
function moisturePct(target: string, { alongM, acrossM }: Place, now: Date): number {
  const day = Math.floor(now.getTime() / MS_PER_DAY);
  const age = (day + Math.floor(share(`${target} age`) * 21)) % 21;
  const drying = Math.exp(-age / 12);
  const wet = [0, 1].reduce((sum, k) => {
    const [x, y] = [share(`${target} x${k}`) * 16, share(`${target} y${k}`) * 10];
    const reach = 1.5 + share(`${target} r${k}`) * 2.5;
    return sum + Math.exp(-((alongM - x) ** 2 + (acrossM - y) ** 2) / (2 * reach ** 2));
  }, 0);
  const scatter = (share(`${target} ${day} ${alongM.toFixed(2)} ${acrossM.toFixed(2)}`) - 0.5) * 0.2;
  const value = 3 + (0.6 + 3.2 * wet) * drying + scatter;
  return Number(Math.min(25, Math.max(0, value)).toFixed(1));
}

export const INSTRUMENTS: readonly Instrument[] = [
  {
    id: 'moisture-stand-in',
    name: 'Moisture meter (simulated)',
    measures: 'moisture',
    unit: '%',
    simulated: true,
    onePlace: false,
    read: (target, places, now) => places.map((p) => moisturePct(target, p, now)),
  },
];
