/** What the survey says of a zone that its preparation goes by: falls, and the steps for its family. */
import { detailRulesOf, type BuildUp } from '../../buildup/index.ts';
import { fallsReport, type FallsReport } from '../../falls/index.ts';
import { readiness, type PrepStep } from '../../readiness/index.ts';
import { readLevels, type Zone } from '../../survey/index.ts';

/** Falls of a zone as it was measured: made once for each, and gone with it. */
const reports = new WeakMap<Zone, { readonly falls: FallsReport | undefined }>();

export function fallsOf(zone: Zone): FallsReport | undefined {
  let known = reports.get(zone);
  if (!known) {
    const report = readLevels(zone.levels).length > 0 ? fallsReport(zone) : undefined;
    known = { falls: report?.ok ? report.value : undefined };
    reports.set(zone, known);
  }
  return known.falls;
}

/** Fall of a zone, per cent: as typed, or the mean of its levels. */
export const slopeOf = (zone: Zone): number | undefined => zone.fallPct ?? fallsOf(zone)?.meanFall.value;

/** Steps of the preparation; none where the ground is not described, or refused. */
export function stepsOf(zone: Zone, buildUp: BuildUp): readonly PrepStep[] {
  if (!zone.substrate) return [];
  const rules = detailRulesOf(buildUp);
  const judged = readiness({
    zone,
    family: buildUp.family,
    falls: fallsOf(zone),
    school: 'always',
    // Quantities of steps do not go by the day.
    nowMs: Math.max(0, ...zone.tests.map((t) => Date.parse(t.takenAt))),
    fillet: { of: rules.fillet, legMm: rules.filletLegMm.value },
  });
  return judged.ok ? judged.value.steps : [];
}
