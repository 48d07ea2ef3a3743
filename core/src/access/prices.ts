/** Documents without what they say of money, for those whom it does not concern. */

/** Fields of documents that hold money, or say whose prices count; a test walks the schemas for others. */
export const MONEY_FIELDS: ReadonlySet<string> = new Set([
  'price',
  'packPrice',
  'pricePerRoll',
  'pricePerBag',
  'pricePerPiece',
  'freight',
  'costPerDay',
  'ratePerH',
  'costs',
  'pricesFrom',
]);
/** Lists of what is about money alone: they are emptied. */
export const MONEY_LISTS: ReadonlySet<string> = new Set(['offers']);

type Plain = Readonly<Record<string, unknown>>;
/** Dates and the like are values of their own. */
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' &&
  value !== null &&
  [Object.prototype, null].includes(Object.getPrototypeOf(value) as object | null);

/**
 * The same value without prices. What is about money is left out, lists of offers are empty; everything else is as it was,
 * in the same order.
 * @param value data as it goes into JSON; what is no plain object or list stays as it is
 */
export function withoutPrices<T>(value: T): T {
  if (Array.isArray(value)) return value.map((v: unknown) => withoutPrices(v)) as T;
  if (!isPlain(value)) return value;
  const kept = Object.entries(value).flatMap(([key, v]): [string, unknown][] =>
    MONEY_FIELDS.has(key) ? [] : [[key, MONEY_LISTS.has(key) ? [] : withoutPrices(v)]],
  );
  return Object.fromEntries(kept) as T;
}

/** What a part of a list was: by its id where it has one, else by its place. */
function partOf(list: readonly unknown[], part: unknown, i: number): unknown {
  const id = isPlain(part) ? part['id'] : undefined;
  return id === undefined ? list[i] : list.find((p) => isPlain(p) && p['id'] === id);
}

/**
 * What somebody sent who does not see prices, with the prices that are stored: each goes back to the part that had it, and
 * prices that were sent all the same do not count.
 * @param sent plain JSON data
 * @param stored the same document as it is stored, with prices
 */
export function withPricesOf<T>(sent: T, stored: unknown): T {
  if (Array.isArray(sent)) {
    const list: readonly unknown[] = Array.isArray(stored) ? stored : [];
    return sent.map((part: unknown, i) => withPricesOf(part, partOf(list, part, i))) as T;
  }
  if (!isPlain(sent)) return sent;
  const was = isPlain(stored) ? stored : {};
  const isMoney = (key: string): boolean => MONEY_FIELDS.has(key) || MONEY_LISTS.has(key);
  const kept = Object.entries(sent).flatMap(([key, v]): [string, unknown][] =>
    isMoney(key) ? [] : [[key, withPricesOf(v, was[key])]],
  );
  return Object.fromEntries([...kept, ...Object.entries(was).filter(([key]) => isMoney(key))]) as T;
}
