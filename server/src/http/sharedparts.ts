/** Parts of a document that say the same stand once: alike are those whose text is, and whose references lead to alike. */
import { PREFIX } from './partnames.ts';

type Parts = Readonly<Record<string, unknown>>;
/** Where a part is named: as a reference, or in the map of a choice. */
const REFERENCE = /"#\/components\/schemas\/([^"]+)"/g;

/** Of parts that are alike the one with a name of its own stays, a short one before a long one. */
const before = (a: string, b: string): number =>
  Number(a.startsWith('__')) - Number(b.startsWith('__')) || a.length - b.length || (a < b ? -1 : 1);

/** The part that stands for each: classes are parted until those in one refer to the same classes (Hopcroft 1971, simplified). */
function standingFor(parts: Parts): Map<string, string> {
  const names = Object.keys(parts).sort(before);
  const texts = new Map(names.map((n) => [n, JSON.stringify(parts[n])]));
  let classOf = new Map(names.map((n) => [n, '']));
  for (let count = 0; ;) {
    const first = new Map<string, string>();
    const next = new Map<string, string>();
    for (const n of names) {
      const text = (texts.get(n) ?? '').replaceAll(
        REFERENCE,
        (_, to: string) => `<${classOf.get(to) ?? to}>`,
      );
      const one = first.get(text) ?? n;
      first.set(text, one);
      next.set(n, one);
    }
    classOf = next;
    if (first.size === count) return classOf;
    count = first.size;
  }
}

/** @returns the document with one part for all that are alike, and every reference to it */
export function withSharedParts<T extends { components?: { schemas?: Parts | undefined } | undefined }>(
  document: T,
): T {
  const parts = document.components?.schemas ?? {};
  const classOf = standingFor(parts);
  const kept = Object.fromEntries(Object.entries(parts).filter(([n]) => classOf.get(n) === n));
  const text = JSON.stringify({ ...document, components: { ...document.components, schemas: kept } });
  return JSON.parse(
    text.replaceAll(REFERENCE, (_, to: string) => `"${PREFIX}${classOf.get(to) ?? to}"`),
  ) as T;
}
