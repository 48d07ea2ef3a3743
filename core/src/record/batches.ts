/** Batches as people write them: the same one with other blanks, dashes or capitals, and one that may be meant. */

/** Letters and digits alone, in capitals. */
export const batchKey = (batch: string): string => batch.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '');

export const isSameBatch = (a: string, b: string): boolean => {
  const key = batchKey(a);
  return key !== '' && key === batchKey(b);
};

/** One letter other, or two neighbours swapped: a slip of the pen. */
export function isLikeBatch(a: string, b: string): boolean {
  const [x, y] = [batchKey(a), batchKey(b)];
  if (x.length !== y.length || x.length < 3 || x === y) return false;
  const off = [...x].flatMap((c, i) => (c === y[i] ? [] : [i]));
  const [first = 0, second = 0] = off;
  return (
    off.length === 1 ||
    (off.length === 2 && second === first + 1 && x[first] === y[second] && x[second] === y[first])
  );
}
