/** How a film that was laid, or is to be laid, cures over the weather: when each stage is reached and what goes wrong. */
import { STAGES, type Coat, type Stage } from '../buildup/index.ts';
import { progress, reachedAtMs, type TemperatureStep } from '../cure/index.ts';
import { MS_PER_HOUR, TOLERANCE } from '../units/index.ts';
import { climateSteps, hourOf, type RoofClimate } from '../weather/index.ts';

export interface StageTime {
  readonly stage: Stage;
  /** Share reached now, 0 to 1. */
  readonly progress: number;
  /** Undefined: not within the hours that are known, or it has no such stage. */
  readonly atMs: number | undefined;
}

/** A table for each stage that the coat has. */
const stagesOf = (coat: Coat): Stage[] => STAGES.filter((s) => coat.cure[s] !== undefined);

/** When the hours that are known without a gap end, from an instant on. */
export function knownUntilMs(climate: RoofClimate, fromMs: number): number {
  const { line, surfaceC } = climate;
  let h = hourOf(line, fromMs);
  if (h < 0) return fromMs;
  while (h < line.hours && !Number.isNaN(surfaceC[h] ?? NaN)) h += 1;
  return Math.max(fromMs, line.startMs + h * MS_PER_HOUR);
}

/**
 * The instants of the stages of a film.
 * @param fromMs when its laying ended
 */
export function stageTimes(
  coat: Coat,
  fromMs: number,
  wetFilmMm: number,
  climate: RoofClimate,
  nowMs: number,
  steps: readonly TemperatureStep[] = climateSteps(climate),
): StageTime[] {
  const until = knownUntilMs(climate, fromMs);
  return stagesOf(coat).map((stage) => {
    const model = coat.cure[stage];
    if (!model) return { stage, progress: 0, atMs: undefined };
    const reached = reachedAtMs(model, fromMs, steps, wetFilmMm);
    return {
      stage,
      progress: nowMs <= fromMs ? 0 : progress(model, fromMs, Math.min(nowMs, until), steps, wetFilmMm),
      atMs: reached !== undefined && reached <= until ? reached : undefined,
    };
  });
}

export const stageAt = (times: readonly StageTime[], stage: Stage): number | undefined =>
  times.find((t) => t.stage === stage)?.atMs;

export type Mishap = 'rainSafe' | 'dewSkin' | 'noBelow' | 'cold';

export interface Mishappening {
  readonly kind: Mishap;
  readonly atMs: number;
  /** mm of rain, K below the dew point, or °C. */
  readonly value: number;
  /** It has not happened yet. */
  readonly ahead: boolean;
}

/** The first of each kind that happens to a film on its way: rain or dew before it is rain-safe, cold before its time. */
export function mishapsOf(
  coat: Coat,
  fromMs: number,
  wetFilmMm: number,
  climate: RoofClimate,
  nowMs: number,
): Mishappening[] {
  const { line, surfaceC, dewC } = climate;
  const times = stageTimes(coat, fromMs, wetFilmMm, climate, nowMs);
  const untilHour = (ms: number | undefined): number =>
    ms === undefined ? line.hours : hourOf(line, ms) + 1;
  const begin = Math.max(0, Math.ceil((fromMs - line.startMs) / MS_PER_HOUR));
  const found: Mishappening[] = [];
  const look = (kind: Mishap, to: number, is: (h: number) => boolean, value: (h: number) => number): void => {
    for (let h = begin; h < Math.min(to, line.hours); h += 1) {
      if (!is(h)) continue;
      const atMs = line.startMs + h * MS_PER_HOUR;
      found.push({ kind, atMs, value: value(h), ahead: atMs > nowMs });
      return;
    }
  };
  const rain = (h: number): number => line.values.rainMm[h] ?? NaN;
  const surface = (h: number): number => surfaceC[h] ?? NaN;
  const safe = untilHour(stageAt(times, 'rainSafe'));
  look('rainSafe', safe, (h) => rain(h) > TOLERANCE.rainMm, rain);
  look(
    'dewSkin',
    safe,
    (h) => surface(h) < (dewC[h] ?? NaN),
    (h) => surface(h) - (dewC[h] ?? 0),
  );
  const floor = coat.limits.noBelow;
  if (floor)
    look('noBelow', untilHour(stageAt(times, floor.until)), (h) => surface(h) < floor.tempC, surface);
  const coldest = coat.cure.overcoatFrom.points[0]?.atC;
  if (coldest !== undefined)
    look('cold', untilHour(stageAt(times, 'overcoatFrom')), (h) => surface(h) < coldest, surface);
  return found;
}
