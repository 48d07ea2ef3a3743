/** Feet and inches as they stand on a tape. */
import { convert } from './quantities.ts';

const INCHES_PER_FOOT = 12;
const INCH = '"';
const FOOT = "'";
const NBSP = '\u00a0';

/** A whole number of parts of an inch as "6 1/2", in lowest terms; "" for none. */
function inchText(parts: number, perInch: number): string {
  const whole = Math.floor(parts / perInch);
  let [over, under] = [parts % perInch, perInch];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  const fraction = over === 0 ? '' : `${over}/${under}`;
  return [whole === 0 ? '' : String(whole), fraction].filter((t) => t !== '').join(NBSP);
}

/**
 * Inches to the nearest part of an inch: 6 1/2.
 * @param inches zero or more
 * @param perInch 1, 8 or 16
 */
export const inchesText = (inches: number, perInch: number): string =>
  inchText(Math.round(inches * perInch), perInch) || '0';

/**
 * A length as feet and inches to the nearest part of an inch: 12' 6 1/2", 6 1/2", 12'.
 * @param lengthM in metres, of either sign
 * @param perInch 1, 8 or 16
 * @param group how thousands of feet are parted
 */
export function feetText(lengthM: number, perInch: number, group: (feet: number) => string): string {
  const parts = Math.round(convert(Math.abs(lengthM), 'm', 'in') * perInch);
  const feet = Math.floor(parts / (INCHES_PER_FOOT * perInch));
  const rest = inchText(parts - feet * INCHES_PER_FOOT * perInch, perInch);
  // 40' 0 3/8", so that nobody reads three eighths of a foot.
  const inches = feet > 0 && /^\d+\//.test(rest) ? `0${NBSP}${rest}` : rest;
  const text = [feet === 0 ? '' : `${group(feet)}${FOOT}`, inches === '' ? '' : `${inches}${INCH}`]
    .filter((t) => t !== '')
    .join(NBSP);
  if (text === '') return `0${INCH}`;
  return lengthM < 0 ? `−${text}` : text;
}

const SIXTEENTHS = 16;
/** A share of the twelve that is written is off by less than this, or it is "about". */
const NEAR = 0.005;

/**
 * A fall as inches down in twelve along: "1/4:12", "about 1/8:12" where the nearest sixteenth is another fall;
 * undefined where there is none, or none that could be told from level.
 * @param fallPct metres down in a hundred along
 */
export function fallInTwelve(fallPct: number): string | undefined {
  const inTwelve = (Math.abs(fallPct) / 100) * INCHES_PER_FOOT;
  const parts = Math.round(inTwelve * SIXTEENTHS);
  if (parts === 0) return undefined;
  const written = parts / SIXTEENTHS;
  const about = Math.abs(written - inTwelve) > NEAR * inTwelve ? 'about ' : '';
  return `${about}${inchText(parts, SIXTEENTHS)}:12`;
}
