/** Text that cannot be stored as it came is refused wherever it comes in: control characters, half characters, other forms. */
import { notPlainText } from '@lentum/core/job';
import { short, type Problem } from '@lentum/core/problems';

const EXPECTED = {
  control: 'text without control characters',
  half: 'text without half characters',
  form: 'text in normal form C, as a device sends it',
} as const;

/** Such that it can be shown: what is not is marked. */
const shown = (text: string): string =>
  // eslint-disable-next-line no-control-regex -- these are what is marked
  short(text.replaceAll(/[\u0000-\u001f\u007f]/g, '␀').replaceAll(/\p{Surrogate}/gu, '�'));

/**
 * @param where what the value is, such as "The request"
 * @param asFiled text of an earlier day may be in another form: it is not changed any more
 * @returns the first text that is not plain, by its place; undefined where every text is
 */
export function notPlain(value: unknown, where: string, asFiled = false): Problem | undefined {
  const wrong = (text: string): keyof typeof EXPECTED | undefined => {
    const why = notPlainText(text);
    if (!asFiled || why === undefined || why === 'half') return why;
    return text.includes('\u0000') ? 'control' : text.search(/\p{Surrogate}/u) >= 0 ? 'half' : undefined;
  };
  const problem = (place: string, text: string, why: keyof typeof EXPECTED): Problem => ({
    kind: 'malformed',
    field: place,
    label: `${where}${place === '' ? '' : `, ${place}`}`,
    actual: shown(text),
    expected: EXPECTED[why],
  });
  const visit = (here: unknown, place: string): Problem | undefined => {
    if (typeof here === 'string') {
      const why = wrong(here);
      return why && problem(place, here, why);
    }
    if (here === null || typeof here !== 'object' || Buffer.isBuffer(here)) return undefined;
    for (const [key, below] of Object.entries(here)) {
      const why = wrong(key);
      if (why) return problem(place, key, why);
      const found = visit(below, place === '' ? key : `${place}/${key}`);
      if (found) return found;
    }
    return undefined;
  };
  return visit(value, '');
}
