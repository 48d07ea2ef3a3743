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

/** JSON with sorted keys and no spaces: one text for one value. Undefined entries are left out. */
export function canonicalJson(value: unknown): string {
  if (value === null || typeof value !== 'object') return JSON.stringify(value) ?? 'null';
  if (Array.isArray(value)) {
    let text = '[';
    for (let i = 0; i < value.length; i += 1)
      text += i === 0 ? canonicalJson(value[0]) : `,${canonicalJson(value[i])}`;
    return `${text}]`;
  }
  // In the order of UTF-16 code units, as RFC 8785 has it.
  const keys = Object.keys(value).sort();
  let text = '{';
  for (const key of keys) {
    const of = (value as Record<string, unknown>)[key];
    if (of !== undefined) text += `${text === '{' ? '' : ','}${nameOf(key)}:${canonicalJson(of)}`;
  }
  return `${text}}`;
}
