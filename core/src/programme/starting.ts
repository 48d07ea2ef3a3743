/** "What if we start at …": what follows from beginning a layer on a bay at an instant. */
import { isCoat, wetFilm, type WorkLayer } from '../buildup/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { hourOf, type RoofClimate } from '../weather/index.ts';
import { askOf, type Method } from './ask.ts';
import { spreadOf, type Spread } from './chances.ts';
import { stageAt, stageTimes } from './curing.ts';
import { failingAt, type Failing } from './failing.ts';
import { windowsOf } from './windows.ts';

export interface Start {
  readonly startMs: number;
  readonly laidMs: number;
  readonly rainSafeMs: number | undefined;
  /** When the surface comes down to the dew point for the first time after the start; undefined: not in the hours known. */
  readonly dewMs: number | undefined;
  readonly overcoatFromMs: number | undefined;
  readonly overcoatUntilMs: number | undefined;
  readonly footMs: number | undefined;
  readonly wheelsMs: number | undefined;
  readonly floodMs: number | undefined;
  readonly failing: readonly Failing[];
  readonly overcoatFromSpread: Spread | undefined;
}

/** @returns undefined where the layer asks nothing of the weather, or the instant lies outside the line */
export function startAt(
  layer: WorkLayer,
  startMs: number,
  laying: { readonly layingHours: number; readonly method?: Method },
  climate: RoofClimate,
  nowMs: number,
  members?: readonly RoofClimate[],
): Start | undefined {
  const ask = askOf(layer, laying);
  const { line } = climate;
  const hour = hourOf(line, startMs);
  if (!ask || hour < 0 || hour >= line.hours) return undefined;
  const windows = windowsOf(ask, climate);
  const laidMs = startMs + laying.layingHours * MS_PER_HOUR;
  let dewMs: number | undefined;
  for (let h = hour; h < line.hours && dewMs === undefined; h += 1)
    if ((climate.surfaceC[h] ?? NaN) <= (climate.dewC[h] ?? NaN)) dewMs = line.startMs + h * MS_PER_HOUR;
  const film = isCoat(layer) ? wetFilm(layer).value : 0;
  const times = isCoat(layer) ? stageTimes(layer, laidMs, film, climate, nowMs) : [];
  return {
    startMs,
    laidMs,
    rainSafeMs: stageAt(times, 'rainSafe'),
    dewMs: dewMs === undefined ? undefined : Math.max(dewMs, startMs),
    overcoatFromMs: stageAt(times, 'overcoatFrom'),
    overcoatUntilMs: stageAt(times, 'overcoatUntil'),
    footMs: stageAt(times, 'foot'),
    wheelsMs: stageAt(times, 'wheels'),
    floodMs: stageAt(times, 'flood'),
    failing: failingAt(ask, climate, windows, hour),
    overcoatFromSpread:
      isCoat(layer) && members
        ? spreadOf(members.map((m) => stageAt(stageTimes(layer, laidMs, film, m, nowMs), 'overcoatFrom')))
        : undefined,
  };
}
