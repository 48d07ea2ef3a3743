/**
 * Wet film by a notch gauge. The gauge is set upright in the film; the film lies between the last tooth that
 * came out wet and the first that stayed dry. Source: ISO 2808 and ASTM D4414 (last wetted tooth), from memory.
 */
import { fail, ok, type Result } from '../problems/index.ts';
import { metresPer } from '../units/index.ts';

/** One reading: the film is at least `lowMm` and less than `highMm`. */
export interface Reading {
  readonly lowMm: number;
  /** Undefined when every tooth was wet: the film is thicker than the gauge can say. */
  readonly highMm: number | undefined;
}

/**
 * The interval that a tapped tooth means.
 * @param teethMm depths of the gauge's teeth, rising
 * @param lastWetMm the last wet tooth; 0 when none was wet
 */
export function readingFromTooth(teethMm: readonly number[], lastWetMm: number): Result<Reading> {
  if (lastWetMm === 0) return ok({ lowMm: 0, highMm: teethMm[0] });
  const i = teethMm.indexOf(lastWetMm);
  if (i < 0) {
    return fail({
      kind: 'unknown',
      field: 'readings',
      label: 'Reading',
      actual: `${lastWetMm} mm`,
      expected: `a tooth of this gauge: ${teethMm.join(', ')} mm, or 0 for none wet`,
    });
  }
  return ok({ lowMm: lastWetMm, highMm: teethMm[i + 1] });
}

/** The best single value for a reading: the middle of its interval, or the last wet tooth where there is no upper end. */
export const middleMm = (r: Reading): number => (r.highMm === undefined ? r.lowMm : (r.lowMm + r.highMm) / 2);

export const meanOf = (values: readonly number[]): number | undefined =>
  values.length === 0 ? undefined : values.reduce((a, b) => a + b, 0) / values.length;

export interface FilmFromReadings {
  readonly count: number;
  readonly meanMm: number;
  readonly lowMeanMm: number;
  /** Undefined when some reading has no upper end. */
  readonly highMeanMm: number | undefined;
}

/** Mean film with the interval that the gauge's steps leave open; undefined without readings. */
export function filmFromReadings(readings: readonly Reading[]): FilmFromReadings | undefined {
  const meanMm = meanOf(readings.map(middleMm));
  const lowMeanMm = meanOf(readings.map((r) => r.lowMm));
  if (meanMm === undefined || lowMeanMm === undefined) return undefined;
  const highs = readings.map((r) => r.highMm).filter((h) => h !== undefined);
  return {
    count: readings.length,
    meanMm,
    lowMeanMm,
    highMeanMm: highs.length === readings.length ? meanOf(highs) : undefined,
  };
}

const MM_PER_MIL = metresPer('mil') * 1000;
/** Teeth in mils, as depths in mm: exact in four decimals. */
const mils = (...teeth: readonly [number, ...number[]]): readonly [number, ...number[]] => {
  const [first, ...rest] = teeth.map((mil) => Math.round(mil * MM_PER_MIL * 10_000) / 10_000);
  return [first ?? 0, ...rest];
};

/**
 * Gauges that the app offers; depths in mm. Typical steps of our own choosing. A gauge is marked in millimetres or in
 * mils, and is read by its marks. A hot probe is pushed through the melt to the ground: the film lies between the last
 * wet mark and the first dry one.
 */
export const GAUGES = [
  {
    id: 'fine',
    name: 'Fine, 0.05 to 0.60 mm',
    marked: 'mm',
    teethMm: [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.55, 0.6],
  },
  {
    id: 'middle',
    name: 'Middle, 0.2 to 1.3 mm',
    marked: 'mm',
    teethMm: [0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3],
  },
  {
    id: 'deep',
    name: 'Deep, 0.8 to 3.0 mm',
    marked: 'mm',
    teethMm: [0.8, 1, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6, 1.8, 2, 2.5, 3],
  },
  {
    id: 'probe',
    name: 'Hot probe, marks from 0.5 to 6.0 mm',
    marked: 'mm',
    teethMm: [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6],
  },
  {
    id: 'mil-fine',
    name: 'Fine, 1 to 20 mil',
    marked: 'mil',
    teethMm: mils(1, 2, 3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20),
  },
  {
    id: 'mil-middle',
    name: 'Middle, 10 to 50 mil',
    marked: 'mil',
    teethMm: mils(10, 12, 14, 16, 18, 20, 24, 28, 32, 36, 40, 45, 50),
  },
  {
    id: 'mil-deep',
    name: 'Deep, 30 to 120 mil',
    marked: 'mil',
    teethMm: mils(30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100, 120),
  },
  {
    id: 'mil-probe',
    name: 'Hot probe, marks from 20 to 240 mil',
    marked: 'mil',
    teethMm: mils(20, 40, 60, 80, 100, 120, 140, 160, 180, 200, 220, 240),
  },
] as const;

/** Probes are for hot layers. */
export const isProbe = (gauge: string): boolean => gauge === 'probe' || gauge === 'mil-probe';

export type GaugeId = (typeof GAUGES)[number]['id'];
export const GAUGE_IDS = GAUGES.map((g) => g.id) as [GaugeId, ...GaugeId[]];

export const teethOf = (id: GaugeId): readonly number[] => GAUGES.find((g) => g.id === id)?.teethMm ?? [];
