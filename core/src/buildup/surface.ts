/** What a layer meets and shows: the face of a substrate or of a layer, as far as compatibility looks at it. */
import { SUBSTRATES, type SubstrateKey } from '../family/index.ts';
import { CHEMISTRY_TRAITS, type Chemistry } from './chemistry.ts';
import type { Layer } from './layers.ts';
import type { BuildUp } from './schema.ts';

export interface Face {
  readonly name: string;
  readonly layerId: string | undefined;
  readonly chemistry: Chemistry | undefined;
  readonly shade: 'light' | 'dark' | 'clear' | undefined;
  readonly bleeds: boolean;
  readonly waterBased: boolean;
  readonly uvStable: boolean;
  readonly primer: boolean;
  /** Part of what keeps the water out. */
  readonly seals: boolean;
  /** Sand stands in it, so that the next coat keys. */
  readonly sanded: boolean;
  readonly cleaner: string | undefined;
}

const CHEMISTRY_OF_SUBSTRATE: Partial<Record<SubstrateKey, Chemistry>> = {
  silicone: 'silicone',
  'acrylic-coating': 'acrylic',
  'polyurethane-coating': 'polyurethane, aliphatic',
  'bitumen-smooth': 'bitumen sheet',
  'bitumen-granules': 'bitumen sheet',
  'gravelled-felt': 'bitumen sheet',
  'bitumen-coating': 'bitumen emulsion',
  asphalt: 'bitumen, hot',
};

/** A substrate as the lowest face. */
export const faceOfSubstrate = (kind: SubstrateKey): Face => ({
  name: SUBSTRATES[kind].name,
  layerId: undefined,
  chemistry: CHEMISTRY_OF_SUBSTRATE[kind],
  shade: undefined,
  bleeds: SUBSTRATES[kind].bleeds,
  waterBased: false,
  uvStable: true,
  primer: false,
  seals: false,
  sanded: true,
  cleaner: undefined,
});

/** The face that a layer shows upward; undefined for what has none (fabric, aggregate, pieces, loose courses). */
export function faceOf(layer: Layer, buildUp: BuildUp): Face | undefined {
  if (layer.kind !== 'coat' && layer.kind !== 'sheet') return undefined;
  const traits = layer.chemistry && CHEMISTRY_TRAITS[layer.chemistry];
  const coat = layer.kind === 'coat' ? layer : undefined;
  const covered = layer.kind === 'sheet' && (layer.surfacing === 'granules' || layer.surfacing === 'foil');
  return {
    name: layer.name,
    layerId: layer.id,
    chemistry: layer.chemistry,
    shade: layer.shade,
    bleeds: (traits?.bleeds ?? false) && !(coat?.blocksBleed ?? false),
    waterBased: traits?.waterBased ?? false,
    uvStable: covered || (traits?.uvStable ?? false),
    primer: coat?.role === 'primer',
    seals: layer.kind === 'sheet' || coat?.role === 'membrane' || coat?.role === 'levelling',
    sanded: buildUp.layers.some((l) => l.kind === 'broadcast' && l.into === layer.id),
    cleaner: layer.product?.cleaner,
  };
}
