/** Everything that follows from the levels of a zone, as plain data: it crosses from a worker. */
import { given, type Figure } from '../figures/index.ts';
import { ok, type Result } from '../problems/index.ts';
import type { Zone } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { catchments } from './catchments.ts';
import { drainsOn, openPieces, type LaidOutlet } from './drains.ts';
import { levelling, type Levelling } from './levelling.ts';
import { rainLoad, type RainLoad } from './rainload.ts';
import { lay, LEVELS_NOTE, type Laid, type RoofLevels } from './rooflevels.ts';

export interface OutletReport extends LaidOutlet {
  readonly takesM2: number;
}

/** What brings a zone to its fall. */
export interface LevellingReport {
  readonly facts: Levelling;
  readonly volume: Figure;
  readonly mass: Figure;
}

export interface FallsReport extends RoofLevels {
  readonly outlets: readonly OutletReport[];
  /** Edges that let water go, with the area each takes. */
  readonly edges: readonly { readonly side: number; readonly takesM2: number }[];
  readonly levelling: LevellingReport | undefined;
  /** What a chosen rain brings to each outlet; empty while none is chosen. */
  readonly rain: readonly RainLoad[];
}

function levellingFigures(zone: Zone, facts: Levelling): LevellingReport {
  const volume: Figure = {
    label: `${zone.name}, levelling mix`,
    value: facts.volumeL,
    quantity: 'volume',
    formula: '{area} × {mean} × 1000',
    inputs: {
      area: given('area that is raised', facts.areaM2, 'area', 'measured', LEVELS_NOTE),
      mean: given(
        'mean thickness over it',
        facts.meanM,
        'level',
        'measured',
        `lowest surface with the chosen fall, on a grid of ${(facts.cellM * 1000).toFixed(0)} mm`,
      ),
    },
    from: `fall of ${zone.levels.designFallPct} % toward the drains, adding only (fast marching)`,
  };
  return {
    facts,
    volume,
    mass: {
      label: `${zone.name}, weight of the levelling mix`,
      value: facts.volumeL * zone.levels.mixKgPerL,
      quantity: 'mass',
      formula: '{volume} × {density}',
      inputs: {
        volume,
        density: given('density of the mix', zone.levels.mixKgPerL, 'density', 'typical'),
      },
      from: 'volume by density',
    },
  };
}

function rainLoads(
  zone: Zone,
  outlets: readonly LaidOutlet[],
  takes: ReadonlyMap<string, number>,
): RainLoad[] {
  const { rain } = zone.levels;
  if (!rain) return [];
  return outlets.flatMap((o) => {
    const feature = zone.features.find((f) => f.id === o.featureId);
    return feature ? [rainLoad(feature, o.name, takes.get(o.featureId) ?? 0, rain)] : [];
  });
}

function raised(zone: Zone, { set, planM2 }: Laid): LevellingReport | undefined {
  const facts = levelling(set.tin, set.sources, zone.levels.designFallPct, planM2);
  return facts && levellingFigures(zone, facts);
}

const levelled = new WeakMap<RoofLevels, { readonly report: LevellingReport | undefined }>();

/**
 * What brings a zone to the fall that is asked for, worked out once for a surface.
 *
 * @param surface of the zone as it is; a whole report has it already
 * @returns undefined where no water can leave
 */
export function levellingOf(zone: Zone, surface: RoofLevels | FallsReport): LevellingReport | undefined {
  if ('levelling' in surface) return surface.levelling;
  let known = levelled.get(surface);
  if (!known) {
    const laid = lay(zone);
    known = { report: laid.ok ? raised(zone, laid.value) : undefined };
    levelled.set(surface, known);
  }
  return known.report;
}

/** Falls, ponds, outlets and levelling of a zone, or why there are none. */
export function fallsReport(zone: Zone): Result<FallsReport> {
  const laid = lay(zone);
  if (!laid.ok) return laid;
  const { surface, set, flooded } = laid.value;
  const takes = catchments(set.tin, set.drains, flooded, openPieces(set), (mesh) => drainsOn(mesh, set));
  const sides = [...takes].filter(([key, m2]) => key.startsWith('side-') && m2 > TOLERANCE.areaM2);
  return ok({
    ...surface,
    outlets: set.outlets.map((o) => ({ ...o, takesM2: takes.get(o.featureId) ?? 0 })),
    edges: sides.map(([key, takesM2]) => ({ side: Number(key.replace('side-', '')), takesM2 })),
    levelling: raised(zone, laid.value),
    rain: rainLoads(zone, set.outlets, takes),
  });
}
