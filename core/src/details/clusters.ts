/** A pipe cluster as a pocket: which curb parts, what is primed, what is poured, and the wait before filling. */
import { amountFor, cited, isCoat, wetFilm, type BuildUp, type Coat, type Pieces } from '../buildup/index.ts';
import { given, words, type Figure, type Given } from '../figures/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import type { Detail } from './find.ts';
import { sundry, type MaterialUse } from './uses.ts';
import { fitCurb, pourVolume, type Cluster, type Curb } from './pocket.ts';
import type { Step } from './particular.ts';
import { COMMON } from '../practice/index.ts';

export interface Pocket {
  readonly cluster: Cluster;
  readonly curb: Curb;
  readonly heightMm: number;
  readonly pour: Figure;
  readonly large: boolean;
  readonly materials: readonly MaterialUse[];
  readonly steps: readonly Step[];
}

const clusterOf = (detail: Detail): Cluster => ({
  lengthMm: detail.sizes['lengthMm'] ?? 0,
  widthMm: detail.sizes['widthMm'] ?? 0,
  pipes: detail.sizes['pipes'] ?? 1,
  pipeMm: detail.sizes['pipeMm'] ?? 0,
});

/** The skin of primer: floor and inside of the curb, and up each pipe a little over it. */
function skinArea(cluster: Cluster, curb: Curb, pieces: Pieces, count: number): Figure {
  const girth = given('inside girth', curb.insideGirthMm, 'lap', 'data sheet', 'of the parts put together');
  const height = cited('height of the curb', pieces.heightMm, 'lap');
  const above = cited('above the curb', pieces.skinAboveMm, 'lap');
  const pipes = given('pipes', cluster.pipes, 'count', 'measured');
  const pipe = given('diameter of each', cluster.pipeMm, 'lap', 'measured');
  const number = given('clusters alike', count, 'count', 'measured');
  const up = Math.PI * cluster.pipes * cluster.pipeMm * (height.value + above.value);
  return {
    label: 'Skin of primer',
    value: count * (curb.inside.value + (girth.value * height.value + up) / 1e6),
    quantity: 'area',
    formula:
      '{number} × ({inside} + ({girth} × {height} + 4 × atan(1) × {pipes} × {pipe} × ({height} + {above})) / 1000000)',
    inputs: { number, inside: curb.inside, girth, height, above, pipes, pipe },
    from: 'floor, inside of the curb, and up each pipe',
  };
}

/** Beads that parts are set in: two under the curb and one outside along its foot. Common practice, no source. */
const BEAD_MM = 6;
const BEADS = 3;

/** Sealant of a curb: its beads all round, and each joint between parts buttered over its height. */
function curbSealant(curb: Curb, pieces: Pieces, number: number): Figure {
  const girth = given('round the curb, inside', curb.insideGirthMm, 'lap', 'definition');
  const beads = given('beads round it', BEADS, 'count', 'typical', 'two under, one outside');
  const bead = given('bead', BEAD_MM, 'lap', 'typical');
  const joints = given(
    'joints of parts',
    curb.parts.reduce((sum, p) => sum + p.count, 0),
    'count',
    'definition',
  );
  const height = cited('height of the curb', pieces.heightMm, 'lap');
  const count = given('clusters alike', number, 'count', 'measured');
  return {
    label: 'Sealant, curb',
    value:
      ((girth.value * beads.value + joints.value * height.value) * Math.PI * bead.value ** 2 * number) / 4e6,
    quantity: 'volume',
    formula: '({girth} × {beads} + {joints} × {height}) × 4 × atan(1) × {bead} × {bead} × {count} / 4000000',
    inputs: { girth, beads, joints, height, bead, count },
    from: 'round beads; 4 atan(1) is π, a million cubic millimetres are a litre',
  };
}

/**
 * What a pocket is filled with: what runs level by itself runs out of it on a slope, so there it may be another coat.
 * @param fall of the roof; undefined where nobody said
 */
export function fillOf(pocket: BuildUp, fall: Given | undefined): Coat | undefined {
  const coats = pocket.layers.filter(isCoat);
  const steep = coats
    .filter(
      (c) => fall !== undefined && c.fillsFromFallPct !== undefined && fall.value >= c.fillsFromFallPct.value,
    )
    .sort((a, b) => (b.fillsFromFallPct?.value ?? 0) - (a.fillsFromFallPct?.value ?? 0));
  return steep[0] ?? coats.find((c) => c.role === 'membrane' && c.fillsFromFallPct === undefined);
}

/** Why it is that one, or that nobody can tell. */
function whyFilled(pocket: BuildUp, fill: Coat, fall: Given | undefined): Step[] {
  const from = (c: Coat): Given | undefined =>
    c.fillsFromFallPct && cited('fall', c.fillsFromFallPct, 'fall');
  const own = from(fill);
  if (own && fall)
    return [
      {
        says: words`The roof falls ${fall}: from ${own} on it is filled with ${fill.name.toLowerCase()}, which stays where it is put.`,
      },
    ];
  const other = pocket.layers.filter(isCoat).find((c) => c.fillsFromFallPct);
  const least = other && from(other);
  return other && least && !fall
    ? [
        {
          says: words`How much the roof falls is not known. From ${least} on it is filled with ${other.name.toLowerCase()}: measure before anything is mixed.`,
        },
      ]
    : [];
}

/**
 * @param pocket the pocket's build-up, resolved
 * @param fall of the roof; undefined where nobody said
 * @returns a problem when it has no curb parts, or they do not close round the cluster
 */
export function pocketOf(detail: Detail, pocket: BuildUp, fall: Given | undefined): Result<Pocket> {
  const label = `${detail.zoneName}, ${detail.where}`;
  const pieces = pocket.layers.find((l) => l.kind === 'pieces');
  const fill = fillOf(pocket, fall);
  if (!pieces || !fill) {
    return fail({
      kind: 'missing',
      field: 'build-up',
      label: `${label}, pocket`,
      actual: '',
      expected: `curb parts and a pourable sealer in ${pocket.name}`,
    });
  }
  const cluster = clusterOf(detail);
  const curb = fitCurb(cluster, pieces, label);
  if (!curb.ok) return curb;
  const depth = wetFilm(fill);
  const one = pourVolume(curb.value, cluster, depth.value, label);
  if (!one.ok) return one;
  const count = given('clusters alike', detail.count, 'count', 'measured');
  const pour: Figure = {
    label: `${fill.name}, pour`,
    value: one.value.value * detail.count,
    quantity: 'volume',
    formula: '{one} × {count}',
    inputs: { one: one.value, count },
    from: 'for every cluster alike',
  };
  const skin = skinArea(cluster, curb.value, pieces, detail.count);
  const primers = pocket.layers.filter(isCoat).filter((c) => c.role === 'primer');
  const large = curb.value.inside.value >= COMMON.largePocket.value;
  const density = cited(`${fill.name}, density`, fill.densityKgPerL, 'density');
  const poured: Figure =
    fill.rate.basis === 'mass'
      ? {
          label: `${fill.name}, pour`,
          value: pour.value * density.value,
          quantity: 'mass',
          formula: '{pour} × {density}',
          inputs: { pour, density },
          from: 'volume times density',
        }
      : pour;
  return ok({
    cluster,
    curb: curb.value,
    heightMm: pieces.heightMm.value,
    pour,
    large,
    materials: [
      ...curb.value.parts.map(({ part, count: n }): MaterialUse => ({
        material: { kind: 'curb', partId: part.id },
        name: part.name,
        use: detail.where,
        amount: {
          label: `${part.name}, ${detail.where}`,
          value: n * detail.count,
          quantity: 'count',
          formula: '{parts} × {count}',
          inputs: {
            parts: given('parts of a curb', n, 'count', 'chosen', 'fewest that keep the clearance'),
            count,
          },
          from: 'parts of one curb, for every cluster alike',
        },
      })),
      sundry('sealant', `curb, ${detail.where}`, curbSealant(curb.value, pieces, detail.count)),
      ...primers.map((p): MaterialUse => ({
        material: { kind: 'pocket', layerId: p.id },
        name: p.name,
        use: detail.where,
        amount: { ...amountFor(p, skin), label: `${p.name}, ${detail.where}` },
      })),
      {
        material: { kind: 'pocket', layerId: fill.id },
        name: fill.name,
        use: detail.where,
        amount: { ...poured, label: `${fill.name}, ${detail.where}` },
      },
    ],
    steps: [
      {
        says: words`Pipes cleaned and abraded; their owner confirms that they may be touched.`,
        hold: 'ground accepted',
      },
      {
        says: words`Set the parts in two beads of sealant on the finished membrane, at least ${cited('clearance', pieces.clearanceMm, 'lap')} from every pipe; butter the joints, press down, and a third bead outside along the foot.`,
      },
      {
        says: words`Skin of primer inside the curb and ${cited('above', pieces.skinAboveMm, 'lap')} up each pipe over it.`,
        hold: 'no gap at the foot',
      },
      ...whyFilled(pocket, fill, fall),
      large
        ? {
            says: words`A skin of sealer first; then wait, because the fill pushes outward.`,
            waitMin: COMMON.largePocketWait,
          }
        : { says: words`A skin of sealer first, worked into the foot of each pipe.` },
      {
        says: words`Fill slowly from one corner with ${one.value}, crowned so that water runs off.`,
        hold: 'pocket accepted',
      },
    ],
  });
}
