/** The layer that an entry names, and the teeth of the gauge that it was read with. */
import {
  findBuildUp,
  isCoat,
  isWorkLayer,
  mixedLitres,
  type BuildUpDoc,
  type Coat,
  type Layer,
  type WorkLayer,
} from '../buildup/index.ts';
import { GAUGE_IDS, teethOf, type GaugeId } from '../film/index.ts';
import type { CoatEntry, LaidEntry } from './fold.ts';

export type LayerNamed = { readonly buildUpId: string; readonly revision: number; readonly layerId: string };
export const layerNamed = (doc: BuildUpDoc, of: LayerNamed): Layer | undefined =>
  findBuildUp(doc, of.buildUpId, of.revision)?.layers.find((l) => l.id === of.layerId);

export function coatOf(doc: BuildUpDoc, entry: LayerNamed): Coat | undefined {
  const layer = layerNamed(doc, entry);
  return layer && isCoat(layer) ? layer : undefined;
}

/** The ply, protection or pieces that an entry names; undefined where it names none. */
export function layerLaid(
  doc: BuildUpDoc,
  entry: Pick<LaidEntry, keyof LayerNamed>,
): Exclude<WorkLayer, Coat> | undefined {
  const layer = layerNamed(doc, entry);
  return layer && isWorkLayer(layer) && !isCoat(layer) ? layer : undefined;
}

/** Litres opened for a coat, by the containers of its layer. Unknown containers count as nothing. */
export const openedLitres = (coat: Coat, entry: Pick<CoatEntry, 'containers'>): number =>
  entry.containers.reduce((sum, c) => {
    const container = coat.containers.find((k) => k.id === c.containerId);
    return container ? sum + c.opened * mixedLitres(coat, container) : sum;
  }, 0);

/** Depths of the gauge of a coat; none where it names a gauge of one's own without its teeth. */
export const teethUsed = (coat: Pick<CoatEntry, 'gauge' | 'teethMm'>): readonly number[] =>
  coat.teethMm ??
  ((GAUGE_IDS as readonly string[]).includes(coat.gauge) ? teethOf(coat.gauge as GaugeId) : []);
