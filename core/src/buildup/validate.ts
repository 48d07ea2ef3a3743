/** What a build-up must be beyond the form of its document. */
import { cureHours } from '../cure/index.ts';
import { short, type Problem } from '../problems/index.ts';
import { isCoat, isDetailCoat, type Coat, type Layer, type Pieces, type Sheet } from './layers.ts';
import { boughtApart } from './apart.ts';
import type { BuildUp, BuildUpDoc } from './schema.ts';
import { wayOfDetailProblems } from './detailways.ts';
import { namedProblems, notKnown, wayProblems } from './references.ts';
import { findBuildUp } from './zone.ts';

function limitProblems(layer: Coat | Sheet | Pieces, field: string): Problem[] {
  const problems: Problem[] = [];
  const pairs = [
    ['airMinC', 'airMaxC', 'air temperature'],
    ['surfaceMinC', 'surfaceMaxC', 'surface temperature'],
    ['humidityMinPct', 'humidityMaxPct', 'humidity'],
  ] as const;
  for (const [low, high, what] of pairs) {
    const [a, b] = [layer.limits[low]?.value, layer.limits[high]?.value];
    if (a !== undefined && b !== undefined && a >= b) {
      problems.push({
        kind: 'order',
        field: `${field}/limits/${low}`,
        label: `${layer.name}, ${what}`,
        actual: `the least is ${a}, the most ${b}`,
        expected: 'a least below the most',
      });
    }
  }
  return problems;
}

function windowProblems(coat: Coat, field: string): Problem[] {
  const problems: Problem[] = [];
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

function lapProblems(layer: Layer, field: string): Problem[] {
  if (layer.kind !== 'fabric' && layer.kind !== 'sheet') return [];
  if (layer.sideLapMm.value < layer.rollWidthM.value * 1000) return [];
  return [
    {
      kind: 'order',
      field: `${field}/sideLapMm`,
      label: `${layer.name}, side lap`,
      actual: `${layer.sideLapMm.value} mm on a roll ${layer.rollWidthM.value} m wide`,
      expected: 'a lap narrower than the roll',
    },
  ];
}

function referenceProblems(layer: Layer, layers: readonly Layer[], field: string): Problem[] {
  const problems: Problem[] = lapProblems(layer, field);
  if (layer.kind !== 'fabric' && layer.kind !== 'broadcast') return problems;
  const target = layer.kind === 'fabric' ? layer.embeddedIn : layer.into;
  if (!layers.some((l) => l.id === target && isCoat(l))) {
    problems.push({
      kind: 'unknown',
      field,
      label: `${layer.name}, laid into`,
      actual: target,
      expected: 'the name of a coat of this build-up',
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

/** What fills pockets on slopes fills nothing without curb parts, and is no film of the field. */
function fillProblems({ layers }: BuildUp, coat: Coat, field: string): Problem[] {
  if (coat.fillsFromFallPct === undefined) return [];
  const at = {
    kind: 'wrong',
    field: `${field}/fillsFromFallPct`,
    label: `${coat.name}, fills pockets`,
  } as const;
  if (!layers.some((l) => l.kind === 'pieces'))
    return [{ ...at, actual: 'no curb parts', expected: 'curb parts in the same build-up, or nothing here' }];
  if (!isDetailCoat(coat))
    return [{ ...at, actual: 'a coat of the field', expected: 'a coat that keeps to details' }];
  return [];
}

/** Only what has a release film is held while that is drawn. */
const heldProblems = (sheet: Sheet, field: string): Problem[] =>
  sheet.temporaryNails === undefined || sheet.bonding === 'self-adhered'
    ? []
    : [
        {
          kind: 'wrong',
          field: `${field}/temporaryNails`,
          label: `${sheet.name}, temporary nails`,
          actual: sheet.bonding,
          expected: 'a self-adhered sheet, or nothing here: others have no film to draw',
        },
      ];

/** A kit that is never split holds all of its parts; a price is that of a pack; something is left for the containers. */
function apartProblems(coat: Coat, field: string): Problem[] {
  const parts = coat.mix?.parts ?? [];
  const apart = boughtApart(coat);
  const at = { kind: 'wrong', field: `${field}/mix` } as const;
  return [
    ...parts
      .filter((p) => p.packPrice && !p.packKg)
      .map((p) => ({
        ...at,
        label: `${coat.name}, ${p.name}`,
        actual: 'the price of a pack without its size',
        expected: 'how much is in a pack, or no price: it comes in the containers of the coat',
      })),
    ...(apart.length > 0 && apart.length === parts.length
      ? [
          {
            ...at,
            label: `${coat.name}, mix`,
            actual: 'every part bought apart',
            expected: 'at least one part in the containers of the coat',
          },
        ]
      : []),
    ...(apart.length > 0 && coat.mix?.split === 'never'
      ? [
          {
            ...at,
            label: `${coat.name}, mix`,
            actual: 'parts bought apart from a kit that is never split',
            expected: 'a kit with all of its parts, or parts that are weighed out',
          },
        ]
      : []),
  ];
}

function tableProblems(coat: Coat, field: string): Problem[] {
  const problems: Problem[] = [];
  const rows = coat.catalyst?.points ?? [];
  rows.forEach((row, i) => {
    const before = rows[i - 1];
    if (row.fromC >= row.toC || (before && row.fromC !== before.toC)) {
      problems.push({
        kind: 'order',
        field: `${field}/catalyst/points/${i}`,
        label: `${coat.name}, catalyst table`,
        actual:
          before && row.fromC > before.toC
            ? `nothing between ${before.toC} and ${row.fromC} °C`
            : before && row.fromC < before.toC
              ? `two rows from ${row.fromC} to ${before.toC} °C`
              : `a row from ${row.fromC} to ${row.toC} °C`,
        expected: 'rows that rise and follow each other without a hole',
      });
    }
  });
  const steps = coat.thickener?.points ?? [];
  if (steps.some((p, i) => i > 0 && p.fromSlopePct <= (steps[i - 1]?.fromSlopePct ?? -1))) {
    problems.push({
      kind: 'order',
      field: `${field}/thickener/points`,
      label: `${coat.name}, thickener`,
      actual: steps.map((p) => `${p.fromSlopePct} %`).join(', '),
      expected: 'rising slopes',
    });
  }
  const { kettle } = coat;
  if (kettle && kettle.applyMinC.value >= kettle.safeMaxC.value) {
    problems.push({
      kind: 'order',
      field: `${field}/kettle/applyMinC`,
      label: `${coat.name}, kettle`,
      actual: `laid from ${kettle.applyMinC.value} °C, safe to ${kettle.safeMaxC.value} °C`,
      expected: 'a least temperature below the safe maximum',
    });
  }
  const seen = new Set<string>();
  for (const v of coat.rate.variants ?? []) {
    if (seen.has(v.when)) {
      problems.push({
        kind: 'duplicate',
        field: `${field}/rate/variants`,
        label: `${coat.name}, rate`,
        actual: v.when,
        expected: 'one rate for each condition',
      });
    }
    seen.add(v.when);
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
    if (isCoat(layer))
      problems.push(
        ...tableProblems(layer, at),
        ...fillProblems(buildUp, layer, at),
        ...apartProblems(layer, at),
      );
    if (layer.kind === 'coat' || layer.kind === 'sheet' || layer.kind === 'pieces')
      problems.push(...limitProblems(layer, at));
    if (layer.kind === 'sheet') problems.push(...heldProblems(layer, at));
    if (isCoat(layer)) problems.push(...windowProblems(layer, at));
    problems.push(...referenceProblems(layer, buildUp.layers, at));
  });
  return [
    ...problems,
    ...namedProblems(buildUp, field),
    ...wayProblems(buildUp, field),
    ...wayOfDetailProblems(buildUp, field),
  ];
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
    const found = findBuildUp(doc, z.buildUpId, z.revision);
    for (const [choice, option] of Object.entries(z.choices)) {
      if (found && !found.choices.some((c) => c.id === choice && c.options.some((o) => o.id === option)))
        problems.push(
          notKnown(
            `zones/${i}/choices`,
            `${found.name}, option`,
            `${choice} ${option}`,
            'an option of this build-up',
          ),
        );
    }
    if (!found) {
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
