/** Roofs that may not be shut together: work on one begins when the other is open for feet again. */
import type { Planned, Task } from './model.ts';

/** The other roofs that a roof may not be shut with. */
export const othersOf = ({ apart }: Pick<Planned, 'apart'>, zone: number): number[] => [
  ...new Set((apart ?? []).flatMap((g) => (g.includes(zone) ? g.filter((z) => z !== zone) : []))),
];

/** A list in which each roof of such a group is finished before the next: those that are begun come first, then as the list has them. */
export function inApartOrder(planned: Planned, list: readonly number[]): readonly number[] {
  if (!planned.apart || planned.apart.length === 0) return list;
  const grouped = new Set(planned.apart.flat());
  const of = (index: number): Task | undefined => planned.tasks[index];
  const byZone = new Map<number, number[]>();
  for (const i of list) {
    const zone = of(i)?.zone;
    if (zone !== undefined && grouped.has(zone)) byZone.set(zone, [...(byZone.get(zone) ?? []), i]);
  }
  const begun = [...byZone].filter(([z]) => planned.zones[z]?.begun).flatMap(([, own]) => own);
  const seen = new Set<number>();
  const rest = list.flatMap((i): readonly number[] => {
    const zone = of(i)?.zone ?? -1;
    if (!grouped.has(zone)) return [i];
    if (seen.has(zone)) return [];
    seen.add(zone);
    return planned.zones[zone]?.begun ? [] : (byZone.get(zone) ?? []);
  });
  return [...begun, ...rest];
}
