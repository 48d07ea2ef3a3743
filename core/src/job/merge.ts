/**
 * Two people changed one document from the same version: what each of them changed, and the document that takes of each
 * part the one or the other. Parts are items with an id of their own (zones, bays, the layers of a build-up) and the other
 * fields of the document. A part is taken whole: an outline of the one with the sides of the other would be nobody's.
 */
import { canonicalJson } from './canonical.ts';

export type Side = 'mine' | 'theirs';

/** A field that differs, as the one and the other have it; undefined where it is not there. */
export interface FieldDifference {
  /** Names of fields from the part down; items of a list by their id or their place. */
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface PartDifference {
  /** Of the document, such as ["zones", "hall"]; the order of a list ends with ORDER. */
  readonly path: readonly string[];
  /** The part itself: undefined where it is not there. */
  readonly mine: unknown;
  readonly theirs: unknown;
  /** Who changed it since the version that both began from; `both` also where that is not known. */
  readonly changedBy: Side | 'both';
  readonly fields: readonly FieldDifference[];
}

/** Stands for the order of the items of a list. */
export const ORDER = '(order)';
/** Lists inside an item of which each item is a part of its own. */
const SPLIT = ['layers'];

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (v: unknown): v is Plain => typeof v === 'object' && v !== null && !Array.isArray(v);

function keyOf(item: unknown): string | undefined {
  if (!isPlain(item)) return undefined;
  const key = item['id'] ?? item['zoneId'];
  return typeof key === 'string' ? key : undefined;
}
/** Items by their keys; undefined where it is no list, or an item has none or shares it. */
function keyed(list: unknown): Map<string, unknown> | undefined {
  if (!Array.isArray(list)) return undefined;
  const items = new Map<string, unknown>();
  for (const item of list) {
    const key = keyOf(item);
    if (key === undefined || items.has(key)) return undefined;
    items.set(key, item);
  }
  return items;
}
const same = (a: unknown, b: unknown): boolean =>
  a === b || (a !== undefined && b !== undefined && canonicalJson(a) === canonicalJson(b));

/** Where two values differ, as deep as they are of one kind. */
function fieldDifferences(mine: unknown, theirs: unknown, path: readonly string[]): FieldDifference[] {
  if (same(mine, theirs)) return [];
  if (isPlain(mine) && isPlain(theirs))
    return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].flatMap((k) =>
      fieldDifferences(mine[k], theirs[k], [...path, k]),
    );
  const [m, t] = [keyed(mine), keyed(theirs)];
  if (m && t) {
    const inItems = [...new Set([...m.keys(), ...t.keys()])].flatMap((k) =>
      fieldDifferences(m.get(k), t.get(k), [...path, k]),
    );
    // Only the order differs.
    return inItems.length > 0
      ? inItems
      : [{ path: [...path, ORDER], mine: [...m.keys()], theirs: [...t.keys()] }];
  }
  if (Array.isArray(mine) && Array.isArray(theirs) && mine.length === theirs.length)
    return mine.flatMap((item, i) => fieldDifferences(item, theirs[i], [...path, String(i + 1)]));
  return [{ path, mine, theirs }];
}

type Take = (part: PartDifference) => Side;

/** Keys in the order of the one, with what only the other has behind what it stands behind there. */
function inOrder(main: readonly string[], other: readonly string[], kept: ReadonlySet<string>): string[] {
  const keys = main.filter((k) => kept.has(k));
  other.forEach((key, i) => {
    if (!kept.has(key) || keys.includes(key)) return;
    const before = other.slice(0, i).findLast((k) => keys.includes(k));
    keys.splice(before === undefined ? 0 : keys.indexOf(before) + 1, 0, key);
  });
  return keys;
}

/** Walks over all parts; the result takes of each that differs what `take` says. */
class Walk {
  constructor(
    /** Nothing is known of what both began from. */
    private readonly blind: boolean,
    private readonly take: Take,
  ) {}

  part(base: unknown, mine: unknown, theirs: unknown, path: readonly string[]): unknown {
    if (same(mine, theirs)) return mine;
    const changedBy = this.blind
      ? 'both'
      : same(base, mine)
        ? 'theirs'
        : same(base, theirs)
          ? 'mine'
          : 'both';
    const fields = fieldDifferences(mine, theirs, []);
    return this.take({ path, mine, theirs, changedBy, fields }) === 'mine' ? mine : theirs;
  }

  /** A list of items, each a part. */
  private list(base: unknown, mine: unknown, theirs: unknown, path: readonly string[]): unknown {
    const [b, m, t] = [keyed(base) ?? new Map<string, unknown>(), keyed(mine), keyed(theirs)];
    if (!m || !t) return this.part(base, mine, theirs, path);
    const items = new Map<string, unknown>();
    for (const key of new Set([...m.keys(), ...t.keys()])) {
      const item = this.item(b.get(key), m.get(key), t.get(key), [...path, key]);
      if (item !== undefined) items.set(key, item);
    }
    const orders = [b, m, t].map((of) => [...of.keys()].filter((k) => m.has(k) && t.has(k)));
    const order = this.part(...(orders as [unknown, unknown, unknown]), [...path, ORDER]);
    const [main, other] = order === orders[1] ? [m, t] : [t, m];
    return inOrder([...main.keys()], [...other.keys()], new Set(items.keys())).map((k) => items.get(k));
  }

  /** An item, with the lists that are split off it. */
  private item(base: unknown, mine: unknown, theirs: unknown, path: readonly string[]): unknown {
    const split = SPLIT.filter((k) => isPlain(mine) && isPlain(theirs) && keyed(mine[k]) && keyed(theirs[k]));
    if (split.length === 0 || !isPlain(mine) || !isPlain(theirs)) return this.part(base, mine, theirs, path);
    const without = (of: unknown): unknown =>
      isPlain(of) ? Object.fromEntries(Object.entries(of).filter(([k]) => !split.includes(k))) : of;
    const rest = this.part(without(base), without(mine), without(theirs), path) as Plain;
    const lists = split.map((k) => [
      k,
      this.list(isPlain(base) ? base[k] : undefined, mine[k], theirs[k], [...path, k]),
    ]);
    return { ...rest, ...(Object.fromEntries(lists) as Plain) };
  }

  document(base: Plain, mine: Plain, theirs: Plain): Plain {
    const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])];
    const parts = keys.map((k) => [k, this.list(base[k], mine[k], theirs[k], [k])]);
    return Object.fromEntries(parts.filter(([, v]) => v !== undefined)) as Plain;
  }
}

/**
 * The parts in which two documents differ.
 * @param base what both began from; undefined where that is not known
 */
export function partDifferences<T extends object>(base: T | undefined, mine: T, theirs: T): PartDifference[] {
  const found: PartDifference[] = [];
  const note: Take = (part) => {
    found.push(part);
    return 'mine';
  };
  new Walk(base === undefined, note).document((base ?? {}) as Plain, mine as Plain, theirs as Plain);
  return found;
}

/** What a person who does not choose gets: of each part the changed one, and their own where both changed it. */
export const changedSide = ({ changedBy }: Pick<PartDifference, 'changedBy'>): Side =>
  changedBy === 'theirs' ? 'theirs' : 'mine';

/** The document that takes of each part that differs the one or the other. */
export const merged = <T extends object>(
  base: T | undefined,
  mine: T,
  theirs: T,
  take: Take = changedSide,
): T =>
  new Walk(base === undefined, take).document((base ?? {}) as Plain, mine as Plain, theirs as Plain) as T;
