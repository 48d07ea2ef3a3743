/** What wears: the layers of a roof that are laid again one day, dry, as they were designed and as they lie. */
import { isCoat, sumOf, wetFilm, type BuildUp, type Coat } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { dryFilmOf } from '../proving/index.ts';
import { bestFilm, type BayStatus, type LaidCoat } from '../record/index.ts';
import { bayAreaM2 } from '../site/index.ts';

export interface TopFilm {
  readonly coats: readonly Coat[];
  readonly design: Figure;
  /** Of the bay where it is least; undefined where no bay's film is known. */
  readonly lowest: Figure | undefined;
  readonly lowestAt: string | undefined;
  /** Over the bays whose film is known, by their areas. */
  readonly mean: Figure | undefined;
  /** Bays on which they lie, and of which nobody knows how thick. */
  readonly unread: readonly string[];
}

/** Wet film of a coat on a bay, all its helpings together. */
function laidFilm(coat: Coat, laid: readonly LaidCoat[]): Figure | undefined {
  const films = laid.filter((l) => l.coat.id === coat.id).map((l) => bestFilm(l.judgement));
  const known = films.filter((f): f is Figure => f !== undefined);
  if (known.length === 0 || known.length < films.length) return undefined;
  return sumOf(`${coat.name}, as laid`, 'film', known, 'every helping of it');
}

/** The coats of a build-up that a recoat lays again; those that keep to places of their own are left out. */
export const coatsAgain = ({ layers, upkeep }: BuildUp): Coat[] =>
  layers.filter(isCoat).filter((c) => c.treats === undefined && upkeep?.recoatLayers.includes(c.id));

/** @returns undefined where nothing is coated again */
export function topFilmOf(buildUp: BuildUp, statuses: readonly BayStatus[]): TopFilm | undefined {
  const coats = coatsAgain(buildUp);
  if (coats.length === 0) return undefined;
  const design = dryFilmOf('Top film of the design, dry', coats, wetFilm);
  const unread: string[] = [];
  const found: { readonly label: string; readonly areaM2: number; readonly film: Figure }[] = [];
  for (const { bay, laid } of statuses) {
    if (!coats.every((c) => laid.some((l) => l.coat.id === c.id))) continue;
    const films = new Map(coats.map((c) => [c.id, laidFilm(c, laid)]));
    if (coats.some((c) => films.get(c.id) === undefined)) {
      unread.push(bay.label);
      continue;
    }
    const film = dryFilmOf(`${bay.label}, top film, dry`, coats, (c) => films.get(c.id) ?? wetFilm(c));
    found.push({ label: bay.label, areaM2: bayAreaM2(bay), film });
  }
  const lowest = found.reduce<(typeof found)[number] | undefined>(
    (least, f) => (least && least.film.value <= f.film.value ? least : f),
    undefined,
  );
  const areaM2 = found.reduce((sum, f) => sum + f.areaM2, 0);
  return {
    ...{ coats, design, unread, lowest: lowest?.film, lowestAt: lowest?.label },
    mean:
      areaM2 > 0
        ? {
            label: 'Top film, dry, mean of the bays',
            value: found.reduce((sum, f) => sum + f.film.value * f.areaM2, 0) / areaM2,
            quantity: 'film',
            formula: `(${found.map((_, i) => `{f${i + 1}} × {a${i + 1}}`).join(' + ')}) / (${found.map((_, i) => `{a${i + 1}}`).join(' + ')})`,
            inputs: Object.fromEntries(
              found.flatMap(({ film, label, areaM2: m2 }, i) => [
                [`f${i + 1}`, film],
                [
                  `a${i + 1}`,
                  { label: `${label}, area`, value: m2, quantity: 'area', source: 'measured' } as const,
                ],
              ]),
            ),
            from: 'by the areas of the bays',
          }
        : undefined,
  };
}
