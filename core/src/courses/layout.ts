/** Courses of every rolled layer of a zone: their frame, their start line, their runs. */
import type { BuildUp } from '../buildup/index.ts';
import { mapArea, distance, areaOf, intersect, oriented, type Area, type Point } from '../geometry/index.ts';
import type { Problem } from '../problems/index.ts';
import { zoneShape, type Zone, type ZoneShape } from '../survey/index.ts';
import { leastRollM } from './bound.ts';
import { CHALK_M, fieldArea, furthest, type Hole } from './field.ts';
import { crossedLaying, frameOf, layingOf, toFrame, type Frame, type Laying } from './frame.ts';
import { layerProblems, rolledLayers, type RolledLayer } from './layers.ts';
import { foldedOver, planesOf, type Fold, type Plane } from './planes.ts';
import type { Courses, Strip } from './runs.ts';
import type { CoursePlan, CourseRules, CoursesDoc } from './schema.ts';
import { Slices } from './slices.ts';
import { centredOn, startAt, startsFor, type Start } from './starts.ts';

/** Courses of one layer over one plane of a zone. */
export interface PlaneLayout {
  readonly index: number;
  readonly frame: Frame;
  readonly laying: Laying;
  readonly strip: Strip;
  /** To be covered, in the zone's plane and in the frame. */
  readonly area: Area;
  readonly field: Area;
  readonly courses: Courses;
  /** No start line takes less roll, half widths counted half, m. */
  readonly leastRollM: number;
}

/** A strip over a fold. */
export interface CapStrip {
  readonly from: Point;
  readonly to: Point;
  readonly lengthM: number;
  readonly widthM: number;
  readonly half: boolean;
  /** Laid over the courses (ridge), or below them (valley). */
  readonly under: boolean;
}

export interface LayerLayout {
  readonly zone: Zone;
  readonly shape: ZoneShape;
  readonly buildUp: BuildUp;
  readonly rolled: RolledLayer;
  readonly plan: CoursePlan | undefined;
  readonly holes: readonly Hole[];
  readonly planes: readonly PlaneLayout[];
  readonly folds: readonly Fold[];
  /** Ridges that part nothing, by their names. */
  readonly idle: readonly string[];
  readonly caps: readonly CapStrip[];
  readonly problems: readonly Problem[];
}

/** More pieces than this in one layer of a zone is a slip in a size. */
const MOST_PIECES = 4000;

const planOf = (doc: CoursesDoc, zoneId: string, layerId: string): CoursePlan | undefined =>
  doc.plans.find((p) => p.zoneId === zoneId && p.layerId === layerId);

/** Layers that lie centred on each other share one pitch, the smallest: else their joints drift together. */
function pitchOf(rolled: RolledLayer, all: readonly RolledLayer[]): number {
  const family = (r: RolledLayer): string => {
    const below = r.relation === 'centred' ? all.find((o) => o.layer.id === r.over) : undefined;
    return below && below.widthM === r.widthM ? family(below) : r.layer.id;
  };
  const mine = family(rolled);
  const together = all.filter((o) => family(o) === mine);
  return Math.min(...together.map((o) => o.widthM - o.sideLapM));
}

interface Context {
  readonly zone: Zone;
  readonly shape: ZoneShape;
  readonly rules: CourseRules;
  readonly doc: CoursesDoc;
  readonly layers: readonly RolledLayer[];
  /** Fields of layers that reach over sides in their own way; none where all go as far. */
  readonly fields: ReadonlyMap<RolledLayer, Area>;
}

interface Draft {
  readonly rolled: RolledLayer;
  readonly plan: CoursePlan | undefined;
  readonly strip: Strip;
  readonly laying: Laying;
  readonly frame: Frame;
  readonly area: Area;
  readonly field: Slices;
  readonly below: Draft | undefined;
}

/** Each layer over one plane, its start line not chosen yet. */
function drafts(context: Context, plane: Plane, widest: Area): Draft[] {
  const made: Draft[] = [];
  for (const rolled of context.layers) {
    const plan = planOf(context.doc, context.zone.id, rolled.layer.id);
    const mine = context.fields.get(rolled);
    const area = mine ? intersect(widest, mine).map(oriented) : widest;
    const below = made.find((d) => d.rolled.layer.id === rolled.over);
    const free = plan !== undefined && plan.way !== 'by the fall';
    const laying =
      below && rolled.relation === 'crossed' && !free
        ? crossedLaying(below.laying)
        : below && !free
          ? below.laying
          : layingOf(context.shape, plane.fall, plan, context.rules);
    const frame = frameOf(area, laying.angleRad, laying.fall);
    const pitch = pitchOf(rolled, context.layers);
    made.push({
      rolled,
      plan,
      strip: { widthM: rolled.widthM, sideLapM: rolled.widthM - pitch },
      laying,
      frame,
      area,
      field: new Slices(mapArea(area, (p) => toFrame(frame, p))),
      below: rolled.relation === 'centred' && below?.laying === laying ? below : undefined,
    });
  }
  return made;
}

const perMetre = ({ sale }: RolledLayer): number => {
  const [first] = sale;
  return first?.price === undefined ? 1 : first.price / first.lengthM;
};

/** Start lines of the layers over one plane: those that lie centred on another follow it, and weigh in its choice. */
function chooseStarts(context: Context, list: readonly Draft[]): Map<Draft, Start> {
  const chosen = new Map<Draft, Start>();
  const least = context.rules.leastTopMm.value / 1000;
  const at = (d: Draft, firstM: number): Start => startAt(d.field, d.strip, firstM, least);
  const followers = (d: Draft): Draft[] => list.filter((o) => o.below === d && o.plan?.firstM === undefined);
  const withFollowers = (d: Draft, firstM: number): Map<Draft, Start> => {
    const set = new Map([[d, at(d, firstM)]]);
    for (const f of followers(d))
      for (const [k, v] of withFollowers(f, centredOn(firstM, f.strip))) set.set(k, v);
    return set;
  };
  for (const d of list) {
    if (chosen.has(d)) continue;
    const starts =
      d.plan?.firstM === undefined
        ? startsFor(d.field, d.strip, least)
        : [Math.min(d.strip.widthM, Math.max(d.plan.firstM, d.strip.sideLapM + CHALK_M))];
    let best: Map<Draft, Start> | undefined;
    let lowest = Infinity;
    for (const firstM of starts) {
      const set = withFollowers(d, firstM);
      let cost = 0;
      for (const [k, s] of set) cost += s.cost * perMetre(k.rolled);
      // Of starts that cost the same to a centimetre the first stays: full widths come first.
      if (cost < lowest - 0.01 * perMetre(d.rolled)) {
        lowest = cost;
        best = set;
      }
    }
    for (const [k, s] of best ?? []) chosen.set(k, s);
  }
  return chosen;
}

function thinProblem(zone: Zone, rolled: RolledLayer, heightM: number): Problem {
  return {
    kind: 'tooFew',
    field: 'zones',
    label: `${zone.name}, ${rolled.layer.name}`,
    actual: `${Math.round(heightM * 1000)} mm across the courses`,
    expected: `a field wider than the side lap of ${Math.round(rolled.sideLapM * 1000)} mm`,
  };
}

function tooMany(zone: Zone, rolled: RolledLayer, pieces: number): Problem {
  return {
    kind: 'outOfRange',
    field: 'zones',
    label: `${zone.name}, ${rolled.layer.name}`,
    actual: `about ${pieces} pieces`,
    expected: `at most ${MOST_PIECES}: a larger roll, or the zone in parts`,
  };
}

function capsOf(rolled: RolledLayer, folds: readonly Fold[], rules: CourseRules): CapStrip[] {
  return folds.flatMap((f): CapStrip[] => {
    const under = f.kind === 'valley';
    if (f.kind === 'bend' || (!under && rules.ridge === 'fold over')) return [];
    const wide = under ? rolled.widthM : 2 * (rules.ridgeReachMm.value / 1000);
    const half = wide <= rolled.widthM / 2 + CHALK_M;
    return [
      {
        from: f.from,
        to: f.to,
        lengthM: distance(f.from, f.to),
        widthM: half ? rolled.widthM / 2 : rolled.widthM,
        half,
        under,
      },
    ];
  });
}

/** Courses of every rolled layer of one zone; boards are laid by `boardsOf`. */
export function layoutsOf(zone: Zone, buildUp: BuildUp, doc: CoursesDoc): LayerLayout[] {
  const { rules } = doc;
  const all = rolledLayers(buildUp, rules).filter((r) => !r.boards);
  if (all.length === 0) return [];
  const found = zoneShape(zone);
  if (!found.ok) return [];
  const shape = found.value;
  // Planes are parted over the widest field; each layer covers what of them is in its own.
  const own = all.some((r) => r.layer.reachMm !== undefined);
  const { area, holes } = fieldArea(zone, shape, rules, own ? furthest(all, rules) : {});
  const fields = new Map(
    own ? all.map((r) => [r, fieldArea(zone, shape, rules, r.layer.reachMm).area] as const) : [],
  );
  const { planes, folds, idle } = planesOf(zone, shape, area);
  const problems = new Map<RolledLayer, Problem[]>(all.map((r) => [r, layerProblems(r)]));
  const layers = all.filter((r) => (problems.get(r) ?? []).length === 0);
  for (const r of layers) {
    const longest = Math.max(...r.sale.map((s) => s.lengthM));
    const pieces = Math.round(areaOf(area) / ((r.widthM - r.sideLapM) * longest));
    if (pieces > MOST_PIECES) problems.set(r, [tooMany(zone, r, pieces)]);
  }
  const possible = layers.filter((r) => (problems.get(r) ?? []).length === 0);
  const context: Context = { zone, shape, rules, doc, layers: possible, fields };
  const byLayer = new Map<RolledLayer, PlaneLayout[]>();
  for (const plane of planes) {
    const over = folds
      .filter((f) => rules.ridge === 'fold over' && f.kind === 'ridge' && f.planes.includes(plane.index))
      .reduce((a, f) => foldedOver(a, f, rules.ridgeReachMm.value / 1000), plane.area);
    const list = drafts(context, plane, over);
    const starts = chooseStarts(context, list);
    for (const d of list) {
      const start = starts.get(d);
      if (!start) continue;
      const height = d.field.highM;
      if (height <= d.strip.sideLapM) {
        problems.set(d.rolled, [thinProblem(zone, d.rolled, height)]);
        continue;
      }
      const { frame, laying, strip, field, area: covered } = d;
      const layout: PlaneLayout = {
        index: plane.index,
        frame,
        laying,
        strip,
        area: covered,
        field: field.field,
        courses: start.courses,
        leastRollM: leastRollM(field.field, { ...strip, sideLapM: d.rolled.sideLapM }),
      };
      byLayer.set(d.rolled, [...(byLayer.get(d.rolled) ?? []), layout]);
    }
  }
  return all.map((rolled) => ({
    zone,
    shape,
    buildUp,
    rolled,
    plan: planOf(doc, zone.id, rolled.layer.id),
    holes,
    planes: byLayer.get(rolled) ?? [],
    folds,
    idle,
    caps: byLayer.has(rolled) ? capsOf(rolled, folds, rules) : [],
    problems: problems.get(rolled) ?? [],
  }));
}
