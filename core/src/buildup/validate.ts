/** What a build-up must be beyond the form of its document. */
import { cureHours } from '../cure/index.ts';
import { short, type Problem } from '../problems/index.ts';
import { isCoat, type BuildUp, type BuildUpDoc, type Coat, type Layer } from './schema.ts';

function pairProblems(coat: Coat, field: string): Problem[] {
  const problems: Problem[] = [];
  const pairs = [
    ['airMinC', 'airMaxC', 'air temperature'],
    ['surfaceMinC', 'surfaceMaxC', 'surface temperature'],
    ['humidityMinPct', 'humidityMaxPct', 'humidity'],
  ] as const;
  for (const [low, high, what] of pairs) {
    const [a, b] = [coat.limits[low]?.value, coat.limits[high]?.value];
    if (a !== undefined && b !== undefined && a >= b) {
      problems.push({
        kind: 'order',
        field: `${field}/limits/${low}`,
        label: `${coat.name}, ${what}`,
        actual: `the least is ${a}, the most ${b}`,
        expected: 'a least below the most',
      });
    }
  }
  const { overcoatFrom, overcoatUntil } = coat.cure;
  for (const p of overcoatUntil?.points ?? []) {
    const from = cureHours(overcoatFrom.points, p.atC);
    if (from.kind === 'hours' && from.hours >= p.hours) {
      problems.push({
        kind: 'order',
        field: `${field}/cure/overcoatUntil`,
        label: `${coat.name}, overcoat until at ${p.atC} °C`,
        actual: `${p.hours} h is not later than overcoat from, ${from.hours.toFixed(1)} h`,
        expected: 'a window that opens before it closes',
      });
    }
  }
  return problems;
}

function referenceProblems(layer: Layer, layers: readonly Layer[], field: string): Problem[] {
  if (layer.kind === 'coat') return [];
  const target = layer.kind === 'fabric' ? layer.embeddedIn : layer.into;
  const problems: Problem[] = [];
  if (!layers.some((l) => l.id === target && isCoat(l))) {
    problems.push({
      kind: 'unknown',
      field,
      label: `${layer.name}, laid into`,
      actual: target,
      expected: 'the name of a coat of this build-up',
    });
  }
  if (layer.kind === 'fabric' && layer.sideLapMm.value >= layer.rollWidthM.value * 1000) {
    problems.push({
      kind: 'order',
      field: `${field}/sideLapMm`,
      label: `${layer.name}, side lap`,
      actual: `${layer.sideLapMm.value} mm on a roll ${layer.rollWidthM.value} m wide`,
      expected: 'a lap narrower than the roll',
    });
  }
  if (layer.kind === 'broadcast' && layer.retainedKgPerM2.value > layer.thrownKgPerM2.value) {
    problems.push({
      kind: 'order',
      field: `${field}/retainedKgPerM2`,
      label: `${layer.name}, retained`,
      actual: `${layer.retainedKgPerM2.value} kg/m² of ${layer.thrownKgPerM2.value} kg/m² thrown`,
      expected: 'no more than was thrown',
    });
  }
  return problems;
}

/** Everything wrong with one build-up, in sentences. */
export function buildUpProblems(buildUp: BuildUp, field = 'buildUp'): Problem[] {
  const problems: Problem[] = [];
  const ids = new Set<string>();
  buildUp.layers.forEach((layer, i) => {
    const at = `${field}/layers/${i}`;
    if (ids.has(layer.id)) {
      problems.push({
        kind: 'duplicate',
        field: `${at}/id`,
        label: `${buildUp.name}, layer`,
        actual: layer.id,
        expected: 'another name for each layer',
      });
    }
    ids.add(layer.id);
    if (isCoat(layer)) problems.push(...pairProblems(layer, at));
    problems.push(...referenceProblems(layer, buildUp.layers, at));
  });
  if (!buildUp.layers.some(isCoat)) {
    problems.push({
      kind: 'tooFew',
      field,
      label: buildUp.name,
      actual: 'no coats',
      expected: 'at least one coat',
    });
  }
  return problems;
}

/** Everything wrong with a job's build-ups: each by itself, revisions twice, zones under none. */
export function buildUpDocProblems(doc: BuildUpDoc): Problem[] {
  const problems = doc.buildUps.flatMap((b, i) => buildUpProblems(b, `buildUps/${i}`));
  const seen = new Set<string>();
  doc.buildUps.forEach((b, i) => {
    const key = `${b.id} revision ${b.revision}`;
    if (seen.has(key)) {
      const label = 'The job’s build-ups';
      problems.push({
        kind: 'duplicate',
        field: `buildUps/${i}`,
        label,
        actual: key,
        expected: 'each revision once',
      });
    }
    seen.add(key);
  });
  doc.zones.forEach((z, i) => {
    if (!findBuildUp(doc, z.buildUpId, z.revision)) {
      problems.push({
        kind: 'unknown',
        field: `zones/${i}`,
        label: 'The zone’s build-up',
        actual: short(`${z.buildUpId} revision ${z.revision}`),
        expected: 'a build-up and revision that this job holds',
      });
    }
  });
  return problems;
}

export const findBuildUp = (doc: BuildUpDoc, id: string, revision: number): BuildUp | undefined =>
  doc.buildUps.find((b) => b.id === id && b.revision === revision);

/** The build-up of a zone, as frozen in the job; undefined when none is chosen. */
export function buildUpOfZone(doc: BuildUpDoc, zoneId: string): BuildUp | undefined {
  const chosen = doc.zones.find((z) => z.zoneId === zoneId);
  return chosen && findBuildUp(doc, chosen.buildUpId, chosen.revision);
}
