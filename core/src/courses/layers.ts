/** Layers that come on rolls, or as boards, and how each lies over the one below. */
import type { BuildUp, Fabric, Protection, Sheet } from '../buildup/index.ts';
import type { Problem } from '../problems/index.ts';
import type { CourseRules } from './schema.ts';
import type { Sale } from './targets.ts';

export type Rollable = Fabric | Sheet | Protection;
export type Relation = 'own' | 'centred' | 'crossed';

export interface RolledLayer {
  readonly layer: Rollable;
  /** A for the first rolled layer, B for the next. */
  readonly code: string;
  readonly boards: boolean;
  readonly widthM: number;
  /** Never less than these. */
  readonly sideLapM: number;
  readonly endLapM: number;
  /** Middle to middle. */
  readonly staggerM: number;
  readonly sale: readonly Sale[];
  readonly relation: Relation;
  /** The rolled layer that it is centred on or crosses. */
  readonly over: string | undefined;
}

const ON_ROLLS: ReadonlySet<Protection['material']> = new Set(['fleece', 'drainage mat', 'sheet']);

const isBoard = (layer: Rollable): boolean =>
  layer.kind === 'protection' && (layer.material === 'board' || layer.material === 'insulation board');

function sizes(layer: Rollable): Pick<RolledLayer, 'widthM' | 'sideLapM' | 'endLapM' | 'sale'> {
  if (layer.kind === 'protection') {
    const lap = layer.lapMm.value / 1000;
    return {
      widthM: layer.pieceWidthM.value,
      sideLapM: lap,
      endLapM: lap,
      sale: [{ lengthM: layer.pieceLengthM.value, price: layer.pricePerPiece?.value }],
    };
  }
  return {
    widthM: layer.rollWidthM.value,
    sideLapM: layer.sideLapMm.value / 1000,
    endLapM: layer.endLapMm.value / 1000,
    sale: [
      { lengthM: layer.rollLengthM.value, price: layer.pricePerRoll?.value },
      ...(layer.otherRolls ?? []).map((r) => ({ lengthM: r.lengthM.value, price: r.price?.value })),
    ],
  };
}

function relationOf(layer: Rollable, below: RolledLayer | undefined): Relation {
  if (!below || layer.kind === 'protection') return 'own';
  if (layer.kind === 'sheet') {
    if (below.layer.kind !== 'sheet' || layer.offset === 'none') return 'own';
    return layer.offset === 'crossed' ? 'crossed' : 'centred';
  }
  if (below.layer.kind !== 'fabric') return 'own';
  return layer.direction === 'across the layer below' ? 'crossed' : 'centred';
}

/** Rolled layers of a build-up as it stands on a zone, in the order in which they are laid. */
export function rolledLayers(buildUp: BuildUp, rules: CourseRules): RolledLayer[] {
  const rolled: RolledLayer[] = [];
  for (const layer of buildUp.layers) {
    if (layer.kind !== 'fabric' && layer.kind !== 'sheet' && layer.kind !== 'protection') continue;
    if (layer.kind === 'fabric' && layer.where === 'details') continue;
    if (layer.kind === 'protection' && !ON_ROLLS.has(layer.material) && !isBoard(layer)) continue;
    const size = sizes(layer);
    const below = rolled.filter((r) => r.layer.kind === layer.kind && !r.boards).at(-1);
    const relation = isBoard(layer) ? 'own' : relationOf(layer, below);
    const said =
      layer.kind === 'sheet' && layer.staggerMm ? layer.staggerMm.value / 1000 : rules.staggerM.value;
    rolled.push({
      layer,
      code: String.fromCharCode(65 + rolled.length),
      boards: isBoard(layer),
      ...size,
      // Four sheets never meet at one point: end joints of neighbours are at least a lap apart.
      staggerM: Math.max(said, size.endLapM),
      relation,
      over: relation === 'own' ? undefined : below?.layer.id,
    });
  }
  return rolled;
}

/** What makes a layer impossible to lay in courses. */
export function layerProblems({ layer, widthM, sideLapM, endLapM, staggerM, sale }: RolledLayer): Problem[] {
  const problems: Problem[] = [];
  const name = layer.name;
  const longest = Math.max(...sale.map((s) => s.lengthM));
  const mm = (m: number): string => `${Math.round(m * 1000)} mm`;
  if (sideLapM >= widthM)
    problems.push({
      kind: 'outOfRange',
      field: 'sideLapMm',
      label: `${name}, side lap`,
      actual: `${mm(sideLapM)} on a roll ${mm(widthM)} wide`,
      expected: 'a lap narrower than the roll',
    });
  if (sale.some((s) => s.lengthM <= 2 * endLapM))
    problems.push({
      kind: 'outOfRange',
      field: 'endLapMm',
      label: `${name}, end lap`,
      actual: `${mm(endLapM)} on a roll of ${Math.min(...sale.map((s) => s.lengthM))} m`,
      expected: 'a roll longer than its two end laps',
    });
  if (staggerM > longest / 2)
    problems.push({
      kind: 'outOfRange',
      field: 'staggerMm',
      label: `${name}, stagger of end joints`,
      actual: `${mm(staggerM)} on rolls of ${longest} m`,
      expected: 'at most half a roll: joints further apart than that cannot be laid',
    });
  return problems;
}
