/** Text that no database column holds and no screen shows: NUL, and halves of characters. It is refused wherever it comes in. */
import { short, type Problem } from '@lentum/core/problems';

/** Half of a pair that stands alone. */
const HALF = /\p{Surrogate}/gu;
const isPlain = (text: string): boolean => !text.includes('\u0000') && text.search(HALF) < 0;

/**
 * @param where what the value is, such as "The request"
 * @returns the first text that is not plain, by its place; undefined where every text is
 */
export function notPlain(value: unknown, where: string): Problem | undefined {
  const problem = (place: string, text: string): Problem => ({
    kind: 'malformed',
    field: place,
    label: `${where}${place === '' ? '' : `, ${place}`}`,
    actual: short(text.replaceAll('\u0000', '␀').replace(HALF, '�')),
    expected: 'text without NUL and without half characters',
  });
  const visit = (here: unknown, place: string): Problem | undefined => {
    if (typeof here === 'string') return isPlain(here) ? undefined : problem(place, here);
    if (here === null || typeof here !== 'object' || Buffer.isBuffer(here)) return undefined;
    for (const [key, below] of Object.entries(here)) {
      if (!isPlain(key)) return problem(place, key);
      const found = visit(below, place === '' ? key : `${place}/${key}`);
      if (found) return found;
    }
    return undefined;
  };
  return visit(value, '');
}
