/** What has to be minded with a product, by the class of its hazards. Common practice; the safety sheet decides. */
import type { Coat, Hazard, Layer } from '../buildup/index.ts';

const SAYS: Readonly<Record<Hazard, string>> = {
  flammable: 'Flammable: no flame, no spark, no smoking. Ventilate; keep containers closed.',
  sensitising:
    'May cause allergy: gloves and long sleeves, none on the skin. Stop and see a doctor if skin or breath reacts.',
  irritant: 'Irritates eyes, skin and airways: goggles, gloves, ventilation.',
  corrosive:
    'Burns skin and eyes: tight goggles or a face shield, chemical gloves. Rinse at once with plenty of water, at least 15 minutes, and see a doctor.',
  toxic: 'Toxic: breathing protection as the safety sheet says; nobody works alone.',
  oxidising: 'Oxidising: apart from fuels, rags, metal salts and heat.',
  'harms water': 'Harms water life: none into drains, gutters or soil; wash water is collected.',
  dust: 'Dust: a dust respirator and goggles; no dry sweeping, never stirred dry.',
  hot: 'Hot: causes deep burns. Heat-resistant gloves, long sleeves, face shield, closed boots. Cool burns with water, do not peel anything off, get help.',
  'open flame': 'Open flame: permit, extinguisher at hand, watch afterwards as the permit says.',
  heavy: 'Heavy: lift with two people or a lifting aid.',
};

const PEROXIDE =
  'Peroxide catalyst: goggles and gloves. Stored cool, by itself, in its own container, away from accelerators, metal salts, rags and heat; never mixed with an accelerator directly. What was taken out does not go back.';

/** Hazards of a layer's product, each as a sentence; and of the catalyst that is stirred in. */
export function protectionOf(layer: Layer): string[] {
  const hazards = layer.product?.hazards ?? [];
  const peroxide = (layer as Partial<Coat>).catalyst ? [PEROXIDE] : [];
  return [...hazards.map((h) => SAYS[h]), ...peroxide];
}
