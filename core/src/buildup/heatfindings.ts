/** Heat on what does not bear it: a flame, or a melt from the kettle, right on foam. Common practice, no source. */
import type { Layer, Protection } from './layers.ts';
import { inField, isCoat, isSheet } from './layers.ts';
import type { BuildUp } from './schema.ts';

/** Laid with a flame or in a hot melt. */
const laidHot = (layer: Layer): boolean =>
  (isCoat(layer) && layer.kettle !== undefined) ||
  (isSheet(layer) && (layer.bonding === 'torched' || layer.bonding === 'hot bonded')) ||
  (layer.kind === 'protection' && layer.laid === 'embedded hot');

const isFoam = (layer: Layer | undefined): layer is Protection =>
  layer?.kind === 'protection' && layer.material === 'insulation board';

/** Layers that are laid hot straight on insulation boards, each with the boards below it. */
export function hotOnFoam(buildUp: BuildUp): { layer: Layer; below: Protection }[] {
  const layers = buildUp.layers.filter(inField);
  return layers.flatMap((layer, i) => {
    const below = layers[i - 1];
    return laidHot(layer) && isFoam(below) ? [{ layer, below }] : [];
  });
}
