/** Every detail of a zone, found from its edges, corners, openings and fittings. */
import {
  detailRulesOf,
  type BuildUp,
  type DetailRules,
  detailFacts,
  type DetailKind,
} from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { arcOver, corner, distance, type Point, type Ring } from '../geometry/index.ts';
import {
  featureFacts,
  featureNumber,
  runFigure,
  setOut,
  sideFigure,
  sumFigure,
  typicalSizes,
  upstandMm,
  type Edge,
  type Feature,
  type Opening,
  type Place,
  type Termination,
  type Zone,
  type ZoneQuantities,
} from '../survey/index.ts';

export interface Detail {
  /** The same as long as the side, corner, opening or fitting is there. */
  readonly id: string;
  readonly kind: DetailKind;
  readonly zoneId: string;
  readonly zoneName: string;
  /** "side 3", "corner 2", "Roof light 1", "Pipe 4". */
  readonly where: string;
  /** As it was set out, for fittings. */
  readonly place: Place | undefined;
  readonly path: readonly Point[];
  readonly count: number;
  /** Of runs, and round kerbs: all alike together. */
  readonly length: Figure | Given | undefined;
  /** Straight pieces of the run, m: strips do not go round corners. */
  readonly straightsM: readonly number[];
  /** mm, and numbers of things. */
  readonly sizes: Readonly<Record<string, number>>;
  /** It is made on metal, which is primed first. */
  readonly metal: boolean;
}

/** Outlet, Outlet 2: what it is, and which. */
export const detailTitle = ({ kind, where }: Pick<Detail, 'kind' | 'where'>): string =>
  `${detailFacts(kind).name}, ${where}`;

type Seed = Omit<Detail, 'zoneId' | 'zoneName' | 'metal' | 'count' | 'place' | 'sizes'> &
  Partial<Pick<Detail, 'count' | 'place' | 'sizes'>>;

/** How far a strip is turned in at its top: into a chase, or under a coping; nothing where it ends on the wall. */
const CHASE_MM = 30;
function overTop(termination: Termination, rules: DetailRules): number {
  if (termination === 'chase') return CHASE_MM;
  return termination === 'coping' ? rules.lapMm.value : 0;
}

/** What a side is, as details: an upstand may bring its fillet and its bar along. */
function ofEdge(edge: Edge, rules: DetailRules): { kind: DetailKind; sizes: Record<string, number> }[] {
  const fillet =
    rules.fillet === 'none' ? [] : [{ kind: 'fillet' as const, sizes: { legMm: rules.filletLegMm.value } }];
  switch (edge.kind) {
    case 'upstand':
      return [
        { kind: 'upstand', sizes: { heightMm: edge.heightMm, overMm: overTop(edge.termination, rules) } },
        ...fillet,
        ...(edge.termination === 'bar' ? [{ kind: 'bar' as const, sizes: {} }] : []),
      ];
    case 'parapet':
      return [{ kind: 'parapet', sizes: { heightMm: edge.heightMm, topMm: edge.topWidthMm } }, ...fillet];
    case 'threshold':
      return [{ kind: 'threshold', sizes: { heightMm: edge.heightMm } }];
    case 'gutter':
      return [{ kind: 'gutter', sizes: { widthMm: edge.widthMm } }];
    case 'joint':
      return [{ kind: 'movement-joint', sizes: { widthMm: edge.widthMm } }];
    case 'drip':
      return [{ kind: 'drip', sizes: {} }];
    case 'tie-in':
      return [{ kind: 'tie-in', sizes: {} }];
    case 'wall-top':
      return [
        { kind: 'wall-end', sizes: { overMm: overTop(edge.termination, rules) } },
        ...(edge.termination === 'bar' ? [{ kind: 'bar' as const, sizes: {} }] : []),
      ];
    case 'footing':
      return [{ kind: 'wall-foot', sizes: { widthMm: edge.widthMm } }, ...fillet];
    case 'unsaid':
      return [];
    case 'free':
      return [{ kind: 'day-joint', sizes: {} }];
  }
}

/** Openings that are one job with their corners: a kerb that is dressed all round. */
const isKerb = (o: Opening): boolean =>
  (o.kind === 'roof-light' || o.kind === 'hatch') && upstandMm(o.edge) > 0;

const ringLengths = (ring: Ring): number[] => ring.map((p, i) => distance(p, corner(ring, i + 1)));
const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

function ofOpening(o: Opening, ring: Ring, rules: DetailRules): Seed[] {
  const lengths = ringLengths(ring);
  const round = sumFigure(
    `Round ${o.name}`,
    'length',
    lengths.map((l, i) => given(`${o.name}, side ${i + 1}`, l, 'length', 'measured')),
    'sum of its sides',
  );
  const circle = o.shape.kind === 'circle';
  const head = {
    where: o.name,
    path: ring,
    length: round,
    straightsM: circle ? [round.value] : lengths,
  };
  const bend: Record<string, number> =
    o.shape.kind === 'circle' ? { roundMm: (o.shape.diameterM / 2) * 1000 } : {};
  if (isKerb(o)) {
    const corners = circle ? 0 : ring.length;
    return [
      { ...head, id: o.id, kind: 'kerb', sizes: { heightMm: upstandMm(o.edge), corners, ...bend } },
      ...ofEdge(o.edge, rules)
        .filter((e) => e.kind === 'fillet' || e.kind === 'bar')
        .map((e): Seed => ({ ...head, ...e, id: `${o.id}-${e.kind}` })),
    ];
  }
  if (o.kind === 'void' && o.edge.kind === 'free') return [];
  return ofEdge(o.edge, rules).map((e): Seed => ({
    ...head,
    kind: e.kind,
    sizes: { ...e.sizes, ...bend },
    id: `${o.id}-${e.kind}`,
  }));
}

/** What each fitting is as a detail. */
const OF_FEATURE: Readonly<Record<Feature['kind'], DetailKind | undefined>> = {
  outlet: 'outlet',
  scupper: 'scupper',
  pipe: 'pipe',
  'pipe-cluster': 'pipe-cluster',
  post: 'post',
  support: 'support',
  'static-crack': 'static-crack',
  'moving-crack': 'moving-crack',
  ridge: 'ridge',
  'board-joint': 'board-joint',
  'sheet-lap': 'sheet-lap',
  fasteners: 'fasteners',
  blister: 'blister',
  split: 'split',
  patch: 'patch',
  'flanged-vent': 'flanged-vent',
  stairs: 'stairs',
  // Filled flush before anything is laid: preparation, not a detail.
  spall: undefined,
};

/** Kinds that are made of metal whatever the roof is of. */
const METAL: readonly DetailKind[] = ['drip', 'gutter', 'sheet-lap', 'fasteners', 'flanged-vent'];

/**
 * Details of a zone under its build-up, in working order: round the outline, openings, fittings.
 * @param q quantities of the same zone
 */
export function findDetails(zone: Zone, q: ZoneQuantities, buildUp: BuildUp): Detail[] {
  const rules = detailRulesOf(buildUp);
  const { shape } = q;
  const seeds: Seed[] = [];
  shape.sides.forEach((side, i) => {
    const radiusM = arcOver(side.from, side.to, side.riseM)?.radiusM;
    const bend: Record<string, number> = radiusM === undefined ? {} : { roundMm: radiusM * 1000 };
    for (const e of ofEdge(side.edge, rules)) {
      seeds.push({
        kind: e.kind,
        sizes: { ...e.sizes, ...bend },
        id: `side-${i + 1}-${e.kind}`,
        where: `side ${i + 1}`,
        path: [side.from, side.to],
        length: sideFigure(shape, i),
        straightsM: [side.lengthM],
      });
    }
  });
  q.corners.forEach((c, i) => {
    if (c.kind === 'end') return;
    const opening = c.opening === undefined ? undefined : zone.openings[c.opening];
    if (opening && isKerb(opening)) return;
    seeds.push({
      id: `corner-${i + 1}`,
      kind: c.kind === 'internal' ? 'internal-corner' : 'external-corner',
      where: c.where,
      path: [c.at],
      length: undefined,
      straightsM: [],
      sizes: { deg: c.deg, heightMm: c.heightMm },
    });
  });
  zone.openings.forEach((o, i) => {
    const ring = shape.polygon.holes[i];
    if (ring) seeds.push(...ofOpening(o, ring, rules));
  });
  const { toPoint } = setOut(shape.corners);
  const numbers = new Map<string, number>();
  for (const f of zone.features) {
    const kind = OF_FEATURE[f.kind];
    if (!kind) continue;
    const number = (numbers.get(f.kind) ?? 0) + 1;
    numbers.set(f.kind, number);
    const where = `${featureFacts(f.kind).name} ${number}`;
    const run = detailFacts(kind).form === 'run';
    const [a, b] = [toPoint(f.at), toPoint(f.to ?? f.at)];
    const length = run ? runFigure(f, `${where}, length`) : undefined;
    seeds.push({
      id: f.id,
      kind,
      where,
      place: f.at,
      path: run ? [a, b] : [a],
      count: run ? 1 : featureNumber(f),
      length,
      straightsM: run ? Array.from({ length: f.count }, () => distance(a, b)) : [],
      sizes: { ...typicalSizes(f.kind), ...f.sizes },
    });
  }
  const onMetal = zone.substrate?.kind === 'metal';
  return seeds.map((seed) => ({
    count: 1,
    place: undefined,
    sizes: {},
    ...seed,
    zoneId: zone.id,
    zoneName: zone.name,
    metal: onMetal || METAL.includes(seed.kind),
  }));
}

/** The middle of a detail on the plan. */
export function detailPoint({ path }: Detail): Point {
  const a: Point = path[0] ?? [0, 0];
  return path.length === 2 ? middle(a, path[1] ?? a) : a;
}
