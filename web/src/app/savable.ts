/** What of a draft can be saved while some of it cannot: the rest does not wait for one bad value. */
import type { Problem } from '@lentum/core/problems';

type Part = Record<string, unknown>;
interface Item {
  readonly id?: unknown;
  readonly zoneId?: unknown;
}
const keyOf = (item: unknown): unknown => (item as Item | null)?.id ?? (item as Item | null)?.zoneId;

/** Each round puts back what was found wrong; what refers to it may then be wrong in its turn. */
const MOST_ROUNDS = 12;

/**
 * The draft with what cannot be taken as it was saved last: items of a list one by one, else the whole part that the
 * document names.
 * @returns undefined where that does not help
 */
export function savable<T extends object>(
  draft: T,
  saved: T,
  problemsOf: (draft: T) => readonly Problem[],
): T | undefined {
  const rest = structuredClone(draft) as unknown as Part;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const problems = problemsOf(rest as unknown as T);
    if (problems.length === 0) return rest as unknown as T;
    // From the end on, so that an item that goes moves none that is still to be looked at.
    const places = [...new Set(problems.map(({ field }) => field.split('/').slice(0, 2).join('/')))];
    places.sort((a, b) => b.localeCompare(a, 'en', { numeric: true }));
    for (const place of places) if (!putBack(rest, saved as unknown as Part, place)) return undefined;
  }
  return undefined;
}

function putBack(rest: Part, saved: Part, place: string): boolean {
  const [part = '', index = ''] = place.split('/');
  const list = rest[part];
  if (!Array.isArray(list) || !/^\d+$/.test(index)) {
    if (!(part in saved)) return false;
    rest[part] = structuredClone(saved[part]);
    return true;
  }
  const key = keyOf(list[Number(index)]);
  const before = saved[part];
  const known = Array.isArray(before) && key !== undefined ? before.find((i) => keyOf(i) === key) : undefined;
  list.splice(Number(index), 1, ...(known === undefined ? [] : [structuredClone(known) as unknown]));
  return true;
}
