/** A zone that turns out to be something else: a wall in place of a roof. */
import { STRAIGHT_UNSAID, type EdgeKind } from './edges.ts';
import type { Zone } from './schema.ts';
import { EDGES_OF_USE, type ZoneUse } from './zoneuse.ts';

const mayBe = (use: ZoneUse, kind: EdgeKind): boolean =>
  kind === 'unsaid' || EDGES_OF_USE[use].includes(kind);

/** A zone as something else: sides that it cannot have are asked for again. */
export function withUse({ use: _old, ...zone }: Zone, use: ZoneUse): Zone {
  const sides = zone.sides.map((s) => (mayBe(use, s.edge.kind) ? s : { ...s, edge: STRAIGHT_UNSAID.edge }));
  return { ...zone, sides, ...(use === 'roof' ? {} : { use }) };
}
