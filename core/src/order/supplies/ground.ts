/** What the survey says of a zone that its preparation goes by: falls, and the steps for its family. */
import { detailRulesOf, type BuildUp } from '../../buildup/index.ts';
import { knownRoofLevelsOf } from '../../falls/index.ts';
import { readiness, type PrepStep } from '../../readiness/index.ts';
import type { Zone } from '../../survey/index.ts';

/** Steps of the preparation; none where the ground is not described, or refused. */
export function stepsOf(zone: Zone, buildUp: BuildUp): readonly PrepStep[] {
  if (!zone.substrate) return [];
  const rules = detailRulesOf(buildUp);
  const judged = readiness({
    zone,
    family: buildUp.family,
    falls: knownRoofLevelsOf(zone),
    school: 'always',
    // Quantities of steps do not go by the day.
    nowMs: Math.max(0, ...zone.tests.map((t) => Date.parse(t.takenAt))),
    fillet: { of: rules.fillet, legMm: rules.filletLegMm.value },
  });
  return judged.ok ? judged.value.steps : [];
}
