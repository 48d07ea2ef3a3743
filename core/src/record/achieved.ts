/** The film achieved on a zone: each coat's best film over its bays, weighted by area. */
import type { Figure } from '../figures/index.ts';
import { given } from '../figures/index.ts';
import { bayAreaM2 } from '../site/index.ts';
import { bestFilm } from './judge.ts';
import type { BayStatus } from './status.ts';

export interface AchievedFilm {
  readonly layerId: string;
  readonly bays: number;
  /** Wet film; its dry film is what the layer's solids leave of it. */
  readonly wet: Figure;
}

/** One entry for each coat that was finished on at least one bay. Readings count before consumption. */
export function achievedFilms(statuses: readonly BayStatus[]): AchievedFilm[] {
  const byLayer = new Map<string, { label: string; film: number; area: number }[]>();
  for (const status of statuses) {
    for (const { entry, coat, judgement } of status.laid) {
      if (entry.finishedAt === undefined) continue;
      const film = bestFilm(judgement);
      if (!film) continue;
      const list = byLayer.get(coat.id) ?? [];
      const same = list.find((b) => b.label === status.bay.label);
      if (same) same.film += film.value;
      else list.push({ label: status.bay.label, film: film.value, area: bayAreaM2(status.bay) });
      byLayer.set(coat.id, list);
    }
  }
  return [...byLayer].map(([layerId, list]) => {
    const area = list.reduce((sum, b) => sum + b.area, 0);
    const inputs = Object.fromEntries(
      list.flatMap((b, i) => [
        [`f${i + 1}`, given(`film of ${b.label}`, b.film, 'film', 'measured')],
        [`a${i + 1}`, given(`area of ${b.label}`, b.area, 'area', 'measured')],
      ]),
    );
    const sum = list.map((_, i) => `{f${i + 1}} × {a${i + 1}}`).join(' + ');
    return {
      layerId,
      bays: list.length,
      wet: {
        label: 'Wet film achieved',
        value: list.reduce((total, b) => total + b.film * b.area, 0) / area,
        quantity: 'film',
        formula: `(${sum}) / (${list.map((_, i) => `{a${i + 1}}`).join(' + ')})`,
        inputs,
        from: 'mean over the bays, weighted by area',
      },
    };
  });
}
