/** Putting layers in, out and in another order, with what is laid into them. */
import type { DetailRules } from './detailrules.ts';
import type { DetailWay } from './detailways.ts';
import { isCoat, type CoatRole, type Layer } from './layers.ts';
import type { BuildUp } from './schema.ts';

const intoOf = (layer: Layer): string | undefined =>
  layer.kind === 'fabric' ? layer.embeddedIn : layer.kind === 'broadcast' ? layer.into : undefined;

/** A layer and what is laid into it, in their order. */
const block = (layers: readonly Layer[], id: string): Layer[] =>
  layers.filter((l) => l.id === id || intoOf(l) === id);

/** The coat that something at a place would be laid into: the nearest one above that is laid whenever it is. */
function coatAbove(layers: readonly Layer[], at: number, of: Layer): string | undefined {
  for (let i = at - 1; i >= 0; i -= 1) {
    const l = layers[i];
    if (!l || !isCoat(l)) continue;
    const always =
      l.only === undefined || (l.only.choice === of.only?.choice && l.only.option === of.only.option);
    if (always) return l.id;
  }
  return undefined;
}

/** Where something lies that is laid into a coat: after that coat, among what is laid into it, no later than asked. */
function placeInto(layers: readonly Layer[], coatId: string, asked: number): number {
  let at = layers.findIndex((l) => l.id === coatId) + 1;
  while (at < asked && intoOf(layers[at] as Layer) === coatId) at += 1;
  return at;
}

/** The nearest place, from one on, that is not between a coat and what is laid into it. */
function pastInlays(layers: readonly Layer[], from: number): number {
  let at = from;
  for (let j = at; j < layers.length; j += 1) {
    const into = intoOf(layers[j] as Layer);
    if (into !== undefined && layers.findIndex((l) => l.id === into) < at) at = j + 1;
  }
  return at;
}

function laidInto(layer: Layer, coatId: string): Layer {
  if (layer.kind === 'fabric') return { ...layer, embeddedIn: coatId };
  if (layer.kind === 'broadcast') return { ...layer, into: coatId };
  return layer;
}

/**
 * Moves a layer to stand before another, or to the end. What is laid into a coat goes with it; fabric and aggregate
 * that are moved by themselves are laid into the coat that they come to stand over.
 * @param beforeId the layer that it comes to stand before; undefined for the end
 * @returns the layers in their new order; as they were where the move makes no sense
 */
export function moveLayer(layers: readonly Layer[], id: string, beforeId: string | undefined): Layer[] {
  const moving = block(layers, id);
  const layer = moving[0];
  if (!layer || beforeId === id || moving.some((l) => l.id === beforeId)) return [...layers];
  const rest = layers.filter((l) => !moving.includes(l));
  let at = beforeId === undefined ? rest.length : rest.findIndex((l) => l.id === beforeId);
  if (at < 0) return [...layers];
  if (intoOf(layer) === undefined) {
    at = pastInlays(rest, at);
    return [...rest.slice(0, at), ...moving, ...rest.slice(at)];
  }
  const coat = coatAbove(rest, at, layer);
  if (coat === undefined) return [...layers];
  at = placeInto(rest, coat, at);
  return [...rest.slice(0, at), laidInto(layer, coat), ...rest.slice(at)];
}

/** Moves a layer one place up (−1, toward the ground) or down the list, over the next layer that is shown. */
export function nudgeLayer(
  layers: readonly Layer[],
  shown: readonly Layer[],
  id: string,
  by: -1 | 1,
): Layer[] {
  const own = new Set(block(layers, id).map((l) => l.id));
  const at = shown.findIndex((l) => l.id === id);
  if (by === -1) {
    const before = shown[at - 1];
    if (!before) return [...layers];
    // Over a coat with what is laid into it in one step, unless this is laid into something itself.
    const target = intoOf(shown[at] as Layer) === undefined ? (intoOf(before) ?? before.id) : before.id;
    return moveLayer(layers, id, target);
  }
  const after = shown.slice(at + 1).filter((l) => !own.has(l.id));
  const next = after[0];
  if (!next) return [...layers];
  const passed =
    intoOf(shown[at] as Layer) === undefined ? block(layers, next.id).map((l) => l.id) : [next.id];
  const beyond = after.find((l) => !passed.includes(l.id));
  return moveLayer(layers, id, beyond?.id);
}

/** Puts a layer in after another, or at the end; fabric and aggregate are laid into the coat above. */
export function insertLayer(layers: readonly Layer[], layer: Layer, afterId: string | undefined): Layer[] {
  const at = afterId === undefined ? layers.length : layers.findIndex((l) => l.id === afterId) + 1;
  const into = intoOf(layer) === undefined ? undefined : coatAbove(layers, at, layer);
  let place = into === undefined ? at : placeInto(layers, into, at);
  if (intoOf(layer) === undefined) place = pastInlays(layers, place);
  return [
    ...layers.slice(0, place),
    into === undefined ? layer : laidInto(layer, into),
    ...layers.slice(place),
  ];
}

/** What a coat is for, from the ground up; those of one number may lie in either order. */
const LEVELS: Readonly<Record<CoatRole, number>> = {
  preparation: 0,
  primer: 0,
  levelling: 0,
  membrane: 1,
  wear: 2,
  decorative: 2,
  finish: 3,
  reflective: 3,
};
const levelOf = (layer: Layer): number | undefined => (isCoat(layer) ? LEVELS[layer.role] : undefined);

/**
 * The same, but a coat comes to lie no higher than what belongs above it: a primer goes under the membrane.
 * @returns the layers, and the one under which it was put instead of where it was asked for
 */
export function insertInOrder(
  layers: readonly Layer[],
  layer: Layer,
  afterId: string | undefined,
): { readonly layers: Layer[]; readonly under: Layer | undefined } {
  const asked = insertLayer(layers, layer, afterId);
  const level = levelOf(layer);
  const at = asked.findIndex((l) => l.id === layer.id);
  const above = asked.slice(0, at).find((l) => level !== undefined && (levelOf(l) ?? -1) > level);
  if (!above) return { layers: asked, under: undefined };
  const place = layers.findIndex((l) => l.id === above.id);
  return { layers: [...layers.slice(0, place), layer, ...layers.slice(place)], under: above };
}

/** Ways of making details without those whose product is gone. */
const waysWithout = (ways: readonly DetailWay[], gone: ReadonlySet<string>): DetailWay[] =>
  ways
    .filter((w) => !gone.has(w.coatId))
    .map(({ cutFrom, ...way }) => (cutFrom === undefined || gone.has(cutFrom) ? way : { ...way, cutFrom }));

/** Takes a layer out, with what is laid into it and what the build-up says about it elsewhere. */
export function removeLayer(buildUp: BuildUp, id: string): BuildUp {
  const gone = new Set(block(buildUp.layers, id).map((l) => l.id));
  const { detailsAfter, details, detailWays, ...rest } = buildUp;
  const { cutFrom, ...rules } = details ?? {};
  return {
    ...rest,
    ...(details && cutFrom !== undefined && gone.has(cutFrom)
      ? { details: rules as DetailRules }
      : details
        ? { details }
        : {}),
    ...(detailWays ? { detailWays: waysWithout(detailWays, gone) } : {}),
    ...(detailsAfter !== undefined && !gone.has(detailsAfter) ? { detailsAfter } : {}),
    layers: buildUp.layers.filter((l) => !gone.has(l.id)),
    ...(buildUp.upkeep
      ? {
          upkeep: {
            ...buildUp.upkeep,
            recoatLayers: buildUp.upkeep.recoatLayers.filter((l) => !gone.has(l)),
          },
        }
      : {}),
    papers: buildUp.papers.map((p) => ({ ...p, layerIds: p.layerIds.filter((l) => !gone.has(l)) })),
  };
}

/** An id for a new layer that none has yet. */
export function freshLayerId(layers: readonly Layer[], stem: string): string {
  for (let n = 1; ; n += 1) {
    const id = `${stem}-${n}`;
    if (!layers.some((l) => l.id === id)) return id;
  }
}
