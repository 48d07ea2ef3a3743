/** "Grid the roof": bays that one container, or one mix, must cover. */
import { areaCovered, areaPerContainer, type Coat } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import {
  areaOf,
  corner,
  distance,
  distanceToPiece,
  splitInBands,
  splitOnCourses,
  squareBands,
  type Area,
  type Point,
  type Ring,
} from '../geometry/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { setOut, zoneQuantities, type Zone, type ZoneShape, type Zones } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { jointsOf, type Joint } from './bayroute.ts';
import type { Bay, SiteDoc } from './schema.ts';
import { COMMON, type Practice } from '../practice/index.ts';

/** What a bay is cut for: a container on sale, or the largest mix of the layer. */
export type BayBasis =
  | { readonly kind: 'container'; readonly containerId: string }
  | { readonly kind: 'mix' }
  /** What the kettle holds at once. */
  | { readonly kind: 'charge' };

/** More bays than this on one zone is a slip in a rate or a container. */
const MOST_BAYS = 1000;

/** The area that one bay may have, with its working. */
export function bayCoverage(coat: Coat, basis: BayBasis): Result<{ covers: Figure; by: string }> {
  if (basis.kind === 'mix') {
    if (!coat.largestMixKg) {
      return fail({
        kind: 'missing',
        field: 'largestMixKg',
        label: `${coat.name}, largest mix`,
        actual: '',
        expected: 'a layer that is mixed in batches, or bays by container',
      });
    }
    const mix = given('largest mix', coat.largestMixKg.value, 'mass', coat.largestMixKg.source);
    return ok({ covers: areaCovered(coat, mix, 'mass', 'One mix covers'), by: `mix of ${mix.value} kg` });
  }
  if (basis.kind === 'charge') {
    if (!coat.kettle?.loadKg) {
      return fail({
        kind: 'missing',
        field: 'kettle/loadKg',
        label: `${coat.name}, kettle holds`,
        actual: '',
        expected: 'a layer that is melted, with what its kettle holds',
      });
    }
    const { loadKg } = coat.kettle;
    const charge = given('kettle holds', loadKg.value, 'mass', loadKg.source);
    return ok({
      covers: areaCovered(coat, charge, 'mass', 'One charge covers'),
      by: `charge of ${charge.value} kg`,
    });
  }
  const container = coat.containers.find((c) => c.id === basis.containerId);
  if (!container) {
    return fail({
      kind: 'unknown',
      field: 'containerId',
      label: `${coat.name}, container`,
      actual: basis.containerId,
      expected: `one of ${coat.containers.map((c) => c.name).join(', ')}`,
    });
  }
  return ok({ covers: areaPerContainer(coat, container), by: container.name });
}

function directionOfLongestSide(ring: Ring): number {
  let best = 0;
  let angle = 0;
  ring.forEach((p, i) => {
    const q = corner(ring, i + 1);
    const length = distance(p, q);
    if (length > best + TOLERANCE.sameCornerM) {
      best = length;
      angle = Math.atan2(q[1] - p[1], q[0] - p[0]);
    }
  });
  // Seen from below or above the direction is the same; bays are numbered as one reads.
  return angle > Math.PI / 2 ? angle - Math.PI : angle <= -Math.PI / 2 ? angle + Math.PI : angle;
}

export interface BaySplit {
  readonly bays: Bay[];
  readonly covers: Figure;
  readonly by: string;
  /** Joints that come nearer than half a metre to an outlet or scupper, which none should. */
  readonly nearLow: number;
}

/** How bays lie: along the longest side, with the fall, across it, or on the courses of a fabric across the fall. */
export const LIES = ['longest side', 'with the fall', 'across the fall', 'fabric courses'] as const;
export type Lie = (typeof LIES)[number];

export interface CutTerms {
  readonly lie?: Lie;
  /** Down the fall, radians anticlockwise from x in the zone's plane; absent where it is not known. */
  readonly fallRad?: number | undefined;
  /** What one course of the fabric covers: roll width less side lap, m. */
  readonly courseM?: number | undefined;
  /** The numbers of the job: how far joints stay off outlets. */
  readonly practice?: Practice | undefined;
}

/** Where water runs to: outlets and scuppers. */
function lowPlaces(zone: Zone, shape: ZoneShape): Point[] {
  const { toPoint } = setOut(shape.corners);
  return zone.features.filter((f) => f.kind === 'outlet' || f.kind === 'scupper').map((f) => toPoint(f.at));
}

/** What water runs to, and how far joints stay off it, m. */
interface Low {
  readonly places: readonly Point[];
  readonly clearM: number;
}
const nearTo = (joints: readonly Joint[], { places, clearM }: Low): number =>
  places.filter((spot) => joints.some((j) => distanceToPiece(spot, j.from, j.to) < clearM)).length;

/** More bands or bays than need be are tried up to this many, to keep joints off outlets. */
const MOST_MORE = 2;

interface Candidate {
  readonly parts: readonly Area[];
  readonly nearLow: number;
}

function bayOf(zone: Zone, part: Area, label: string, id: string): Bay {
  return {
    id,
    zoneId: zone.id,
    label,
    parts: part.map((p) => ({
      outer: p.outer.map(([x, y]): [number, number] => [x, y]),
      holes: p.holes.map((h) => h.map(([x, y]): [number, number] => [x, y])),
    })),
  };
}

/** Ways to cut a zone, the plainest first; each is made when it is asked for. */
function* waysToCut(
  area: Area,
  count: number,
  most: number,
  along: number,
  { lie, courseM }: CutTerms,
): Generator<Area[]> {
  if (lie === 'fabric courses' && courseM !== undefined) {
    const high = Math.sqrt(most);
    const courses = Math.max(1, Math.round(high / courseM));
    for (const n of [courses, courses + 1, Math.max(1, courses - 1)])
      yield splitOnCourses(area, most, n * courseM, along);
    return;
  }
  const square = squareBands(area, count, along);
  for (let more = 0; more <= MOST_MORE; more += 1)
    for (const bands of new Set([square, square + 1, Math.max(1, square - 1)]))
      if (bands <= count + more) yield splitInBands(area, count + more, bands, along);
}

/** The first way whose joints stay off what water runs to; else the one with the fewest that do not. */
function bestWay(zone: Zone, ways: Iterable<Area[]>, low: Low): Candidate | undefined {
  let best: Candidate | undefined;
  for (const parts of ways) {
    // Where water runs to nothing on the zone there is nothing to keep off.
    const joints =
      low.places.length === 0 ? [] : jointsOf(parts.map((p, i) => bayOf(zone, p, String(i), String(i))));
    const nearLow = nearTo(joints, low);
    if (!best || nearLow < best.nearLow) best = { parts, nearLow };
    if (nearLow === 0) break;
  }
  return best;
}

/**
 * Cuts a zone into equal bays, each no larger than one container or mix covers: as few as that allows, or one or two
 * more where that keeps the joints off outlets.
 * @param newId makes an id for each bay
 */
export function splitZone(
  zone: Zone,
  coat: Coat,
  basis: BayBasis,
  newId: () => string,
  terms: CutTerms = {},
): Result<BaySplit> {
  const quantities = zoneQuantities(zone);
  if (!quantities.ok) return quantities;
  const coverage = bayCoverage(coat, basis);
  if (!coverage.ok) return coverage;
  const { covers, by } = coverage.value;
  const { polygon, area, ring, shape } = quantities.value;
  const count = Math.max(1, Math.ceil(area.value / covers.value - TOLERANCE.areaM2));
  if (count > MOST_BAYS) {
    return fail({
      kind: 'outOfRange',
      field: 'bays',
      label: `${zone.name}, bays`,
      actual: `${count} bays of ${covers.value.toFixed(3)} m²`,
      expected: `at most ${MOST_BAYS} bays: a larger container or a lower rate`,
    });
  }
  const { lie = 'longest side', fallRad, practice = COMMON } = terms;
  const longest = directionOfLongestSide(ring);
  const along =
    lie === 'longest side' || fallRad === undefined
      ? longest
      : lie === 'with the fall'
        ? fallRad
        : fallRad + Math.PI / 2;
  const low = { places: lowPlaces(zone, shape), clearM: practice.clearOfLow.value };
  const best = bestWay(zone, waysToCut([polygon], count, covers.value, along, { ...terms, lie }), low);
  return ok({
    covers,
    by,
    nearLow: best?.nearLow ?? 0,
    bays: (best?.parts ?? []).map((part, i) => bayOf(zone, part, `${zone.code}${i + 1}`, newId())),
  });
}

export const bayAreaM2 = (bay: Bay): number => areaOf(bay.parts);

export const bayAreaFigure = (bay: Bay): Figure => {
  const inputs = Object.fromEntries(
    bay.parts.map((p, i) => [
      `part${i + 1}`,
      given(`${bay.label}, part ${i + 1}`, areaOf([p]), 'area', 'measured', 'cut from the surveyed zone'),
    ]),
  );
  return {
    label: `Bay ${bay.label}, area`,
    value: bayAreaM2(bay),
    quantity: 'area',
    formula: bay.parts.map((_, i) => `{part${i + 1}}`).join(' + '),
    inputs,
    from: 'parts of the zone that make the bay',
  };
};

/** Bays may miss their zone by this share before they count as cut from another outline. */
const MISMATCH = 1e-4;

/** Zones whose bays no longer add up to the surveyed area: the survey was changed after they were cut. */
export function bayMismatches(site: SiteDoc, survey: Zones): { zone: Zone; bayM2: number; zoneM2: number }[] {
  return survey.zones.flatMap((zone) => {
    const bays = site.bays.filter((b) => b.zoneId === zone.id);
    const quantities = zoneQuantities(zone);
    if (bays.length === 0 || !quantities.ok) return [];
    const bayM2 = bays.reduce((sum, b) => sum + bayAreaM2(b), 0);
    const zoneM2 = quantities.value.area.value;
    return Math.abs(bayM2 - zoneM2) > zoneM2 * MISMATCH ? [{ zone, bayM2, zoneM2 }] : [];
  });
}

/** What keeps a set of bays from being saved. */
export function siteProblems(site: SiteDoc, survey: Zones): Problem[] {
  const problems: Problem[] = [];
  const zones = new Set(survey.zones.map((z) => z.id));
  const seen = new Set<string>();
  site.bays.forEach((bay, i) => {
    if (!zones.has(bay.zoneId)) {
      problems.push({
        kind: 'unknown',
        field: `bays/${i}/zoneId`,
        label: `Bay ${bay.label}, zone`,
        actual: bay.zoneId,
        expected: 'a zone of the survey',
      });
    }
    if (seen.has(bay.id) || seen.has(bay.label)) {
      problems.push({
        kind: 'duplicate',
        field: `bays/${i}`,
        label: 'Bay',
        actual: bay.label,
        expected: 'another label and id for each bay',
      });
    }
    seen.add(bay.id).add(bay.label);
    if (!(bayAreaM2(bay) > 0)) {
      const expected = 'an area above nothing';
      problems.push({
        kind: 'outOfRange',
        field: `bays/${i}`,
        label: `Bay ${bay.label}`,
        actual: '0 m²',
        expected,
      });
    }
  });
  return problems;
}
