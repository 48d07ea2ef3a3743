/** Text as it is stored and hashed: in normal form C (Unicode UAX 15), without control characters and half characters. */

/** All but tab and line ends. */
// eslint-disable-next-line no-control-regex -- these are what is refused
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/g;
/** Half of a pair that stands alone: no character. */
const HALF = /\p{Surrogate}/gu;

/** Text of these alone is as it should be; most is. */
const ASCII = /^[\t\n\r -~]*$/;

/** Why text cannot be stored as it is; undefined where it can. */
export function notPlainText(s: string): 'control' | 'half' | 'form' | undefined {
  if (ASCII.test(s)) return undefined;
  if (s.search(CONTROL) >= 0) return 'control';
  if (s.search(HALF) >= 0) return 'half';
  return s === s.normalize('NFC') ? undefined : 'form';
}

/** The same text made such that it can be stored: what reads the same has the same code points. */
export const plainText = (s: string): string =>
  notPlainText(s) === undefined ? s : s.replace(CONTROL, '').replace(HALF, '').normalize('NFC');

/** For JSON.stringify: each text of a value made plain. */
export const plainValue = (_key: string, value: unknown): unknown =>
  typeof value === 'string' ? plainText(value) : value;
