/** Was it enough? Film from consumption against film from readings, and the verdict by the build-up's rule. */
import {
  litresOf,
  mixedLitres,
  mostOf,
  owedFilm,
  shareHeld,
  wetFilm,
  type BuildUp,
  type Coat,
  type MostFilm,
} from '../buildup/index.ts';
import {
  filmFromConsumption,
  filmFromReadings,
  judgeReadings,
  middleMm,
  readingFromTooth,
  type Acceptance,
  type FilmFromReadings,
  type Reading,
} from '../film/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { teethUsed } from './laidlayers.ts';
import type { CoatEntry } from './fold.ts';

export type CoatOutcome = 'enough' | 'thin' | 'thick' | 'check' | 'unproven';

export interface CoatJudgement {
  readonly outcome: CoatOutcome;
  readonly design: Figure;
  /** What the film is judged against: the lower end of the sheet's range, else the design. */
  readonly owed: Figure;
  readonly used: Figure;
  readonly fromConsumption: Figure;
  readonly readings: readonly Reading[];
  readonly fromReadings: (FilmFromReadings & { readonly figure: Figure }) | undefined;
  /** Gap between the two films as a share of their mean, in percent; absent without readings or consumption. */
  readonly gap: Figure | undefined;
  readonly agrees: boolean | undefined;
  /** How far the two may lie apart: more means that an area, a count or the readings are wrong. */
  readonly mostGap: Given;
  readonly acceptance: Acceptance;
  /** The thickest film that may lie there, less what earlier coats left. */
  readonly most: MostFilm;
  /** It keeps to edges, laps or rust: only looking, or readings, tell. */
  readonly bySpots: boolean;
  /** Litres that bring every part of the bay up to the design film. */
  readonly missing: Figure;
}

function usedFigure(coat: Coat, entry: CoatEntry): Figure {
  const inputs: Record<string, Given | Figure> = {};
  const opened: string[] = [];
  entry.containers.forEach((c, i) => {
    const container = coat.containers.find((k) => k.id === c.containerId);
    if (!container) return;
    const count = given(
      `${container.name}, opened`,
      c.opened,
      'count',
      'measured',
      c.batch ? `batch ${c.batch}` : undefined,
    );
    const net = given(
      container.name,
      mixedLitres(coat, container),
      'volume',
      'data sheet',
      `${container.net} ${container.basis === 'mass' ? 'kg' : 'L'} as on the label${shareHeld(coat, container.basis) ? ', and what is mixed in' : ''}`,
    );
    inputs[`count${i + 1}`] = count;
    inputs[`net${i + 1}`] = net;
    opened.push(`{count${i + 1}} × {net${i + 1}}`);
  });
  const left = litresOf(coat, entry.leftOver.basis, entry.leftOver.value);
  inputs['left'] = given('left over', left, 'volume', 'measured');
  const value = Object.keys(inputs).reduce((sum, key) => {
    const i = /^count(\d+)$/.exec(key)?.[1];
    return i === undefined ? sum : sum + (inputs[key]?.value ?? 0) * (inputs[`net${i}`]?.value ?? 0);
  }, -left);
  const whole: Figure = {
    label: 'Used',
    value,
    quantity: 'volume',
    formula: `${opened.join(' + ') || '0'} − {left}`,
    inputs,
    from: 'containers opened less what was left',
  };
  if (entry.part === 1) return whole;
  const part = given('part of this bay', entry.part, 'number', 'chosen', 'of what its bays shared');
  return {
    label: 'Used on this bay',
    value: value * entry.part,
    quantity: 'volume',
    formula: '{whole} × {part}',
    inputs: { whole: { ...whole, label: 'Used on all its bays' }, part },
    from: 'what several bays shared, split by area or by hand',
  };
}

function readingsFigure(readings: readonly Reading[], film: FilmFromReadings): Figure {
  return {
    label: 'Wet film from readings',
    value: film.meanMm,
    quantity: 'film',
    formula: `(${readings.map((_, i) => `{r${i + 1}}`).join(' + ')}) / ${readings.length}`,
    inputs: Object.fromEntries(
      readings.map((r, i) => [
        `r${i + 1}`,
        given(
          `reading ${i + 1}`,
          middleMm(r),
          'film',
          'measured',
          `between ${r.lowMm} and ${r.highMm ?? 'more'} mm`,
        ),
      ]),
    ),
    from: 'mean of the middles between last wet and first dry tooth (ISO 2808, ASTM D4414)',
  };
}

function missingFigure(design: Figure, films: readonly Given[], area: Figure): Figure {
  const shortfalls = films.map((f) => Math.max(0, design.value - f.value));
  const shortfall: Figure = {
    label: 'Mean shortfall',
    value: shortfalls.length === 0 ? 0 : shortfalls.reduce((a, b) => a + b, 0) / shortfalls.length,
    quantity: 'film',
    formula:
      films.length === 0
        ? '0'
        : `(${films.map((_, i) => `max(0, {design} − {f${i + 1}})`).join(' + ')}) / ${films.length}`,
    inputs: { design, ...Object.fromEntries(films.map((f, i) => [`f${i + 1}`, f])) },
    from: 'each reading stands for an equal share of the bay; what is over in one place does not fill another',
  };
  return {
    label: 'Missing',
    value: shortfall.value * area.value,
    quantity: 'volume',
    formula: '{shortfall} × {area}',
    inputs: { shortfall, area },
    from: '1 mm over 1 m² is 1 L, by definition of the litre',
  };
}

function gapFigure(a: Figure, b: Figure): Figure {
  return {
    label: 'Gap between the two films',
    value: (Math.abs(a.value - b.value) / ((a.value + b.value) / 2)) * 100,
    quantity: 'percent',
    formula: 'abs({consumption} − {readings}) / (({consumption} + {readings}) / 2) × 100',
    inputs: { consumption: a, readings: b },
    from: 'difference over mean',
  };
}

/** A whole film less what earlier coats of the same layer left on the bay: what a further coat has to bring. */
function filmStillWanted(coat: Coat, design: Figure, earlier: readonly Figure[]): Figure {
  if (earlier.length === 0) return design;
  return {
    label: `${coat.name}, film still wanted`,
    value: Math.max(0, design.value - earlier.reduce((sum, f) => sum + f.value, 0)),
    quantity: 'film',
    formula: `max(0, {design} − ${earlier.map((_, i) => `{earlier${i + 1}}`).join(' − ')})`,
    inputs: { design, ...Object.fromEntries(earlier.map((f, i) => [`earlier${i + 1}`, f])) },
    from: 'film of a whole coat less the films of earlier coats of this layer',
  };
}

/** The most film less what earlier coats of the same layer left on the bay. */
function filmStillAllowed(coat: Coat, earlier: readonly Figure[], practice: Practice): MostFilm {
  const { film, why } = mostOf(coat, practice);
  if (earlier.length === 0) return { film, why };
  return {
    film: {
      label: `${coat.name}, film still allowed`,
      value: Math.max(0, film.value - earlier.reduce((sum, f) => sum + f.value, 0)),
      quantity: 'film',
      formula: `max(0, {most} − ${earlier.map((_, i) => `{earlier${i + 1}}`).join(' − ')})`,
      inputs: { most: film, ...Object.fromEntries(earlier.map((f, i) => [`earlier${i + 1}`, f])) },
      from: 'most film less the films of earlier coats of this layer',
    },
    why,
  };
}

/** The film that a judged coat counts with: readings before consumption; undefined when neither is known. */
export const bestFilm = (j: CoatJudgement): Figure | undefined =>
  j.fromReadings?.figure ?? (j.used.value > 0 && !j.bySpots ? j.fromConsumption : undefined);

/** The wet film that a laid coat is calculated with, mm: as it was found, else as it was designed. */
export const filmMmOf = (j: CoatJudgement): number => (bestFilm(j) ?? j.design).value;

/**
 * Judges one coat on one bay.
 * @param earlier films of earlier coats of the same layer on the bay, when a thin coat is being made up
 */
export function judgeCoat(
  buildUp: BuildUp,
  coat: Coat,
  entry: CoatEntry,
  area: Figure,
  earlier: readonly Figure[] = [],
  practice: Practice = COMMON,
): CoatJudgement {
  const design = filmStillWanted(coat, wetFilm(coat), earlier);
  const owed = coat.rate.range ? filmStillWanted(coat, owedFilm(coat), earlier) : design;
  const used = usedFigure(coat, entry);
  const fromConsumption = filmFromConsumption(used, area);
  const teeth = teethUsed(entry);
  const readings = entry.lastWetMm.flatMap((tooth) => {
    const reading = readingFromTooth(teeth, tooth);
    return reading.ok ? [reading.value] : [];
  });
  const film = filmFromReadings(readings);
  const fromReadings = film && { ...film, figure: readingsFigure(readings, film) };
  const acceptance = judgeReadings(buildUp.acceptance, readings, owed.value, practice);
  // What keeps to edges, laps or rust lies nobody knows how evenly: what was used does not tell its film.
  const consumed = used.value > 0 && coat.treats === undefined;
  const gap = fromReadings && consumed ? gapFigure(fromConsumption, fromReadings.figure) : undefined;
  const withinStep =
    film !== undefined &&
    fromConsumption.value >= film.lowMeanMm &&
    (film.highMeanMm === undefined || fromConsumption.value <= film.highMeanMm);
  const agrees = gap && (withinStep || gap.value <= practice.filmsAgreePct.value);
  const films = fromReadings
    ? readings.map((r, i) => given(`reading ${i + 1}`, middleMm(r), 'film', 'measured'))
    : consumed
      ? [given('film from consumption', fromConsumption.value, 'film', 'measured')]
      : [];
  // Scales, pails and areas are not exact: what was used may fall short by so much, where the layer allows it.
  const short = (coat.rate.tolerancePct?.value ?? 0) / 100;
  const most = filmStillAllowed(coat, earlier, practice);
  // Surely too thick: even the last wet teeth lie above it; or what was used cannot lie there thinner.
  const leastMm = film ? film.lowMeanMm : consumed ? fromConsumption.value : 0;
  const bestMm = film ? film.meanMm : leastMm;
  return {
    outcome: outcomeOf(acceptance, agrees, {
      thick:
        leastMm > most.film.value * (1 + TOLERANCE.relative)
          ? 'surely'
          : bestMm > most.film.value * (1 + TOLERANCE.relative)
            ? 'perhaps'
            : 'no',
      consumed,
      full: fromConsumption.value >= owed.value * (1 - TOLERANCE.relative),
      nearlyFull: fromConsumption.value >= owed.value * (1 - short - TOLERANCE.relative),
      finished: entry.finishedAt !== undefined,
      // Too thin for a notch gauge to say much: a primer is controlled by consumption.
      byConsumption: coat.role === 'primer',
      bySpots: coat.treats !== undefined,
    }),
    design,
    owed,
    used,
    fromConsumption,
    readings,
    fromReadings,
    gap,
    mostGap: practice.filmsAgreePct,
    agrees,
    acceptance,
    most,
    bySpots: coat.treats !== undefined,
    missing: missingFigure(design, films, area),
  };
}

interface Consumption {
  readonly thick: 'no' | 'perhaps' | 'surely';
  readonly consumed: boolean;
  readonly full: boolean;
  /** Full within the tolerance of the rate: what a film is judged by that no gauge reads. */
  readonly nearlyFull: boolean;
  readonly finished: boolean;
  readonly byConsumption: boolean;
  /** Only its readings tell: what was used lies nobody knows where. */
  readonly bySpots: boolean;
}

function outcomeOf(acceptance: Acceptance, agrees: boolean | undefined, c: Consumption): CoatOutcome {
  if (acceptance.outcome === 'fails') return 'thin';
  if (c.thick === 'surely' && (c.finished || acceptance.outcome !== 'no readings')) return 'thick';
  // Consumption says little before the coat is finished: the tin is still open.
  if (acceptance.outcome === 'no readings') {
    if (!c.finished || !c.consumed) return 'unproven';
    if (!c.nearlyFull) return 'thin';
    return c.byConsumption ? 'enough' : 'check';
  }
  if (c.thick === 'perhaps' || (c.finished && agrees === false)) return 'check';
  if (acceptance.outcome === 'passes')
    return c.finished && agrees === undefined && !c.bySpots ? 'check' : 'enough';
  // The gauge's steps leave it open: consumption that agrees decides.
  return c.finished && agrees === true && c.full ? 'enough' : 'check';
}
