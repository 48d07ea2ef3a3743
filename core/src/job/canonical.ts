/** Names of fields as JSON: there are few, and each is written over and over. */
const NAMES = new Map<string, string>();
const MOST_NAMES = 5000;
function nameOf(key: string): string {
  const known = NAMES.get(key);
  if (known !== undefined) return known;
  const text = JSON.stringify(key);
  if (NAMES.size < MOST_NAMES) NAMES.set(key, text);
  return text;
}

/** Characters that JSON writes otherwise than they are, and those that are seldom: such text is left to the engine. */
const ODD = /[^ !#-[\]-~]/;
const textOf = (text: string): string => (ODD.test(text) ? JSON.stringify(text) : `"${text}"`);

/** Few keys, and often in their order already: then neither a list nor a comparison function is made. */
const MOST_INSERTED = 24;
/** In the order of UTF-16 code units, as RFC 8785 has it. */
function sorted(keys: string[]): string[] {
  if (keys.length > MOST_INSERTED) return keys.sort();
  for (let i = 1; i < keys.length; i += 1) {
    const key = keys[i] ?? '';
    let at = i;
    for (; at > 0 && (keys[at - 1] ?? '') > key; at -= 1) keys[at] = keys[at - 1] ?? '';
    keys[at] = key;
  }
  return keys;
}

/** JSON with sorted keys and no spaces: one text for one value. Undefined entries are left out. */
export function canonicalJson(value: unknown): string {
  if (typeof value === 'string') return textOf(value);
  if (typeof value === 'number') return Number.isFinite(value) ? `${value}` : 'null';
  if (value === null || typeof value !== 'object') return JSON.stringify(value) ?? 'null';
  if (Array.isArray(value)) {
    let text = '[';
    for (let i = 0; i < value.length; i += 1)
      text += i === 0 ? canonicalJson(value[0]) : `,${canonicalJson(value[i])}`;
    return `${text}]`;
  }
  let text = '{';
  for (const key of sorted(Object.keys(value))) {
    const of = (value as Record<string, unknown>)[key];
    if (of !== undefined) text += `${text === '{' ? '' : ','}${nameOf(key)}:${canonicalJson(of)}`;
  }
  return `${text}}`;
}
