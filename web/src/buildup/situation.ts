/** What is asked about a zone before a build-up is chosen: begins with what the survey and the build-up say. */
import type { BuildUp } from '@lentum/core/buildup';
import { pondsOn, slopeOf, type Situation } from '@lentum/core/choosing';
import type { FallsReport } from '@lentum/core/falls';
import { FAMILIES } from '@lentum/core/family';
import type { Zone } from '@lentum/core/survey';

/** Fields of the form may be empty while somebody types; those that must not be keep their last value. */
export type Asked = {
  -readonly [
    K in Exclude<keyof Situation, 'pace' | 'substrate' | 'readiness' | 'zoneConditions'>
  ]: Situation[K];
} & { pace: { -readonly [K in keyof Situation['pace']]: Situation['pace'][K] } };

/** A mild season, a dry working day: assumed until somebody says otherwise. */
const SEASON = { coldestC: 8, warmestC: 30, dryHours: 8, daysAllowed: undefined } as const;
const PACE = { tempC: 18, humidityPct: 60, crews: 1, hoursPerDay: 8 } as const;
const USUAL_FALL_PCT = 1.5;

export function askedOf(
  zone: Zone,
  areaM2: number,
  falls: FallsReport | undefined,
  buildUp: BuildUp | undefined,
): Asked {
  const family = zone.family && FAMILIES[zone.family];
  return {
    ...SEASON,
    pace: { ...PACE, areaM2 },
    traffic: buildUp?.traffic ?? family?.trafficked ?? 'no',
    exposure: buildUp?.exposure ?? (zone.family === 'HOT' ? 'covered' : 'exposed'),
    ponds: pondsOn(falls) ?? false,
    slopePct: slopeOf(zone, falls) ?? USUAL_FALL_PCT,
  };
}
