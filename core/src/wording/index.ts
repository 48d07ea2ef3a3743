/**
 * The program's own words in British or in American. They are written in British; American is made from them, here
 * and nowhere else. What people typed is not passed through it: a note is evidence and stays as it was written.
 *
 * Source of the pairs: common practice, from memory.
 */
import { convert } from '../units/index.ts';

export { calendarDay, MONTHS } from './dates.ts';

export const WORDINGS = ['uk', 'us'] as const;
export type Wording = (typeof WORDINGS)[number];

/** What a job says of its words; without it they follow its units. */
export const wordingOf = (head: {
  readonly wording?: Wording | undefined;
  readonly units: 'metric' | 'us';
}) => head.wording ?? (head.units === 'us' ? 'us' : 'uk');

/** British, as a pattern of whole words, and American. A plural that takes an s is made of the singular. */
const TERMS: readonly (readonly [uk: string, us: string])[] = [
  // Parts of a roof.
  ['fillet mortar', 'cant mortar'],
  ['fillet(?= of )', 'cant'],
  ['fillet', 'cant strip'],
  ['outlet', 'roof drain'],
  ['drip edge(?! metal)', 'drip edge metal'],
  ['roof light', 'skylight'],
  ['kerb', 'curb'],
  ['stair head', 'stair penthouse'],
  ['day joint', 'tie-off'],
  ['upstand', 'base flashing'],
  ['internal corner', 'inside corner'],
  ['external corner', 'outside corner'],
  ['movement joint', 'expansion joint'],
  ['door threshold', 'door sill'],
  ['live plant', 'live equipment'],
  ['cement screed', 'cement topping'],
  ['screed(?! to)', 'topping'],
  // Papers.
  ['guarantee', 'warranty'],
  // Materials.
  ['(?<!modified )bitumen sheet', 'modified bitumen sheet'],
  ['(?<!modified )bitumen', 'asphalt'],
  ['timber', 'wood'],
  ['gas bottle', 'gas cylinder'],
  ['bottle', 'cylinder'],
  ['tin', 'can'],
  // Tools.
  ['staff', 'rod'],
];

/** The same words, spelt the American way. */
const SPELT: readonly (readonly [uk: string, us: string])[] = [
  ['aluminium', 'aluminum'],
  ['catalysed', 'catalyzed'],
  ['centred', 'centered'],
  ['centre', 'center'],
  ['coloured', 'colored'],
  ['colour', 'color'],
  ['fibre', 'fiber'],
  ['fibreglass', 'fiberglass'],
  ['gravelled', 'graveled'],
  ['grey', 'gray'],
  ['judgement', 'judgment'],
  ['labour', 'labor'],
  ['levelled', 'leveled'],
  ['levelling', 'leveling'],
  ['licence', 'license'],
  ['litre', 'liter'],
  ['metre', 'meter'],
  ['millilitre', 'milliliter'],
  ['millimetre', 'millimeter'],
  ['neighbour', 'neighbor'],
  ['oxidising', 'oxidizing'],
  ['per cent', 'percent'],
  ['plasticiser', 'plasticizer'],
  ['rubberised', 'rubberized'],
  ['sensitised', 'sensitized'],
  ['sensitising', 'sensitizing'],
  ['trowelled', 'troweled'],
  ['tyre', 'tire'],
  ['vapour', 'vapor'],
];

const PAIRS = [...TERMS, ...SPELT];
/** With the article before it, which follows the new word: an outlet is a roof drain. */
const ANY = new RegExp(`\\b(an? )?(?:${PAIRS.map(([uk]) => `(${uk})`).join('|')})(s?)\\b`, 'gi');
const isCapital = (letter: string | undefined): boolean =>
  letter !== undefined && letter !== letter.toLowerCase();

/**
 * Millimetres in a text, alone, "5 to 10" or "6 × 6". Left as they are: a definition ("1 mm on 1 m²"), and
 * grains ("0.7–1.2 mm").
 */
const DIMENSION = /(?<![\d.–])(?:(\d+(?:\.\d+)?) (to|×) )?(\d+(?:\.\d+)?) mm\b(?! (?:by|on \d|over \d|×))/g;
/** At most this is left: definitions speak of 1 mm, gauges of less. */
const LEAST_MM = 1;
/** Finer than this a tape says too little. */
const TAPE_MM = 5;
const SIXTEENTHS = 16;

/** From here on a tape is read to a quarter. */
const COARSE_MM = 76;

/** Inches as on a tape, to the nearest sixteenth, from 3 in on to the nearest quarter: 10 is 3/8, 150 is 6. */
function inches(mm: number): string {
  if (mm < TAPE_MM) return convert(mm, 'mm', 'in').toFixed(2);
  const step = mm < COARSE_MM ? 1 : 4;
  const sixteenths = Math.round((convert(mm, 'mm', 'in') * SIXTEENTHS) / step) * step;
  const whole = Math.floor(sixteenths / SIXTEENTHS);
  let over = sixteenths % SIXTEENTHS;
  if (over === 0) return String(whole);
  let under = SIXTEENTHS;
  while (over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  return `${whole > 0 ? `${whole} ` : ''}${over}/${under}`;
}

/**
 * A sentence or name of the program in the words of a job. In American words with US units, whole millimetres that
 * stand in a text are inches too. Doing it twice changes nothing more.
 */
export function worded(text: string, wording: Wording, units: 'metric' | 'us' = 'metric'): string {
  const measured =
    units === 'us'
      ? text.replace(DIMENSION, (all, from: string | undefined, and: string | undefined, to: string) => {
          if (Number(from ?? to) <= LEAST_MM) return all;
          const first = from === undefined ? '' : `${inches(Number(from))} ${and ?? ''} `;
          return `${first}${inches(Number(to))} in`;
        })
      : text;
  if (wording === 'uk') return measured;
  return measured.replace(ANY, (found: string, article: string | undefined, ...groups: unknown[]) => {
    const at = groups.findIndex((g, i) => i < PAIRS.length && g !== undefined);
    const us = PAIRS[at]?.[1];
    if (us === undefined) return found;
    const said = `${us}${groups[PAIRS.length] as string}`;
    const word = isCapital(found[article?.length ?? 0])
      ? `${said[0]?.toUpperCase() ?? ''}${said.slice(1)}`
      : said;
    return article === undefined ? word : `${article[0] ?? ''}${/^[aeiou]/i.test(word) ? 'n' : ''} ${word}`;
  });
}

/** British words that differ, for whoever looks for one left over. */
export const differs = (text: string): readonly string[] =>
  [...text.matchAll(ANY)].map((m) => m[0]).filter((word) => worded(word, 'us') !== word);
