/** What the weather makes of one roof: surface temperature, dew point, margin and wetness for each hour of a line. */
import { MS_PER_HOUR } from '../units/index.ts';
import { dewPointOf } from './humidair.ts';
import { nextHour, type SkyHour, type SurfaceKind, type SurfaceState } from './surface.ts';
import { hourOf, type Timeline } from './timeline.ts';

/** A surface temperature that was measured. */
export interface SurfaceReading {
  readonly atMs: number;
  readonly surfaceC: number;
}

export interface RoofClimate {
  readonly line: Timeline;
  readonly surfaceC: Float64Array;
  readonly dewC: Float64Array;
  /** Water on the surface at the end of each hour, mm. */
  readonly wetMm: Float64Array;
  /** What measured readings add to the model in each hour, K. */
  readonly biasK: Float64Array;
  /** The hour whose air, humidity and surface are those of a reading on this roof; absent: none is. */
  readonly readHour?: number;
  /** What was put in: for the working of an hour. */
  readonly model: {
    readonly kind: SurfaceKind;
    /** W/m² on the surface. */
    readonly sun: Float64Array;
    /** The model at the beginning of each hour, before readings, °C. */
    readonly begunC: Float64Array;
  };
}

/** A reading corrects the model's error for about so long; after it, exp(−t / this) of it is left. Ours, no source. */
export const BIAS_FADES_H = 8;
/** Wind and cloud where a series says nothing: light air, half covered. */
const UNSAID = { windMPerS: 1.5, cloudPct: 50, humidityPct: 60 } as const;

const said = (value: number | undefined, otherwise: number): number =>
  value === undefined || Number.isNaN(value) ? otherwise : value;

/** What the surface feels in an hour; undefined where air or humidity are not known. */
export function skyHour({ values }: Timeline, hour: number, sunWPerM2: number): SkyHour | undefined {
  const { airC, humidityPct, windMPerS, cloudPct, rainMm } = values;
  const air = airC[hour] ?? NaN;
  const humidity = humidityPct[hour] ?? NaN;
  if (Number.isNaN(air) || Number.isNaN(humidity)) return undefined;
  return {
    airC: air,
    humidityPct: humidity,
    windMPerS: said(windMPerS[hour], UNSAID.windMPerS),
    cloud: said(cloudPct[hour], UNSAID.cloudPct) / 100,
    sunWPerM2,
    rainMm: said(rainMm[hour], 0),
  };
}

/**
 * @param sun W/m² for each hour of the line
 * @param readings in any order; each sets the model right from its hour on, fading
 * @returns hours without air temperature or humidity are NaN in every column; the model starts anew after them
 */
export function roofClimate(
  line: Timeline,
  sun: Float64Array,
  kind: SurfaceKind,
  readings: readonly SurfaceReading[] = [],
): RoofClimate {
  const n = line.hours;
  const surfaceC = new Float64Array(n).fill(NaN);
  const dewC = new Float64Array(n).fill(NaN);
  const wetMm = new Float64Array(n).fill(NaN);
  const biasK = new Float64Array(n);
  const measured = new Map<number, number>();
  for (const r of [...readings].sort((a, b) => a.atMs - b.atMs))
    measured.set(hourOf(line, r.atMs), r.surfaceC);
  const begunC = new Float64Array(n).fill(NaN);
  const { humidityPct, surfaceC: logged } = line.values;
  let state: SurfaceState | undefined;
  let bias = 0;
  // A series without any humidity tells temperatures all the same; its dew is not known.
  const dry = humidityPct.every((v) => Number.isNaN(v));
  const felt: Timeline = dry
    ? { ...line, values: { ...line.values, humidityPct: new Float64Array(n).fill(UNSAID.humidityPct) } }
    : line;
  const fade = Math.exp(-1 / BIAS_FADES_H);
  for (let h = 0; h < n; h += 1) {
    const sky = skyHour(felt, h, sun[h] ?? 0);
    if (!sky) {
      state = undefined;
      continue;
    }
    state ??= { tempC: sky.airC, wetMm: 0 };
    begunC[h] = state.tempC;
    const hour = nextHour(kind, state, sky);
    bias *= fade;
    const reading = measured.get(h) ?? said(logged[h], NaN);
    if (!Number.isNaN(reading)) bias = reading - hour.tempC;
    surfaceC[h] = hour.tempC + bias;
    biasK[h] = bias;
    if (!dry) dewC[h] = dewPointOf(sky.airC, sky.humidityPct);
    wetMm[h] = hour.wetMm;
  }
  return { line, surfaceC, dewC, wetMm, biasK, model: { kind, sun, begunC } };
}

/** The steps that cure goes by: surface temperature and humidity of each hour that is known. */
export function climateSteps(
  climate: RoofClimate,
  fromHour = 0,
): { fromMs: number; tempC: number; humidityPct: number | undefined }[] {
  const { line } = climate;
  const steps: { fromMs: number; tempC: number; humidityPct: number | undefined }[] = [];
  for (let h = fromHour; h < line.hours; h += 1) {
    const tempC = climate.surfaceC[h] ?? NaN;
    if (Number.isNaN(tempC)) continue;
    steps.push({ fromMs: line.startMs + h * MS_PER_HOUR, tempC, humidityPct: line.values.humidityPct[h] });
  }
  return steps;
}

/** Surface temperature at an instant, straight between the hours; undefined where it is not known. */
function surfaceAt({ line, surfaceC }: RoofClimate, ms: number): number | undefined {
  const h = hourOf(line, ms);
  const [here, next] = [surfaceC[h] ?? NaN, surfaceC[h + 1] ?? NaN];
  const share = (ms - line.startMs) / MS_PER_HOUR - h;
  const value = Number.isNaN(next) ? here : here + (next - here) * share;
  return Number.isNaN(value) ? undefined : value;
}

/** By how much a surface has warmed from one instant to another, K; less than nothing where it cooled. */
export function warmedBetween(climate: RoofClimate, fromMs: number, toMs: number): number | undefined {
  const [from, to] = [surfaceAt(climate, fromMs), surfaceAt(climate, toMs)];
  return from === undefined || to === undefined ? undefined : to - from;
}

/** What lies on a surface, in words: frost, dew, rain water, or nothing. */
export function wetnessOf(climate: RoofClimate, hour: number): 'dry' | 'wet' | 'dew' | 'frost' | undefined {
  const [surface, dew, wet] = [climate.surfaceC[hour], climate.dewC[hour], climate.wetMm[hour]];
  if (surface === undefined || dew === undefined || wet === undefined || Number.isNaN(surface))
    return undefined;
  if (surface <= dew) return surface < 0 ? 'frost' : 'dew';
  if (wet === 0) return 'dry';
  return surface < 0 ? 'frost' : 'wet';
}
