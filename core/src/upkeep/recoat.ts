/**
 * When a roof is coated again: the years that its build-up says, set against the film as it lies and against what wears it.
 * A rough rule of our own: the film wears evenly from what was laid to the share that is left when it is coated again. Where
 * the film was read in later years, the wear that was read takes the place of the years that were said.
 */
import { cited, type BuildUp } from '../buildup/index.ts';
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import { FAMILIES } from '../family/index.ts';
import type { RoofLevels } from '../falls/index.ts';
import type { Practice } from '../practice/index.ts';
import { convert, MS_PER_HOUR } from '../units/index.ts';
import { seasonIn, type WeatherSeries } from '../weather/index.ts';
import type { TopFilm } from './topfilm.ts';

/** A film that was read on a visit, since it was laid. */
export interface LaterFilm {
  readonly atMs: number;
  readonly readUm: readonly number[];
}

export interface Recoat {
  /** Years from when it was laid, or laid again. */
  readonly soonest: Figure;
  readonly latest: Figure;
  /** By what: as the sheet says, or as the film was read to wear. */
  readonly by: 'said' | 'read';
  /** What makes it sooner, what is not known and what would tell. */
  readonly says: readonly (readonly Part[])[];
}

interface Wear {
  readonly key: 'film' | 'sun' | 'shade' | 'water';
  readonly least: Figure | Given;
  readonly most: Figure | Given;
}

const one = (label: string): Given => given(label, 1, 'fraction', 'assumed');

/** Of the film that may wear, the part that lies there: more than the design is not counted. */
function filmShare(laid: Figure, design: Figure, left: Given): Figure {
  const share = (laid.value - left.value * design.value) / (design.value * (1 - left.value));
  return {
    label: 'film that may wear, of the design’s',
    value: Math.min(1, Math.max(0, share)),
    quantity: 'fraction',
    formula: 'min(1, max(0, ({laid} − {left} × {design}) / ({design} × (1 − {left}))))',
    inputs: { laid, left, design },
    from: 'worn evenly down to what is left when it is coated again; more than the design is not counted',
  };
}

const HOURS_OF_A_YEAR = 8760;
/** Less of a year than this says nothing of it. */
const KNOWN_SHARE = 0.95;
const SUN_SHARES = [0.5, 1.25] as const;

/** Mean sun over a typical year; undefined where none was read in, or none that has it. */
export function yearlySun(series: readonly WeatherSeries[]): Given | undefined {
  const year = seasonIn(series);
  const known = (year?.columns.sunWPerM2 ?? []).filter((v): v is number => typeof v === 'number');
  if (!year || known.length < KNOWN_SHARE * HOURS_OF_A_YEAR || year.hours > HOURS_OF_A_YEAR + 24)
    return undefined;
  const mean = known.reduce((a, b) => a + b, 0) / known.length;
  return given('sun over the year, W/m², mean', mean, 'number', 'measured', year.source);
}

function sunFactor(sun: Given | undefined, practice: Practice): Figure | Given {
  if (!sun) return one('sun: not known');
  const said = practice.recoatSun;
  const [least, most] = SUN_SHARES;
  return {
    label: 'by the sun of the place',
    value: Math.min(most, Math.max(least, said.value / sun.value)),
    quantity: 'fraction',
    formula: `min(${most}, max(${least}, {said} / {sun}))`,
    inputs: { said, sun },
    from: 'what the sun wears goes by how much of it there is; not less than half, not more than a quarter over',
  };
}

export interface RecoatTerms {
  readonly buildUp: BuildUp;
  readonly film: TopFilm | undefined;
  /** How the roof falls and where water stands; undefined: nobody levelled it. */
  readonly surface: RoofLevels | undefined;
  readonly series: readonly WeatherSeries[];
  readonly practice: Practice;
  /** When the layers lay there. */
  readonly sinceMs: number;
  readonly later: LaterFilm | undefined;
  /** Already coated again: what was laid then is not on record. */
  readonly again: boolean;
}

function wearOf({ buildUp, film, surface, series, practice, again }: RecoatTerms): {
  wears: Wear[];
  says: (readonly Part[])[];
} {
  const wears: Wear[] = [];
  const says: (readonly Part[])[] = [];
  if (again) says.push(['The film of the recoat is not on record: it counts as designed.']);
  else if (film?.lowest && film.mean) {
    const least = filmShare(film.lowest, film.design, practice.recoatLeft);
    wears.push({ key: 'film', least, most: filmShare(film.mean, film.design, practice.recoatLeft) });
    if (least.value < 1)
      says.push(
        words`On ${film.lowestAt ?? ''} the top film is ${film.lowest}, designed ${film.design}: sooner there.`,
      );
  } else says.push(['The top film is not known: it counts as designed. Readings would tell.']);
  const sun = yearlySun(series);
  const bySun = sunFactor(sun, practice);
  wears.push({ key: 'sun', least: bySun, most: bySun });
  if (!sun)
    says.push([
      'How much sun the place has is not known. A climate year, read in at the weather, would tell.',
    ]);
  const top = film?.coats.at(-1);
  if (top?.shade === 'dark')
    wears.push({ key: 'shade', least: practice.recoatDark, most: practice.recoatDark });
  const wet = surface && surface.pondArea.value > 0 && FAMILIES[buildUp.family].ponding !== 'stands';
  if (wet) {
    wears.push({ key: 'water', least: practice.recoatWet, most: one('where no water stands') });
    says.push(
      words`Water stands on ${surface.pondArea} of it, and the build-up is not made for that: sooner there.`,
    );
  } else if (!surface) says.push(['Whether water stands on it is not known: nobody levelled it.']);
  return { wears, says };
}

function yearsBy(
  label: string,
  years: Given,
  wears: readonly (readonly [Wear['key'], Figure | Given])[],
  spread: Given,
  sign: -1 | 1,
): Figure {
  return {
    label,
    value: wears.reduce((y, [, w]) => y * w.value, years.value) * (1 + sign * spread.value),
    quantity: 'years',
    formula: `${['years', ...wears.map(([key]) => key)].map((k) => `{${k}}`).join(' × ')} × (1 ${sign < 0 ? '−' : '+'} {spread})`,
    inputs: { years, ...Object.fromEntries(wears), spread },
    from: 'years as said, by what is there to wear and what wears it (our own rule, rough)',
  };
}

const mmOf = (um: number): number => convert(um, 'µm', 'mm');

/** Years of the calendar on the mean, 365.2425 days. */
export const yearsBetween = (fromMs: number, toMs: number): number =>
  convert((toMs - fromMs) / MS_PER_HOUR, 'h', 'years');

/** Years to the end of the film by the wear that was read; undefined where none can be told from it. */
function byReadings(
  { film, sinceMs, practice }: RecoatTerms,
  { atMs, readUm }: LaterFilm,
): { soonest: Figure; latest: Figure } | undefined {
  const passed = given('years since it was laid', yearsBetween(sinceMs, atMs), 'years', 'measured');
  const laid = film?.mean ?? film?.design;
  if (!laid || !film || readUm.length === 0 || passed.value < 1) return undefined;
  const { design } = film;
  const left = practice.recoatLeft;
  const end = (label: string, read: Given, sign: -1 | 1): Figure | undefined => {
    const worn = laid.value - read.value;
    if (worn <= 0) return undefined;
    const rest = Math.max(0, ((read.value - left.value * design.value) / worn) * passed.value);
    return {
      label,
      value: passed.value + rest * (1 + sign * practice.recoatSpread.value),
      quantity: 'years',
      formula: `{passed} + max(0, ({read} − {left} × {design}) / ({laid} − {read}) × {passed}) × (1 ${sign < 0 ? '−' : '+'} {spread})`,
      inputs: { passed, read, left, design, laid, spread: practice.recoatSpread },
      from: 'worn on as it wore so far, down to what is left when it is coated again',
    };
  };
  const mean = readUm.reduce((a, b) => a + b, 0) / readUm.length;
  const soonest = end(
    'Soonest',
    given('least that was read', mmOf(Math.min(...readUm)), 'film', 'measured'),
    -1,
  );
  const latest = end('Latest', given('mean that was read', mmOf(mean), 'film', 'measured'), 1);
  return soonest && latest && { soonest, latest };
}

/** @returns undefined where the build-up says nothing of a recoat */
export function recoatOf(terms: RecoatTerms): Recoat | undefined {
  const { buildUp, practice, later } = terms;
  const said = buildUp.upkeep?.recoatYears;
  if (!said) return undefined;
  const years = cited('coated again after', said, 'years');
  const { wears, says } = wearOf(terms);
  const read = later && byReadings(terms, later);
  if (read)
    return {
      ...{ ...read, by: 'read' },
      says: [words`By the film as it was read ${{ atMs: later.atMs }}, not by the ${years} that are said.`],
    };
  const spread = practice.recoatSpread;
  return {
    soonest: yearsBy(
      'Soonest',
      years,
      wears.map((w) => [w.key, w.least]),
      spread,
      -1,
    ),
    latest: yearsBy(
      'Latest',
      years,
      wears.map((w) => [w.key, w.most]),
      spread,
      1,
    ),
    by: 'said',
    says: later
      ? [
          ...says,
          [
            'The film that was read later is no thinner than what was laid, or less than a year old: it tells no wear.',
          ],
        ]
      : says,
  };
}
