/**
 * A record that comes in by a file, held against what was signed of the same record here. Two records are the same one when they
 * begin with the same entry: its hash says so.
 */

/** An entry as far as it is compared. */
export interface Linked {
  readonly id: string;
  readonly hash: string;
}

export type Lineage =
  /** All that was signed is in it, unchanged. */
  | { readonly outcome: 'holds' }
  /** It ends before what was signed: an older state, or its tail is cut off. */
  | { readonly outcome: 'ends before'; readonly has: number; readonly had: number }
  /** From that entry on it goes another way, and none of what was signed behind it is in it: a copy that others went on with. */
  | { readonly outcome: 'another way'; readonly from: number; readonly had: number }
  /** That entry is another one, or is missing, and entries that were signed behind it are in it, chained anew. */
  | { readonly outcome: 'changed'; readonly at: number; readonly had: number };

/**
 * @param given the record of the file, from its first entry
 * @param signed the record as it was signed here, up to the last entry that is signed
 */
export function compareLineage(given: readonly Linked[], signed: readonly Linked[]): Lineage {
  const had = signed.length;
  const first = signed.findIndex((entry, i) => given[i]?.hash !== entry.hash);
  if (first < 0) return { outcome: 'holds' };
  if (first >= given.length) return { outcome: 'ends before', has: given.length, had };
  const behind = new Set(signed.slice(first).map((e) => e.id));
  const anew = given.slice(first).some((e) => behind.has(e.id));
  return anew ? { outcome: 'changed', at: first + 1, had } : { outcome: 'another way', from: first + 1, had };
}

/** The same in a sentence; nothing where all holds. @param when the instant at which it was signed, as a reader writes it */
export function lineageWords(found: Lineage, when: string): string | undefined {
  switch (found.outcome) {
    case 'holds':
      return undefined;
    case 'ends before':
      return `The record of the file ends with entry ${found.has}; ${found.had} of it were signed here ${when}. It is an older state, or its tail was cut off.`;
    case 'another way':
      return `From entry ${found.from} on the record of the file is another one than the ${found.had} that were signed here ${when}: it is a copy that went on elsewhere, or its end was replaced.`;
    case 'changed':
      return `Entry ${found.at} of the record in the file is not the one that was signed here ${when}, and entries behind it are chained anew: the record was changed after it was signed.`;
  }
}
