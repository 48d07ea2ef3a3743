/** What a zone is, where it is no roof: a wall or a flight of stairs, measured as it would lie unfolded. */
import type { SaidEdgeKind } from './edges.ts';

export const ZONE_USES = ['roof', 'wall', 'stairs'] as const;
export type ZoneUse = (typeof ZONE_USES)[number];

export const ZONE_USE_NAMES: Readonly<Record<ZoneUse, string>> = {
  roof: 'Roof, balcony or deck',
  wall: 'Wall below ground or of a planter',
  stairs: 'Flight of stairs',
};

/** What a zone is; absent in its document: a roof. */
export const zoneUse = (zone: { readonly use?: ZoneUse | undefined }): ZoneUse => zone.use ?? 'roof';

/** A wall is steeper than any fall that can be typed, per cent: it counts as the steepest. */
export const UPRIGHT_PCT = 300;

/** Edges that each may have. A wall is drawn as one looks at it, its foot below. */
export const EDGES_OF_USE: Readonly<Record<ZoneUse, readonly SaidEdgeKind[]>> = {
  roof: ['upstand', 'parapet', 'drip', 'gutter', 'threshold', 'joint', 'tie-in', 'free'],
  wall: ['wall-top', 'footing', 'upstand', 'joint', 'tie-in', 'free'],
  stairs: ['upstand', 'drip', 'threshold', 'joint', 'tie-in', 'free'],
};
