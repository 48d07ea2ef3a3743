/** Readings of a coat at their places on the plan: where they were tapped, else at the middle of their bay. */
import { owedFilm, solidsOf, wetFilm, type Coat } from '../buildup/index.ts';
import type { Figure, Given } from '../figures/index.ts';
import { middleMm, readingFromTooth } from '../film/index.ts';
import { labelPoint, type Point } from '../geometry/index.ts';
import { bestFilm, teethUsed, type BayStatus } from '../record/index.ts';
import { setOut, type ZoneQuantities } from '../survey/index.ts';

export interface FilmPoint {
  readonly at: Point;
  /** The middle of what the gauge's teeth leave open. */
  readonly mm: number;
  /** Every tooth was wet: it is at least so much. */
  readonly atLeast: boolean;
  readonly bay: string;
  readonly bayId: string;
  /** `bay`: the mean of readings of which nobody said where on the bay. */
  readonly by: 'place' | 'bay';
  readonly count: number;
}

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/**
 * Wet films of a coat. A bay that got a further helping of it is read by the readings of the last one, over the film that the
 * earlier ones left.
 */
export function filmPoints(
  statuses: readonly BayStatus[],
  layerId: string,
  shape: ZoneQuantities['shape'],
): FilmPoint[] {
  const { toPoint } = setOut(shape.corners);
  return statuses.flatMap(({ bay, laid }): FilmPoint[] => {
    const helpings = laid.filter((l) => l.coat.id === layerId);
    const last = helpings.at(-1);
    if (!last) return [];
    const below = helpings.slice(0, -1).reduce((sum, h) => sum + (bestFilm(h.judgement)?.value ?? 0), 0);
    const teeth = teethUsed(last.entry);
    const read = last.entry.lastWetMm.flatMap((tooth, i) => {
      const reading = readingFromTooth(teeth, tooth);
      return reading.ok ? [{ reading: reading.value, place: last.entry.places[i] ?? null }] : [];
    });
    const own = { bay: bay.label, bayId: bay.id };
    const placed = read.flatMap(({ reading, place }): FilmPoint[] =>
      place === null
        ? []
        : [
            {
              ...{ ...own, at: toPoint(place), mm: below + middleMm(reading), by: 'place', count: 1 },
              atLeast: reading.highMm === undefined,
            },
          ],
    );
    const loose = read.filter((r) => r.place === null).map((r) => r.reading);
    if (loose.length === 0) return placed;
    return [
      ...placed,
      {
        ...{ ...own, at: labelPoint(bay.parts), by: 'bay', count: loose.length },
        mm: below + mean(loose.map(middleMm)),
        atLeast: loose.some((r) => r.highMm === undefined),
      },
    ];
  });
}

/** Coats of which a film was read on the zone, in the order in which they lie. */
export function coatsRead(statuses: readonly BayStatus[]): Coat[] {
  const found = new Map<string, Coat>();
  for (const { laid } of statuses)
    for (const { coat, entry } of laid) if (entry.lastWetMm.length > 0) found.set(coat.id, coat);
  const order = statuses.flatMap((s) => s.buildUp?.layers.map((l) => l.id) ?? []);
  return [...found.values()].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
}

/** What a coat owes wet, what it is designed for, and what is left of it dry. */
export const filmTerms = (coat: Coat) => ({
  design: wetFilm(coat),
  owed: owedFilm(coat),
  dryShare: solidsOf(coat).value,
});

/** What coats leave dry, one above the other; nothing where there are none. */
export function dryFilmOf(
  label: string,
  coats: readonly Coat[],
  filmOf: (coat: Coat) => Figure | Given,
): Figure {
  return {
    label,
    value: coats.reduce((sum, c) => sum + filmOf(c).value * solidsOf(c).value, 0),
    quantity: 'film',
    formula: coats.map((_, i) => `{f${i + 1}} × {s${i + 1}}`).join(' + ') || '0',
    inputs: Object.fromEntries(
      coats.flatMap((c, i) => [
        [`f${i + 1}`, filmOf(c)],
        [`s${i + 1}`, solidsOf(c)],
      ]),
    ),
    from: 'wet films by their solids, one above the other',
  };
}
