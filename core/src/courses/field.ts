/** What courses have to cover: the zone with its sides' reach, clear of its openings. */
import {
  movedSides,
  oriented,
  reversed,
  signedArea,
  subtract,
  type Area,
  type Ring,
} from '../geometry/index.ts';
import type { Zone, ZoneShape } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { Rollable } from './layers.ts';
import type { CourseRules } from './schema.ts';

export interface Hole {
  readonly name: string;
  /** The opening itself. */
  readonly ring: Ring;
}

export interface FieldArea {
  /** To be covered, in the zone's plane. */
  readonly area: Area;
  readonly holes: readonly Hole[];
}

const left = (ring: Ring): Ring => (signedArea(ring) < 0 ? reversed(ring) : ring);

/** How far a layer says that it goes over each kind of side. */
export type LayerReach = NonNullable<Rollable['reachMm']>;

/**
 * The field of a zone.
 * @param own what a layer says of its reach; the job's rules say the rest
 */
export function fieldArea(zone: Zone, shape: ZoneShape, rules: CourseRules, own: LayerReach = {}): FieldArea {
  const flip = signedArea(shape.ring) < 0;
  const reach = shape.sideOf.map((side) => {
    const kind = shape.sides[side]?.edge.kind ?? 'unsaid';
    return kind === 'unsaid' ? 0 : (own[kind] ?? rules.reachMm[kind]).value / 1000;
  });
  const n = reach.length;
  // Turned round, piece i goes from corner n−1−i to the one before it.
  const outward = flip ? reach.map((_, i) => reach[(2 * n - 2 - i) % n] ?? 0) : reach;
  let area = movedSides(left(shape.ring), outward);
  const holes = shape.polygon.holes.map((ring, i) => ({
    name: zone.openings[i]?.name ?? '',
    ring: left(ring),
  }));
  const clear = (own.opening ? -own.opening.value : rules.openingClearMm.value) / 1000;
  for (const hole of holes)
    area = subtract(
      area,
      movedSides(
        hole.ring,
        hole.ring.map(() => clear),
      ),
    );
  return { area: area.map(oriented), holes };
}

/** Nearer than a millimetre is the same line: a chalk line is no thinner. */
export const CHALK_M = TOLERANCE.arcM;

/** The furthest that any layer goes over each kind of side, and the least that any stays off openings. */
export function furthest(layers: readonly { readonly layer: Rollable }[], rules: CourseRules): LayerReach {
  const all = layers.flatMap(({ layer }) => (layer.reachMm ? [layer.reachMm] : []));
  const most = (kind: keyof CourseRules['reachMm']) =>
    [rules.reachMm[kind], ...all.flatMap((r) => r[kind] ?? [])].reduce((a, b) => (b.value > a.value ? b : a));
  return {
    ...Object.fromEntries(
      (Object.keys(rules.reachMm) as (keyof CourseRules['reachMm'])[]).map((k) => [k, most(k)]),
    ),
    opening: [
      { ...rules.openingClearMm, value: -rules.openingClearMm.value },
      ...all.flatMap((r) => r.opening ?? []),
    ].reduce((a, b) => (b.value > a.value ? b : a)),
  };
}
