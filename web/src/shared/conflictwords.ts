/** Where two versions of a document differ, in words and in the units on screen. */
import { ORDER, type FieldDifference, type PartDifference } from '@lentum/core/job';
import type { Quantity } from '@lentum/core/units';

/** Names of fields end with their unit. */
const ENDINGS: readonly (readonly [ending: string, quantity: Quantity])[] = [
  ['KgPerM2', 'rateMass'],
  ['LPerM2', 'rateVolume'],
  ['KgPerM3', 'density'],
  ['MPerS', 'speed'],
  ['M2', 'area'],
  ['Mm', 'lap'],
  ['M', 'length'],
  ['C', 'temperature'],
  ['Pct', 'percent'],
  ['Min', 'minutes'],
  ['H', 'hours'],
  ['L', 'volume'],
  ['Kg', 'mass'],
  ['Deg', 'angle'],
];
/** Thin layers are told more finely than lengths. */
const isFine = (field: string): boolean => /film|thick|gap|wide/i.test(field);
function unitOf(field: string): readonly [ending: string, quantity: Quantity] | undefined {
  const found = ENDINGS.find(([ending]) => field.length > ending.length && field.endsWith(ending));
  if (!found) return undefined;
  const [ending, quantity] = found;
  if (quantity === 'lap' && isFine(field)) return [ending, 'film'];
  return quantity === 'percent' && /^fall/i.test(field) ? [ending, 'fall'] : found;
}

/** "wetFilmMm" is "wet film". */
function wordsOf(field: string): string {
  const bare = field.slice(0, field.length - (unitOf(field)?.[0].length ?? 0));
  return bare
    .replace(/([a-z0-9])([A-Z])/g, '$1 $2')
    .replace(/-/g, ' ')
    .toLowerCase();
}
const oneOf = (list: string): string => wordsOf(list).replace(/ies$/, 'y').replace(/s$/, '');
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const nameOf = (item: unknown): string | undefined => {
  const { name, label, code } = (item ?? {}) as { name?: unknown; label?: unknown; code?: unknown };
  return [name, label, code].find((n): n is string => typeof n === 'string' && n !== '');
};

/** What stands at a place of a document; items of a list by their id. */
function at(document: unknown, path: readonly string[]): unknown {
  let here: unknown = document;
  for (const key of path)
    here = Array.isArray(here)
      ? here.find((i) => [(i as { id?: unknown }).id, (i as { zoneId?: unknown }).zoneId].includes(key))
      : (here as Record<string, unknown> | undefined)?.[key];
  return here;
}

/** "Build-up Quay deck, layer First coat", by the names that the items have in either version. */
export function partName({ path }: Pick<PartDifference, 'path'>, documents: readonly object[]): string {
  const words: string[] = [];
  for (let i = 0; i < path.length; i += 1) {
    const list = path[i] ?? '';
    const key = path[i + 1];
    if (key === undefined) words.push(wordsOf(list));
    else if (key === ORDER) words.push(`order of the ${wordsOf(list)}`);
    else {
      const here = path.slice(0, i + 2);
      const name = documents.map((d) => nameOf(at(d, here))).find((n) => n !== undefined);
      words.push(`${oneOf(list)} ${name ?? key}`);
    }
    i += key === undefined ? 0 : 1;
  }
  return capital(words.join(', '));
}

export const fieldName = ({ path }: Pick<FieldDifference, 'path'>): string =>
  path.length === 0 ? 'all of it' : path.map((p) => (p === ORDER ? 'order' : wordsOf(p))).join(', ');

/** A value as it can be read. */
export function valueWords(
  { path }: Pick<FieldDifference, 'path'>,
  value: unknown,
  say: (value: number, quantity: Quantity) => string,
): string {
  const field = path.findLast((p) => !/^\d+$/.test(p)) ?? '';
  if (value === undefined || value === null) return 'not there';
  if (value === '') return 'empty';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') {
    const unit = unitOf(field);
    return unit ? say(value, unit[1]) : String(value);
  }
  if (typeof value === 'string') return value;
  if (field === ORDER) return `${(value as unknown[]).length} in another order`;
  if (Array.isArray(value)) return value.length === 1 ? 'one' : `${value.length} of them`;
  return nameOf(value) ?? 'there';
}

/** Both values of a field; where rounding would write them alike, as they are. */
export function bothWords(
  field: FieldDifference,
  say: (value: number, quantity: Quantity) => string,
): { readonly mine: string; readonly theirs: string } {
  const [mine, theirs] = [valueWords(field, field.mine, say), valueWords(field, field.theirs, say)];
  return mine === theirs
    ? { mine: JSON.stringify(field.mine) ?? mine, theirs: JSON.stringify(field.theirs) ?? theirs }
    : { mine, theirs };
}
