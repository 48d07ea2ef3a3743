/** The years after of a zone of a job, from its state alone. */
import { buildUpOfZone } from '../buildup/index.ts';
import { knownRoofLevelsOf } from '../falls/index.ts';
import type { JobState } from '../state/index.ts';
import { zoneQuantities } from '../survey/index.ts';
import { upkeepOf, type UpkeepPlan } from './plan.ts';

/** @returns undefined where the zone is not measured, or its build-up says nothing of its upkeep */
export function upkeepOfZone(state: JobState, zoneId: string, timeZone: string): UpkeepPlan | undefined {
  const { survey, buildUps, book, series, weather } = state.kept.inputs;
  const zone = survey.zones.find((z) => z.id === zoneId);
  const buildUp = buildUpOfZone(buildUps, zoneId);
  const quantities = zone && zoneQuantities(zone);
  if (!zone || !buildUp || !quantities?.ok) return undefined;
  return upkeepOf({
    ...{ zoneId, areaM2: quantities.value.slopeArea, buildUp, book, series, timeZone },
    statuses: state.calls.map((c) => c.status).filter((s) => s.bay.zoneId === zoneId),
    surface: knownRoofLevelsOf(zone),
    latitudeDeg: weather.place?.latitudeDeg,
    practice: state.practice,
    nowMs: state.atMs,
  });
}
