/** What a dry-film gauge read, less what was there before: readings of the coats alone, with how far they may be off. */
import { convert } from '../units/index.ts';
import { meanOf, type Reading } from './gauge.ts';
import { studentQuantile } from './sampling.ts';

export interface DryReadings {
  /** What it read on the finished work, µm; at least one. */
  readonly readingsUm: readonly number[];
  /** What it read at spots of the same bay before the coats, µm: an old coating, or the ground with its profile. */
  readonly beforeUm: readonly number[];
  /** What it read on the bare ground or its zero plate, µm; taken off where nothing was read before. */
  readonly zeroUm?: number | undefined;
}
export interface DryFilms {
  /** Of the coats alone, one for each reading. */
  readonly films: readonly Reading[];
  /** What was taken off, mm. */
  readonly takenOffMm: number;
  /** By so much it may be more or less, mm. */
  readonly offMm: number;
}

/** A gauge shows whole thousandths of a millimetre. */
const STEP_UM = 1;
/** Both sides. */
const SURE = 0.975;
const mm = (um: number): number => convert(um, 'µm', 'mm');

/**
 * Films of the coats: each reading less the mean of those before. The spots are not the same ones, so what is taken off may
 * be off by t·s/√n (Student, 95 %), which widens every film.
 * @returns nothing where what was there before was read only once: how it varies is not known
 */
export function dryFilms({ readingsUm, beforeUm, zeroUm = 0 }: DryReadings): DryFilms | undefined {
  const n = beforeUm.length;
  if (n === 1) return undefined;
  const mean = n === 0 ? zeroUm : (meanOf(beforeUm) ?? 0);
  const spread = n === 0 ? 0 : Math.sqrt(beforeUm.reduce((sum, x) => sum + (x - mean) ** 2, 0) / (n - 1));
  const off = n === 0 ? 0 : (studentQuantile(SURE, n - 1) * spread) / Math.sqrt(n);
  const atLeast = (um: number): number => Math.max(0, mm(um));
  return {
    films: readingsUm.map((um) => ({
      lowMm: atLeast(um - mean - off),
      highMm: atLeast(um - mean + off + STEP_UM),
    })),
    takenOffMm: mm(mean),
    offMm: mm(off),
  };
}

export interface Shim {
  readonly nominalUm: number;
  readonly readUm: number;
}

/** The first shim that a gauge read off by more than a share of what is marked on it. */
export const shimOff = (shims: readonly Shim[], share: number): Shim | undefined =>
  shims.find((s) => Math.abs(s.readUm - s.nominalUm) > s.nominalUm * share);
