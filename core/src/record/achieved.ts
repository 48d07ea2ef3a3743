/** The film achieved on a zone: each coat's best film over its bays, weighted by area. */
import { solidsOf, type Coat } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { dryFigure } from '../film/index.ts';
import { bayAreaM2 } from '../site/index.ts';
import { bestFilm } from './judge.ts';
import type { BayStatus } from './status.ts';

export interface AchievedFilm {
  readonly layerId: string;
  readonly bays: number;
  readonly wet: Figure;
  /** What the layer's solids leave of it. */
  readonly dry: Figure;
}

/** One entry for each coat that was finished on at least one bay. Readings count before consumption. */
export function achievedFilms(statuses: readonly BayStatus[]): AchievedFilm[] {
  const byLayer = new Map<string, { coat: Coat; bays: { label: string; film: number; area: number }[] }>();
  for (const status of statuses) {
    for (const { entry, coat, judgement } of status.laid) {
      if (entry.finishedAt === undefined) continue;
      const film = bestFilm(judgement);
      if (!film) continue;
      const layer = byLayer.get(coat.id) ?? { coat, bays: [] };
      byLayer.set(coat.id, layer);
      const same = layer.bays.find((b) => b.label === status.bay.label);
      if (same) same.film += film.value;
      else layer.bays.push({ label: status.bay.label, film: film.value, area: bayAreaM2(status.bay) });
    }
  }
  return [...byLayer].map(([layerId, { coat, bays: list }]) => {
    const area = list.reduce((sum, b) => sum + b.area, 0);
    const inputs = Object.fromEntries(
      list.flatMap((b, i) => [
        [`f${i + 1}`, given(`film of ${b.label}`, b.film, 'film', 'measured')],
        [`a${i + 1}`, given(`area of ${b.label}`, b.area, 'area', 'measured')],
      ]),
    );
    const sum = list.map((_, i) => `{f${i + 1}} × {a${i + 1}}`).join(' + ');
    const wet: Figure = {
      label: 'Wet film achieved',
      value: list.reduce((total, b) => total + b.film * b.area, 0) / area,
      quantity: 'film',
      formula: `(${sum}) / (${list.map((_, i) => `{a${i + 1}}`).join(' + ')})`,
      inputs,
      from: 'mean over the bays, weighted by area',
    };
    return {
      layerId,
      bays: list.length,
      wet,
      dry: { ...dryFigure(wet, solidsOf(coat)), label: 'Dry film achieved' },
    };
  });
}
