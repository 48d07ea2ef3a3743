/** How one gets about a roof, and in which order its bays are laid so that nobody is walled in. */
import { bayRoute, jointsOf, type Bay } from '../site/index.ts';
import { setOut, zoneQuantities, type Zone } from '../survey/index.ts';

export interface ZoneWays {
  readonly door: number | undefined;
  readonly order: ReadonlyMap<string, number>;
  readonly beside: ReadonlyMap<string, readonly string[]>;
}

/** @param at where people come on; undefined: nobody said */
export function waysOn(
  zone: Zone,
  bays: readonly Bay[],
  at: { alongM: number; acrossM: number } | undefined,
): ZoneWays {
  const beside = new Map<string, string[]>(bays.map((b) => [b.id, []]));
  for (const { a, b } of jointsOf(bays)) {
    beside.get(a)?.push(b);
    beside.get(b)?.push(a);
  }
  const q = zoneQuantities(zone);
  const plain = { door: undefined, beside, order: new Map(bays.map((b, i) => [b.id, i])) };
  if (!at || !q.ok) return plain;
  const route = bayRoute(bays, setOut(q.value.shape.corners).toPoint(at), zone.name);
  if (!route.ok) return plain;
  const order = new Map(route.value.steps.map((s, i) => [s.bayId, i]));
  // The bay that people step on first is left last.
  const last = route.value.steps.at(-1)?.bayId;
  const door = bays.findIndex((b) => b.id === last);
  return { door: door < 0 ? undefined : door, order, beside };
}
